package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** An hour at the counter by keyboard, with customers waiting. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CounterFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final RunBook runs;

    CounterFlowTest(TestShop.Shop shop, StockService stock, RunBook runs) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.runs = runs;
    }

    /** The bolt's number is scanned; then five keys for the length, Enter, and Enter once more. */
    @Test
    void a_length_off_a_scanned_bolt_takes_few_keys_and_is_taken_back() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "6 yd");
        try (Tab tab = Tab.of(shop, "ada")) {
            Page page = tab.page();
            tab.go("/counter");
            PlaywrightAssertions.assertThat(page.locator(".counter-field")).isFocused();
            page.keyboard().type(stock.bolt(bolt).code());
            page.keyboard().press("Enter");
            page.waitForURL("**/counter?words=*");
            PlaywrightAssertions.assertThat(page.locator("[name=length]")).isFocused();
            page.keyboard().type("1 3/8");
            page.keyboard().press("Enter");
            page.waitForURL("**length=*");
            PlaywrightAssertions.assertThat(button(page, "Cut and book")).isFocused();
            assertThat(page.locator("#answer").textContent()).contains("off bolt", stock.bolt(bolt).code());
            page.keyboard().press("Enter");
            page.waitForURL("**/counter");

            assertThat(page.locator("[role=status]").textContent()).contains("is booked off bolt");
            assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(333, 2));
            page.locator("button[aria-label^='Take back']").first().click();
            PlaywrightAssertions.assertThat(page.locator("[role=status]")).containsText("Taken back");
            assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(6, 1));
            assertThat(page.locator(".is-taken-back").first().textContent()).contains(fabric.name());
        }
    }

    @Test
    void what_is_typed_is_answered_at_once_and_a_kit_is_put_aside_and_sold() {
        Fabric fabric = samples.fabric();
        Bag bag = packed(fabric);
        String name = runs.bag(bag.id()).code();
        try (Tab tab = Tab.of(shop, "ada")) {
            Page page = tab.page();
            tab.go("/counter");
            PlaywrightAssertions.assertThat(page.locator(".counter-field")).isFocused();
            page.keyboard().type(pattern(bag) + " navy");
            Locator kit = page.locator(".counter-kit");
            PlaywrightAssertions.assertThat(kit).hasCount(1);
            PlaywrightAssertions.assertThat(kit).containsText("1 on the shelf");
            page.keyboard().press("ArrowDown");
            page.keyboard().press("ArrowDown");
            page.keyboard().press("Enter");
            kit.locator("[name=name]").fill("Ines");
            kit.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put aside").setExact(true)).click();
            PlaywrightAssertions.assertThat(page.locator("[role=status]")).containsText("is put aside for Ines");

            PlaywrightAssertions.assertThat(page.locator(".counter-field")).isFocused();
            page.keyboard().type(name.toLowerCase(Locale.ROOT));
            page.keyboard().press("Enter");
            page.waitForURL("**/counter?words=*");
            assertThat(page.locator("#answer").textContent()).contains("Put aside for Ines");
            PlaywrightAssertions.assertThat(button(page, "Sell to Ines")).isFocused();
            page.keyboard().press("Enter");
            PlaywrightAssertions.assertThat(page.locator("[role=status]")).containsText("Bag " + name + " is sold");
            assertThat(page.locator(".counter-side").textContent()).contains("bag " + name);
            Tab.press(page, "Paid, next customer");
        }
    }

    @Test
    void what_is_not_there_is_asked_for_and_the_planner_sees_it() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");
        long kit = samples.kit(fabric);
        String pattern = samples.bean(KitBook.class).kit(kit).pattern().name();
        try (Tab tab = Tab.of(shop, "ada")) {
            tab.go("/counter?words=" + pattern.replace(' ', '+'));
            Locator found = tab.page().locator(".counter-kit");
            assertThat(found.textContent()).contains("none here, 2 can be made");
            found.locator("summary").click();
            found.locator("[name=name]").fill("Jory");
            found.locator("[name=bags]").fill("2");
            found.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask for it")).click();
            PlaywrightAssertions.assertThat(tab.page().locator("[role=status]")).containsText("2 bags of " + pattern);
            assertThat(tab.page().locator(".counter-side").textContent()).contains("2 bags for Jory");
        }
        Client planner = Client.of(shop, "idris");
        assertThat(planner.get("/").body()).contains("2 bags are asked for: " + pattern, "Jory asked at the counter");
        assertThat(planner.get("/runs/new?kit=" + kit + "&bags%5B" + kit + "%5D=2").body()).contains("2 asked for at the counter");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private String pattern(Bag bag) {
        return samples.bean(KitBook.class).kit(bag.kitId()).pattern().name();
    }

    private Bag packed(Fabric fabric) {
        samples.bolt(fabric, "3 yd");
        long run = samples.run(samples.kit(fabric), 1);
        runs.currentCuts(Set.of(run)).forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
        Bag bag = runs.bags(Set.of(run)).getOrDefault(run, List.of()).get(0);
        PackingService packing = samples.bean(PackingService.class);
        bag.lines().forEach(line -> Samples.done(packing.tick(bag.id(), BagItem.line(line.id()), 1)));
        Samples.done(packing.done(bag.id(), 1));
        return bag;
    }
}
