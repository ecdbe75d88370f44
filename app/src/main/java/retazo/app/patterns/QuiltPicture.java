package retazo.app.patterns;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import retazo.core.block.DrawnPatch;
import retazo.core.block.Point;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltDrawing;
import retazo.core.quilt.QuiltSize;

/**
 * A quilt, or one block, ready to be drawn: one path per role, in inches.
 *
 * @param id      unique on its page
 * @param block   the areas of one block
 * @param corners where the block stands
 * @param borders the areas around
 * @param binding how the edge is drawn; empty fill for none
 */
public record QuiltPicture(
        String id,
        String width,
        String height,
        List<Area> block,
        List<Letter> letters,
        List<Spot> corners,
        List<Area> borders,
        Ink binding) {

    private static final Ink NO_EDGE = new Ink("none", "", "none", true);

    /** All patches of one role. */
    public record Area(String path, Ink ink) {
    }

    /** A role's letter in the middle of a patch. */
    public record Letter(String x, String y, String letter, Ink ink) {
    }

    /** A top left corner. */
    public record Spot(String x, String y) {
    }

    public static QuiltPicture of(String id, QuiltDesign design, QuiltSize size, Function<RoleKey, Ink> inks) {
        QuiltDrawing drawing = QuiltDrawing.of(design, size);
        return new QuiltPicture(
                id,
                inches(drawing.width()),
                inches(drawing.height()),
                areas(drawing.block(), inks),
                List.of(),
                drawing.blockCorners().stream().map(corner -> new Spot(inches(corner.x()), inches(corner.y()))).toList(),
                areas(drawing.borders(), inks),
                inks.apply(drawing.binding()));
    }

    /** One block alone, from patches that may not fill it yet, with the letters of the roles. */
    public static QuiltPicture ofPatches(
            String id,
            Length width,
            Length height,
            List<DrawnPatch> patches,
            Function<RoleKey, Ink> inks,
            Function<RoleKey, String> letters) {
        return new QuiltPicture(
                id,
                inches(width),
                inches(height),
                areas(patches, inks),
                patches.stream()
                        .map(patch -> new Letter(
                                middle(patch.outline().stream().map(Point::x).toList()),
                                middle(patch.outline().stream().map(Point::y).toList()),
                                letters.apply(patch.role()),
                                inks.apply(patch.role())))
                        .toList(),
                List.of(new Spot("0", "0")),
                List.of(),
                NO_EDGE);
    }

    /** The mean of the corners, which for a triangle and a rectangle is its centre. */
    private static String middle(List<Length> coordinates) {
        long sum = coordinates.stream().mapToLong(Length::ticks).sum();
        return inches(new Length(sum / coordinates.size()));
    }

    /** The drawing with an inch around it. */
    public String outerWidth() {
        return new BigDecimal(width).add(BigDecimal.valueOf(2)).toPlainString();
    }

    public String outerHeight() {
        return new BigDecimal(height).add(BigDecimal.valueOf(2)).toPlainString();
    }

    /** The block with a tenth of an inch around it. */
    public String blockOuterWidth() {
        return new BigDecimal(width).add(new BigDecimal("0.2")).toPlainString();
    }

    public String blockOuterHeight() {
        return new BigDecimal(height).add(new BigDecimal("0.2")).toPlainString();
    }

    /** A letter's height: an eighteenth of the block, so that it fits a triangle of six to a side. */
    public String letterSize() {
        return new BigDecimal(width).min(new BigDecimal(height)).divide(BigDecimal.valueOf(18), 3, RoundingMode.HALF_UP).toPlainString();
    }

    private static List<Area> areas(List<DrawnPatch> patches, Function<RoleKey, Ink> inks) {
        Map<RoleKey, StringBuilder> paths = new LinkedHashMap<>();
        for (DrawnPatch patch : patches) {
            StringBuilder path = paths.computeIfAbsent(patch.role(), role -> new StringBuilder());
            String command = "M";
            for (Point point : patch.outline()) {
                path.append(command).append(inches(point.x())).append(' ').append(inches(point.y()));
                command = "L";
            }
            path.append('Z');
        }
        return paths.entrySet().stream().map(entry -> new Area(entry.getValue().toString(), inks.apply(entry.getKey()))).toList();
    }

    /** A length as an SVG number of inches, to a thousandth. */
    public static String inches(Length length) {
        return BigDecimal.valueOf(length.ticks())
                .divide(BigDecimal.valueOf(Length.TICKS_PER_INCH), 3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
