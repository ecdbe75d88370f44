package retazo.core.quilt;

import java.util.ArrayList;
import java.util.List;
import retazo.core.block.DrawnPatch;
import retazo.core.block.Point;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;

/**
 * A quilt as it is seen, in finished sizes: one block, where it stands, and what lies around.
 *
 * @param block        the patches of one block
 * @param blockCorners the top left corner of every block
 * @param borders      the four patches of each border, from the inside out
 */
public record QuiltDrawing(
        Length width,
        Length height,
        RoleKey binding,
        List<DrawnPatch> block,
        List<Point> blockCorners,
        List<DrawnPatch> borders) {

    public QuiltDrawing {
        block = List.copyOf(block);
        blockCorners = List.copyOf(blockCorners);
        borders = List.copyOf(borders);
    }

    public static QuiltDrawing of(QuiltDesign design, QuiltSize size) {
        return size.match(grid -> ofGrid(design, grid));
    }

    private static QuiltDrawing ofGrid(QuiltDesign design, QuiltSize.Grid size) {
        Length around = size.borderWidths().stream().reduce(Length.ZERO, Length::plus);
        List<Point> corners = design.setting().match(straight -> straight.corners(design.block(), size));
        Length innerWidth = design.block().finishedWidth().times(size.columns());
        Length innerHeight = design.block().finishedHeight().times(size.rows());
        List<DrawnPatch> borders = new ArrayList<>();
        Length inset = around;
        for (int i = 0; i < size.borderWidths().size(); i++) {
            Length border = size.borderWidths().get(i);
            borders.addAll(butted(
                    design.borders().get(i).role(), inset, border,
                    innerWidth.plus(around.minus(inset).times(2)), innerHeight.plus(around.minus(inset).times(2))));
            inset = inset.minus(border);
        }
        return new QuiltDrawing(
                innerWidth.plus(around.times(2)),
                innerHeight.plus(around.times(2)),
                design.binding(),
                design.block().draw(),
                corners.stream().map(corner -> corner.plus(around, around)).toList(),
                borders);
    }

    /** The sides as high as what they enclose, top and bottom over their ends. */
    private static List<DrawnPatch> butted(RoleKey role, Length inset, Length border, Length width, Length height) {
        Length outer = inset.minus(border);
        Length across = width.plus(border.times(2));
        return List.of(
                rectangle(role, outer, inset, border, height),
                rectangle(role, inset.plus(width), inset, border, height),
                rectangle(role, outer, outer, across, border),
                rectangle(role, outer, inset.plus(height), across, border));
    }

    private static DrawnPatch rectangle(RoleKey role, Length x, Length y, Length width, Length height) {
        Point corner = new Point(x, y);
        return new DrawnPatch(role, List.of(
                corner, corner.plus(width, Length.ZERO), corner.plus(width, height), corner.plus(Length.ZERO, height)));
    }
}
