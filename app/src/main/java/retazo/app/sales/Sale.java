package retazo.app.sales;

import java.util.List;
import java.util.Optional;
import retazo.core.measure.Money;

/**
 * What one customer takes.
 *
 * @param lines as they were booked, those that were taken back too
 */
public record Sale(List<SaleLine> lines) {

    static final Sale NOTHING = new Sale(List.of());

    public Sale {
        lines = List.copyOf(lines);
    }

    /** The lines that stand. */
    public List<SaleLine> standing() {
        return lines.stream().filter(line -> !line.takenBack()).toList();
    }

    /** The prices that are known, together; empty where none is. */
    public Optional<Money> total() {
        return standing().stream().flatMap(line -> line.sold().price().stream()).reduce(Money::plus);
    }

    /** How many lines nobody said a price of. */
    public long unpriced() {
        return standing().stream().filter(line -> line.sold().price().isEmpty()).count();
    }
}
