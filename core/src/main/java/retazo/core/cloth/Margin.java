package retazo.core.cloth;

import java.util.List;
import java.util.function.Function;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;

/** What a shop adds to an exact length before it rounds it up to what it sells. */
public sealed interface Margin {

    /**
     * The length to sell: the exact length with this margin on it, rounded up once to the selling step.
     *
     * @param key of the resulting figure
     */
    Figure<Length> toSell(String key, Label label, Figure<Length> exact, Figure<Length> sellingStep);

    <R> R match(Function<None, R> none, Function<Share, R> share, Function<Extra, R> extra);

    /** Nothing is added. */
    record None() implements Margin {
        @Override
        public Figure<Length> toSell(String key, Label label, Figure<Length> exact, Figure<Length> sellingStep) {
            return Arithmetic.roundedUp(key, label, exact, sellingStep);
        }

        @Override
        public <R> R match(Function<None, R> none, Function<Share, R> share, Function<Extra, R> extra) {
            return none.apply(this);
        }
    }

    /** A share of the exact length. */
    record Share(Percent percent) implements Margin {
        @Override
        public Figure<Length> toSell(String key, Label label, Figure<Length> exact, Figure<Length> sellingStep) {
            Figure<Percent> margin = Figure.given("practice.margin", Label.of("practice.margin"), percent, Origin.practice("margin"));
            return Arithmetic.exactRoundedUp(
                    key, label, Arithmetic.withShare(key + ".margin", Label.of("cloth.withMargin"), exact, margin), sellingStep);
        }

        @Override
        public <R> R match(Function<None, R> none, Function<Share, R> share, Function<Extra, R> extra) {
            return share.apply(this);
        }
    }

    /** A fixed length, above zero. */
    record Extra(Length length) implements Margin {
        @Override
        public Figure<Length> toSell(String key, Label label, Figure<Length> exact, Figure<Length> sellingStep) {
            Figure<Length> margin = Figure.given("practice.margin", Label.of("practice.margin"), length, Origin.practice("margin"));
            return Arithmetic.roundedUp(
                    key,
                    label,
                    Arithmetic.sum(key + ".margin", Label.of("cloth.withMargin"), List.of(exact, margin)),
                    sellingStep);
        }

        @Override
        public <R> R match(Function<None, R> none, Function<Share, R> share, Function<Extra, R> extra) {
            return extra.apply(this);
        }
    }
}
