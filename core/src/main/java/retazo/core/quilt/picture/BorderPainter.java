package retazo.core.quilt.picture;

import java.util.ArrayList;
import java.util.List;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.Point;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.BorderDesign;

/** Draws borders around what they enclose. */
record BorderPainter(List<BorderDesign> borders, List<Length> widths) {

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
            patches.addAll(paint(borders.get(i), corner, width, height, border));
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
