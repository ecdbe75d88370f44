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
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;

/** A designer plans a season: takes kits in, sees what their numbers do to the cloth, has the best ones, and makes a run of them. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SeasonFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    SeasonFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void a_season_is_numbered_by_hand_and_by_what_is_best_and_becomes_a_run() {
        Fabric dark = samples.fabric();
        Fabric light = samples.fabric();
        samples.bolt(dark, "4 yd");
        samples.bolt(light, "4 yd");
        List<Long> both = samples.kitsOfTwo(dark, light);
        Kit mat = samples.bean(KitBook.class).kit(both.get(1));
        try (Tab tab = Tab.of(shop, "marisol")) {
            Page page = tab.page();
            tab.go("/kits/seasons");
            page.getByLabel("Its name").fill(Samples.unique("Autumn "));
            tab.press("Begin");
            for (int kit = 0; kit < 2; kit++) {
                page.getByLabel("Find a kit to take in").fill(mat.pattern().name());
                tab.press("Find");
                page.getByText("Take in", new Page.GetByTextOptions().setExact(true)).nth(kit).click();
                PlaywrightAssertions.assertThat(page.locator(".season-kits > li")).hasCount(kit + 1);
            }

            Locator number = page.locator("[name='kits[" + mat.id() + "]']");
            number.fill("150");
            PlaywrightAssertions.assertThat(page.locator("#sum")).containsText("Not all of it can be cut.");
            PlaywrightAssertions.assertThat(page.locator("#short-" + mat.id())).containsText("too little");
            number.fill("1");
            PlaywrightAssertions.assertThat(page.locator("#sum")).containsText("1 kit");
            PlaywrightAssertions.assertThat(page.locator("#cloths .is-short")).hasCount(0);

            page.getByText("Best for this cloth").click();
            PlaywrightAssertions.assertThat(page.locator("#sum")).containsText(Pattern.compile("No numbers bring more"));
            assertThat(tab.text()).contains("These numbers are not kept yet.");
            tab.press("Keep these numbers");
            assertThat(tab.text()).contains("Kept.").doesNotContain("These numbers are not kept yet.");

            tab.press("Make a run of them");
            assertThat(tab.text()).contains("A draft of a run was made of the season’s numbers.", mat.pattern().name());
            page.goBack();
            page.reload();
            PlaywrightAssertions.assertThat(number).hasValue("0");
        }
    }
}
