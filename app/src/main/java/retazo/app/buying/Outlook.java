package retazo.app.buying;

import java.util.List;
import retazo.app.fabrics.Fabric;
import retazo.app.orders.PurchaseBook.Coming;
import retazo.app.orders.Supplier;
import retazo.core.buying.FabricSupply;
import retazo.core.buying.Reorder;
import retazo.core.buying.WeeklyUse;
import retazo.core.measure.Length;

/**
 * How a fabric stands: what is there, on its way and wanted, what goes of it, and whether it is to be ordered.
 *
 * @param supplier with an empty name where none is noted
 * @param coming   what is on its way, first what comes first
 */
public record Outlook(
        Fabric fabric, Supplier supplier, FabricTerms terms, FabricSupply supply, Reorder reorder, List<Want> wants, List<Coming> coming,
        WeeklyUse use) {

    /** How long its bolts come. */
    public Length bolt() {
        return terms.bolt().orElse(supplier.bolt());
    }

    /** The longest length that is wanted in one piece and that no bolt of its supplier has; zero where there is none. */
    public Length tooLong() {
        Length longest = wants.stream().map(Want::longest).reduce(Length.ZERO, (one, other) -> one.isLongerThan(other) ? one : other);
        return longest.isLongerThan(bolt()) ? longest : Length.ZERO;
    }

    /** How many of its bolts give a length. */
    public long boltsFor(Length length) {
        return Reorder.boltsFor(length, bolt());
    }

    /** What is missing for all that is promised and wanted, with what is on its way; zero where nothing is. */
    public Length lacking() {
        return reorder.lackingFor(Length.ZERO);
    }
}
