package retazo.core.cloth;

import java.util.Optional;

/**
 * What something is sold for, and what it costs the shop.
 *
 * @param <T> money for a thing, a {@link ClothPrice} for cloth
 */
public record Prices<T>(Optional<T> price, Optional<T> cost) {

    /** Of something that nobody priced. */
    public static <T> Prices<T> none() {
        return new Prices<>(Optional.empty(), Optional.empty());
    }
}
