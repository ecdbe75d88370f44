package retazo.app.sales;

import java.time.Instant;

/** A line of a sale as others see it. */
public record SaleLine(long id, Sold sold, Instant at, boolean takenBack) {
}
