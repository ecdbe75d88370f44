package retazo.core.quilt.picture;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.Place;
import retazo.core.quilt.place.PlaceChange;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.place.Placement;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.size.QuiltSize;

/**
 * A quilt as it is seen, in finished sizes, to the tick.
 *
 * @param inside  where the blocks and their setting lie; what reaches out of it is cut off
 * @param binding empty where the edges are turned
 * @param setting what lies behind the blocks: sashes, cornerstones, triangles
 * @param blocks  each kind in each colouring with its places
 * @param around  flange and borders, from the inside out
 */
public record QuiltDrawing(
        Length width,
        Length height,
        Inside inside,
        Optional<RoleKey> binding,
        List<DrawnPatch> setting,
        List<PlacedBlock> blocks,
        List<DrawnPatch> around) {

    public QuiltDrawing {
        setting = List.copyOf(setting);
        blocks = List.copyOf(blocks);
        around = List.copyOf(around);
    }

    /** A rectangle with its sides level and upright. */
    public record Inside(Point corner, Length width, Length height) {
    }

    /**
     * A kind of block in one colouring, where it stands.
     *
     * @param width   of one block, upright
     * @param patches of one block, from its top left corner
     */
    public record PlacedBlock(BlockKey key, String name, Length width, Length height, List<DrawnPatch> patches, List<Spot> spots) {
        public PlacedBlock {
            patches = List.copyOf(patches);
            spots = List.copyOf(spots);
        }
    }

    /**
     * Where a block stands.
     *
     * @param centre  of the block
     * @param degrees how far it is turned, clockwise
     */
    public record Spot(Place place, Point centre, int degrees) {
    }

    /** A size of a drawing; of blocks that cannot be scaled to it, at the size in which they are drawn. */
    public static QuiltDrawing of(Drawing drawn, QuiltSize.Grid size, Length seam) {
        Drawing drawing = drawn.at(size).orElse(drawn);
        return new Painter(drawing, drawing.quilt(), size.columns(), size.rows(), size.borderWidths(), seam)
                .paint(size.overrides().changes());
    }

    /** An item beside the quilt. */
    public static QuiltDrawing of(Drawing drawing, Item item, Length seam) {
        return new Painter(drawing, item.composition(), item.columns(), item.rows(), item.borderWidths(), seam).paint(List.of());
    }

    /** Lays out one composition. */
    private record Painter(
            Drawing drawing, Composition composition, int columns, int rows, List<Length> borderWidths, Length seam) {

        QuiltDrawing paint(List<PlaceChange> changes) {
            PlaceGrid grid = composition.setting().grid(columns, rows);
            Length around = borderWidths.stream().reduce(Length.ZERO, Length::plus);
            Spacing across = spacing(block().finishedWidth(), columns);
            Spacing down = spacing(block().finishedHeight(), rows);
            Inside inside = new Inside(new Point(around, around), across.whole(), down.whole());
            Map<Placement, List<Spot>> spots = new LinkedHashMap<>();
            Arrangement.of(composition.places(), grid, changes).placements()
                    .forEach((place, placement) -> spots
                            .computeIfAbsent(new Placement(placement.kind(), Turn.NONE, placement.colouring()), kind -> new ArrayList<>())
                            .add(new Spot(
                                    place,
                                    new Point(across.centre(place.column()), down.centre(place.row())).plus(around, around),
                                    placement.turn().degrees() + (isOnPoint() ? 45 : 0))));
            List<DrawnPatch> frame = new ArrayList<>(flange(inside));
            frame.addAll(new BorderPainter(composition.finishing().borders(), borderWidths, drawing::block).paint(inside));
            return new QuiltDrawing(
                    inside.width().plus(around.times(2)), inside.height().plus(around.times(2)), inside,
                    composition.finishing().binding(), setting(inside, spots, across, down), placed(spots), frame);
        }

        private Block block() {
            return drawing.first(composition);
        }

        private boolean isOnPoint() {
            return composition.setting().match(straight -> false, onPoint -> true);
        }

        private Length sash() {
            return composition.setting().sashing().map(Sashing::width).orElse(Length.ZERO);
        }

        private List<PlacedBlock> placed(Map<Placement, List<Spot>> spots) {
            List<PlacedBlock> placed = new ArrayList<>();
            spots.forEach((placement, at) -> {
                Block block = placement.colouring().of(drawing.block(placement.kind())).orElse(drawing.block(placement.kind()));
                placed.add(new PlacedBlock(
                        placement.kind(), placement.kind() + "-" + (placed.size() + 1), block.finishedWidth(), block.finishedHeight(),
                        block.draw(), at));
            });
            return placed;
        }

        /** Where blocks stand along one side. */
        private Spacing spacing(Length block, int count) {
            ExactLength full = composition.setting().extent(block, count);
            return composition.setting().match(
                    straight -> {
                        Length edge = straight.sashing().filter(Sashing::framed).map(Sashing::width).orElse(Length.ZERO);
                        return new Spacing(
                                ExactLength.of(edge.times(2).plus(block)).dividedBy(2), ExactLength.of(block.plus(sash())), full);
                    },
                    onPoint -> onPoint.edges().match(
                            triangles -> new Spacing(
                                    ExactLength.rootTwo(block.plus(sash().times(2))).dividedBy(2),
                                    ExactLength.rootTwo(block.plus(sash())).dividedBy(2), full),
                            cut -> {
                                Length lost = cut.cut() == Edges.CutBlocks.Cut.THROUGH_CENTRE ? seam : Length.ZERO;
                                return new Spacing(
                                        ExactLength.of(lost.negated()), ExactLength.rootTwo(block).dividedBy(2),
                                        full.minus(ExactLength.of(lost.times(2))));
                            }));
        }

        private List<DrawnPatch> setting(Inside inside, Map<Placement, List<Spot>> spots, Spacing across, Spacing down) {
            Optional<Sashing> sashing = composition.setting().sashing();
            return composition.setting().match(
                    straight -> sashing.map(sashes -> straight(sashes, inside)).orElse(List.of()),
                    onPoint -> onPoint.edges().match(triangles -> onPoint(triangles, inside, spots), blocks -> List.of()));
        }

        private List<DrawnPatch> straight(Sashing sashes, Inside inside) {
            List<DrawnPatch> patches = new ArrayList<>();
            patches.add(Rectangles.patch(sashes.role(), inside.corner(), inside.width(), inside.height()));
            patches.addAll(cornerstones(sashes, inside));
            return patches;
        }

        private List<DrawnPatch> onPoint(Edges.Triangles triangles, Inside inside, Map<Placement, List<Spot>> spots) {
            List<DrawnPatch> patches = new ArrayList<>();
            Length reach = ExactLength.rootTwo(block().finishedWidth().plus(sash().times(2))).dividedBy(2).cutOffToTick();
            patches.add(Rectangles.patch(triangles.sides(), inside.corner(), inside.width(), inside.height()));
            patches.addAll(Rectangles.corners(triangles.corners(), inside, reach));
            composition.setting().sashing().ifPresent(sashes -> spots.values().stream().flatMap(List::stream).forEach(
                    spot -> patches.add(Rectangles.onPoint(sashes.role(), spot.centre(), reach))));
            return patches;
        }

        private List<DrawnPatch> cornerstones(Sashing sashes, Inside inside) {
            List<DrawnPatch> squares = new ArrayList<>();
            int first = sashes.framed() ? 0 : 1;
            sashes.cornerstones().ifPresent(role -> {
                for (int row = first; row <= rows - first; row++) {
                    for (int column = first; column <= columns - first; column++) {
                        Length edge = sashes.framed() ? Length.ZERO : sashes.width();
                        squares.add(Rectangles.patch(role, inside.corner().plus(
                                block().finishedWidth().plus(sash()).times(column).minus(edge),
                                block().finishedHeight().plus(sash()).times(row).minus(edge)), sash(), sash()));
                    }
                }
            });
            return squares;
        }

        private List<DrawnPatch> flange(Inside inside) {
            return composition.finishing().flange().map(flange -> Rectangles.frame(
                    flange.role(), inside.corner().plus(flange.width(), flange.width()),
                    inside.width().minus(flange.width().times(2)), inside.height().minus(flange.width().times(2)), flange.width()))
                    .orElse(List.of());
        }
    }

    /**
     * Centres along one side.
     *
     * @param first of line 0
     * @param pitch from one line to the next
     */
    private record Spacing(ExactLength first, ExactLength pitch, ExactLength full) {

        Length centre(int line) {
            return first.plus(pitch.times(line)).cutOffToTick();
        }

        Length whole() {
            return full.cutOffToTick();
        }
    }
}
