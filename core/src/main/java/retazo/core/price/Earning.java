package retazo.core.price;

import java.util.Optional;
import retazo.core.measure.Money;

/**
 * What a shop keeps of what it sells.
 *
 * @param kept    the price without tax less the cost; below zero where it sold at a loss
 * @param percent of the price without tax, down to a whole one
 */
public record Earning(Money kept, long percent) {

    private static final int HUNDRED = 100;

    /**
     * @param net  the price without tax
     * @param cost in the same currency
     * @return empty where nothing is paid
     */
    public static Optional<Earning> of(Money net, Money cost) {
        Money kept = net.plus(cost.times(-1));
        return net.minor() > 0 ? Optional.of(new Earning(kept, Math.floorDiv(kept.minor() * HUNDRED, net.minor()))) : Optional.empty();
    }
}
