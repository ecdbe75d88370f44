package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.BoltLooks;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Promises between runs as a planner meets them in a real browser. One bag of a sample kit takes 40 1/2 in of its fabric. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PromiseFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunBook runs;

    PromiseFlowTest(TestShop.Shop shop, RunBook runs) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
    }

    /** Two kits are typed, the later one of the list first: it is made first. Then the other is put before it. */
    @Test
    void kits_are_made_in_the_order_in_which_they_were_typed() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "41 in");
        long first = samples.kit(fabric);
        long second = samples.kit(fabric);
        try (Tab planner = Tab.of(shop, "idris")) {
            planner.go("/runs/new?words=" + pattern(second).replace(' ', '+'));
            planner.page().locator("[name='bags[" + second + "]']").fill("1");
            planner.page().locator("[name=words]").fill(pattern(first));
            planner.page().locator("[name='bags[" + first + "]']").fill("1");
            planner.page().getByText("1 of 2 bags can be made now").waitFor();
            assertThat(planner.page().locator("#effect").textContent()).contains(": 0 of 1", fabric.name() + ": 1 1/8 yd missing.");
            planner.press("See what stock gives");
            Run draft = newest();
            assertThat(draft.asked()).extracting(Run.Asked::kitId).containsExactly(second, first);

            planner.press("Earlier");

            assertThat(runs.run(draft.id()).asked()).extracting(Run.Asked::kitId).containsExactly(first, second);
        }
    }

    /** All cloth is kept for a run of two. A rush takes one bag of it, the planner reads what that did, and gives it back. */
    @Test
    void a_rush_is_shown_what_it_takes_takes_it_and_gives_it_back() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "85 in");
        long kit = samples.kit(fabric);
        long later = samples.run(kit, 2);
        try (Tab planner = Tab.of(shop, "idris")) {
            planner.go("/runs/new?words=" + pattern(kit).replace(' ', '+'));
            planner.page().locator("[name='bags[" + kit + "]']").fill("1");
            planner.page().locator("[name=priority]").selectOption("RUSH");
            planner.page().locator("[name=neededOn]").fill("2031-05-02");
            planner.press("See what stock gives");
            long rush = newest().id();
            assertThat(text(planner)).contains("1 bag more with cloth kept for later runs: 1 Mat",
                    "Run " + later + ", bag 2 would wait for " + fabric.name());

            planner.press("Make 1 bag with that cloth");

            assertThat(text(planner)).contains("rush", "needed 2 May", "This run took cloth that was kept for later runs");
            assertThat(waiting(later)).containsExactly(2);
            planner.go("/");
            assertThat(text(planner)).contains("Since run " + rush + " took cloth: bag 2 waits for 1 1/8 yd " + fabric.name());
            planner.go("/runs/" + later);
            planner.page().getByText("The plan before").click();
            assertThat(text(planner)).contains("Plan 1, before", "bag 2: 1 1/8 yd");
            planner.press("I have read this");
            planner.go("/");
            assertThat(text(planner)).doesNotContain("Since run " + rush + " took cloth");

            planner.go("/runs/" + rush);
            planner.press("Give it back");

            assertThat(text(planner)).contains("Still open", "None of it can be made from free cloth");
            assertThat(waiting(later)).isEmpty();
        }
    }

    /** What cannot be made is kept waiting, taken up when a bolt comes, and what is left of it dropped under a name. */
    @Test
    void what_is_open_is_taken_up_and_the_rest_dropped() {
        Fabric fabric = samples.fabric();
        long kit = samples.kit(fabric);
        try (Tab planner = Tab.of(shop, "idris")) {
            planner.go("/runs/new?words=" + pattern(kit).replace(' ', '+'));
            planner.page().locator("[name='bags[" + kit + "]']").fill("3");
            planner.press("See what stock gives");
            planner.press("Keep it waiting for cloth");
            long run = newest().id();
            assertThat(text(planner)).contains("Still open", "3 Mat", "Short of " + fabric.name() + ": 3 lengths, 3 3/8 yd");

            samples.bolt(fabric, "85 in");
            samples.plannedAgain();
            planner.go("/");
            assertThat(text(planner)).contains("2 open bags could be taken up");
            planner.go("/runs/" + run);
            planner.press("Take up 2 bags");
            assertThat(runs.bags(Set.of(run)).get(run)).hasSize(2).noneMatch(Bag::waits);
            planner.page().getByText("Drop what is open").click();
            planner.press("Yes, drop it");

            assertThat(text(planner)).contains("1 Mat dropped by Idris").doesNotContain("Still open");
            planner.go("/runs");
            assertThat(text(planner)).contains("Run " + run, "2 to cut");
        }
    }

    /** A bolt that gave more than the book said stands on Today until somebody has looked. */
    @Test
    void a_bolt_that_was_longer_waits_for_a_look() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "41 in");
        Samples.done(samples.bean(StockService.class).takeFromLonger(
                bolt, Length.ofInches(45), Reason.WASTE, Samples.entry()));
        try (Tab owner = Tab.of(shop, "marisol")) {
            owner.go("/");
            assertThat(text(owner)).contains("it was 4 in longer than the book said when it was cut");
            owner.go("/stock/bolts/" + bolt);
            owner.press("I have looked");
            assertThat(text(owner)).doesNotContain("It was 4 in longer");
        }
        assertThat(samples.bean(BoltLooks.class).openOf(bolt)).isEmpty();
    }

    private Run newest() {
        return runs.page(0, 1).getContent().get(0);
    }

    private String pattern(long kit) {
        return samples.bean(KitBook.class).kit(kit).pattern().name();
    }

    private List<Integer> waiting(long run) {
        return runs.bags(Set.of(run)).get(run).stream().filter(Bag::waits).map(Bag::number).toList();
    }

    private static String text(Tab tab) {
        return tab.page().locator(".work").textContent().replaceAll("\\s+", " ");
    }
}
