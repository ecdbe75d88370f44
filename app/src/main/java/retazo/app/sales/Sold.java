package retazo.app.sales;

import java.util.Optional;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * Something that was sold: one of a bag, a length and a count.
 *
 * @param stockItemId the bolt, the kit's place on the shelf, or what is counted
 * @param worth       the price of all of it, and what it cost the shop; empty where nobody said
 */
public record Sold(long stockItemId, Optional<Long> bagId, Optional<Length> length, Optional<Long> count, Prices<Money> worth) {

    static Sold length(long boltId, Length length, Prices<Money> worth) {
        return new Sold(boltId, Optional.empty(), Optional.of(length), Optional.empty(), worth);
    }

    static Sold bag(long stockItemId, long bagId, Prices<Money> worth) {
        return new Sold(stockItemId, Optional.of(bagId), Optional.empty(), Optional.empty(), worth);
    }

    static Sold count(long stockItemId, long count, Prices<Money> worth) {
        return new Sold(stockItemId, Optional.empty(), Optional.empty(), Optional.of(count), worth);
    }

    /** The price of all of it. */
    public Optional<Money> price() {
        return worth.price();
    }
}
