package retazo.core.buying;

import java.util.List;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;

/**
 * How much of a fabric there is and will be, and what it is for; none below zero.
 *
 * @param onHand   by the book, promised or not
 * @param onOrder  ordered and still to come
 * @param promised to bags of confirmed runs
 * @param wanted   by bags that no bolt is promised to: of confirmed runs that wait, of drafts, and of what customers asked for
 */
public record FabricSupply(Length onHand, Length onOrder, Length promised, Length wanted) {

    /**
     * What of a bolt counts as being there: all of it, where what is left beside its promises can still be sold; else what is promised.
     *
     * @param shortest length that is sold
     */
    public static Length counted(Length onHand, Length promised, Length shortest) {
        boolean sells = !onHand.minus(promised).isShorterThan(shortest);
        return sells || promised.isLongerThan(onHand) ? onHand : promised;
    }

    /** What is left for everything else once all that is promised and wanted is cut; below zero where there is not enough. */
    public Figure<Length> ahead() {
        Figure<Length> there = Arithmetic.sum("ahead.there", Label.of("buying.there"), List.of(
                given("onHand", onHand), given("onOrder", onOrder)));
        Figure<Length> taken = Arithmetic.sum("ahead.taken", Label.of("buying.taken"), List.of(
                given("promised", promised), given("wanted", wanted)));
        return Arithmetic.formula(
                "ahead", Label.of("buying.ahead"), Operation.DIFFERENCE, List.of(there, taken), () -> there.value().minus(taken.value()));
    }

    private static Figure<Length> given(String name, Length length) {
        return Figure.given("ahead." + name, Label.of("buying." + name), length, Origin.book(name));
    }
}
