package retazo.core.buying;

import java.util.List;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Whether a fabric is to be ordered now, and how many bolts.
 *
 * @param point below which it is ordered
 * @param level up to which an order fills
 * @param ahead what will be left of it
 * @param bolts to order; zero where it is not due
 */
public record Reorder(Figure<Length> point, Figure<Length> level, Figure<Length> ahead, Figure<Count> bolts) {

    /**
     * Works it out. A fabric is due when what will be left is shorter than the point; then so many whole bolts are ordered as fill up to
     * the level: ⌈(level − ahead) ÷ bolt⌉.
     *
     * @param bolt how long the supplier's bolts of it are, above zero
     */
    public static Reorder of(ReorderRule rule, WeeklyUse use, FabricSupply supply, Length bolt) {
        Figure<Length> point = rule.point(use);
        Figure<Length> level = rule.level(use);
        Figure<Length> ahead = supply.ahead();
        if (!ahead.value().isShorterThan(point.value())) {
            return new Reorder(
                    point, level, ahead, Figure.given("bolts", Label.of("buying.not-due"), new Count(0), Origin.craft("buying.not-due")));
        }
        Figure<Length> lacking = Arithmetic.formula(
                "lacking", Label.of("buying.lacking"), Operation.DIFFERENCE, List.of(level, ahead),
                () -> level.value().minus(ahead.value()));
        Figure<Length> each = Figure.given("bolt", Label.of("buying.bolt"), bolt, Origin.book("bolt"));
        return new Reorder(
                point, level, ahead,
                Arithmetic.formula(
                        "bolts", Label.of("buying.bolts"), Operation.ROUNDED_UP_QUOTIENT, List.of(lacking, each),
                        () -> lacking.value().partsToCover(bolt)));
    }

    /**
     * What is missing for all that is promised and wanted, and for something more.
     *
     * @param more zero or more
     * @return zero where nothing is missing
     */
    public Length lackingFor(Length more) {
        return more.minus(ahead.value()).atLeast(Length.ZERO);
    }

    /** How many whole bolts give a length: ⌈length ÷ bolt⌉. */
    public static long boltsFor(Length length, Length bolt) {
        return length.isPositive() ? length.partsToCover(bolt).value() : 0;
    }

    public boolean isDue() {
        return bolts.value().value() > 0;
    }
}
