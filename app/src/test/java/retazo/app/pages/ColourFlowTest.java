package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;

/** A designer tries cloth on a quilt, takes a step back, has some proposed, and keeps one. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ColourFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    ColourFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void cloth_is_tried_by_click_and_by_keys_and_kept_as_kits() {
        Fabric one = samples.fabric();
        Fabric other = samples.fabric();
        samples.bolt(one, "9 yd");
        samples.bolt(other, "9 yd");
        long kit = samples.kitsOfTwo(one, one).get(1);
        try (Tab tab = Tab.of(shop, "idris")) {
            Page page = tab.page();
            tab.go("/kits/colours?kit=" + kit);
            Locator dark = page.locator("#roles [data-role=dark]");
            PlaywrightAssertions.assertThat(dark).containsText("too near");
            dark.locator("input").check();
            page.getByLabel("Look for cloth").fill(other.code());
            Locator swatch = page.locator(".tray-one[data-code='" + other.code() + "']");
            swatch.click();

            PlaywrightAssertions.assertThat(dark).containsText(other.name());
            assertThat(fill(page, "dark")).contains(other.code());
            assertThat(fill(page, "light")).contains(one.code());
            page.getByText("Rotate", new Page.GetByTextOptions().setExact(true)).click();
            PlaywrightAssertions.assertThat(dark).containsText(one.name());
            page.getByText("Undo", new Page.GetByTextOptions().setExact(true)).click();
            PlaywrightAssertions.assertThat(dark).containsText(other.name());
            PlaywrightAssertions.assertThat(page.locator("#sum")).containsText(Pattern.compile("\\d+ kits can be cut now"));

            page.getByText("Keep beside", new Page.GetByTextOptions().setExact(true)).click();
            PlaywrightAssertions.assertThat(page.locator("#ideas .try-idea svg")).hasCount(1);
            page.getByText("Propose out of these").click();
            PlaywrightAssertions.assertThat(page.locator("#proposed .try-idea svg")).hasCount(2);
            swatch.focus();
            page.keyboard().press("Enter");

            page.locator(".try-keep summary").click();
            page.getByLabel("Name of the colourway").fill("Tried here");
            tab.press("Make these kits");
            assertThat(tab.text()).contains("Kept as Tried here: 1 kit.");
        }
        assertThat(samples.bean(KitBook.class).ofFabric(other.id())).extracting(made -> made.colourway()).isEqualTo(List.of("Tried here"));
    }

    /** What a role is painted with, as the browser shows it. */
    private static String fill(Page page, String role) {
        return (String) page.evaluate(
                "role => getComputedStyle(document.querySelector('#quilt-whole [data-role=\"' + role + '\"]')).fill", role);
    }
}
