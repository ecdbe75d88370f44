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
 * @param sure      likewise: the length is right, though it is far from what was asked
 */
record CutStep(
        long runId, long boltId, long plannedCutId, int planVersion, UUID clientId, Optional<Length> real, Optional<Fate> fate,
        boolean longer, boolean sure) {

    /** A length that is longer by more than this and by more than half of what was asked is asked again: 13 yd for 3 is a slip. */
    private static final Length FAR = Length.ofYards(1, 2);

    /** Whether what was typed is so much more than what was asked that it is asked again. */
    boolean isFarFrom(Length asked) {
        return !sure && !longer && real.filter(length -> length.minus(asked).isLongerThan(FAR)
                && length.minus(asked).times(2).isLongerThan(asked)).isPresent();
    }

    /** What becomes of a length that was cut wrong. */
    enum Fate {
        /** A new, short bolt of the same lot. */
        REMNANT,
        WASTE
    }
}
