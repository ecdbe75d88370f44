package retazo.core.colouring;

import java.util.Optional;
import retazo.core.cloth.PrintKind;
import retazo.core.colour.FabricLook;
import retazo.core.measure.Length;

/**
 * A fabric as an eye sees it.
 *
 * @param value  how light it is from across a room, 0 for black to 100 for white
 * @param repeat how much of its length the print takes until it begins anew; empty where nobody measured it
 */
public record Seen(FabricLook look, int value, PrintKind print, Optional<Length> repeat) {

    /** A print is large from such a repeat on: a piece of the usual six inches no longer shows all of it. */
    private static final Length LARGE = Length.ofInches(6);

    public static Seen of(FabricLook look, PrintKind print, Optional<Length> repeat) {
        return new Seen(look, look.value(), print, repeat);
    }

    /** Whether its print is large; empty where nobody measured it. */
    Optional<Boolean> isLarge() {
        return print == PrintKind.SOLID ? Optional.of(false) : repeat.map(length -> !length.isShorterThan(LARGE));
    }
}
