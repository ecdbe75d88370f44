package retazo.core.verdict;

import java.util.Optional;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.quilt.size.SizeKey;

/**
 * What is said of a printed length.
 *
 * @param workedOut  rounded up once to the selling step, without a margin
 * @param exact      what is needed, with nothing rounded
 * @param difference between printed and worked out; zero where they agree
 * @param firstStep  where the reading first differs from what is worked out here
 * @param reading    under which the printed length is right; empty where it agrees, or none was found
 */
public record LengthVerdict(
        RoleKey role,
        SizeKey size,
        Judgement judgement,
        Length printed,
        Length workedOut,
        Length exact,
        Length difference,
        Optional<Label> firstStep,
        Optional<OtherHabits> reading) {
}
