package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** The floor while the network is away: a real line that is cut, a tablet that starts anew, two cutters. */
@Tag("slow")
@ExtendWith(TestShop.class)
class OfflineFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunBook runs;

    OfflineFlowTest(TestShop.Shop shop, RunBook runs) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
    }

    /**
     * Three bags of a bolt. The line is cut; two bags are recorded on the tablet, it starts anew and still shows the third. Meanwhile
     * another cutter cuts the second. When the line is back the first is booked once, the second is shown with what the server
     * says, and the bolt has lost two lengths.
     */
    @Test
    void a_ticket_goes_on_without_a_network_and_nothing_counts_twice() throws IOException {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "4 yd");
        long run = samples.run(samples.kit(fabric), 3);
        List<PlannedCut> cuts = runs.currentCuts(Set.of(run));
        String ticket = "/cutting/" + run + "/" + bolt;
        try (Line line = line(); Tab cutter = Tab.over(shop, "http://127.0.0.1:" + line.port(), "nele")) {
            Page tablet = cutter.page();
            cutter.go(ticket);
            PlaywrightAssertions.assertThat(tablet.locator("html[data-kept]")).hasCount(1);
            line.cut();

            tablet.locator("text=It is cut").click();
            PlaywrightAssertions.assertThat(unsent(tablet)).hasText("1");
            PlaywrightAssertions.assertThat(tablet.locator("[data-cuts]")).containsText("bag " + cuts.get(1).bagNumber());
            tablet.locator("text=It is cut").click();
            PlaywrightAssertions.assertThat(unsent(tablet)).hasText("2");

            tablet.reload();
            PlaywrightAssertions.assertThat(unsent(tablet)).hasText("2");
            PlaywrightAssertions.assertThat(tablet.locator("[data-cuts]")).containsText("bag " + cuts.get(2).bagNumber());
            assertThat(open(run)).hasSize(3);
            assertThat(samples.bean(CutService.class).confirm(cuts.get(1).id(), UUID.randomUUID(), 1)).isTrue();

            line.mend();
            PlaywrightAssertions.assertThat(unsent(tablet)).hasText("1", within());
            tablet.locator("#unsent summary").click();
            PlaywrightAssertions.assertThat(tablet.locator("#unsent .unsent-fault")).not().isEmpty();
            assertThat(open(run)).containsExactly(cuts.get(2).id());
            PlaywrightAssertions.assertThat(tablet.locator("[data-cuts]")).containsText("bag " + cuts.get(2).bagNumber());
            PlaywrightAssertions.assertThat(tablet.locator(".ticket-behind")).hasCount(0);
            tablet.locator("#unsent >> text=Throw it away").click();
            PlaywrightAssertions.assertThat(tablet.locator("#unsent")).isHidden();
        }
        assertThat(samples.bean(StockService.class).bolt(bolt).onHand()).isEqualTo(Length.ofInches(144 - 81));
    }

    /** A pull list and a bag take ticks without a network; back, both are booked, and the pages show it. */
    @Test
    void a_pull_list_and_a_bag_are_ticked_without_a_network() throws IOException {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "41 in");
        long run = samples.run(samples.kit(fabric), 1);
        long cutRun = samples.run(samples.kit(extra()), 1);
        runs.currentCuts(Set.of(cutRun)).forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
        Bag bag = runs.bags(Set.of(cutRun)).getOrDefault(cutRun, List.of()).get(0);
        try (Line line = line(); Tab worker = Tab.over(shop, "http://127.0.0.1:" + line.port(), "marisol")) {
            Page tablet = worker.page();
            worker.go("/packing/bags/" + bag.id());
            PlaywrightAssertions.assertThat(tablet.locator("html[data-kept]")).hasCount(1);
            worker.go("/cutting/pull?run=" + run);
            line.cut();

            tablet.locator("form[action='/cutting/pull/" + bolt + "'] button").click();
            PlaywrightAssertions.assertThat(unsent(tablet)).hasText("1");
            worker.go("/packing/bags/" + bag.id());
            tablet.locator("button[aria-label$='is put in']").click();
            PlaywrightAssertions.assertThat(unsent(tablet)).hasText("2");
            worker.go("/runs");
            PlaywrightAssertions.assertThat(tablet.locator("h1")).not().containsText("Runs");
            worker.go("/packing/bags/" + bag.id());
            PlaywrightAssertions.assertThat(tablet.locator(".unsent-note").first()).isVisible();

            line.mend();
            PlaywrightAssertions.assertThat(tablet.locator("#unsent")).isHidden(hidden());
            PlaywrightAssertions.assertThat(tablet.locator("button[aria-label$='is taken out']")).isVisible();
        }
        assertThat(shop.database().sql("SELECT count(*) FROM pull_tick WHERE stock_item_id = ? AND back_at IS NULL").param(bolt)
                .query(Long.class).single()).isEqualTo(1);
    }

    private Fabric extra() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "41 in");
        return fabric;
    }

    private Line line() throws IOException {
        URI address = URI.create(shop.address());
        return new Line(address.getHost(), address.getPort());
    }

    private List<Long> open(long run) {
        return runs.currentCuts(Set.of(run)).stream().filter(PlannedCut::isPlanned).map(PlannedCut::id).toList();
    }

    private static Locator unsent(Page page) {
        return page.locator("#unsent [data-count]");
    }

    private static LocatorAssertions.HasTextOptions within() {
        return new LocatorAssertions.HasTextOptions().setTimeout(20_000);
    }

    private static LocatorAssertions.IsHiddenOptions hidden() {
        return new LocatorAssertions.IsHiddenOptions().setTimeout(20_000);
    }
}
