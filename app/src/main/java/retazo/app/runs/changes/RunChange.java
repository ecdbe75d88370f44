package retazo.app.runs.changes;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What became of a run when it was planned again.
 *
 * @param id          0 before it is kept
 * @param planVersion the number of the plan since
 * @param openBags    how many bags that were asked and not made could be taken up then
 * @param seen        whether somebody said that it was read
 */
public record RunChange(
        long id, long runId, Instant at, Happened happened, int planVersion, int openBags, boolean seen, List<Line> lines) {

    public RunChange {
        lines = List.copyOf(lines);
    }

    /** That so many open bags could be taken up; one that is to be kept. */
    public static RunChange canTakeUp(long runId, Instant at, Happened happened, int planVersion, int bags) {
        return new RunChange(0, runId, at, happened, planVersion, bags, false, List.of());
    }

    /** One that is to be kept. */
    public static RunChange of(long runId, Instant at, Happened happened, int planVersion, List<Line> lines) {
        return new RunChange(0, runId, at, happened, planVersion, 0, false, lines);
    }

    /**
     * A line of a bag.
     *
     * @param from its bolt before; absent where it had none
     * @param to   its bolt since; absent where it waits
     */
    public record Line(long bagLineId, Optional<Long> from, Optional<Long> to) {
    }
}
