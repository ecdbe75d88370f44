package retazo.app.orders.pages;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.orders.Purchase;
import retazo.app.orders.PurchaseBook;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.app.outbox.Outbox;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** Puts the pages of orders together. */
@Component
@Transactional(readOnly = true)
class PurchasePages {

    private static final int ON_A_PAGE = 30;

    private final PurchaseBook book;
    private final CameViews came;
    private final Suppliers suppliers;
    private final FabricService fabrics;
    private final Outbox outbox;
    private final Words words;
    private final Clock clock;

    PurchasePages(
            PurchaseBook book, CameViews came, Suppliers suppliers, FabricService fabrics, Outbox outbox, Words words, Clock clock) {
        this.book = book;
        this.came = came;
        this.suppliers = suppliers;
        this.fabrics = fabrics;
        this.outbox = outbox;
        this.words = words;
        this.clock = clock;
    }

    /** An order in the list of orders. */
    record OrderLine(long id, String supplier, String state, String when, String lines, LengthView open, boolean anyOpen, String expected) {
    }

    /** One page of the list, counted from 0. */
    record OrdersPage(List<OrderLine> orders, int number, boolean more) {
    }

    /** A line of an order; {@code standing} says in words what came and what is still to come. */
    record LineView(
            long id, Fabric fabric, String bolts, LengthView ordered, String cost, String amount, String reason, String standing,
            boolean anyOpen, LineForm form) {
    }

    /** Whether the supplier has it, in words; empty where nothing was to tell it. */
    record DeskView(String text, boolean arrived) {
    }

    /** The page of one order; {@code amount} is empty where a cost is not known. */
    record OrderPage(
            Purchase purchase, Supplier supplier, String state, List<LineView> lines, List<CameViews.CameView> came, String amount,
            String unit,
            String expected, String expectedDay, DeskView desk) {

        public boolean written() {
            return purchase.isWritten();
        }

        public boolean underWay() {
            return purchase.isUnderWay();
        }

        public List<Fabric> prints() {
            return lines.stream().map(LineView::fabric).toList();
        }

        /** The entries of what came and stands, once each. */
        public List<UUID> entries() {
            return came.stream().filter(one -> one.boltId() > 0).map(CameViews.CameView::entry).distinct().toList();
        }
    }

    OrdersPage all(int page) {
        Slice<Purchase> found = book.page(page, ON_A_PAGE);
        Map<Long, Supplier> byId = suppliers.byIds(found.map(Purchase::supplierId).getContent());
        LengthUnit unit = words.sellingUnit();
        return new OrdersPage(found.map(one -> line(one, requireNonNull(byId.get(one.supplierId())), unit)).getContent(), page,
                found.hasNext());
    }

    private OrderLine line(Purchase purchase, Supplier supplier, LengthUnit unit) {
        Length open = purchase.isUnderWay()
                ? purchase.lines().stream().map(Purchase.Line::open).reduce(Length.ZERO,
                        Length::plus)
                : Length.ZERO;
        return new OrderLine(
                purchase.id(), supplier.name(), words.text("order.state." + purchase.state()),
                Moments.near(purchase.sentAt().orElse(purchase.begunAt()), clock.instant()),
                words.text("order.fabrics", purchase.lines().size()), LengthView.of(open, unit), open.isPositive(),
                purchase.isUnderWay() ? purchase.expected().map(this::day).orElse("") : "");
    }

    /** A day as one says it, and that it is past where it is. */
    private String day(LocalDate day) {
        LocalDate today = Moments.today(clock);
        String text = Moments.day(day);
        return day.isBefore(today) ? words.text("order.late", text) : text;
    }

    /** @param typed what was typed and could not be kept; null for the lines as they are */
    OrderPage order(long id, @Nullable List<LineForm> typed) {
        Purchase purchase = book.purchase(id);
        Map<Long, Fabric> byId = fabrics.byIds(purchase.lines().stream().map(Purchase.Line::fabricId).toList());
        LengthUnit unit = words.sellingUnit();
        Supplier supplier = suppliers.supplier(purchase.supplierId());
        List<LineView> lines = new ArrayList<>();
        for (int i = 0; i < purchase.lines().size(); i++) {
            Purchase.Line line = purchase.lines().get(i);
            lines.add(view(i, line, requireNonNull(byId.get(line.fabricId())), typed, purchase, unit));
        }
        return new OrderPage(
                purchase, supplier, words.text("order.state." + purchase.state()), lines,
                came.of(purchase, byId),
                purchase.amount().map(MoneyText::of).orElse(""), unit.symbol(), purchase.expected().map(this::day).orElse(""),
                purchase.expected().map(LocalDate::toString).orElse(""), desk(purchase, supplier.name()));
    }

    private DeskView desk(Purchase purchase, String supplier) {
        return outbox.standing(Outbox.Kind.ORDER, purchase.id()).map(standing -> {
            if (standing.arrived()) {
                return new DeskView(words.text("order.desk.arrived", supplier, standing.answer()), true);
            }
            return new DeskView(
                    standing.trouble().isEmpty()
                            ? words.text("order.desk.on-its-way", supplier)
                            : words.text("order.desk.waits", supplier, standing.trouble()),
                    false);
        }).orElse(new DeskView("", true));
    }

    private LineView view(
            int row, Purchase.Line line, Fabric fabric, @Nullable List<LineForm> typed, Purchase purchase, LengthUnit unit) {
        LineForm kept = new LineForm(
                row, fabric.picked(), Integer.toString(line.ordered().count()), LengthParts.exactText(line.ordered().each(), unit),
                line.cost().map(cost -> cost.each().plainAmount()).orElse(""));
        LineForm form = typed == null
                ? kept
                : typed.stream().filter(one -> one.fabric().equals(kept.fabric())).findFirst().orElse(kept);
        String each = LengthView.of(line.ordered().each(), unit).plain();
        return new LineView(
                line.id(), fabric, words.text("order.bolts", line.ordered().count(), each), LengthView.of(line.ordered().length(), unit),
                line.cost().map(cost -> MoneyText.of(cost.each()) + " " + words.text("price.unit." + cost.unit())).orElse(""),
                line.amount().map(MoneyText::of).orElse(""), line.reason(), standing(line, purchase, unit),
                purchase.isUnderWay() && line.open().isPositive(), form);
    }

    private String standing(Purchase.Line line, Purchase purchase, LengthUnit unit) {
        if (purchase.sentAt().isEmpty()) {
            return "";
        }
        String came = LengthView.of(line.came(), unit).plain();
        if (line.cancelled()) {
            return words.text("order.line.cancelled", came);
        }
        if (line.openBolts() > 0) {
            return line.came().isPositive()
                    ? words.text("order.line.part", came, line.openBolts())
                    : words.text("order.line.to-come");
        }
        return words.text("order.line.all", came);
    }
}
