package retazo.app.counter;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.outbox.Outbox;
import retazo.app.practice.PriceListService;
import retazo.app.sales.Sale;
import retazo.app.sales.Sales;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.core.measure.Money;
import retazo.core.price.Earning;
import retazo.core.price.Tax;

/** The customer who is there, and what was sold last. */
@Component
class CustomerSide {

    private static final int SOLD_SHOWN = 8;

    private final Sales sales;
    private final SoldWords sold;
    private final PriceListService prices;
    private final Outbox outbox;
    private final Words words;

    CustomerSide(Sales sales, SoldWords sold, PriceListService prices, Outbox outbox, Words words) {
        this.sales = sales;
        this.sold = sold;
        this.prices = prices;
        this.outbox = outbox;
        this.words = words;
    }

    /**
     * The customer who is there, and what was sold last.
     *
     * @param saleId of the open sale
     * @param total  to pay, of the prices that are known; empty where none is
     * @param tax    in it, in words; empty where the shop counts none
     * @param margin what the shop keeps of it, in words, for the owner alone; empty where a cost is not known
     * @param lacks  how many lines have no price, in words; empty where all have one
     * @param waits  that the till has not taken the last sale yet, in words; else empty
     */
    record Customer(
            long saleId, List<SoldView> lines, String total, String tax, String margin, String lacks, List<SoldView> last, String waits) {

        public boolean isThere() {
            return !lines.isEmpty();
        }
    }

    @Transactional(readOnly = true)
    Customer of(long personId) {
        Sale sale = sales.open(personId);
        Tax tax = prices.tax();
        return new Customer(
                sale.id(), sold.of(sale.standing()), toPay(sale, tax),
                tax.isNone() || sale.totals().size() != 1
                        ? ""
                        : words.text("counter.tax", MoneyText.of(tax.on(sale.totals().get(0))), tax.rate()),
                margin(sale, tax), sale.unpriced() == 0 ? "" : words.text("counter.unpriced", sale.unpriced()),
                sold.of(sales.last(SOLD_SHOWN)), waits(personId));
    }

    /** What is paid for a sale. */
    String toPay(Sale sale) {
        return toPay(sale, prices.tax());
    }

    private static String toPay(Sale sale, Tax tax) {
        return sale.totals().stream().map(tax::toPay).map(MoneyText::of).collect(Collectors.joining(" + "));
    }

    private String margin(Sale sale, Tax tax) {
        if (sale.totals().size() != 1 || sale.unpriced() > 0) {
            return "";
        }
        Money net = tax.net(sale.totals().get(0));
        return sale.cost(net.currency()).flatMap(cost -> Earning.of(net, cost))
                .map(one -> words.text("counter.margin", MoneyText.of(one.kept()), one.percent())).orElse("");
    }

    private String waits(long personId) {
        Optional<Outbox.Standing> standing = sales.lastPaid(personId).flatMap(id -> outbox.standing(Outbox.Kind.SALE, id));
        return standing.filter(one -> !one.arrived())
                .map(one -> one.trouble().isEmpty() ? words.text("till.on-its-way") : words.text("till.waits", one.trouble()))
                .orElse("");
    }
}
