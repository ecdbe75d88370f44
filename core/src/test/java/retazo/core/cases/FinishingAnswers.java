package retazo.core.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.SewnUnit;
import retazo.core.block.shape.Orientation;
import retazo.core.block.unit.Patch;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BorderCorners;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** Puts the cases of borders, binding and backing to the core. */
final class FinishingAnswers {

    private static final RoleKey A = new RoleKey("A");

    private FinishingAnswers() {
    }

    static Map<String, Object> of(CaseObject input) {
        CaseObject backing = input.object("backing");
        Optional<CaseObject> binding = input.optionalObject("binding");
        ShopPractice practice = ShopPractice.customary()
                .with(PracticeMeasure.SEAM_ALLOWANCE, input.length("seam"))
                .with(PracticeMeasure.BORDER_TRIM, Length.ZERO)
                .with(PracticeMeasure.BACKING_OVERAGE, backing.length("overage"));
        if (binding.isPresent()) {
            practice = practice.with(PracticeMeasure.BINDING_WIDTH, binding.get().length("stripWidth"));
        }
        List<CaseObject> borders = input.objects("borders");
        Block block = block(input.length("width"), input.length("height"));
        Finishing finishing = Finishing.of(
                borders.stream().map(border -> new BorderDesign(
                        A, BorderCorners.valueOf(border.text("corners").toUpperCase(Locale.ROOT)), Optional.empty(), Grain.SHORTER))
                        .toList(),
                Optional.of(A), Optional.of(A));
        QuiltPlan plan = plan(
                QuiltSize.Grid.of(new SizeKey("case"), "case", 1, 1, borders.stream().map(border -> border.length("width")).toList()),
                block, Setting.PLAIN, finishing, practice);
        Figure<Length> usableWidth = given(input.length("usableWidth"));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("borders", plan.longPieces().stream().map(border -> border(border, plan, usableWidth)).toList());
        answer.put("finishedWidth", text(plan.finished().orElseThrow().width().value()));
        answer.put("finishedHeight", text(plan.finished().orElseThrow().height().value()));
        answer.put("binding", binding.isEmpty()
                ? "none"
                : Map.of(
                        "length", text(plan.bindings().get(0).length().value()),
                        "strips", plan.bindings().get(0).strips(usableWidth).value().toString()));
        answer.put("backing", backing(plan.backings().get(0), given(backing.length("usableWidth")), given(backing.length("wideWidth"))));
        return answer;
    }

    private static Map<String, Object> border(LongPieces border, QuiltPlan plan, Figure<Length> usableWidth) {
        Map<String, Object> answer = new LinkedHashMap<>();
        List<Object> pieces = new ArrayList<>();
        border.pieces().forEach(piece -> pieces.add(piece(border.cutWidth().value(), piece.length().value(), piece.count().value())));
        plan.pieces().stream().filter(piece -> piece.use().equals(border.use())).forEach(square -> pieces.add(
                piece(square.shape().stripHeight().value(), square.shape().across().value(), square.count().value())));
        answer.put("pieces", pieces);
        answer.put("stripsAcross", border.strips(usableWidth).value().toString());
        answer.put("alongLength", border.alongLength(usableWidth.value()).map(along -> text(along.value())).orElse("none"));
        return answer;
    }

    private static Map<String, Object> piece(Length width, Length length, Count count) {
        return Map.of("width", text(width), "length", text(length), "count", count.toString());
    }

    private static Map<String, Object> backing(BackingSheet sheet, Figure<Length> usableWidth, Figure<Length> wideWidth) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("vertical", panels(sheet.panels(BackingSheet.Seams.VERTICAL, usableWidth)));
        answer.put("horizontal", panels(sheet.panels(BackingSheet.Seams.HORIZONTAL, usableWidth)));
        answer.put("wide", sheet.whole(wideWidth, PrintKind.ALL_OVER)
                .<Object>map(whole -> Map.of("length", text(whole.length().value()))).orElse("none"));
        return answer;
    }

    private static Map<String, Object> panels(BackingSheet.Panels panels) {
        return Map.of("panels", panels.panels().value().toString(), "length", text(panels.length().value()));
    }

    static QuiltPlan plan(QuiltSize.Grid size, Block block, Setting setting, Finishing finishing, ShopPractice practice) {
        BlockKey key = new BlockKey("case");
        Drawing drawing = Drawing.of(
                List.of(new BlockKind(key, "case", block)), new Composition(PlaceRule.uniform(key), setting, finishing));
        return new QuiltPlanner(practice).plan(QuiltDesign.drawn(List.of(Role.of(A, "A", "all")), List.of(size), drawing), size);
    }

    /** A block of this size; larger than a grid line may be, it is made of two. */
    static Block block(Length width, Length height) {
        List<Length> columns = lines(width);
        List<Length> rows = lines(height);
        return Block.of(columns, rows, List.of(
                new Cell(0, 0, columns.size(), rows.size(), new SewnUnit(new Patch(A)), Orientation.UPRIGHT)));
    }

    private static List<Length> lines(Length side) {
        List<Length> lines = new ArrayList<>();
        Length left = side;
        while (left.isLongerThan(Block.LARGEST_LINE)) {
            lines.add(Block.LARGEST_LINE);
            left = left.minus(Block.LARGEST_LINE);
        }
        lines.add(left);
        return lines;
    }

    /** As in the case files: inches without the unit. */
    static String text(Length length) {
        return length.toString().replace(" in", "");
    }

    static Figure<Length> given(Length length) {
        return Figure.given("case", Label.of("case"), length, Origin.pattern("case"));
    }
}
