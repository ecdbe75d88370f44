package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.TestShop;

/** What scripts make quicker works without them, and the keyboard reaches every station. */
@Tag("slow")
@ExtendWith(TestShop.class)
class WithoutScriptTest {

    private final TestShop.Shop shop;

    WithoutScriptTest(TestShop.Shop shop) {
        this.shop = shop;
    }

    @Test
    void a_figure_opens_by_its_address_down_to_what_was_typed() {
        try (Tab designer = Tab.withoutScript(shop, "idris")) {
            designer.go("/patterns/1/sizes");
            designer.page().locator("tr.main").nth(3).locator("a.opens").nth(1).click();

            String arithmetic = designer.page().locator("#arithmetic").textContent();

            assertThat(designer.page().url()).contains("figure=throw.quay.sell");
            // 7 strips of 4 1/2 in are 31 1/2, squaring 1: 32 1/2, with 5 % 34.125, so a yard.
            assertThat(arithmetic).contains("Throw, D quay", "34.125 in", "321/2in", "Border strips", "Width of border 1, finished",
                    "typed in the pattern: size Throw", "Seam allowance", "Border pieces longer by");
        }
    }

    @Test
    void the_block_is_drawn_with_a_button_and_nothing_typed_is_lost() {
        try (Tab designer = Tab.withoutScript(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/new/drawing");
            page.getByLabel("Name of role A").fill("deck");
            page.locator("[name='blocks[0].columns']").fill("2 x 5");
            page.locator("[name='blocks[0].rows']").fill("5");
            designer.press("Draw it");
            page.getByText("Cells as text").click();
            page.getByLabel("Block 1, row 1, column 1").fill("A");
            page.getByLabel("Block 1, row 1, column 2").fill("Z");
            designer.press("Draw it");

            assertThat(page.getByLabel("Name of role A").inputValue()).isEqualTo("deck");
            assertThat(page.getByLabel("Block 1, row 1, column 2").inputValue()).isEqualTo("Z");
            assertThat(designer.text()).contains("Row 1, column 2: There is no role Z.");
            assertThat(page.locator("#canvas-0 svg.drawing text").allTextContents()).containsExactly("A");
        }
    }

    @Test
    void g_and_a_letter_go_to_a_station_and_the_question_mark_lists_them() {
        try (Tab owner = Tab.of(shop, "marisol")) {
            owner.page().keyboard().press("g");
            owner.page().keyboard().press("s");
            owner.page().waitForURL("**/stock");
            owner.page().keyboard().press("?");
            owner.page().locator("dialog[open]").waitFor();

            assertThat(owner.page().locator("dialog[open]").textContent()).contains("g c", "Cutting", "Search");
        }
    }

    @Test
    void today_shows_each_person_what_waits_for_them() {
        try (Tab owner = Tab.of(shop, "marisol"); Tab packer = Tab.of(shop, "tomas"); Tab cutter = Tab.of(shop, "nele")) {
            assertThat(owner.text()).contains("Run 3 is stopped, Ferry Wake: 2 Throw, 1 Crib",
                    "Decide about run 4, Ferry Wake: 6 Throw, 4 Crib");
            assertThat(owner.page().locator("tbody tr").first().textContent()).contains("stopped");
            assertThat(packer.text()).contains("bags are complete", "of run 2").doesNotContain("to cut from", "Decide about");
            assertThat(cutter.text()).contains("bolts to cut from", "run 2").doesNotContain("complete", "Decide about");
        }
    }

    @Test
    void the_draft_that_cannot_be_made_whole_offers_two_answers_with_their_bolts() {
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/runs/4");
            assertThat(designer.text()).contains("Stock does not suffice", "Chalk line back", "In the order asked", "Most bags", "without");
            designer.page().getByText("Show its bolts").click();

            assertThat(designer.page().url()).contains("answer=MOST_BAGS");
            assertThat(designer.text()).contains("Which bag from which bolt: most bags");
        }
    }
}
