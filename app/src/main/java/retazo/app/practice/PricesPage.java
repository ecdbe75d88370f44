package retazo.app.practice;

import java.util.List;
import java.util.stream.Stream;
import retazo.app.shared.Words;
import retazo.core.cloth.PrecutKind;

/**
 * What the usual prices are for.
 *
 * @param kinds cloth, then the kinds of precuts
 * @param unit  for what length a price of cloth is, as one says it
 * @param seen  the mark of what is shown
 */
record PricesPage(List<String> kinds, String unit, String seen) {

    static PricesPage of(Words words, String seen) {
        return new PricesPage(
                Stream.concat(Stream.of("cloth"), PrecutKind.customary().stream().map(PrecutKind::code)).toList(),
                words.text("price.unit." + words.sellingUnit()), seen);
    }

    public List<String> currencies() {
        return PriceListForm.CURRENCIES;
    }
}
