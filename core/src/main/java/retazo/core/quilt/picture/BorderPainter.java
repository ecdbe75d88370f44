package retazo.core.quilt.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Point;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.PiecedOf;

/** Draws borders around what they enclose. */
record BorderPainter(List<BorderDesign> borders, List<Length> widths, Function<BlockKey, Block> blocks) {

    List<DrawnPatch> paint(QuiltDrawing.Inside inside) {
        List<DrawnPatch> patches = new ArrayList<>();
        Point corner = inside.corner();
        Length width = inside.width();
        Length height = inside.height();
        for (int i = 0; i < widths.size(); i++) {
            Length border = widths.get(i);
            if (border.isZero()) {
                continue;
            }
            BorderDesign design = borders.get(i);
            Point at = corner;
            Length across = width;
            Length down = height;
            patches.addAll(design.pieced().map(pieced -> pieced(design, pieced, at, across, down, border))
                    .orElseGet(() -> paint(design, at, across, down, border)));
            corner = corner.plus(border.negated(), border.negated());
            width = width.plus(border.times(2));
            height = height.plus(border.times(2));
        }
        return patches;
    }

    private static List<DrawnPatch> paint(BorderDesign border, Point corner, Length width, Length height, Length strip) {
        return switch (border.corners()) {
            case BUTTED -> Rectangles.frame(border.role(), corner, width, height, strip);
            case MITRED -> mitred(border.role(), corner, width, height, strip);
            case CORNERSTONES -> withSquares(border, corner, width, height, strip);
        };
    }

    /** Blocks along the four sides, their upper edge to the outside, and blocks or squares in the corners. */
    private List<DrawnPatch> pieced(BorderDesign border, PiecedOf of, Point corner, Length width, Length height, Length strip) {
        Block block = blocks.apply(of.block());
        Length out = strip.negated();
        List<DrawnPatch> patches = new ArrayList<>();
        for (long i = 0; i < width.wholeTimes(block.finishedWidth()).value(); i++) {
            Length along = block.finishedWidth().times(i);
            patches.addAll(placed(block, Turn.NONE, corner.plus(along, out)));
            patches.addAll(placed(block, Turn.HALF, corner.plus(along, height)));
        }
        for (long i = 0; i < height.wholeTimes(block.finishedWidth()).value(); i++) {
            Length along = block.finishedWidth().times(i);
            patches.addAll(placed(block, Turn.QUARTER, corner.plus(width, along)));
            patches.addAll(placed(block, Turn.THREE_QUARTERS, corner.plus(out, along)));
        }
        List<Point> corners = List.of(
                corner.plus(out, out), corner.plus(width, out), corner.plus(width, height), corner.plus(out, height));
        for (int i = 0; i < corners.size(); i++) {
            Turn turn = Turn.values()[i];
            Point at = corners.get(i);
            patches.addAll(of.corner().map(key -> placed(blocks.apply(key), turn, at))
                    .orElseGet(() -> List.of(Rectangles.patch(border.cornerRole(), at, strip, strip))));
        }
        return patches;
    }

    private static List<DrawnPatch> placed(Block block, Turn turn, Point at) {
        return Orientation.turned(turn).lay(block.draw(), block.finished()).stream()
                .map(patch -> new DrawnPatch(patch.role(), patch.outline().stream().map(point -> point.plus(at.x(), at.y())).toList()))
                .toList();
    }

    private static List<DrawnPatch> mitred(RoleKey role, Point a, Length width, Length height, Length strip) {
        Point b = a.plus(width, Length.ZERO);
        Point c = a.plus(width, height);
        Point d = a.plus(Length.ZERO, height);
        Length out = strip.negated();
        return List.of(
                new DrawnPatch(role, List.of(a, a.plus(out, out), d.plus(out, strip), d)),
                new DrawnPatch(role, List.of(b, b.plus(strip, out), c.plus(strip, strip), c)),
                new DrawnPatch(role, List.of(a, a.plus(out, out), b.plus(strip, out), b)),
                new DrawnPatch(role, List.of(d, d.plus(out, strip), c.plus(strip, strip), c)));
    }

    private static List<DrawnPatch> withSquares(BorderDesign border, Point corner, Length width, Length height, Length strip) {
        Length out = strip.negated();
        RoleKey squares = border.cornerRole();
        return List.of(
                Rectangles.patch(border.role(), corner.plus(out, Length.ZERO), strip, height),
                Rectangles.patch(border.role(), corner.plus(width, Length.ZERO), strip, height),
                Rectangles.patch(border.role(), corner.plus(Length.ZERO, out), width, strip),
                Rectangles.patch(border.role(), corner.plus(Length.ZERO, height), width, strip),
                Rectangles.patch(squares, corner.plus(out, out), strip, strip),
                Rectangles.patch(squares, corner.plus(width, out), strip, strip),
                Rectangles.patch(squares, corner.plus(width, height), strip, strip),
                Rectangles.patch(squares, corner.plus(out, height), strip, strip));
    }
}
