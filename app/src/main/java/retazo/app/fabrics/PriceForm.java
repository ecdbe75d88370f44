package retazo.app.fabrics;

import java.util.Currency;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Prices;
import retazo.core.measure.LengthUnit;

/** What a fabric is sold for and costs, as typed; empty for not known. */
record PriceForm(@Nullable String price, @Nullable String cost) {

    static PriceForm of(Prices<ClothPrice> prices) {
        return new PriceForm(
                prices.price().map(one -> one.each().plainAmount()).orElse(""), prices.cost().map(one -> one.each().plainAmount()).orElse(""));
    }

    Optional<Prices<ClothPrice>> read(FieldReader reader, Currency currency, LengthUnit unit) {
        Prices<ClothPrice> prices = new Prices<>(
                reader.money("price", price, currency).map(each -> new ClothPrice(each, unit)),
                reader.money("cost", cost, currency).map(each -> new ClothPrice(each, unit)));
        return reader.anyProblem() ? Optional.empty() : Optional.of(prices);
    }
}
