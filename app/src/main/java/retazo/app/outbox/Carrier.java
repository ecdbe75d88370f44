package retazo.app.outbox;

import java.util.UUID;
import retazo.app.shared.Outcome;

/** Brings what goes out to whom it is for. */
public interface Carrier {

    /** What it carries. */
    Outbox.Kind kind();

    /**
     * Brings it, in a transaction in which what comes of it can be written. It may be brought again after a fault: whoever receives it
     * knows it by its key, and counts it once.
     *
     * @param about what it tells of
     * @return what the other side answered; refused where it cannot be reached now
     */
    Outcome<String> carry(UUID key, long about, String body);
}
