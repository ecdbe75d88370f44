package retazo.core.quilt.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.Block;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.finish.BindingStrip;
import retazo.core.quilt.finish.Border;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.piece.PieceNeeds;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.PlaceChange;
import retazo.core.quilt.setting.Layout;
import retazo.core.quilt.setting.LayoutRequest;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.setting.Use;

/**
 * A composition worked out: a quilt, or an item beside it.
 *
 * @param blocks     how many are sewn of each kind in each colouring
 * @param sources    pieces beside those of the blocks
 */
record CompositionPlan(
        Layout layout,
        TopSize finished,
        List<BlockCount> blocks,
        List<PieceNeeds.Source> sources,
        List<LongPieces> longPieces,
        List<PiecedBorder> piecedBorders,
        Optional<BindingStrip> binding,
        Optional<BackingSheet> backing) {

    /**
     * What is to be worked out.
     *
     * @param name    stands before the names of its blocks; empty for the quilt
     * @param drawing for its blocks
     * @param changes by hand in its places
     */
    record Request(
            String name, Drawing drawing, Composition composition, LayoutRequest layout, List<Length> borderWidths,
            List<PlaceChange> changes,
            ShopPractice practice) {
    }

    static CompositionPlan of(Request request) {
        return new Working(request).plan();
    }

    /** One composition on its way to a plan. */
    private record Working(Request request) {

        CompositionPlan plan() {
            LayoutRequest at = request.layout();
            Finishing finishing = request.composition().finishing();
            Layout layout = request.composition().setting().layOut(at);
            TopSize inside = new TopSize(layout.width().quoted(), layout.height().quoted());
            List<Border> borders = Border.all(
                    new Border.Around(at, request.practice().figure(PracticeMeasure.BORDER_TRIM)), finishing, request.borderWidths(),
                    inside);
            List<PiecedBorder> pieced = borders.stream().flatMap(border -> pieced(border).stream()).toList();
            TopSize outside = borders.isEmpty() ? inside : borders.get(borders.size() - 1).outside();
            TopSize finished = new TopSize(
                    outside.width().named(at.key() + ".finishedWidth", Label.of("quilt.finishedWidth")),
                    outside.height().named(at.key() + ".finishedHeight", Label.of("quilt.finishedHeight")));
            return new CompositionPlan(
                    layout, finished,
                    Stream.concat(blocks(layout).stream(), pieced.stream().flatMap(border -> blocks(border).stream())).toList(),
                    sources(layout, borders), longPieces(layout, borders, inside), pieced,
                    finishing.binding().map(role -> BindingStrip.around(
                            at, finishing, finished, request.practice().figure(PracticeMeasure.BINDING_WIDTH))),
                    finishing.backing().map(role -> BackingSheet.behind(
                            at, role, finished, request.practice().figure(PracticeMeasure.BACKING_OVERAGE))));
        }

        private List<PieceNeeds.Source> sources(Layout layout, List<Border> borders) {
            List<PieceNeeds.Source> sources = new ArrayList<>();
            layout.pieces().forEach(piece -> sources.add(PieceNeeds.Source.ofSetting(piece.piece(), piece.use(), piece.turned())));
            borders.forEach(border -> border.corners().ifPresent(
                    corners -> sources.add(PieceNeeds.Source.ofSetting(corners, Use.border(border.number()), false))));
            return sources;
        }

        private List<LongPieces> longPieces(Layout layout, List<Border> borders, TopSize inside) {
            List<LongPieces> longPieces = new ArrayList<>(borders.stream().flatMap(border -> border.longPieces().stream()).toList());
            longPieces.addAll(layout.longPieces());
            request.composition().finishing().flange().ifPresent(flange -> longPieces.add(flange.pieces(request.layout(), inside)));
            return longPieces;
        }

        /** How many blocks its sides take: as many whole ones as they are long. */
        private Optional<PiecedBorder> pieced(Border border) {
            return request.composition().finishing().borders().get(border.number() - 1).pieced().map(of -> {
                BlockKind kind = request.drawing().kind(of.block());
                LayoutRequest at = request.layout().named(request.layout().key() + ".border" + border.number());
                Figure<Length> length = at.given("unit", "border.unit", kind.block().finishedWidth());
                return new PiecedBorder(
                        border.number(), request.name(), kind,
                        Arithmetic.wholeTimes(at.key() + ".unitsAcross", Label.of("border.unitsAcross"), border.inside().width(), length),
                        Arithmetic.wholeTimes(at.key() + ".unitsDown", Label.of("border.unitsDown"), border.inside().height(), length),
                        of.corner().map(request.drawing()::kind));
            });
        }

        /** The blocks of a border; those of the sides lie a quarter turned, and so do two of the corners. */
        private List<BlockCount> blocks(PiecedBorder border) {
            LayoutRequest at = request.layout().named(request.layout().key() + ".border" + border.number());
            Figure<Count> down = Arithmetic.productOfCounts(
                    at.key() + ".ofSides", Label.of("border.unitsOfSides"), at.ofAll("unitSides", "border.sides", 2), border.down());
            Figure<Count> across = Arithmetic.productOfCounts(
                    at.key() + ".ofEnds", Label.of("border.unitsOfEnds"), at.ofAll("unitEnds", "border.ends", 2), border.across());
            List<BlockCount> blocks = new ArrayList<>();
            blocks.add(new BlockCount(
                    border.block(), border.name(),
                    Arithmetic.sumOfCounts(at.key() + ".units", Label.of("quilt.blocksOfKind", border.block().name()),
                            List.of(across, down)),
                    down.value()));
            border.corner().ifPresent(corner -> blocks.add(new BlockCount(
                    corner, border.cornerName().orElseThrow(), at.ofAll("cornerBlocks", "border.corners", 4),
                    new Count(2L * at.copies()))));
            return blocks;
        }

        private List<BlockCount> blocks(Layout layout) {
            List<Arrangement.Variant> variants = Arrangement.of(request.composition().places(), layout.grid(), request.changes())
                    .variants(request.composition().setting()::wholeForParts);
            List<String> names = BlockMap.names(variants);
            List<BlockCount> blocks = new ArrayList<>();
            for (Arrangement.Variant variant : variants) {
                BlockKind kind = request.drawing().kind(variant.kind());
                String name = request.name() + names.get(blocks.size());
                Block coloured = variant.colouring().of(kind.block()).orElseThrow();
                blocks.add(new BlockCount(
                        new BlockKind(kind.key(), kind.name(), coloured), name, count(layout, name, kind, variant, variants.size()),
                        new Count(variant.turned() * request.layout().copies())));
            }
            return blocks;
        }

        private Figure<Count> count(Layout layout, String name, BlockKind kind, Arrangement.Variant variant, int variants) {
            LayoutRequest at = request.layout();
            Label label = Label.of("quilt.blocksOfKind", kind.name());
            if (variants == 1) {
                Figure<Count> all = layout.extra()
                        .map(extra -> Arithmetic.sumOfCounts(at.key() + ".sewn", Label.of("quilt.sewnBlocks"),
                                List.of(layout.blocks(), extra)))
                        .orElse(layout.blocks());
                return at.copies() == 1 ? all : at.ofAll("blocks.all", "quilt.blocks", all);
            }
            Figure<Count> each = Arithmetic.formula(
                    at.key() + ".blocks." + name, label, Operation.PLACES, List.of(layout.columns(), layout.rows()),
                    () -> new Count(variant.blocks()));
            return at.copies() == 1 ? each : at.ofAll("blocks." + name + ".all", "quilt.blocks", each);
        }
    }
}
