package retazo.core.quilt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.RoleKey;
import retazo.core.block.UnitPractice;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Works out one size of a design. The same input gives the same plan; the work grows with the cells of the blocks. */
public final class QuiltPlanner {

    private final ShopPractice shop;

    public QuiltPlanner(ShopPractice shop) {
        this.shop = shop;
    }

    /** Plans a size; the keys of its figures start with the size's key. */
    public QuiltPlan plan(QuiltDesign design, QuiltSize size) {
        Sizing sizing = new Sizing(design, size, design.practice(shop));
        return switch (design.wayOf(size)) {
            case DRAWING -> size.match(
                    grid -> sizing.planGrid(design.drawing().orElseThrow(), grid),
                    printed -> sizing.planTable());
            case CUT_LIST -> sizing.planCutList(design.cutList().orElseThrow());
            case SIZE_TABLE -> sizing.planTable();
        };
    }

    /** One size of one design by one practice. */
    private record Sizing(QuiltDesign design, QuiltSize size, ShopPractice practice) {

        QuiltPlan planGrid(Drawing drawing, QuiltSize.Grid grid) {
            String key = size.key().value();
            Setting.Layout layout = drawing.setting().layOut(key, drawing.first(), grid);
            QuiltPlan.Finished quilt = new QuiltPlan.Finished(layout.width(), layout.height());
            List<BorderPieces> borders = new ArrayList<>();
            for (int i = 0; i < grid.borderWidths().size(); i++) {
                String borderKey = key + ".border" + (i + 1);
                Figure<Length> width = Figure.given(
                        borderKey + ".finished", Label.of("border.width", i + 1), grid.borderWidths().get(i),
                        Origin.pattern("sizes." + size.name()));
                borders.add(BorderPieces.butted(
                        borderKey, i + 1, drawing.borders().get(i).role(), quilt, width,
                        practice.figure(PracticeMeasure.SEAM_ALLOWANCE), practice.figure(PracticeMeasure.BORDER_TRIM)));
                quilt = BorderPieces.around(borderKey, quilt, width);
            }
            List<UnitTally.Blocks> blocks = drawing.placed().stream()
                    .map(kind -> UnitTally.Blocks.of(kind, drawing.places().blocks(
                            key + ".blocks." + kind.key(), Label.of("quilt.blocksOfKind", kind.name()), kind.key(), layout)))
                    .toList();
            List<PieceNeeds.Source> sources = new UnitTally(key, UnitPractice.of(practice)).sources(blocks);
            QuiltPlan.Finished finished = new QuiltPlan.Finished(
                    quilt.width().named(key + ".finishedWidth", Label.of("quilt.finishedWidth")),
                    quilt.height().named(key + ".finishedHeight", Label.of("quilt.finishedHeight")));
            return plan(Way.DRAWING, Optional.of(layout), Optional.of(finished), sources, borders, drawing.binding(), drawing.backing());
        }

        QuiltPlan planCutList(CutList list) {
            return plan(
                    Way.CUT_LIST, Optional.empty(), printed(), list.sources(size.key().value(), size, UnitPractice.of(practice)),
                    List.of(), list.binding(), list.backing());
        }

        QuiltPlan planTable() {
            return plan(Way.SIZE_TABLE, Optional.empty(), printed(), List.of(), List.of(), Optional.empty(), Optional.empty());
        }

        private QuiltPlan plan(
                Way way, Optional<Setting.Layout> layout, Optional<QuiltPlan.Finished> finished, List<PieceNeeds.Source> sources,
                List<BorderPieces> borders, Optional<RoleKey> binding, Optional<RoleKey> backing) {
            String key = size.key().value();
            List<PieceNeed> pieces = PieceNeeds.of(key, design.roles(), sources);
            return new QuiltPlan(
                    size, way, layout, finished, pieces, borders,
                    binding.flatMap(role -> finished.map(quilt -> BindingStrip.around(
                            key + ".binding", role, quilt, practice.figure(PracticeMeasure.BINDING_WIDTH)))),
                    backing.flatMap(role -> finished.map(quilt -> BackingSheet.behind(
                            key + ".backing", role, quilt, practice.figure(PracticeMeasure.BACKING_OVERAGE),
                            practice.figure(PracticeMeasure.SEAM_ALLOWANCE)))),
                    warnings(pieces));
        }

        private Optional<QuiltPlan.Finished> printed() {
            return size.printed().map(printed -> new QuiltPlan.Finished(
                    printed("finishedWidth", printed.width()), printed("finishedHeight", printed.height())));
        }

        private Figure<Length> printed(String name, Length value) {
            return Figure.given(
                    size.key() + "." + name, Label.of("quilt.printed." + name), value, Origin.pattern("sizes." + size.name()));
        }

        /** Sizes that no line of the ruler marks: rounding one would change the block, so it is only told. */
        private List<Problem> warnings(List<PieceNeed> pieces) {
            Length step = practice.length(PracticeMeasure.CUTTING_STEP);
            List<Problem> warnings = new ArrayList<>();
            for (PieceNeed piece : pieces) {
                piece.shape().measured().stream()
                        .map(Figure::value)
                        .filter(length -> !length.roundedUpTo(step).equals(length))
                        .findFirst()
                        .ifPresent(length -> warnings.add(Problem.at(piece.label(), "piece.off-step", piece.label(), length, step)));
            }
            return warnings;
        }
    }
}
