package retazo.core.quilt.finish;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.shape.FinishedSize;
import retazo.core.measure.Length;

/**
 * The filling of a quilt, as large as its backing.
 *
 * @param width  with the overage on both sides
 * @param height with the overage on both sides
 */
public record Batting(Length width, Length height) {

    /** The widths of customary rolls. */
    public static final List<Length> ROLLS = Stream.of(48, 60, 96, 108, 124).map(Length::ofInches).toList();

    /** Customary packages, from the smallest. */
    public static final List<FinishedSize> PACKAGES = List.of(
            inches(36, 45), inches(45, 60), inches(60, 60), inches(72, 90), inches(81, 96), inches(90, 108), inches(120, 120));

    /** A length from a roll. */
    public record FromRoll(Length roll, Length length) {
    }

    public static Batting behind(BackingSheet backing) {
        return new Batting(backing.width().value(), backing.height().value());
    }

    private static FinishedSize inches(long width, long height) {
        return new FinishedSize(Length.ofInches(width), Length.ofInches(height));
    }

    /** From the narrowest roll that takes it in one piece, the shorter way round; empty where no roll is wide enough. */
    public Optional<FromRoll> fromRoll() {
        Length narrow = width.isShorterThan(height) ? width : height;
        return ROLLS.stream().filter(roll -> !narrow.isLongerThan(roll)).findFirst()
                .map(roll -> new FromRoll(roll, lengthFrom(roll)));
    }

    private Length lengthFrom(Length roll) {
        boolean eitherWay = !width.isLongerThan(roll) && !height.isLongerThan(roll);
        boolean upright = !width.isLongerThan(roll);
        Length shorter = width.isShorterThan(height) ? width : height;
        return eitherWay ? shorter : upright ? height : width;
    }

    /** The smallest package that covers it, either way round. */
    public Optional<FinishedSize> smallestPackage() {
        return PACKAGES.stream().filter(this::isCoveredBy).findFirst();
    }

    private boolean isCoveredBy(FinishedSize sheet) {
        return fits(width, height, sheet) || fits(height, width, sheet);
    }

    private static boolean fits(Length across, Length down, FinishedSize sheet) {
        return !across.isLongerThan(sheet.width()) && !down.isLongerThan(sheet.height());
    }
}
