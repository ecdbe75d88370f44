package retazo.core.block.spec;

import java.util.Optional;
import java.util.stream.Stream;

/** A way of making a unit. */
public enum UnitMethod {
    /** The unit is made in one way only. */
    ONLY("only"),
    TWO_AT_A_TIME("two-at-a-time"),
    FOUR_AT_A_TIME("four-at-a-time"),
    EIGHT_AT_A_TIME("eight-at-a-time"),
    /** From squares that are cut on the diagonal before they are sewn. */
    TRIANGLES("triangles"),
    /** From half-square triangles that are paired, sewn and cut again. */
    HALF_SQUARES("half-squares"),
    /** Squares sewn on the diagonal and flipped open. */
    FLIP("flip"),
    PATCHES("patches"),
    STRIP_SETS("strip-sets"),
    /** Wedges from a strip of their own height, without the point that only lies in the seams. */
    BLUNT("blunt");

    private final String code;

    UnitMethod(String code) {
        this.code = code;
    }

    /** Its name in files and typed texts. */
    public String code() {
        return code;
    }

    public static Optional<UnitMethod> ofCode(String code) {
        return Stream.of(values()).filter(method -> method.code.equals(code)).findFirst();
    }
}
