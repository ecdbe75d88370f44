package retazo.core.quilt;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.BlockKey;
import retazo.core.block.DrawnPatch;
import retazo.core.block.Point;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;

/**
 * A quilt as it is seen, in finished sizes: its kinds of blocks, where they stand, and what lies around.
 *
 * @param binding empty where the edges are turned
 * @param blocks  each kind with its places
 * @param borders the four patches of each border, from the inside out
 */
public record QuiltDrawing(
        Length width, Length height, Optional<RoleKey> binding, List<PlacedBlock> blocks, List<DrawnPatch> borders) {

    public QuiltDrawing {
        blocks = List.copyOf(blocks);
        borders = List.copyOf(borders);
    }

    /**
     * A kind of block where it stands.
     *
     * @param patches of one block, from its top left corner
     * @param corners the top left corner of every block
     */
    public record PlacedBlock(BlockKey key, List<DrawnPatch> patches, List<Point> corners) {
        public PlacedBlock {
            patches = List.copyOf(patches);
            corners = List.copyOf(corners);
        }
    }

    public static QuiltDrawing of(Drawing drawing, QuiltSize.Grid size) {
        Length around = size.borderWidths().stream().reduce(Length.ZERO, Length::plus);
        Length blockWidth = drawing.first().finishedWidth();
        Length blockHeight = drawing.first().finishedHeight();
        Map<BlockKey, List<Point>> corners = new LinkedHashMap<>();
        for (int row = 0; row < size.rows(); row++) {
            for (int column = 0; column < size.columns(); column++) {
                corners.computeIfAbsent(drawing.places().at(column, row), kind -> new ArrayList<>())
                        .add(new Point(blockWidth.times(column).plus(around), blockHeight.times(row).plus(around)));
            }
        }
        Length innerWidth = blockWidth.times(size.columns());
        Length innerHeight = blockHeight.times(size.rows());
        return new QuiltDrawing(
                innerWidth.plus(around.times(2)),
                innerHeight.plus(around.times(2)),
                drawing.binding(),
                corners.entrySet().stream()
                        .map(kind -> new PlacedBlock(kind.getKey(), drawing.block(kind.getKey()).draw(), kind.getValue()))
                        .toList(),
                borders(drawing, size, innerWidth, innerHeight, around));
    }

    private static List<DrawnPatch> borders(
            Drawing drawing, QuiltSize.Grid size, Length innerWidth, Length innerHeight, Length around) {
        List<DrawnPatch> borders = new ArrayList<>();
        Length inset = around;
        for (int i = 0; i < size.borderWidths().size(); i++) {
            Length border = size.borderWidths().get(i);
            borders.addAll(butted(
                    drawing.borders().get(i).role(), inset, border,
                    innerWidth.plus(around.minus(inset).times(2)), innerHeight.plus(around.minus(inset).times(2))));
            inset = inset.minus(border);
        }
        return borders;
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
