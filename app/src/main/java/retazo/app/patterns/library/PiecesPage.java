package retazo.app.patterns.library;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.cloth.PieceListView;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.UseText;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.Block;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPractice;
import retazo.core.block.unit.SizedUnit;
import retazo.core.block.unit.UnitCutting;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/**
 * What a pattern is made of.
 *
 * @param blocks   each drawn, if the pattern is
 * @param quilt    one of its sizes
 * @param pieces   of that size, if its pieces are known
 * @param units    how each unit is made and what it measures
 * @param printed  what the paper prints for every size, where no length is worked out
 * @param warnings for the cutter
 */
record PiecesPage(
        List<BlockView> blocks, QuiltPicture quilt, String quiltName, Optional<PieceListView> pieces, List<UnitView> units,
        List<PrintedRow> printed,
        List<FractionText> warnings, List<WishView> wishes, List<String> tools) {

    /** A block with its letters. */
    record BlockView(String name, QuiltPicture picture, LengthView width, LengthView height) {
    }

    /** How a unit is made: what it measures before and after trimming, what stretches, what a one-way print does. */
    record UnitView(FractionText name, String method, FractionText sewn, FractionText trimTo, String bias, String oneWay) {
    }

    /** What is wished of a role. */
    record WishView(String letter, String wishes) {
    }

    /** A row of the printed table: whose cloth, and how much at each size; empty for none. */
    record PrintedRow(String role, FractionText use, List<FractionText> amounts) {
    }

    static PiecesPage of(PatternVersion pattern, ShopPractice shop, Words words) {
        QuiltDesign design = pattern.design();
        QuiltSize size = PatternHead.middle(design.sizes());
        QuiltPlan plan = new QuiltPlanner(shop).plan(design, size);
        return new PiecesPage(
                design.drawing().map(drawing -> blocks(drawing, plan, design)).orElse(List.of()),
                QuiltPicture.of("quilt", design, size, PatternHead.inks(design)),
                size.name(),
                plan.pieces().isEmpty() ? Optional.empty() : Optional.of(PieceListView.of(design, plan, words)),
                units(plan, UnitPractice.of(design.practice(shop)), words),
                plan.way() == Way.SIZE_TABLE ? design.table().map(table -> printed(table, design)).orElse(List.of()) : List.of(),
                plan.warnings().stream().map(words::of).map(FractionText::of).toList(),
                design.roles().stream()
                        .filter(role -> !role.wishes().isEmpty())
                        .map(role -> new WishView(role.letter(), WishText.words(role.wishes(), design, words)))
                        .toList(),
                PatternTools.of(pattern.content(), words));
    }

    /** The blocks as they are drawn, then those of their colourings that stand in the quilt, by their own names. */
    private static List<BlockView> blocks(Drawing drawing, QuiltPlan plan, QuiltDesign design) {
        Map<Block, String> names = new LinkedHashMap<>();
        drawing.blocks().forEach(kind -> names.putIfAbsent(kind.block(), kind.name()));
        plan.blocks().forEach(count -> names.putIfAbsent(count.kind().block(), count.name()));
        return names.entrySet().stream().map(entry -> {
            Block block = entry.getKey();
            return new BlockView(
                    entry.getValue(),
                    QuiltPicture.ofPatches(
                            "block-" + entry.getValue(), block.finishedWidth(), block.finishedHeight(), block.draw(),
                            PatternHead.inks(design), key -> design.role(key).letter()),
                    LengthView.cut(block.finishedWidth()), LengthView.cut(block.finishedHeight()));
        }).toList();
    }

    private static List<PrintedRow> printed(SizeTable table, QuiltDesign design) {
        return table.rows().stream()
                .map(row -> new PrintedRow(
                        row.role().value(), FractionText.of(UseText.write(row.use())),
                        design.sizes().stream()
                                .map(size -> FractionText.of(PrintedText.write(row.cells().getOrDefault(size.key(), List.of()))))
                                .toList()))
                .toList();
    }

    private static List<UnitView> units(QuiltPlan plan, UnitPractice practice, Words words) {
        return plan.pieces().stream()
                .flatMap(piece -> piece.units().stream())
                .map(PieceNeed.PieceUse::unit)
                .distinct()
                .filter(unit -> unit.unit().spec().kind() != UnitKind.PATCH)
                .map(unit -> unit(unit, practice, words))
                .distinct()
                .toList();
    }

    private static UnitView unit(SizedUnit unit, UnitPractice practice, Words words) {
        Figure<Count> one = Figure.given("one", Label.of("unit.needed"), Count.ONE, Origin.pattern("block.cells"));
        UnitCut cut = unit.unit().cut(new UnitCutting("unit", one, unit.size(), unit.mirrored(), practice));
        UnitKind kind = unit.unit().spec().kind();
        UnitMethod method = unit.unit().spec().method();
        String size = LengthView.sides(unit.size().width(), unit.size().height());
        return new UnitView(
                FractionText.of(words.text("unit." + kind.code()) + ", " + size),
                method == UnitMethod.ONLY ? "" : words.text("method." + method.code()),
                FractionText.of(cut.sewn().map(PiecesPage::measures).orElse("")),
                FractionText.of(cut.trimTo().map(PiecesPage::measures).orElse("")),
                words.text("bias." + kind.bias(method)), words.text("oneWay." + kind.oneWay(method)));
    }

    private static String measures(UnitCut.Measures measures) {
        return LengthView.sides(measures.width().value(), measures.height().value());
    }
}
