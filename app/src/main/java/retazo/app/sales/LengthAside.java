package retazo.app.sales;

import java.time.LocalDate;
import java.util.Optional;
import retazo.core.measure.Length;

/**
 * A length that is put aside on a bolt.
 *
 * @param name  of whom it is for
 * @param until the last day on which it is kept; empty for no such day
 */
public record LengthAside(long id, long boltId, Length length, String name, Optional<LocalDate> until) {

    /** Whose its cloth is on the bolt. */
    String owner() {
        return "aside:" + id;
    }
}
