package retazo.core.block.unit;

import java.util.Optional;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Problem;

/** Problems that several kinds of units can have. */
final class UnitProblems {

    private UnitProblems() {
    }

    static Optional<Problem> notSquare(FinishedSize size) {
        return size.isSquare() ? Optional.empty() : Optional.of(Problem.of("unit.not-square", size.width(), size.height()));
    }

    static Optional<Problem> oneRole(RoleKey first, RoleKey second) {
        return first.equals(second) ? Optional.of(Problem.of("unit.one-role")) : Optional.empty();
    }
}
