package retazo.app.orders;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.orders.Purchase.State;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.app.stock.bulk.BulkBook;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;

/** Orders are written, sent, and come as orders come: in part, short, in another lot, damaged, more than asked. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PurchasesTest {

    private static final ClothPrice SIX_TWENTY = new ClothPrice(new Money(Currency.getInstance("USD"), 620), LengthUnit.YARD);

    private final Samples samples;
    private final Purchases purchases;
    private final PurchaseBook book;
    private final Deliveries deliveries;
    private final StockService stock;
    private final FabricService fabrics;
    private final String supplier = Samples.unique("Mill ");

    PurchasesTest(TestShop.Shop shop, Purchases purchases, PurchaseBook book, Deliveries deliveries) {
        this.samples = new Samples(shop);
        this.purchases = purchases;
        this.book = book;
        this.deliveries = deliveries;
        this.stock = samples.bean(StockService.class);
        this.fabrics = samples.bean(FabricService.class);
    }

    private static NewLine line(Fabric fabric, int bolts, String each) {
        return new NewLine(fabric.id(), bolts, Length.parse(each), Optional.of(SIX_TWENTY), "because");
    }

    private long sent(NewLine... lines) {
        long order = purchases.write(supplier, List.of(lines), 1);
        Samples.done(purchases.send(order, 1));
        return order;
    }

    private Purchase.Line only(long order) {
        return book.purchase(order).lines().get(0);
    }

    private static CameBolt came(long line, String length, String lot) {
        return new CameBolt(line, Samples.unique("D"), Length.parse(length), lot, "bay 9", false, false, "");
    }

    private static List<String> codes(Outcome<Long> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }

    @Test
    void a_supplier_has_one_order_that_is_written_and_a_fabric_one_line_in_it() {
        Fabric fabric = samples.fabric();
        long first = purchases.write(supplier, List.of(line(fabric, 2, "10 yd")), 1);
        long again = purchases.write(" " + supplier.toUpperCase(java.util.Locale.ROOT), List.of(line(fabric, 3, "12 yd")), 1);

        assertThat(again).isEqualTo(first);
        assertThat(book.purchase(first).lines()).singleElement()
                .satisfies(line -> assertThat(line.ordered().length()).isEqualTo(Length.ofYards(36, 1)));
        assertThat(book.coming(List.of(fabric.id()))).isEmpty();
    }

    @Test
    void what_is_sent_is_on_its_way_and_stays_as_it_is() {
        Fabric fabric = samples.fabric();
        long order = sent(line(fabric, 2, "10 yd"));

        assertThat(book.coming(List.of(fabric.id())).get(fabric.id())).singleElement()
                .satisfies(coming -> assertThat(coming.length()).isEqualTo(Length.ofYards(20, 1)));
        assertThat(book.purchase(order).expected()).isPresent();
        assertThat(codes(purchases.change(order, List.of(line(fabric, 5, "10 yd")), "", book.purchase(order).mark())))
                .containsExactly("order.not-written");
        assertThat(codes(purchases.drop(order))).containsExactly("order.not-written");
        assertThat(codes(purchases.send(order, 1))).containsExactly("order.not-written");
        assertThat(only(order).ordered().count()).isEqualTo(2);
    }

    @Test
    void what_somebody_else_put_on_the_order_meanwhile_is_not_lost() {
        Fabric fabric = samples.fabric();
        Fabric meanwhile = samples.fabric();
        long order = purchases.write(supplier, List.of(line(fabric, 2, "10 yd")), 1);
        String seen = book.purchase(order).mark();
        purchases.write(supplier, List.of(line(meanwhile, 1, "10 yd")), 1);

        assertThat(codes(purchases.changeAndSend(order, List.of(line(fabric, 3, "10 yd")), "", seen, 1))).containsExactly("order.changed");

        assertThat(book.purchase(order).lines()).extracting(Purchase.Line::fabricId).containsExactly(fabric.id(), meanwhile.id());
        assertThat(book.purchase(order).state()).isEqualTo(State.WRITTEN);
        Samples.done(purchases.changeAndSend(order, List.of(line(fabric, 3, "10 yd")), "soon", book.purchase(order).mark(), 1));
        assertThat(book.purchase(order).lines()).singleElement().satisfies(line -> assertThat(line.ordered().count()).isEqualTo(3));
        assertThat(book.purchase(order).state()).isEqualTo(State.SENT);
    }

    @Test
    void an_empty_order_is_not_sent() {
        long order = purchases.write(supplier, List.of(line(samples.fabric(), 1, "10 yd")), 1);
        Samples.done(purchases.change(order, List.of(), "", book.purchase(order).mark()));

        assertThat(codes(purchases.send(order, 1))).containsExactly("order.empty");
    }

    /** Three bolts of 12 yd: one comes short and in its lot, one damaged, then two at once; 12 + 13 + 11 3/4 = 36 3/4 yd came. */
    @Test
    void it_comes_in_parts_short_damaged_and_over() {
        Fabric fabric = samples.fabric();
        long order = sent(line(fabric, 3, "12 yd"));
        long line = only(order).id();
        CameBolt torn = new CameBolt(line, "", Length.ofYards(12, 1), "", "", false, true, "torn");

        Samples.done(deliveries.receive(order, List.of(came(line, "11 3/4 yd", "K1"), torn), Samples.entry()));

        assertThat(only(order).openBolts()).isEqualTo(2);
        assertThat(book.purchase(order).state()).isEqualTo(State.SENT);
        assertThat(stock.boltsOf(List.of(fabric.id()))).singleElement().satisfies(bolt -> {
            assertThat(bolt.lot()).isEqualTo("K1");
            assertThat(bolt.onHand()).isEqualTo(Length.ofYards(47, 4));
            assertThat(bolt.measuredAt()).isEmpty();
            assertThat(samples.bean(DeliveryBook.class).costOf(bolt.id())).contains(SIX_TWENTY);
        });
        assertThat(fabrics.fabric(fabric.id()).prices().cost()).contains(SIX_TWENTY);

        Samples.done(deliveries.receive(order, List.of(came(line, "12 yd", "K2"), came(line, "13 yd", "K2")), Samples.entry()));

        assertThat(only(order).openBolts()).isZero();
        assertThat(only(order).came()).isEqualTo(Length.ofYards(147, 4));
        assertThat(book.purchase(order).state()).isEqualTo(State.ENDED);
        assertThat(book.coming(List.of(fabric.id()))).isEmpty();
        assertThat(codes(deliveries.receive(order, List.of(came(line, "1 yd", "K3")), Samples.entry())))
                .containsExactly("order.not-under-way");
    }

    @Test
    void a_delivery_sent_twice_comes_once() {
        Fabric fabric = samples.fabric();
        long order = sent(line(fabric, 2, "12 yd"));
        List<CameBolt> came = List.of(came(only(order).id(), "12 yd", "K1"));
        Entry entry = Entry.of(1, UUID.randomUUID());

        Samples.done(deliveries.receive(order, came, entry));
        Samples.done(deliveries.receive(order, came, entry));

        assertThat(stock.boltsOf(List.of(fabric.id()))).hasSize(1);
        assertThat(only(order).openBolts()).isEqualTo(1);
    }

    @Test
    void a_number_that_is_taken_stops_all_of_a_delivery() {
        Fabric fabric = samples.fabric();
        String taken = stock.bolt(samples.bolt(fabric, "1 yd")).code();
        long order = sent(line(fabric, 2, "12 yd"));
        long line = only(order).id();
        CameBolt twice = new CameBolt(line, taken, Length.ofYards(12, 1), "K1", "", false, false, "");

        Outcome<Long> outcome = deliveries.receive(order, List.of(came(line, "12 yd", "K1"), twice), Samples.entry());

        assertThat(outcome.<List<String>>match(done -> List.of(), problems -> problems.stream().map(Problem::place).toList()))
                .containsExactly("bolt1.code");
        assertThat(stock.boltsOf(List.of(fabric.id()))).hasSize(1);
        assertThat(only(order).openBolts()).isEqualTo(2);
    }

    @Test
    void a_delivery_that_is_taken_back_is_to_come_again() {
        Fabric fabric = samples.fabric();
        long order = sent(line(fabric, 2, "12 yd"));
        long line = only(order).id();
        Entry entry = Samples.entry();
        Samples.done(deliveries.receive(order, List.of(came(line, "12 yd", "K1"), came(line, "12 yd", "K1")), entry));
        assertThat(book.purchase(order).state()).isEqualTo(State.ENDED);
        Bolt one = stock.boltsOf(List.of(fabric.id())).get(0);

        Samples.done(stock.reverseLine(stock.linesOf(one.id(), 1).get(0).id(), Samples.entry()));

        assertThat(book.purchase(order).state()).isEqualTo(State.SENT);
        assertThat(only(order).openBolts()).isEqualTo(1);

        Fabric other = samples.fabric();
        long whole = sent(line(other, 1, "12 yd"));
        Entry all = Samples.entry();
        Samples.done(deliveries.receive(whole, List.of(came(only(whole).id(), "12 yd", "K1")), all));
        Samples.done(samples.bean(BulkBook.class).takeBack(all.clientId(), Samples.entry()));

        assertThat(book.purchase(whole).state()).isEqualTo(State.SENT);
        assertThat(only(whole).openBolts()).isEqualTo(1);
    }

    @Test
    void what_is_cancelled_is_not_to_come_and_ends_its_order() {
        Fabric one = samples.fabric();
        Fabric other = samples.fabric();
        long order = sent(line(one, 1, "12 yd"), line(other, 1, "12 yd"));
        List<Purchase.Line> lines = book.purchase(order).lines();

        Samples.done(purchases.cancelRest(order, lines.get(0).id()));

        assertThat(book.coming(List.of(one.id(), other.id()))).containsOnlyKeys(other.id());
        Samples.done(purchases.cancelRest(order, lines.get(1).id()));
        assertThat(book.purchase(order).state()).isEqualTo(State.ENDED);
    }

    /** A bag takes 1 1/8 yd. Of three that are asked for stock gives one; the delivery gives the rest. */
    @Test
    void a_delivery_wakes_the_run_that_waits_for_it() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "41 in");
        long run = samples.openRun(samples.kit(fabric), 3);
        long order = sent(line(fabric, 1, "12 yd"));

        Samples.done(deliveries.receive(order, List.of(came(only(order).id(), "12 yd", "K1")), Samples.entry()));
        samples.plannedAgain();

        assertThat(samples.bean(retazo.app.runs.changes.ChangeBook.class).of(run)).anySatisfy(
                change -> assertThat(change.openBags()).isEqualTo(2));
    }
}
