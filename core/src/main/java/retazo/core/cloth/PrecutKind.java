package retazo.core.cloth;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.measure.Length;

/** The factory-cut kinds of cloth that patterns ask for. */
public enum PrecutKind {
    /** Strips 2½ in wide across the cloth. */
    STRIP_ROLL("strip-roll"),
    /** Squares of 10 in. */
    SQUARES_10("squares-10"),
    /** Squares of 5 in. */
    SQUARES_5("squares-5"),
    /** About 18 × 21 in: half a yard cut in half across. */
    FAT_QUARTER("fat-quarter"),
    /** About 9 × 21 in: a quarter of a yard cut in half across. */
    FAT_EIGHTH("fat-eighth");

    private final String code;

    PrecutKind(String code) {
        this.code = code;
    }

    /** Its name in files. */
    public String code() {
        return code;
    }

    public static Optional<PrecutKind> ofCode(String code) {
        return Stream.of(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    /** The longer side to plan with, cautiously: a strip is as long as cloth of 40 in is wide, a quarter half an inch less than it is sold as. */
    public Length planLength() {
        return switch (this) {
            case STRIP_ROLL -> Length.ofInches(40);
            case SQUARES_10 -> Length.ofInches(10);
            case SQUARES_5 -> Length.ofInches(5);
            case FAT_QUARTER, FAT_EIGHTH -> Length.ofInches(41, 2);
        };
    }

    /** The shorter side to plan with, likewise. */
    public Length planWidth() {
        return switch (this) {
            case STRIP_ROLL -> Length.ofInches(5, 2);
            case SQUARES_10 -> Length.ofInches(10);
            case SQUARES_5 -> Length.ofInches(5);
            case FAT_QUARTER -> Length.ofInches(35, 2);
            case FAT_EIGHTH -> Length.ofInches(17, 2);
        };
    }

    /** The longer side as it is sold: whether a sheet really has it, is measured when the bundle comes. */
    public Length nominalLength() {
        return switch (this) {
            case STRIP_ROLL -> Length.ofInches(42);
            case SQUARES_10 -> Length.ofInches(10);
            case SQUARES_5 -> Length.ofInches(5);
            case FAT_QUARTER, FAT_EIGHTH -> Length.ofInches(21);
        };
    }

    /** The shorter side as it is sold, likewise. */
    public Length nominalWidth() {
        return switch (this) {
            case STRIP_ROLL -> Length.ofInches(5, 2);
            case SQUARES_10 -> Length.ofInches(10);
            case SQUARES_5 -> Length.ofInches(5);
            case FAT_QUARTER -> Length.ofInches(18);
            case FAT_EIGHTH -> Length.ofInches(9);
        };
    }

    /** The two customary numbers in a pack, the smaller one first; a bundle of quarters has none. */
    public List<Integer> customaryPacks() {
        return switch (this) {
            case STRIP_ROLL, SQUARES_10, SQUARES_5 -> List.of(40, 42);
            case FAT_QUARTER, FAT_EIGHTH -> List.of();
        };
    }

    /** How many one pack surely has, where makers differ; a bundle of quarters has no customary number. */
    public Optional<Integer> surelyInPack() {
        return switch (this) {
            case STRIP_ROLL, SQUARES_10, SQUARES_5 -> Optional.of(40);
            case FAT_QUARTER, FAT_EIGHTH -> Optional.empty();
        };
    }

    /** The length off a bolt from which the shop cuts two of them, where it does. */
    public Optional<Length> lengthForTwo() {
        return switch (this) {
            case FAT_QUARTER -> Optional.of(Length.ofInches(18));
            case FAT_EIGHTH -> Optional.of(Length.ofInches(9));
            case STRIP_ROLL, SQUARES_10, SQUARES_5 -> Optional.empty();
        };
    }
}
