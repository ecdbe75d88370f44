package retazo.core.buying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;

/**
 * At which length a fabric is ordered again, and up to which one.
 *
 * <p>What is there has to last until a delivery comes. How much that is, nobody knows, but the shop has seen the busiest weeks of its last
 * half year: whoever orders no later than when there is left what went in the busiest stretch as long as a delivery would not have run
 * out in any of them. An order fills up to what went in the busiest stretch of a delivery and of the weeks until the next order together.
 *
 * @param leadWeeks  that a delivery takes, above zero
 * @param cycleWeeks between two orders, above zero
 * @param typed      at which length the shop wants to order it, whatever went
 */
public record ReorderRule(int leadWeeks, int cycleWeeks, Optional<Length> typed) {

    public ReorderRule {
        if (leadWeeks < 1 || cycleWeeks < 1) {
            throw new IllegalArgumentException("A delivery and the time between orders take a week or more.");
        }
    }

    /** The length below which it is ordered. */
    public Figure<Length> point(WeeklyUse use) {
        return typed
                .map(length -> Figure.given("point", Label.of("buying.point-typed"), length, Origin.book("typed")))
                .orElseGet(() -> stretch("point", Label.of("buying.point", leadWeeks), use, leadWeeks));
    }

    /** The length up to which an order fills; no shorter than the point. */
    public Figure<Length> level(WeeklyUse use) {
        return typed
                .map(length -> Arithmetic.sum("level", Label.of("buying.level-typed"), List.of(
                        point(use), stretch("level.cycle", Label.of("buying.cycle", cycleWeeks), use, cycleWeeks))))
                .orElseGet(() -> stretch("level", Label.of("buying.level", leadWeeks + cycleWeeks), use, leadWeeks + cycleWeeks));
    }

    private static Figure<Length> stretch(String key, Label label, WeeklyUse use, int inARow) {
        if (use.weeks().isEmpty()) {
            return Figure.given(key, label, Length.ZERO, Origin.book("use"));
        }
        WeeklyUse.Stretch busiest = use.busiest(inARow);
        List<Figure<Length>> weeks = new ArrayList<>();
        for (int week = busiest.first(); week < busiest.first() + busiest.weeks(); week++) {
            weeks.add(Figure.given(
                    key + ".week" + week, Label.of("buying.week", use.weeks().size() - week), use.weeks().get(week), Origin.book("use")));
        }
        return Arithmetic.sum(key, label, weeks);
    }
}
