package retazo.app.stock;

import java.util.Optional;
import retazo.core.cloth.PrecutKind;

/**
 * Something counted to be added, checked.
 *
 * @param code in capital letters
 */
public record NewGood(String code, String name, Optional<PrecutKind> precut, int perUnit, Optional<Long> patternId, String colour) {

    /** Copies of a pattern. */
    public static NewGood copies(long patternId, String patternName) {
        return new NewGood(
                "COPY-" + patternId, patternName.length() > 48 ? "Copy of " + patternName.substring(0, 48) : "Copy of " + patternName,
                Optional.empty(), 1, Optional.of(patternId), "#e9e4d6");
    }
}
