package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
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

/** What others book is seen on a page that is open, and nobody is disturbed by it. */
@Tag("slow")
@ExtendWith(TestShop.class)
class LiveFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunBook runs;

    LiveFlowTest(TestShop.Shop shop, RunBook runs) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
    }

    /**
     * A packer looks at the list; a cutter cuts a bag; it stands there. Another packer ticks it; the first one's page of the bag shows
     * that.
     */
    @Test
    void what_a_cutter_cuts_is_seen_at_the_packing_table() {
        Bag bag = bag();
        try (Tab packer = Tab.of(shop, "tomas"); Tab other = Tab.of(shop, "marisol")) {
            packer.go("/packing");
            Locator pack = packer.page().locator("a[href='/packing/bags/" + bag.id() + "']");
            assertThat(pack.count()).isZero();

            cut(bag);

            PlaywrightAssertions.assertThat(pack).isVisible();
            pack.click();
            packer.page().waitForURL("**/packing/bags/*");
            other.go("/packing/bags/" + bag.id());
            other.page().locator("button[aria-label$='is put in']").first().click();
            PlaywrightAssertions.assertThat(packer.page().locator("button[aria-label$='is taken out']")).isVisible();
        }
    }

    /** A cutter has unticked a run of the pull list and not asked for the list yet: it is left as it is until that is sent. */
    @Test
    void a_page_on_which_somebody_is_at_work_is_left_alone() {
        bag();
        Bag bag = bag();
        try (Tab cutter = Tab.of(shop, "nele"); Tab other = Tab.of(shop, "marisol")) {
            cutter.go("/cutting/pull");
            Locator box = cutter.page().locator("input[name=run]").first();
            box.uncheck();
            other.go("/cutting/pull");
            Locator seenByOther = other.page().locator("tr", new Page.LocatorOptions().setHasText(code(bag)));
            PlaywrightAssertions.assertThat(seenByOther.first()).isVisible();

            cut(bag);

            PlaywrightAssertions.assertThat(seenByOther).hasCount(0);
            assertThat(box.isChecked()).isFalse();
            assertThat(cutter.page().locator("tr", new Page.LocatorOptions().setHasText(code(bag))).count())
                    .isPositive();
        }
    }

    private String code(Bag bag) {
        return samples.bean(StockService.class).bolt(bag.lines().get(0).cut().orElseThrow().boltId()).code();
    }

    private void cut(Bag bag) {
        PlannedCut cut = bag.lines().get(0).cut().orElseThrow();
        assertThat(samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1)).isTrue();
    }

    private Bag bag() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "41 in");
        long run = samples.run(samples.kit(fabric), 1);
        return runs.bags(Set.of(run)).getOrDefault(run, List.of()).get(0);
    }
}
