package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** The first day of a shop: its fabrics from a file, its bolts from a table and by hand. */
@Tag("slow")
@ExtendWith(TestShop.class)
class OpeningFlowTest {

    private final TestShop.Shop shop;
    private final FabricService fabrics;
    private final StockService stock;

    OpeningFlowTest(TestShop.Shop shop, FabricService fabrics, StockService stock) {
        this.shop = shop;
        this.fabrics = fabrics;
        this.stock = stock;
    }

    @Test
    void fabrics_are_read_from_a_file_put_right_in_place_and_their_bolts_typed_on_a_sheet() {
        String first = Samples.unique("DAY");
        String second = Samples.unique("DAY");
        try (Tab tab = Tab.of(shop, "marisol")) {
            Page page = tab.page();
            tab.go("/stock/lists");
            page.locator("input[type=file]").setInputFiles(new FilePayload("fabrics.csv", "text/csv", ("Code;Name;Colour;Price;Remarks\n"
                    + first + ";First day;teal;12,90;new\n" + second + ";Other day;mauvish;12.90;\n").getBytes(StandardCharsets.UTF_8)));
            tab.press("Read and check it");

            PlaywrightAssertions.assertThat(page.locator(".list-sum")).hasText("1 line needs a look, of 2. Nothing is booked.");
            assertThat(tab.text()).contains("Remarks: no column of such lists is called that", "'mauvish' is no colour here");
            Locator wrong = page.locator("[aria-invalid]");
            PlaywrightAssertions.assertThat(wrong).isFocused();
            wrong.fill("purple");
            tab.press("Keep and check these lines");
            PlaywrightAssertions.assertThat(page.locator(".list-sum")).hasText("2 fabrics");
            assertThat(fabrics.byCode(first)).as("nothing is booked before it is said").isEmpty();
            tab.press("Book all 2 lines");
            PlaywrightAssertions.assertThat(page.locator(".head-sub")).hasText("Fabrics, booked");

            tab.go("/stock/lists");
            page.locator("form[action$='/new/bolts'] button").click();
            page.waitForURL("**/stock/lists/*");
            typed(page, first, second);
            tab.press("Keep and check these lines");
            PlaywrightAssertions.assertThat(page.locator(".list-sum"))
                    .containsText("4 bolts of 2 fabrics, 19 3/4 yd in all; 4 lengths are estimates");
            tab.press("Book all 4 lines");
            PlaywrightAssertions.assertThat(page.locator(".head-sub")).hasText("Bolts, booked");

            List<Bolt> bolts = stock.boltsOf(List.of(fabrics.byCode(first).map(Fabric::id).orElseThrow()));
            assertThat(bolts).extracting(Bolt::onHand).containsExactlyInAnyOrder(Length.ofYards(39, 4), Length.ofYards(4, 1));
            assertThat(bolts).allSatisfy(bolt -> assertThat(bolt.lot() + " " + bolt.place()).isEqualTo("A7 bay 3"));
            assertThat(page.locator("a[href*='/labels']").textContent()).isEqualTo("Labels 1 to 4");

            page.getByText("Take it back").first().click();
            tab.press("Take all of it back");
            PlaywrightAssertions.assertThat(page.locator(".head-sub")).hasText("Bolts, taken back");
            assertThat(stock.boltsOf(List.of(bolts.get(0).fabricId()))).allSatisfy(bolt -> assertThat(bolt.onHand().isZero()).isTrue());
        }
    }

    /** The second line takes over fabric, lot and place; two lines are pasted from a table. */
    private static void typed(Page page, String first, String second) {
        PlaywrightAssertions.assertThat(page.locator("[name='line1.fabric']")).isFocused();
        page.keyboard().type(first);
        page.locator("[name='line1.lot']").fill("A7");
        page.locator("[name='line1.place']").fill("bay 3");
        page.locator("[name='line1.length']").fill("9 3/4");
        page.locator("[name='line1.length']").press("Enter");
        PlaywrightAssertions.assertThat(page.locator("[name='line2.length']")).isFocused();
        PlaywrightAssertions.assertThat(page.locator("[name='line2.fabric']")).hasValue(first);
        PlaywrightAssertions.assertThat(page.locator("[name='line2.place']")).hasValue("bay 3");
        page.keyboard().type("4");
        page.locator("[name='line3.fabric']")
                .evaluate("(cell, text) => { const data = new DataTransfer(); data.setData('text/plain', text);"
                        + " cell.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })); }",
                        second + "\t\tB1\tbay 4\t2\r\n" + second + "\t\tB2\tbay 4\t4\r\n");
        PlaywrightAssertions.assertThat(page.locator("[name='line4.length']")).hasValue("4");
    }

    @Test
    void one_bolt_after_another_is_received_with_what_stays_the_same_already_there() {
        Fabric fabric = new Samples(shop).fabric();
        try (Tab tab = Tab.of(shop, "ada")) {
            Page page = tab.page();
            tab.go("/stock/receive?fabric=" + fabric.code());
            page.locator("[name=length]").fill("9");
            page.locator("[name=lot]").fill("C3");
            page.locator("[name=place]").fill("bay 5");
            tab.press("Book it and the next");

            assertThat(page.locator("[role=status]").first().textContent()).contains("is in");
            assertThat(page.locator("[name=fabric]").inputValue()).isEqualTo(fabric.code());
            assertThat(page.locator("[name=lot]").inputValue()).isEqualTo("C3");
            assertThat(page.locator("[name=length]").inputValue()).isEmpty();
            page.locator("[name=length]").fill("10");
            tab.press("Book it in");

            assertThat(stock.boltsOf(List.of(fabric.id()))).hasSize(2).allSatisfy(bolt -> {
                assertThat(bolt.place()).isEqualTo("bay 5");
                assertThat(bolt.measuredAt()).as("a tag is an estimate").isEmpty();
            });
        }
    }
}
