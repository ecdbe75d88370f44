package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Two people count a shelf with a tablet each, without seeing the book; then one books. */
@Tag("slow")
@ExtendWith(TestShop.class)
class StocktakeFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;

    StocktakeFlowTest(TestShop.Shop shop, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
    }

    @Test
    void a_shelf_is_counted_by_two_and_what_differs_is_seen_before_it_is_booked() {
        Fabric fabric = samples.fabric();
        String place = Samples.unique("rack ") + ", shelf B";
        long short1 = bolt(fabric, place);
        long right = bolt(fabric, place);
        long stray = samples.bolt(fabric, "2 yd");
        try (Tab one = Tab.tablet(shop, "nele"); Tab two = Tab.tablet(shop, "marisol")) {
            Page page = one.page();
            one.go("/stock/stocktake");
            page.locator("input[name=place][value='" + place + "']").check();
            page.locator("input[name=blind]").check();
            one.press("Count the ticked places");
            page.locator(".take-stop", new Page.LocatorOptions().setHasText(place)).click();
            page.waitForURL("**/place?place=*");
            String take = page.url().replaceAll(".*stocktake/(\\d+)/.*", "$1");
            assertThat(page.locator(".take-lines").textContent()).doesNotContain("by the book", "4 yd");

            count(page, short1, "3 7/8");
            Page other = two.page();
            two.go("/stock/stocktake/" + take + "/place?place=" + place);
            assertThat(line(other, short1).textContent()).contains("Nele", "Count again");
            count(other, right, "4");
            other.locator("[name=bolt]").fill(stock.bolt(stray).code());
            other.locator("[name=bolt]").press("Enter");
            other.waitForURL("**bolt=*");
            assertThat(line(other, stray).textContent()).contains("by the book at bay 9");
            count(other, stray, "2");

            one.go("/stock/stocktake/" + take + "/differences");
            assertThat(page.locator(".list-sum").textContent()).isEqualTo("3 things counted, 1 differs");
            assertThat(page.locator("table").first().textContent()).contains("−1/8 yd", "moves from bay 9 to " + place);
            one.press("Book 1 difference");
            PlaywrightAssertions.assertThat(page.locator("[role=status]").first()).containsText("1 difference is in the book");

            assertThat(stock.bolt(short1).onHand()).isEqualTo(Length.ofYards(31, 8));
            assertThat(stock.bolt(right).onHand()).isEqualTo(Length.ofYards(4, 1));
            assertThat(stock.bolt(stray).place()).isEqualTo(place);
            assertThat(Client.of(shop, "ada").get("/stock/stocktake").statusCode()).isEqualTo(403);
        }
    }

    private static Locator line(Page page, long bolt) {
        return page.locator(".take-line:has(form[action$='/bolts/" + bolt + "'])");
    }

    private static void count(Page page, long bolt, String length) {
        line(page, bolt).locator("[name=counted]").fill(length);
        Tab.click(page, line(page, bolt).locator("button").first());
        PlaywrightAssertions.assertThat(page.locator("[role=status]").first()).containsText("is counted");
    }

    private long bolt(Fabric fabric, String place) {
        return Samples.done(stock.receive(
                new NewBolt(Samples.unique("R"), fabric.id(), "L1", place, Length.ofInches(40), Length.ofYards(4, 1), true),
                Samples.entry()));
    }
}
