package retazo.app.buying;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchases;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.stock.StockService;
import retazo.app.wishes.Wishes;
import retazo.core.measure.Length;

/**
 * What is to be ordered, by hand. A bag of the test kit takes 1 1/8 yd. A supplier of whom nothing is kept delivers in two weeks, is asked
 * every four, and has bolts of 10 yd.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class OutlooksTest {

    private final Samples samples;
    private final Outlooks outlooks;
    private final FabricTermsBook terms;
    private final JdbcClient database;

    OutlooksTest(TestShop.Shop shop, Outlooks outlooks, FabricTermsBook terms, JdbcClient database) {
        this.samples = new Samples(shop);
        this.outlooks = outlooks;
        this.terms = terms;
        this.database = database;
    }

    private static Instant daysOfWeek(int weeksAgo, int day) {
        return LocalDate.now().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(weeksAgo).plusDays(day)
                .atTime(12, 0).atZone(ZoneId.systemDefault()).toInstant();
    }

    /** As it was booked then. */
    private long booked(long bolt, Length amount, String reason, Instant when, Optional<Long> reverses) {
        UUID entry = UUID.randomUUID();
        database.sql("INSERT INTO entry (client_id, person_id, asked, at) VALUES (:entry, 1, 'past', :at)")
                .param("entry", entry).param("at", when.atOffset(ZoneOffset.UTC)).update();
        return database.sql("""
                INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id, note, reverses_id)
                VALUES (:bolt, :ticks, :reason, 1, :at, :entry, :entry, '', :reverses) RETURNING id""")
                .param("bolt", bolt).param("ticks", amount.ticks()).param("reason", reason).param("at", when.atOffset(ZoneOffset.UTC))
                .param("entry", entry).param("reverses", reverses.orElse(null)).query(Long.class).single();
    }

    private void sold(long bolt, String length, int weeksAgo, int day) {
        booked(bolt, Length.parse(length).negated(), "SOLD_BY_LENGTH", daysOfWeek(weeksAgo, day), Optional.empty());
    }

    /**
     * 3 yd went five weeks ago, 2 1/2 the week after, 1/2 last week; 4 yd of a sale came back in its own week, a flaw is no use, nor is one
     * of a second before this week.
     */
    @Test
    void what_went_is_told_by_the_week() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 yd");
        sold(bolt, "2 yd", 5, 0);
        sold(bolt, "1 yd", 5, 6);
        sold(bolt, "2 1/2 yd", 4, 3);
        sold(bolt, "1/2 yd", 1, 2);
        long wrong = booked(bolt, Length.ofYards(-4, 1), "SOLD_BY_LENGTH", daysOfWeek(3, 1), Optional.empty());
        booked(bolt, Length.ofYards(4, 1), "REVERSAL", daysOfWeek(3, 2), Optional.of(wrong));
        booked(bolt, Length.ofYards(-1, 1), "FLAW", daysOfWeek(2, 2), Optional.empty());
        booked(bolt, Length.ofInches(-1), "FLAW", daysOfWeek(0, 0).minusSeconds(43_201), Optional.empty());

        Outlook outlook = outlooks.of(fabric.id());

        List<Length> weeks = outlook.use().weeks();
        assertThat(weeks).hasSize(26);
        assertThat(weeks.subList(20, 26)).containsExactly(
                Length.ZERO, Length.ofYards(3, 1), Length.ofYards(5, 2), Length.ZERO, Length.ZERO, Length.ofYards(1, 2));
        assertThat(outlook.reorder().point().value()).isEqualTo(Length.ofYards(11, 2));
        assertThat(outlook.reorder().level().value()).isEqualTo(Length.ofYards(6, 1));
        assertThat(outlook.reorder().isDue()).isFalse();
    }

    /** Of 20 yd a run has 2 1/4 promised, a draft wants three bags, 3 3/8, a customer one, 1 1/8; 10 yd are on order: 23 1/4 left. */
    @Test
    void what_will_be_left_counts_runs_drafts_customers_and_orders() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "20 yd");
        samples.bolt(fabric, "17 in");
        long kit = samples.kit(fabric);
        samples.run(kit, 2);
        long draft = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(samples.kit(fabric), 3)), 1);
        samples.bean(Wishes.class).ask(UUID.randomUUID(), samples.kit(fabric), 1, "Jory", 1);
        samples.bean(Wishes.class).ask(UUID.randomUUID(), kit, 1, "Ines", 1);
        Purchases purchases = samples.bean(Purchases.class);
        long order = purchases.write(
                Samples.unique("Mill "), List.of(new NewLine(fabric.id(), 1, Length.ofYards(10, 1), Optional.empty(), "")), 1);
        Samples.done(purchases.send(order, 1));

        Outlook outlook = outlooks.of(fabric.id());

        assertThat(outlook.supply().onHand()).isEqualTo(Length.ofYards(20, 1));
        assertThat(outlook.supply().promised()).isEqualTo(Length.ofYards(9, 4));
        assertThat(outlook.supply().onOrder()).isEqualTo(Length.ofYards(10, 1));
        assertThat(outlook.wants()).extracting(Want::kind, Want::length).containsExactlyInAnyOrder(
                org.assertj.core.groups.Tuple.tuple(Want.Kind.DRAFT, Length.ofYards(27, 8)),
                org.assertj.core.groups.Tuple.tuple(Want.Kind.ASKED, Length.ofYards(9, 8)));
        assertThat(outlook.wants()).anySatisfy(want -> assertThat(want.of()).isEqualTo(draft));
        assertThat(outlook.reorder().ahead().value()).isEqualTo(Length.ofYards(93, 4));
    }

    /** Three bags of an open run lack 3 3/8 yd: one bolt of 10 yd, and it comes before what nothing waits for. */
    @Test
    void what_a_run_waits_for_is_to_be_ordered_first() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "41 in");
        long run = samples.openRun(samples.kit(fabric), 4);
        Fabric calm = samples.fabric();
        terms.keep(new FabricTerms(calm.id(), Optional.of(Length.ofYards(3, 1)), Optional.of(Length.ofYards(2, 1)), Optional.empty()));

        List<Outlook> due = outlooks.due();

        Outlook waits = due.stream().filter(one -> one.fabric().id() == fabric.id()).findFirst().orElseThrow();
        assertThat(waits.wants()).singleElement().satisfies(want -> {
            assertThat(want.kind()).isEqualTo(Want.Kind.OPEN);
            assertThat(want.of()).isEqualTo(run);
            assertThat(want.bags()).isEqualTo(3);
        });
        assertThat(waits.reorder().bolts().value().value()).isEqualTo(1);
        assertThat(waits.lacking()).isEqualTo(Length.ofYards(27, 8));
        Outlook quiet = due.stream().filter(one -> one.fabric().id() == calm.id()).findFirst().orElseThrow();
        assertThat(quiet.reorder().bolts().value().value()).isEqualTo(2);
        assertThat(due.indexOf(waits)).isLessThan(due.indexOf(quiet));
    }

    @Test
    void a_length_longer_than_a_bolt_is_told() {
        Fabric fabric = samples.fabric();
        terms.keep(new FabricTerms(fabric.id(), Optional.empty(), Optional.of(Length.ofYards(1, 1)), Optional.empty()));
        samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(samples.kit(fabric), 1)), 1);

        assertThat(outlooks.of(fabric.id()).tooLong()).isEqualTo(Length.ofYards(9, 8));
    }

    @Test
    void a_range_leaves_whatever_its_spelling() {
        assertThat(terms.leaveRange(" tideLINE ", LocalDate.now().plusDays(3))).isPositive();
        assertThat(terms.leaveRange("no such range", LocalDate.now())).isZero();
        assertThat(terms.leaving(0, 200).getContent()).isNotEmpty()
                .allSatisfy(one -> assertThat(one.isGone(LocalDate.now())).isFalse());
        database.sql("UPDATE fabric_buying SET last_orders = NULL WHERE fabric_id IN (SELECT id FROM fabric WHERE range_name = 'Tideline')")
                .update();
    }

    @Test
    void stock_that_came_since_last_week_is_there_and_was_no_use() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "6 yd");
        Samples.done(samples.bean(StockService.class).take(
                bolt, Length.ofYards(1, 1), retazo.app.stock.Reason.SOLD_BY_LENGTH, Samples.entry()));

        assertThat(outlooks.of(fabric.id()).use().all()).isEqualTo(Length.ZERO);
        assertThat(outlooks.of(fabric.id()).supply().onHand()).isEqualTo(Length.ofYards(5, 1));
    }
}
