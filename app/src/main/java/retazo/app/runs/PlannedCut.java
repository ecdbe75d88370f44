package retazo.app.runs;

import retazo.core.measure.Length;

/**
 * A planned cut as other features see it.
 *
 * @param position  in the order of cutting on its bolt
 * @param bagClosed whether its bag is packed or left out
 */
public record PlannedCut(
        long id,
        long runId,
        long boltId,
        int position,
        Length length,
        int planVersion,
        State state,
        long bagId,
        int bagNumber,
        long kitId,
        long bagLineId,
        long fabricId,
        String letters,
        boolean bagClosed) {

    /** Whether it is still to be cut. */
    public enum State {
        PLANNED,
        CUT,
        /** A later plan has taken its place. */
        SUPERSEDED
    }
}
