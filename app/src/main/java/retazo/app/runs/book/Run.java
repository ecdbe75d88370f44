package retazo.app.runs.book;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import retazo.core.bolt.promise.Precedence;
import retazo.core.bolt.promise.Priority;

/**
 * A run as other features see it.
 *
 * @param asked in the order in which it was asked
 */
public record Run(long id, RunState state, int planVersion, Instant createdAt, Turn turn, List<Asked> asked) {

    public Run {
        asked = List.copyOf(asked);
    }

    /**
     * So many bags of a kit.
     *
     * @param priority of these bags among the others of their run
     */
    public record Asked(long kitId, int quantity, Priority priority) {

        /** Bags that nobody said anything about. */
        public Asked(long kitId, int quantity) {
            this(kitId, quantity, Priority.USUAL);
        }
    }

    /**
     * When a run has its turn where cloth is not enough for all.
     *
     * @param confirmed absent for a draft, which comes after all that are confirmed
     */
    public record Turn(Priority priority, Optional<LocalDate> neededOn, Optional<Instant> confirmed) {

        /** One that nobody said anything about. */
        public static final Turn USUAL = new Turn(Priority.USUAL, Optional.empty(), Optional.empty());
    }

    /** Whose cloth comes first, of its bags that are begun and of those that are not. */
    public Precedence precedence(boolean begun) {
        return new Precedence(begun, turn.priority(), turn.neededOn(), turn.confirmed().orElse(Instant.MAX), id);
    }

    /** The same run asking for this. */
    public Run asking(List<Asked> other) {
        return new Run(id, state, planVersion, createdAt, turn, other);
    }
}
