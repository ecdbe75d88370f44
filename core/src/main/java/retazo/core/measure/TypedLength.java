package retazo.core.measure;

import java.util.Optional;

/**
 * A length as it was typed.
 *
 * @param perhaps the fraction of a yard that a cut-off decimal may have meant: ⅓ yd for a typed {@code 0.33 yd}
 */
public record TypedLength(Length length, Optional<Length> perhaps) {
}
