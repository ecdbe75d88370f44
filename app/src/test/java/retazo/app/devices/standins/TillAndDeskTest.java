package retazo.app.devices.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchase;
import retazo.app.orders.PurchaseBook;
import retazo.app.orders.Purchases;
import retazo.app.outbox.Outbox;
import retazo.app.outbox.OutboxWork;
import retazo.app.sales.Sale;
import retazo.app.sales.Sales;
import retazo.core.measure.Length;

/** What is sold reaches the till once and what is ordered the supplier, also when they are away or their answers are lost. */
@Tag("slow")
@ExtendWith(TestShop.class)
class TillAndDeskTest {

    /** Of a person who sells nothing else in these tests. */
    private static final long PERSON = 2;

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StandIns standIns;
    private final Outbox outbox;
    private final OutboxWork work;
    private final JdbcClient database;

    TillAndDeskTest(TestShop.Shop shop, StandIns standIns, Outbox outbox, OutboxWork work, JdbcClient database) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.standIns = standIns;
        this.outbox = outbox;
        this.work = work;
        this.database = database;
    }

    @AfterEach
    void allInOrder() {
        standIns.switchTo(List.of());
    }

    private long paid() {
        Sales sales = samples.bean(Sales.class);
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        Samples.done(sales.sellLength(bolt, Length.ofYards(1, 2), false, retazo.app.stock.Entry.of(PERSON, java.util.UUID.randomUUID())));
        Sale sale = sales.open(PERSON);
        Samples.done(sales.paid(PERSON, sale.id(), sale.standing().size()));
        return sale.id();
    }

    private Outbox.Standing standing(Outbox.Kind kind, long about) {
        return outbox.standing(kind, about).orElseThrow();
    }

    /** All that waits is due now. */
    private void again() {
        database.sql("UPDATE outgoing SET next_at = now() - interval '1 second' WHERE done_at IS NULL").update();
        work.workOff();
    }

    private int timesToldOf(String line) {
        return database.sql("SELECT coalesce(sum(times), 0) FROM standin_received WHERE body LIKE :line").param("line", "%" + line + "%")
                .query(Integer.class).single();
    }

    @Test
    void a_sale_that_is_paid_reaches_the_till() {
        long sale = paid();
        work.workOff();

        assertThat(standing(Outbox.Kind.SALE, sale).arrived()).isTrue();
        assertThat(standing(Outbox.Kind.SALE, sale).answer()).startsWith("receipt ");
        assertThat(database.sql("SELECT body FROM standin_received WHERE body LIKE :sale || chr(10) || '%'").param("sale", "Sale " + sale)
                .query(String.class).single()).contains("1/2 yd Test");
        assertThat(Client.of(shop, "marisol").get("/standins").body()).contains("Sale " + sale);
    }

    @Test
    void while_the_till_is_away_it_waits_and_the_counter_says_so() {
        standIns.switchTo(List.of(Fault.TILL_AWAY));
        long sale = paid();
        again();

        assertThat(standing(Outbox.Kind.SALE, sale).arrived()).isFalse();
        assertThat(Client.of(shop, "idris").get("/").statusCode()).isEqualTo(200);
        assertThat(standing(Outbox.Kind.SALE, sale).trouble()).isEqualTo("The till cannot be reached.");
        assertThat(timesToldOf("Sale " + sale + "\n")).isZero();

        standIns.switchTo(List.of());
        again();

        assertThat(standing(Outbox.Kind.SALE, sale).arrived()).isTrue();
        assertThat(timesToldOf("Sale " + sale + "\n")).isEqualTo(1);
    }

    /** As after a crash between the till's receipt and our own note of it: told again, it counts once. */
    @Test
    void an_answer_that_is_lost_makes_no_second_receipt() {
        standIns.switchTo(List.of(Fault.TILL_MUTE));
        long sale = paid();
        again();
        standIns.switchTo(List.of());
        again();

        assertThat(standing(Outbox.Kind.SALE, sale).arrived()).isTrue();
        assertThat(timesToldOf("Sale " + sale + "\n")).isGreaterThan(1);
        assertThat(database.sql("SELECT count(*) FROM standin_received WHERE body LIKE :sale || chr(10) || '%'")
                .param("sale", "Sale " + sale).query(Integer.class).single()).isEqualTo(1);
    }

    @Test
    void an_order_reaches_its_supplier_who_says_when_it_comes() {
        standIns.switchTo(List.of(Fault.SUPPLIER_LATER));
        Fabric fabric = samples.fabric();
        Purchases purchases = samples.bean(Purchases.class);
        PurchaseBook book = samples.bean(PurchaseBook.class);
        long order = purchases.write(
                Samples.unique("Mill "), List.of(new NewLine(fabric.id(), 2, Length.ofYards(10, 1), Optional.empty(), "")), 1);
        Samples.done(purchases.send(order, 1));
        work.workOff();

        Purchase purchase = book.purchase(order);
        assertThat(standing(Outbox.Kind.ORDER, order).arrived()).isTrue();
        assertThat(purchase.expected()).contains(LocalDate.now().plusDays(14 + 9));
        assertThat(Client.of(shop, "yara").get("/stock/buying/orders/" + order).body()).contains("has it: number");
        assertThat(timesToldOf(fabric.code() + " " + fabric.name() + ": 2 × 10 yd")).isEqualTo(1);
    }

    @Test
    void a_supplier_that_cannot_be_reached_is_told_later_and_the_page_says_so() {
        standIns.switchTo(List.of(Fault.SUPPLIER_AWAY));
        Purchases purchases = samples.bean(Purchases.class);
        long order = purchases.write(
                Samples.unique("Mill "), List.of(new NewLine(samples.fabric().id(), 1, Length.ofYards(10, 1), Optional.empty(), "")), 1);
        Samples.done(purchases.send(order, 1));
        again();

        assertThat(Client.of(shop, "yara").get("/stock/buying/orders/" + order).body()).contains("It has not reached", "cannot be reached");
        standIns.switchTo(List.of());
        again();
        assertThat(standing(Outbox.Kind.ORDER, order).arrived()).isTrue();
    }
}
