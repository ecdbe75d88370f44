package retazo.app.stock;

import java.time.Instant;
import retazo.core.measure.Length;

/**
 * A line of the movement book as pages show it.
 *
 * @param balance       on hand after it
 * @param reversible    whether the stock page offers to take it back
 * @param reversed      whether a later line took it back
 */
public record Movement(
        long id,
        Reason reason,
        Length amount,
        long count,
        Length balance,
        long countBalance,
        String person,
        Instant at,
        String note,
        boolean reversible,
        boolean reversed) {
}
