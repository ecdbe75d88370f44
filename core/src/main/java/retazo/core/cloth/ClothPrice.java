package retazo.core.cloth;

import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/**
 * What cloth costs.
 *
 * @param each for one unit of length, zero or more
 * @param unit yards or metres
 */
public record ClothPrice(Money each, LengthUnit unit) {

    /** What a length costs, to the nearest coin: the price × length ÷ unit. */
    public Money of(Length length) {
        return each.share(length.ticks(), unit.ticks());
    }
}
