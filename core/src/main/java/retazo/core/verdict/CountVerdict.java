package retazo.core.verdict;

import java.util.Optional;
import retazo.core.measure.Count;
import retazo.core.quilt.size.SizeKey;

/**
 * What is said of a printed count of pieces.
 *
 * @param line    of the cut list, from 0
 * @param piece   label of the drawing's pieces of the same role and cut size; empty where it has none
 * @param reading under which it is right; empty where it agrees, or none was found
 */
public record CountVerdict(
        int line, SizeKey size, Judgement judgement, Count printed, Count workedOut, String piece, Optional<OtherHabits> reading) {
}
