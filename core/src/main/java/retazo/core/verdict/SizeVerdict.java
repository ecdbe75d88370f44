package retazo.core.verdict;

import java.util.Optional;
import retazo.core.block.shape.FinishedSize;
import retazo.core.quilt.size.SizeKey;

/**
 * What is said of a printed finished size.
 *
 * @param judgement agrees; generous where the paper says larger; too little where it says smaller in one side or both
 * @param reading   under which it is right; empty where it agrees, or none was found
 */
public record SizeVerdict(
        SizeKey size, Judgement judgement, FinishedSize printed, FinishedSize workedOut, Optional<OtherHabits> reading) {
}
