package retazo.app.sales;

import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import retazo.core.measure.Money;

/**
 * What one customer takes.
 *
 * @param id    0 where there is none
 * @param lines as they were booked, those that were taken back too
 */
public record Sale(long id, List<SaleLine> lines) {

    static final Sale NOTHING = new Sale(0, List.of());

    public Sale {
        lines = List.copyOf(lines);
    }

    /** The lines that stand. */
    public List<SaleLine> standing() {
        return lines.stream().filter(line -> !line.takenBack()).toList();
    }

    /** The prices that are known, together; one for each currency in which something was sold, none where no price is known. */
    public List<Money> totals() {
        Map<String, Money> byCurrency = new TreeMap<>();
        standing().stream().flatMap(line -> line.sold().price().stream())
                .forEach(price -> byCurrency.merge(price.currency().getCurrencyCode(), price, Money::plus));
        return List.copyOf(byCurrency.values());
    }

    /** What all of it cost the shop; empty where that is not known of a line, or it is of another currency. */
    public Optional<Money> cost(Currency currency) {
        List<Optional<Money>> costs = standing().stream().map(line -> line.sold().worth().cost()
                .filter(cost -> cost.currency().equals(currency))).toList();
        return costs.stream().allMatch(Optional::isPresent)
                ? costs.stream().flatMap(Optional::stream).reduce(Money::plus)
                : Optional.empty();
    }

    /** How many lines nobody said a price of. */
    public long unpriced() {
        return standing().stream().filter(line -> line.sold().price().isEmpty()).count();
    }
}
