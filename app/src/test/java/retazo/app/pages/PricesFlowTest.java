package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.Currency;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.practice.PriceListService;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.UsualPrices;
import retazo.core.measure.Money;

/** Prices from where they are typed to where they are read. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PricesFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final PriceListService prices;

    PricesFlowTest(TestShop.Shop shop, PriceListService prices) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.prices = prices;
    }

    /** 3/4 yd at 12.00 are 9.00, and 4.95 at 6.60 cost. Each size alone is 7/8 yd, 10.50. */
    @Test
    void a_price_typed_for_a_fabric_stands_on_the_kit_and_beside_every_way_to_cut() {
        Fabric fabric = samples.fabric();
        long kit = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/stock/fabrics/" + fabric.id());
            page.getByLabel("Sold for, a yard").fill("twelve");
            page.getByLabel("Costs the shop, a yard").fill("6.60");
            designer.press("Save");
            awaited(page.locator("#fault-price")).containsText("'twelve' is no amount in USD");
            awaited(page.getByLabel("Costs the shop, a yard")).hasValue("6.60");
            page.getByLabel("Sold for, a yard").fill("12");
            designer.press("Save");
            awaited(page.locator("div.work")).containsText("$12.00 a yard");

            designer.go("/kits/" + kit);
            awaited(page.locator("tfoot")).containsText("$9.00");
            awaited(page.locator("tfoot")).containsText("costs the shop $4.95");
            designer.go("/kits/" + kit + "/cloth");
            awaited(page.locator("#cloth-alternatives .is-chosen")).containsText("$9.00");
            awaited(page.locator("#cloth-alternatives")).containsText("$10.50");
        }
    }

    @Test
    void the_owner_sets_what_things_usually_cost() {
        UsualPrices before = prices.usual();
        try (Tab owner = Tab.of(shop, "marisol")) {
            owner.go("/practice/prices");
            owner.page().getByLabel("Fat eighth").fill("2.35");
            owner.page().getByLabel("Fat quarter").fill("3.757");
            owner.press("Save the prices");
            awaited(owner.page().locator("#fault-fat-quarter")).isVisible();
            awaited(owner.page().getByLabel("Fat eighth")).hasValue("2.35");
            owner.page().getByLabel("Fat quarter").fill("");
            owner.press("Save the prices");
            awaited(owner.page().locator("div.work")).containsText("saved");

            UsualPrices now = prices.usual();
            assertThat(now.precuts().get(PrecutKind.FAT_EIGHTH)).isEqualTo(new Money(Currency.getInstance("USD"), 235));
            assertThat(Optional.ofNullable(now.precuts().get(PrecutKind.FAT_QUARTER))).isEmpty();
            assertThat(now.cloth()).isEqualTo(before.cloth());
        } finally {
            prices.change(before);
        }
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }
}
