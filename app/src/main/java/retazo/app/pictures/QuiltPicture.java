package retazo.app.pictures;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Point;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.size.QuiltSize;

/**
 * A quilt, or one block, ready to be drawn: one path per role, in inches. A size that nobody has drawn is shown as its pile
 * of cloth: a band for each role, as high as its share.
 *
 * @param id      unique on its page
 * @param clip    where the blocks lie; those at the edges may reach out of it
 * @param setting the areas behind the blocks
 * @param blocks  each kind of block with its places
 * @param letters of the roles, where they are shown
 * @param letterSize their height
 * @param borders the areas around
 * @param binding how the edge is drawn; no colour for none
 */
public record QuiltPicture(
        String id,
        String width,
        String height,
        Clip clip,
        List<Area> setting,
        List<PlacedBlock> blocks,
        List<Letter> letters,
        String letterSize,
        List<Area> borders,
        Ink binding) {

    private static final Ink NO_EDGE = new Ink("none", "", "none", true);
    /** So that a letter fits a triangle of six to a side. */
    private static final long LETTERS_TO_A_BLOCK = 18;
    private static final long LETTERS_TO_A_UNIT = 8;
    private static final FinishedSize UNKNOWN_SIZE = new FinishedSize(Length.ofInches(48), Length.ofInches(48));

    /** A kind of block and where it stands. */
    public record PlacedBlock(String id, List<Area> areas, List<Spot> spots) {
    }

    /**
     * All patches of one role.
     *
     * @param turn how far the block is turned in which they lie, where a print in it stays upright; clockwise in degrees
     */
    public record Area(String path, Ink ink, String role, int turn) {
    }

    /** A role's letter in the middle of a patch. */
    public record Letter(String x, String y, String letter, Ink ink) {
    }

    /** Where a block stands, as the value of an SVG transform. */
    public record Spot(String transform) {
        static final Spot UNMOVED = new Spot("translate(0 0)");
    }

    /** A rectangle to which what lies inside is cut off. */
    public record Clip(String id, String x, String y, String width, String height) {
    }

    public static QuiltPicture of(String id, QuiltDesign design, QuiltSize size, Function<RoleKey, Ink> inks) {
        Length seam = design.practice(ShopPractice.customary()).length(PracticeMeasure.SEAM_ALLOWANCE);
        return size.match(
                grid -> design.drawing().map(drawing -> drawn(id, QuiltDrawing.of(drawing, grid, seam), inks)),
                printed -> Optional.<QuiltPicture>empty()).orElseGet(() -> pile(id, design, size, inks));
    }

    /** A drawn quilt, or an item beside one. */
    public static QuiltPicture drawn(String id, QuiltDrawing drawing, Function<RoleKey, Ink> inks) {
        QuiltDrawing.Inside inside = drawing.inside();
        return new QuiltPicture(
                id,
                inches(drawing.width()),
                inches(drawing.height()),
                new Clip(id + "-inside", inches(inside.corner().x()), inches(inside.corner().y()), inches(inside.width()),
                        inches(inside.height())),
                areas(drawing.setting(), inks, 0),
                drawing.blocks().stream().flatMap(block -> placed(id + "-block-" + block.name(), block, inks)).toList(),
                List.of(),
                "0",
                areas(drawing.around(), inks, 0),
                drawing.binding().map(inks).orElse(NO_EDGE));
    }

    /** Once, or once for each turn where a print in it stays upright. */
    private static Stream<PlacedBlock> placed(String id, QuiltDrawing.PlacedBlock block, Function<RoleKey, Ink> inks) {
        boolean upright = block.patches().stream().map(DrawnPatch::role).distinct().anyMatch(role -> inks.apply(role).upright());
        Map<Integer, List<QuiltDrawing.Spot>> byTurn = block.spots().stream().collect(Collectors.groupingBy(
                spot -> upright ? Math.floorMod(spot.degrees(), 360) : 0, TreeMap::new, Collectors.toList()));
        return byTurn.entrySet().stream().map(turned -> new PlacedBlock(
                turned.getKey() == 0 ? id : id + "-" + turned.getKey(),
                areas(block.patches(), role -> inks.apply(role).inTurned(turned.getKey()), turned.getKey()),
                turned.getValue().stream().map(spot -> spot(spot, block)).toList()));
    }

    public static Spot spot(QuiltDrawing.Spot spot, QuiltDrawing.PlacedBlock block) {
        Length halfWidth = new Length(block.width().ticks() / 2);
        Length halfHeight = new Length(block.height().ticks() / 2);
        return new Spot(spot.degrees() == 0
                ? "translate(" + inches(spot.centre().x().minus(halfWidth)) + " " + inches(spot.centre().y().minus(halfHeight)) + ")"
                : "translate(" + inches(spot.centre().x()) + " " + inches(spot.centre().y()) + ") rotate(" + spot.degrees() + ") translate("
                        + inches(halfWidth.negated()) + " " + inches(halfHeight.negated()) + ")");
    }

    private static Clip all(String id, Length width, Length height) {
        return new Clip(id + "-inside", "0", "0", inches(width), inches(height));
    }

    private static QuiltPicture pile(String id, QuiltDesign design, QuiltSize size, Function<RoleKey, Ink> inks) {
        FinishedSize finished = size.printed().orElse(UNKNOWN_SIZE);
        ClothPile pile = ClothPile.of(design, size);
        List<Area> areas = new ArrayList<>();
        List<Letter> letters = new ArrayList<>();
        Length top = Length.ZERO;
        for (ClothPile.Band band : pile.bands()) {
            Length bottom = top.plus(band.of(finished.height(), pile.total()));
            DrawnPatch patch = new DrawnPatch(band.role().key(), List.of(
                    new Point(Length.ZERO, top), new Point(finished.width(), top), new Point(finished.width(), bottom),
                    new Point(Length.ZERO, bottom)));
            areas.addAll(areas(List.of(patch), inks, 0));
            letters.add(new Letter(
                    inches(new Length(finished.width().ticks() / 2)), inches(new Length((top.ticks() + bottom.ticks()) / 2)),
                    band.role().letter(), inks.apply(band.role().key())));
            top = bottom;
        }
        return new QuiltPicture(
                id, inches(finished.width()), inches(finished.height()), all(id, finished.width(), finished.height()), List.of(),
                List.of(new PlacedBlock(id + "-pile", areas, List.of(Spot.UNMOVED))), letters, lettersOfAPile(finished, pile), List.of(),
                NO_EDGE);
    }

    /** One block alone, from patches that may not fill it yet, with the letters of the roles. */
    public static QuiltPicture ofPatches(
            String id,
            Length width,
            Length height,
            List<DrawnPatch> patches,
            Function<RoleKey, Ink> inks,
            Function<RoleKey, String> letters) {
        return ofPatches(id, width, height, lettered(patches, inks, letters), areas(patches, inks, 0), LETTERS_TO_A_BLOCK);
    }

    /** One unit alone, with letters as large as its few patches allow. */
    public static QuiltPicture ofUnit(
            String id, FinishedSize size, List<DrawnPatch> patches, Function<RoleKey, Ink> inks, Function<RoleKey, String> letters) {
        return ofPatches(id, size.width(), size.height(), lettered(patches, inks, letters), areas(patches, inks, 0), LETTERS_TO_A_UNIT);
    }

    private static QuiltPicture ofPatches(
            String id, Length width, Length height, List<Letter> letters, List<Area> areas, long lettersAcross) {
        return new QuiltPicture(
                id,
                inches(width),
                inches(height),
                all(id, width, height),
                List.of(),
                List.of(new PlacedBlock(id + "-block", areas, List.of(Spot.UNMOVED))),
                letters,
                inches(new Length(Math.min(width.ticks(), height.ticks()) / lettersAcross)),
                List.of(),
                NO_EDGE);
    }

    private static List<Letter> lettered(
            List<DrawnPatch> patches, Function<RoleKey, Ink> inks, Function<RoleKey, String> letters) {
        return patches.stream()
                .map(patch -> new Letter(
                        middle(patch.outline().stream().map(Point::x).toList()), middle(patch.outline().stream().map(Point::y).toList()),
                        letters.apply(patch.role()), inks.apply(patch.role())))
                .toList();
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

    /** Two thirds of the lowest band, and no more than a quarter of the width. */
    private static String lettersOfAPile(FinishedSize finished, ClothPile pile) {
        Length lowest = pile.bands().stream().map(band -> band.of(finished.height(), pile.total())).min(Length::compareTo)
                .orElse(Length.ZERO);
        return inches(new Length(Math.min(lowest.ticks() * 2 / 3, finished.width().ticks() / 4)));
    }

    private static List<Area> areas(List<DrawnPatch> patches, Function<RoleKey, Ink> inks, int turn) {
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
        return paths.entrySet().stream()
                .map(entry -> new Area(entry.getValue().toString(), inks.apply(entry.getKey()), entry.getKey().value(), turn)).toList();
    }

    /** A length as an SVG number of inches, to a thousandth. */
    public static String inches(Length length) {
        return BigDecimal.valueOf(length.ticks())
                .divide(BigDecimal.valueOf(Length.TICKS_PER_INCH), 3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
