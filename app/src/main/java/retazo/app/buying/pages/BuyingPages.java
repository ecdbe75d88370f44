package retazo.app.buying.pages;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.buying.Outlook;
import retazo.app.buying.Outlooks;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.index.KitTitle;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchase;
import retazo.app.orders.PurchaseBook;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** What is to be ordered, by supplier. */
@Component
@Transactional(readOnly = true)
class BuyingPages {

    /** How many fabrics of a supplier stand on the page of all. */
    private static final int FIRST = 12;
    private static final int MOST = 300;

    private final Outlooks outlooks;
    private final PurchaseBook orders;
    private final Suppliers suppliers;
    private final Reasons reasons;
    private final Words words;
    private final Clock clock;

    BuyingPages(Outlooks outlooks, PurchaseBook orders, Suppliers suppliers, Reasons reasons, Words words, Clock clock) {
        this.outlooks = outlooks;
        this.orders = orders;
        this.suppliers = suppliers;
        this.reasons = reasons;
        this.words = words;
        this.clock = clock;
    }

    /**
     * A fabric that is to be ordered.
     *
     * @param there   what is on hand
     * @param ahead   what will be left of it
     * @param onOrder what is on its way, in words; empty for nothing
     * @param stops   that something waits for it already
     * @param gone    since when it cannot be ordered any more; empty while it can
     * @param bolts   to order
     * @param written that it stands on the order that is being written, in words; empty where it does not
     * @param bolt    how long each is
     */
    record ProposalView(
            Fabric fabric, LengthView there, LengthView ahead, String onOrder, boolean stops, String gone, long bolts, LengthView bolt,
            String written, List<String> reasons) {

        /** Whether its box is ticked before anybody chose. */
        public boolean isTicked() {
            return gone.isEmpty() && written.isEmpty();
        }
    }

    /**
     * What is to be ordered from a supplier.
     *
     * @param more    fabrics that are not shown
     * @param written the order that is being written, 0 for none
     */
    record SupplierView(Supplier supplier, List<ProposalView> proposals, int more, long written) {

        public boolean isKnown() {
            return !supplier.name().isEmpty();
        }
    }

    /** An order that is being written or under way. */
    record OrderView(long id, String supplier, String state, String toCome, String expected, boolean late, boolean written) {
    }

    /** The page; {@code only} names the supplier that is shown alone, or is empty. */
    record BuyingPage(List<SupplierView> suppliers, List<OrderView> orders, List<String> names, String only) {

        public List<Fabric> prints() {
            return suppliers.stream().flatMap(one -> one.proposals().stream()).map(ProposalView::fabric).distinct().toList();
        }
    }

    /** @param only the name of a supplier; empty for all */
    BuyingPage page(String only) {
        Map<String, List<Outlook>> bySupplier = outlooks.due().stream()
                .filter(one -> only.isEmpty() || Suppliers.key(one.supplier().name()).equals(Suppliers.key(only)))
                .collect(Collectors.groupingBy(one -> Suppliers.key(one.supplier().name()), LinkedHashMap::new, Collectors.toList()));
        List<Purchase> open = orders.open();
        Map<Long, Supplier> sellers = suppliers.byIds(open.stream().map(Purchase::supplierId).toList());
        Map<Long, Long> written = open.stream().filter(Purchase::isWritten)
                .collect(Collectors.toMap(Purchase::supplierId, Purchase::id));
        Map<Long, String> writtenOf = new HashMap<>();
        open.stream().filter(Purchase::isWritten).forEach(one -> one.lines().forEach(line -> writtenOf.put(
                line.fabricId(), words.text("buying.on-written", line.ordered().count(), one.id()))));
        List<Outlook> all = bySupplier.values().stream().flatMap(List::stream).toList();
        Map<Long, KitTitle> titles = reasons.titles(all);
        LengthUnit unit = words.sellingUnit();
        int most = only.isEmpty() ? FIRST : MOST;
        return new BuyingPage(
                bySupplier.values().stream().map(some -> new SupplierView(
                        some.get(0).supplier(), some.stream().limit(most)
                                .map(one -> proposal(one, titles, writtenOf, unit)).toList(),
                        Math.max(0, some.size() - most), written.getOrDefault(some.get(0).supplier().id(), 0L))).toList(),
                open.stream().map(one -> order(one, requireNonNull(sellers.get(one.supplierId())), unit)).toList(), suppliers.names(),
                only);
    }

    private ProposalView proposal(Outlook one, Map<Long, KitTitle> titles, Map<Long, String> writtenOf, LengthUnit unit) {
        return new ProposalView(
                one.fabric(), LengthView.compared(one.supply().onHand(), unit), LengthView.compared(one.reorder().ahead().value(), unit),
                one.supply().onOrder().isPositive()
                        ? words.text("buying.on-order", LengthView.compared(one.supply().onOrder(), unit).plain())
                        : "",
                one.lacking().isPositive(),
                one.terms().isGone(today()) ? one.terms().lastOrders().map(Moments::day).orElse("") : "",
                one.reorder().bolts().value().value(),
                LengthView.of(one.bolt(), unit), writtenOf.getOrDefault(one.fabric().id(), ""), reasons.of(one, titles, unit));
    }

    private OrderView order(Purchase purchase, Supplier supplier, LengthUnit unit) {
        Length open = purchase.lines().stream().map(Purchase.Line::open).reduce(Length.ZERO, Length::plus);
        return new OrderView(
                purchase.id(), supplier.name(), words.text("order.state." + purchase.state()),
                words.text("buying.order." + purchase.state(), purchase.lines().size(), LengthView.of(open, unit).plain()),
                purchase.expected().filter(day -> purchase.isUnderWay()).map(Moments::day).orElse(""),
                purchase.isUnderWay() && purchase.expected().filter(day -> day.isBefore(today())).isPresent(), purchase.isWritten());
    }

    /** The lines of an order of fabrics as they are proposed, with their reasons; with so many bolts as are asked for. */
    List<NewLine> lines(Map<Long, Integer> boltsByFabric) {
        List<Outlook> some = outlooks.of(boltsByFabric.keySet());
        Map<Long, KitTitle> titles = reasons.titles(some);
        LengthUnit unit = words.sellingUnit();
        return some.stream().map(one -> new NewLine(
                one.fabric().id(), requireNonNull(boltsByFabric.get(one.fabric().id())), one.bolt(), one.fabric().prices().cost(),
                String.join(" · ", reasons.of(one, titles, unit)))).toList();
    }

    /** Whom a fabric is bought from; empty where nobody noted it. */
    Optional<String> supplierOf(long fabricId) {
        return Optional.of(outlooks.of(fabricId).supplier().name()).filter(name -> !name.isEmpty());
    }

    private LocalDate today() {
        return Moments.today(clock);
    }
}
