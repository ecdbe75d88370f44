package retazo.core.verdict;

import java.util.Optional;

import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.SizeKey;

/**
 * What is said of printed packs, strips, squares or quarters.
 *
 * @param printed   what the paper prints
 * @param workedOut how many of the same are needed, of sheets as they surely are, and of packs as small as they come
 * @param reading   under which the printed number is right; empty where it agrees, or none was found
 */
public record PrecutVerdict(
        RoleKey role, SizeKey size, Judgement judgement, PrintedAmount.Precuts printed, Count workedOut, Optional<OtherHabits> reading) {
}
