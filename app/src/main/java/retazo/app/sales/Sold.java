package retazo.app.sales;

import java.util.Optional;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * Something that was sold: one of a bag, a length and a count.
 *
 * @param stockItemId the bolt, the kit's place on the shelf, or what is counted
 * @param price       of all of it; empty where nobody said a price
 */
public record Sold(long stockItemId, Optional<Long> bagId, Optional<Length> length, Optional<Long> count, Optional<Money> price) {

    static Sold length(long boltId, Length length, Optional<Money> price) {
        return new Sold(boltId, Optional.empty(), Optional.of(length), Optional.empty(), price);
    }

    static Sold bag(long stockItemId, long bagId, Optional<Money> price) {
        return new Sold(stockItemId, Optional.of(bagId), Optional.empty(), Optional.empty(), price);
    }

    static Sold count(long stockItemId, long count, Optional<Money> price) {
        return new Sold(stockItemId, Optional.empty(), Optional.empty(), Optional.of(count), price);
    }
}
