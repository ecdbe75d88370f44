package retazo.app.orders;

import java.util.Optional;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Length;

/**
 * Bolts to be ordered, checked.
 *
 * @param bolts  1 to {@link #MOST_BOLTS}
 * @param bolt   how long each is, above zero
 * @param reason up to {@link #LONGEST_REASON} letters; empty leaves the one that is there
 */
public record NewLine(long fabricId, int bolts, Length bolt, Optional<ClothPrice> cost, String reason) {

    public static final int MOST_BOLTS = 500;
    private static final int LONGEST_REASON = 400;

    public NewLine {
        reason = reason.length() <= LONGEST_REASON ? reason : reason.substring(0, LONGEST_REASON - 1) + "…";
    }
}
