package retazo.core.quilt.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.shape.Orientation;
import retazo.core.block.spec.UnitPractice;
import retazo.core.block.unit.Patch;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.CutListCheck;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.piece.PieceNeeds;
import retazo.core.quilt.setting.LayoutRequest;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/** Works out one size of a design. The same input gives the same plan; the work grows with the cells of the blocks. */
public final class QuiltPlanner {

    /** Stands for the blocks where only a finished size is known. */
    private static final Block NO_BLOCK = Block.of(List.of(Length.ofInches(1)), List.of(Length.ofInches(1)), List.of(
            Cell.at(0, 0, new Patch(new RoleKey("A")), Orientation.UPRIGHT)));

    private final ShopPractice shop;

    public QuiltPlanner(ShopPractice shop) {
        this.shop = shop;
    }

    /** Plans a size; the keys of its figures start with the size's key. */
    public QuiltPlan plan(QuiltDesign design, QuiltSize size) {
        Sizing sizing = new Sizing(design, size, design.practice(shop));
        QuiltPlan plan = switch (design.wayOf(size)) {
            case DRAWING -> size.match(
                    grid -> sizing.planGrid(design.drawing().orElseThrow(), grid),
                    printed -> sizing.planTable());
            case CUT_LIST -> sizing.planCutList(design.cutList().orElseThrow());
            case SIZE_TABLE -> sizing.planTable();
        };
        return plan.by(shop);
    }

    /** One size of one design by one practice. */
    private record Sizing(QuiltDesign design, QuiltSize size, ShopPractice practice) {

        QuiltPlan planGrid(Drawing drawn, QuiltSize.Grid grid) {
            Drawing drawing = drawn.at(grid).orElseThrow();
            String key = size.key().value();
            CompositionPlan quilt = CompositionPlan.of(new CompositionPlan.Request(
                    "", drawing, drawing.quilt(), request(key, drawing.first(), grid.columns(), grid.rows(), 1),
                    grid.borderWidths(), grid.overrides().changes(), practice));
            List<CompositionPlan> all = new ArrayList<>(List.of(quilt));
            List<QuiltPlan.MadeItem> items = new ArrayList<>();
            for (Item item : drawn.items()) {
                CompositionPlan made = CompositionPlan.of(new CompositionPlan.Request(
                        "item" + all.size() + "-", drawn, item.composition(),
                        request(key + ".item" + all.size(), drawn.first(item.composition()), item.columns(), item.rows(), item.copies()),
                        item.borderWidths(), List.of(), practice));
                all.add(made);
                items.add(new QuiltPlan.MadeItem(item, made.layout(), made.finished()));
            }
            List<BlockCount> blocks = all.stream().flatMap(plan -> plan.blocks().stream()).toList();
            UnitTally.Tally tally = new UnitTally(key, UnitPractice.of(practice)).of(blocks);
            List<PieceNeeds.Source> sources = tally.sources();
            all.forEach(plan -> sources.addAll(plan.sources()));
            List<PieceNeed> pieces = PieceNeeds.of(key, design.roles(), sources);
            return new QuiltPlan(
                    size, Way.DRAWING, Optional.of(quilt.layout()), Optional.of(quilt.finished()), blocks, tally.units(), pieces,
                    all.stream().flatMap(plan -> plan.longPieces().stream()).toList(),
                    all.stream().flatMap(plan -> plan.piecedBorders().stream()).toList(),
                    all.stream().flatMap(plan -> plan.binding().stream()).toList(),
                    all.stream().flatMap(plan -> plan.backing().stream()).toList(),
                    items, warnings(pieces));
        }

        private LayoutRequest request(String key, Block block, int columns, int rows, int copies) {
            return new LayoutRequest(key, block, columns, rows, "sizes." + size.name(), UnitPractice.of(practice), copies);
        }

        QuiltPlan planCutList(CutList list) {
            String key = size.key().value();
            Optional<TopSize> finished = printed();
            List<PieceNeed> pieces = PieceNeeds.of(key, design.roles(), list.sources(key, size, UnitPractice.of(practice)));
            Optional<LayoutRequest> around = finished.map(quilt -> request(key, NO_BLOCK, 1, 1, 1));
            Finishing finishing = Finishing.of(List.of(), list.binding(), list.backing());
            return new QuiltPlan(
                    size, Way.CUT_LIST, Optional.empty(), finished, List.of(), List.of(), pieces, List.of(), List.of(),
                    list.binding().flatMap(role -> around.map(request -> BindingStrip.around(
                            request, finishing, finished.get(), practice.figure(PracticeMeasure.BINDING_WIDTH)))).stream().toList(),
                    list.backing().flatMap(role -> around.map(request -> BackingSheet.behind(
                            request, role, finished.get(), practice.figure(PracticeMeasure.BACKING_OVERAGE)))).stream().toList(),
                    List.of(), setWarnings(design, warnings(pieces)));
        }

        QuiltPlan planTable() {
            return new QuiltPlan(
                    size, Way.SIZE_TABLE, Optional.empty(), printed(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                    List.of(), List.of(), List.of());
        }

        private Optional<TopSize> printed() {
            return size.printed().map(printed -> new TopSize(
                    printed("finishedWidth", printed.width()), printed("finishedHeight", printed.height())));
        }

        private Figure<Length> printed(String name, Length value) {
            return Figure.given(
                    size.key() + "." + name, Label.of("quilt.printed." + name), value, Origin.pattern("sizes." + size.name()));
        }

        /** Sizes that no line of the ruler marks: rounding one would change the block, so it is only told. */
        private static List<Problem> setWarnings(QuiltDesign design, List<Problem> warnings) {
            List<Problem> all = new ArrayList<>(warnings);
            design.cutList().ifPresent(list -> all.addAll(new CutListCheck(list, design.sizes()).setProblems()));
            return all;
        }

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
