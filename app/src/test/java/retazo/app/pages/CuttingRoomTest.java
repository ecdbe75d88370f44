package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.Book;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** A cutter with a tablet. One bag of the sample kit takes 40 1/2 in, which is 1 1/8 yd. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CuttingRoomTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final RunBook runs;

    CuttingRoomTest(TestShop.Shop shop, StockService stock, RunBook runs) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.runs = runs;
    }

    @Test
    void a_double_tap_counts_once() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 2);
        try (Tab cutter = Tab.tablet(shop, "nele")) {
            cutter.go("/cutting/" + run + "/" + bolt);

            cutter.page().locator("button.ticket-go").dblclick();
            cutter.page().getByText("cut 2 of 2").waitFor();

            assertThat(cutter.text()).contains("before: 11/8yd", "for bag 1, Nele");
        }
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(207, 2));
    }

    @Test
    void the_big_figure_is_the_length_to_cut_and_says_for_which_bag() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 2);
        try (Tab cutter = Tab.tablet(shop, "nele")) {
            cutter.go("/cutting/" + run + "/" + bolt);

            assertThat(cutter.page().locator(".ticket-length").textContent()).isEqualTo("11/8yd");
            assertThat(cutter.page().locator(".ticket-say").textContent()).contains("401/2in", "bag 1", "Mat", "A all");
            assertThat(cutter.text()).contains("Square the end first", "at the end: 13/4yd", "free to sell", "then: 11/8yd");
            double size = ((Number) cutter.page().evaluate(
                    "parseFloat(getComputedStyle(document.querySelector('.ticket-length')).fontSize)")).doubleValue();
            assertThat(size).isGreaterThan(120);
        }
    }

    @Test
    void a_ticket_in_another_tab_says_that_it_is_old_and_shows_the_new_one() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 2);
        try (Tab first = Tab.tablet(shop, "nele"); Tab second = Tab.tablet(shop, "marisol")) {
            first.go("/cutting/" + run + "/" + bolt);
            second.go("/cutting/" + run + "/" + bolt);
            second.page().getByText("Another length").click();
            second.page().locator("[name=real]:visible").fill("30 in");
            second.press("Book it");
            second.press("A remnant");
            second.page().getByText("too short for bag 1").waitFor();

            first.click("button.ticket-go");

            assertThat(first.page().locator("[role=alert]").textContent()).contains("This ticket was old", "plan 2 instead of 1");
            assertThat(first.text()).contains("cut 1 of 2");
            first.click("button.ticket-go");
            first.page().getByText("cut 2 of 2").waitFor();
        }
        assertThat(stock.boltsOf(java.util.List.of(fabric.id()))).hasSize(2);
        assertThat(Book.itemsThatDiffer(shop)).isZero();
    }

    @Test
    void a_cut_the_book_does_not_have_is_refused_and_booked_in_a_second_step() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 1/2 in");
        long run = samples.run(samples.kit(fabric), 1);
        try (Tab cutter = Tab.tablet(shop, "nele")) {
            cutter.go("/cutting/" + run + "/" + bolt);
            cutter.page().getByText("Another length").click();
            cutter.page().locator("[name=real]:visible").fill("1 1/4 yd");
            cutter.press("Book it");

            assertThat(cutter.page().locator("[role=alert]").textContent()).contains("has 40 1/2 in left by the book", "Marisol");
            assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(81, 2));
            cutter.press("The bolt was longer: book both");

            assertThat(cutter.text()).contains("Nothing more to cut from this bolt");
        }
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.linesOf(bolt, 9)).hasSize(3);
    }

    @Test
    void nonsense_as_a_real_length_is_told_and_stays_in_its_field() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 1);
        try (Tab cutter = Tab.tablet(shop, "nele")) {
            cutter.go("/cutting/" + run + "/" + bolt);
            cutter.page().getByText("Another length").click();
            cutter.page().locator("[name=real]:visible").fill("one yard");
            cutter.press("Book it");

            assertThat(cutter.text()).contains("'one yard' is not a length");
            assertThat(cutter.page().locator("[name=real]:visible").inputValue()).isEqualTo("one yard");
        }
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(4, 1));
    }

    @Test
    void a_flaw_is_cut_out_and_the_rest_planned_again() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "90 in");
        long run = samples.run(samples.kit(fabric), 2);
        try (Tab cutter = Tab.tablet(shop, "nele")) {
            cutter.go("/cutting/" + run + "/" + bolt);
            cutter.page().getByText("Flaw or wrong bolt length").click();
            cutter.page().locator("[name=good]:visible").fill("1 1/4 yd");
            cutter.page().locator("[name=flaw]:visible").fill("3 in");
            cutter.press("Cut it out");

            assertThat(cutter.text()).contains("good before a flaw", "plan 2");
        }
        assertThat(runs.bags(Set.of(run)).get(run)).noneMatch(Bag::waits);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(42));
    }

    @Test
    void a_packer_puts_in_takes_out_and_is_stopped_by_what_is_missing() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 1);
        long bag = runs.bags(Set.of(run)).get(run).get(0).id();
        try (Tab cutter = Tab.tablet(shop, "nele"); Tab packer = Tab.tablet(shop, "tomas")) {
            packer.go("/packing/bags/" + bag);
            assertThat(packer.text()).contains("still to be cut", "missing");
            cutter.go("/cutting/" + run + "/" + bolt);
            cutter.click("button.ticket-go");
            packer.go("/packing/bags/" + bag);
            packer.press(fabric.name() + " is put in");
            assertThat(packer.text()).contains("1 of 1 in the bag", "Tomas");
            packer.press(fabric.name() + " is taken out");
            assertThat(packer.text()).contains("0 of 1 in the bag");
            packer.press("Done, onto the shelf");
            assertThat(packer.text()).contains("still missing");
        }
        assertThat(runs.bags(Set.of(run)).get(run).get(0).packed()).isFalse();
    }
}
