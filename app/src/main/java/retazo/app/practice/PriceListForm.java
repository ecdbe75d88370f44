package retazo.app.practice;

import java.util.Currency;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.UsualPrices;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;
import retazo.core.price.Tax;

/**
 * The usual prices as typed.
 *
 * @param prices  by what they are for: {@code cloth}, {@code kit-step} or the code of a precut
 * @param taxRate as a percentage
 * @param taxOn   set where it comes on top of prices
 */
record PriceListForm(
        @Nullable String currency, @Nullable Map<String, String> prices, @Nullable String taxRate, @Nullable String taxOn) {

    static final List<String> CURRENCIES = List.of("USD", "CAD", "EUR", "GBP", "AUD", "NZD", "CHF", "DKK", "NOK", "SEK", "JPY");
    static final String KIT_STEP = "kit-step";
    private static final String CLOTH = "cloth";

    static PriceListForm of(UsualPrices usual, Tax tax) {
        Map<String, String> typed = new HashMap<>();
        usual.cloth().ifPresent(cloth -> typed.put(CLOTH, cloth.each().plainAmount()));
        usual.precuts().forEach((kind, each) -> typed.put(kind.code(), each.plainAmount()));
        usual.kitStep().ifPresent(step -> typed.put(KIT_STEP, step.plainAmount()));
        return new PriceListForm(
                usual.currency().getCurrencyCode(), typed, tax.isNone() ? "" : tax.rate().plainNumber(),
                tax.included() ? null : "on");
    }

    public String price(String what) {
        return prices == null ? "" : prices.getOrDefault(what, "");
    }

    /** What stands in its fields. */
    Map<String, String> texts() {
        Map<String, String> texts = new LinkedHashMap<>();
        texts.put("currency", Typed.text(currency));
        Stream.concat(Stream.of(CLOTH, KIT_STEP), PrecutKind.customary().stream().map(PrecutKind::code))
                .forEach(what -> texts.put(what, price(what)));
        texts.put("taxRate", Typed.text(taxRate));
        texts.put("taxOn", taxOn == null ? "" : "on");
        return texts;
    }

    /** None where nothing is typed; empty with a problem at the field. */
    Optional<Tax> tax(FieldReader reader) {
        String typed = Typed.text(taxRate);
        if (typed.isEmpty()) {
            return Optional.of(new Tax(Percent.ZERO, taxOn == null));
        }
        return reader.percent("taxRate", typed, "price.tax").map(rate -> new Tax(rate, taxOn == null));
    }

    /** @param unit in which the shop sells cloth */
    Optional<UsualPrices> read(FieldReader reader, LengthUnit unit) {
        if (currency == null || !CURRENCIES.contains(currency)) {
            reader.add(Problem.at("currency", "choice.missing"));
            return Optional.empty();
        }
        Currency of = Currency.getInstance(currency);
        Optional<ClothPrice> cloth = reader.money(CLOTH, price(CLOTH), of).map(each -> new ClothPrice(each, unit));
        Map<PrecutKind, Money> precuts = new EnumMap<>(PrecutKind.class);
        for (PrecutKind kind : PrecutKind.customary()) {
            reader.money(kind.code(), price(kind.code()), of).ifPresent(each -> precuts.put(kind, each));
        }
        Optional<Money> step = reader.money(KIT_STEP, price(KIT_STEP), of);
        if (step.filter(one -> one.minor() == 0).isPresent()) {
            reader.add(Problem.at(KIT_STEP, "price.kit-step"));
        }
        return reader.anyProblem() ? Optional.empty() : Optional.of(new UsualPrices(of, cloth, precuts, step));
    }
}
