package retazo.app.runs.changes;

import java.util.Optional;

/**
 * What happened to a run.
 *
 * @param boltId where it happened
 * @param byRun  the run that did it
 */
public record Happened(Cause cause, Optional<Long> boltId, Optional<Long> byRun) {

    public static final Happened ASKED = new Happened(Cause.ASKED, Optional.empty(), Optional.empty());

    public static Happened on(long boltId, Cause cause) {
        return new Happened(cause, Optional.of(boltId), Optional.empty());
    }

    public static Happened by(long runId, Cause cause) {
        return new Happened(cause, Optional.empty(), Optional.of(runId));
    }
}
