package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitBook;
import retazo.app.swatches.Photos;
import retazo.core.measure.Length;

/** A designer gives a fabric its picture; from then on its quilts are drawn by it. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SwatchFlowTest {

    private static final Length INCH = Length.ofInches(1);

    private final TestShop.Shop shop;
    private final Samples samples;
    private final FabricService fabrics;

    SwatchFlowTest(TestShop.Shop shop, FabricService fabrics) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.fabrics = fabrics;
    }

    /** The photograph is 800 by 600 and its checks repeat at each 100 dots; the ruler's 4 in are 400 dots of it. */
    @Test
    void a_photograph_is_laid_by_clicks_and_keys_and_drawn_in_quilts() {
        Fabric fabric = samples.fabric();
        long kit = samples.kit(fabric);
        String before = samples.bean(KitBook.class).kit(kit).pictureMark();
        try (Tab tab = Tab.of(shop, "idris")) {
            Page page = tab.page();
            tab.go("/stock/fabrics/" + fabric.id());
            page.getByText("Draw it by a photograph").click();
            page.locator("input[type=file]").setInputFiles(new FilePayload("cloth.jpg", "image/jpeg", Photos.file("jpeg", 800, 600)));
            tab.press("Put it in");

            assertThat(tab.text()).contains("Now mark the ruler and one repeat.");
            click(page, 100, 500);
            click(page, 500, 500);
            click(page, 203, 300);
            Locator corner = page.getByLabel("Upper left corner of the repeat");
            corner.focus();
            for (int i = 0; i < 3; i++) {
                page.keyboard().press("ArrowLeft");
            }
            PlaywrightAssertions.assertThat(page.locator("[name=cornerX]")).hasValue("200");
            page.getByText("its lower right corner", new Page.GetByTextOptions().setExact(true)).click();
            click(page, 301, 399);
            PlaywrightAssertions.assertThat(page.getByLabel("Repeat across")).hasValue("1 in");
            PlaywrightAssertions.assertThat(page.getByLabel("Repeat along")).hasValue("1 in");
            PlaywrightAssertions.assertThat(page.locator("#repeated pattern image")).hasAttribute("href", Pattern.compile("photo"));
            tab.press("Draw the fabric by it");

            assertThat(tab.text()).contains("It is drawn by this picture from now on.", "Ground #");
            tab.go("/kits/colours?kit=" + kit);
            Locator cloth = page.locator("pattern[id='print-" + fabric.code() + "'] image").first();
            assertThat(cloth.getAttribute("width")).isEqualTo("1");
            assertThat(page.evaluate("address => fetch(address).then(answer => answer.headers.get('content-type'))",
                    cloth.getAttribute("href"))).isEqualTo("image/jpeg");
        }
        Fabric drawn = fabrics.fabric(fabric.id());
        assertThat(drawn.tile().orElseThrow().width()).isEqualTo(INCH);
        assertThat(drawn.repeat()).contains(INCH);
        assertThat(drawn.groundColour().toString()).startsWith("#e");
        assertThat(samples.bean(KitBook.class).kit(kit).pictureMark()).as("its quilt is drawn anew").isNotEqualTo(before);
        assertThat(Client.of(shop, "idris").get("/pictures/kits/" + kit).body()).contains("data:image/jpeg;base64,");
    }

    @Test
    void what_is_sent_in_place_of_a_photograph_is_said_at_its_field() {
        Fabric fabric = samples.fabric();
        try (Tab tab = Tab.of(shop, "idris")) {
            tab.go("/stock/fabrics/" + fabric.id() + "/picture");
            tab.page().locator("input[type=file]").setInputFiles(new FilePayload("cloth.jpg", "image/jpeg", Photos.file("gif", 400, 300)));
            tab.press("Put it in");

            assertThat(tab.text()).contains("This is no JPEG and no PNG.");
        }
        assertThat(shop.database().sql("SELECT count(*) FROM swatch WHERE fabric_id = " + fabric.id()).query(Long.class).single()).isZero();
    }

    /** At a dot of the photograph, wherever it is shown. */
    private static void click(Page page, int x, int y) {
        Object at = page.evaluate("""
                ([x, y]) => {
                    const shown = new DOMPoint(x, y).matrixTransform(document.getElementById('photo').getScreenCTM());
                    return [shown.x, shown.y];
                }""", List.of(x, y));
        List<?> place = (List<?>) at;
        page.mouse().click(((Number) place.get(0)).doubleValue(), ((Number) place.get(1)).doubleValue());
    }
}
