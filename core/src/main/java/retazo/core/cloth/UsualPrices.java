package retazo.core.cloth;

import java.util.Currency;
import java.util.Map;
import java.util.Optional;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * What a shop usually sells cloth and precuts for, where nobody has chosen any yet.
 *
 * @param currency of all its prices
 * @param cloth    by the length
 * @param precuts  for a roll or pack of a kind, for a single quarter or eighth
 * @param kitStep  prices of kits that are worked out go up to a whole number of these; empty for the smallest coin
 */
public record UsualPrices(
        Currency currency, Optional<ClothPrice> cloth, Map<PrecutKind, Money> precuts, Optional<Money> kitStep) {

    public UsualPrices(Currency currency, Optional<ClothPrice> cloth, Map<PrecutKind, Money> precuts) {
        this(currency, cloth, precuts, Optional.empty());
    }

    /** Of a shop that set none. */
    public static UsualPrices none(Currency currency) {
        return new UsualPrices(currency, Optional.empty(), Map.of());
    }

    public UsualPrices {
        precuts = Map.copyOf(precuts);
    }

    /** The step of prices of kits. */
    public Money stepOfKits() {
        return kitStep.orElse(new Money(currency, 1));
    }

    /** What a length costs; empty where no price is known. */
    public Optional<Money> of(Length length) {
        return cloth.map(price -> price.of(length));
    }

    /** What so many packs, quarters or eighths cost. */
    public Optional<Money> of(PrecutKind kind, Count units) {
        return Optional.ofNullable(precuts.get(kind)).map(each -> each.times(units.value()));
    }

    /**
     * What one bundle of a kind costs: a pack, where it has as many as a pack surely has; quarters and eighths, which are sold singly, so
     * many times one. Empty where no price is known, and for loose pieces of a pack.
     */
    public Optional<Money> ofBundle(PrecutKind kind, int pieces) {
        return kind.surelyInPack()
                .map(least -> pieces < least ? Optional.<Money>empty() : of(kind, Count.ONE))
                .orElseGet(() -> of(kind, new Count(pieces)));
    }
}
