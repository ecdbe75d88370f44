package retazo.app.demo;

import java.time.LocalDate;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.buying.FabricTermsBook;
import retazo.app.fabrics.Fabric;
import retazo.app.orders.CameBolt;
import retazo.app.orders.Deliveries;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchase;
import retazo.app.orders.PurchaseBook;
import retazo.app.orders.Purchases;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.app.patterns.PatternVersion;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** The demo shop's buying: an order of which half has come, a bolt of it damaged, and a range that goes out of print. */
@Component
@Order(4)
class DemoBuying implements DemoUnderWay {

    private static final int DAYS_UNTIL_IT_COMES = 5;
    private static final int DAYS_UNTIL_IT_LEAVES = 24;

    private final DemoKits kits;
    private final Suppliers suppliers;
    private final Purchases purchases;
    private final PurchaseBook book;
    private final Deliveries deliveries;
    private final FabricTermsBook terms;
    private final StockService stock;

    DemoBuying(
            DemoKits kits, Suppliers suppliers, Purchases purchases, PurchaseBook book, Deliveries deliveries, FabricTermsBook terms,
            StockService stock) {
        this.kits = kits;
        this.suppliers = suppliers;
        this.purchases = purchases;
        this.book = book;
        this.deliveries = deliveries;
        this.terms = terms;
        this.stock = stock;
    }

    @Override
    public void fill(PatternVersion pattern, DemoRuns.Crew crew) {
        suppliers.keep(new Supplier(0, "Quay Cloth", 16, 4, Length.ofYards(12, 1), "C-2207", "orders@quay-cloth.example"));
        suppliers.keep(new Supplier(0, "Weir Mill", 9, 6, Length.ofYards(15, 1), "88-104", "desk@weir-mill.example"));
        long order = purchases.write(
                "Quay Cloth", List.of(line("HULL", 2, "15 yd"), line("REED", 2, "12 yd"), line("COOT", 1, "12 yd")), crew.designer());
        DemoStock.done(purchases.send(order, crew.designer()));
        purchases.expect(order, LocalDate.now().plusDays(DAYS_UNTIL_IT_COMES));
        List<Purchase.Line> lines = book.purchase(order).lines();
        int next = Integer.parseInt(stock.nextCode(""));
        DemoStock.done(deliveries.receive(order, List.of(
                came(lines.get(0).id(), next, "15 1/8 yd", "W3", "back wall", ""),
                came(lines.get(1).id(), next + 1, "12 yd", "7c", "", "edge torn over a yard"),
                came(lines.get(2).id(), next + 2, "11 3/4 yd", "L26", "bay 1, shelf B", "")), DemoStock.entry(crew.counter())));
        terms.leaveRange("Low water", LocalDate.now().plusDays(DAYS_UNTIL_IT_LEAVES));
    }

    private NewLine line(String code, int bolts, String each) {
        Fabric fabric = kits.fabric(code);
        return new NewLine(fabric.id(), bolts, Length.parse(each), fabric.prices().cost(), "");
    }

    private static CameBolt came(long line, int number, String length, String lot, String place, String damage) {
        return new CameBolt(
                line, "%04d".formatted(number), Length.parse(length), lot, place, true, !damage.isEmpty(), damage);
    }
}
