package retazo.app.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.orders.Purchase;
import retazo.app.orders.PurchaseBook;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.Right;

/** Orders of which cloth should be here today, or before. */
@Component
@Order(6)
class OrderMatters implements Matters {

    private final PurchaseBook orders;
    private final Suppliers suppliers;
    private final Words words;
    private final Clock clock;

    OrderMatters(PurchaseBook orders, Suppliers suppliers, Words words, Clock clock) {
        this.orders = orders;
        this.suppliers = suppliers;
        this.words = words;
        this.clock = clock;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.RECEIVE);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        LocalDate today = Moments.today(clock);
        List<Purchase> due = orders.open().stream().filter(Purchase::isUnderWay)
                .filter(one -> one.expected().filter(day -> !day.isAfter(today)).isPresent()).toList();
        Map<Long, Supplier> byId = suppliers.byIds(due.stream().map(Purchase::supplierId).toList());
        return due.stream().flatMap(one -> Stream.ofNullable(byId.get(one.supplierId())).map(supplier -> matter(one, supplier, today)))
                .toList();
    }

    private Matter matter(Purchase purchase, Supplier supplier, LocalDate today) {
        boolean late = purchase.expected().filter(day -> day.isBefore(today)).isPresent();
        int bolts = purchase.lines().stream().mapToInt(Purchase.Line::openBolts).sum();
        return Matter.of(
                late ? Matter.Urgency.DECIDE : Matter.Urgency.GO_ON,
                words.text(late ? "today.order.late" : "today.order", purchase.id(), supplier.name()), words.text("today.order.why", bolts),
                "/stock/buying/orders/" + purchase.id() + "/delivery", words.text("today.order.go"), Right.RECEIVE);
    }
}
