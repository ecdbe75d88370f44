package retazo.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;

/** Two people at the same form, and one whose sign-in ends while they type. */
@Tag("slow")
@ExtendWith(TestShop.class)
class MeanwhileTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    MeanwhileTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void the_second_to_save_sees_what_the_first_saved_and_keeps_what_was_typed() {
        Fabric fabric = samples.fabric();
        try (Tab idris = Tab.of(shop, "idris"); Tab marisol = Tab.of(shop, "marisol")) {
            idris.go("/stock/fabrics/" + fabric.id());
            marisol.go("/stock/fabrics/" + fabric.id());
            idris.page().getByLabel("Sold for, a yard").fill("11.50");
            idris.press("Save");
            assertThat(idris.page().locator("div.work")).containsText("$11.50 a yard");

            Page page = marisol.page();
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Quay stripe");
            page.getByLabel("Sold for, a yard").fill("12.25");
            marisol.press("Save");

            assertThat(page.locator("[role=alert]").first()).containsText("Somebody else saved other values meanwhile");
            assertThat(page.locator("#fault-price")).hasText("Saved meanwhile: 11.50");
            assertThat(page.locator("#fault-name")).hasText("Saved meanwhile: " + fabric.name());
            assertThat(page.getByLabel("Sold for, a yard")).hasValue("12.25");

            marisol.press("Save");
            assertThat(page.locator("div.work")).containsText("$12.25 a yard");
        }
    }

    @Test
    void a_form_of_any_page_waits_for_signing_in_again() {
        Fabric fabric = samples.fabric();
        try (Tab counter = Tab.lossy(shop, "marisol")) {
            Page page = counter.page();
            counter.go("/stock/fabrics/" + fabric.id());
            page.getByLabel("Sold for, a yard").fill("9.75");
            page.context().clearCookies();

            counter.press("Save");

            assertThat(page.locator("[data-guard-notice=signed-out]")).isVisible();
            assertThat(page.getByLabel("Sold for, a yard")).hasValue("9.75");
            page.context().setOffline(true);
            counter.press("Save");
            assertThat(page.locator("[data-guard-notice=gone]")).isVisible();
            assertThat(page.locator("[data-guard-notice=signed-out]")).hasCount(0);
            page.context().setOffline(false);
        }
    }
}
