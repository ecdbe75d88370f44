package retazo.app.cutting;

import java.util.Optional;
import java.util.UUID;
import retazo.core.measure.Length;

/**
 * A step that a cutter records.
 *
 * @param real      what was really cut; absent for the length on the ticket
 * @param fate      what becomes of a length that is too short for its bag
 * @param longer    said in a second confirmation: the bolt was longer than the book says
 */
record CutStep(
        long runId, long boltId, long plannedCutId, int planVersion, UUID clientId, Optional<Length> real, Optional<Fate> fate,
        boolean longer) {

    /** What becomes of a length that was cut wrong. */
    enum Fate {
        /** A new, short bolt of the same lot. */
        REMNANT,
        WASTE
    }
}
