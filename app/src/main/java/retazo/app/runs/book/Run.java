package retazo.app.runs.book;

import java.time.Instant;
import java.util.List;

/** A run as other features see it. */
public record Run(long id, RunState state, int planVersion, Instant createdAt, List<Asked> asked) {

    public Run {
        asked = List.copyOf(asked);
    }

    /** So many bags of a kit. */
    public record Asked(long kitId, int quantity) {
    }
}
