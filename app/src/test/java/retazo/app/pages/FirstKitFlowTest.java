package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.stock.Book;

/** The whole way in a real browser: a pattern made from nothing, its sizes, kits, run, cuts, bags, shelf and counter. */
@Tag("slow")
@ExtendWith(TestShop.class)
class FirstKitFlowTest {

    private final TestShop.Shop shop;
    private final List<String> complaints = new ArrayList<>();
    private BrowserContext context;
    private Page page;

    FirstKitFlowTest(TestShop.Shop shop) {
        this.shop = shop;
    }

    @BeforeEach
    void openBrowser() {
        context = shop.browser().newContext();
        page = context.newPage();
        page.setViewportSize(1280, 800);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
    }

    @AfterEach
    void closeBrowser() {
        context.close();
        assertThat(complaints).isEmpty();
    }

    @Test
    void from_a_pattern_made_from_nothing_to_a_kit_sold_and_a_counter_cut() {
        String pattern = Samples.unique("Weir Steps ");
        signIn("marisol");
        receiveFabricAndBolts();
        makePattern(pattern);
        readSizes();
        makeKits(pattern);
        planRun();
        cutEverything();
        packTheBag();
        sellAndTakeBack(pattern);
        cutAtTheCounter();
        checkTheDatabase(pattern);
    }

    private void signIn(String person) {
        page.navigate(shop.address() + "/sign-in");
        page.getByLabel("Name").fill(person);
        page.getByLabel("Password").fill("ferry");
        press("Sign in");
        page.waitForURL(Pattern.compile(".*/$"));
    }

    private void receiveFabricAndBolts() {
        addFabric("WEIR-A", "Weir slate");
        addFabric("WEIR-B", "Weir foam");
        receive("WEIR-A", "6", "A1");
        receive("WEIR-B", "4 1/2 yd", "B1");
        receive("WEIR-B", "1 1/4 yd", "B2");
    }

    private void addFabric(String code, String name) {
        page.navigate(shop.address() + "/stock/fabrics/new");
        page.getByLabel("Name").fill(name);
        page.getByLabel("Code").fill(code);
        page.getByLabel("ripples").check();
        page.getByLabel("Kind of cloth").selectOption("batik");
        press("Add it");
        assertThat(page.locator("body").textContent()).contains(name, "no bolt on hand");
    }

    private void receive(String fabric, String length, String lot) {
        page.navigate(shop.address() + "/stock/receive");
        page.locator("[name=fabric]").fill(fabric);
        page.locator("[name=length]").fill(length);
        page.locator("[name=lot]").fill(lot);
        press("Book it in");
        assertThat(page.locator("[role=status]").textContent()).contains("is in, with");
    }

    /** Another grid and other roles than the demo pattern: 2 × 3 places, one of them over two columns. */
    private void makePattern(String name) {
        page.navigate(shop.address() + "/patterns/new/drawing");
        page.getByLabel("Name of the pattern").fill(name);
        page.getByLabel("our own").check();
        page.getByLabel("Name of role A").fill("slate");
        page.getByLabel("Name of role B").fill("foam");
        page.locator("[name='blocks[0].columns']").fill("4, 4");
        page.locator("[name='blocks[0].rows']").fill("2, 4, 4");
        page.getByText("Cells as text").click();
        page.locator("[name='blocks[0].rows']").press("Tab");
        page.getByLabel("Block 1, row 1, column 3").waitFor(
                new Locator.WaitForOptions().setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
        List<List<String>> cells = List.of(List.of("A", "<"), List.of("A/B", "B"), List.of("A\\B", "A/B"));
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 2; column++) {
                page.getByLabel("Block 1, row " + (row + 1) + ", column " + (column + 1)).fill(cells.get(row).get(column));
            }
        }
        page.locator("[name=borders]").fill("B");
        page.locator("[name=binding]").selectOption("A");
        page.locator("[name=backing]").selectOption("B");
        size(1, "Runner", "2", "3", "2");
        size(2, "Topper", "3", "3", "2 1/2");
        size(3, "Lap", "4", "4", "");
        page.locator("#drawing-pieces table").waitFor();
        assertThat(page.locator("#drawing-pieces").textContent()).contains("A1", "B1");
        press("Keep this pattern");
        PlaywrightAssertions.assertThat(page.locator("h1")).hasText(name);
        // Three triangle units of 4 in are cut from squares of 4 + 1/8 + 1/2 + 0.354, so 5 in; two from a pair.
        assertThat(page.locator("table").first().textContent()).contains("half-square triangle of A, B, 4 × 4 in finished, two at a time",
                "3 for 2 blocks");
    }

    private void size(int number, String name, String across, String down, String border) {
        page.getByLabel("Name of size " + number).fill(name);
        page.getByLabel("Blocks across of size " + number).fill(across);
        page.getByLabel("Blocks down of size " + number).fill(down);
        page.getByLabel("Borders of size " + number).fill(border);
    }

    /**
     * Runner: 2 × 3 blocks of 8 × 10 in are 16 × 30, with a border of 2 in 20 × 34. Binding 2 × 54 + 10 = 118 in:
     * (118 − 2 1/4) ÷ 37 3/4 = 3.07, so 4 strips of 2 1/4, 9 in. A: 9 squares of 5 (8 to a strip, 2 strips, 10 in), 6 patches
     * 8 1/2 × 2 1/2 (4 to a strip, 2 strips, 5 in), squaring 1: 25 in. Laid together: 8 squares on one strip of 5, the ninth with all
     * patches, two high, on another; 3 strips of binding give 115 1/2 and an end of the second strip the rest: 10 + 6 3/4 + 1 = 17 3/4 in;
     * with 5 % 18.6, so 5/8 yd.
     */
    private void readSizes() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sizes").setExact(true)).click();
        Locator slate = page.locator("tr.main").first();
        assertThat(slate.textContent()).contains("slate", "blocks, binding", "173/4in");
        slate.locator("a").first().click();
        // The address changes when the arithmetic has been put in place.
        page.waitForURL("**figure=**");
        String arithmetic = page.locator("#arithmetic").textContent();
        assertThat(arithmetic).contains(
                "Length to sell", "Everything laid together", "Each size alone", "Binding strips, length", "Squaring up",
                "setting of the shop");
        page.locator("#arithmetic summary", new Page.LocatorOptions().setHasText("Each size alone")).first().click();
        page.locator("#arithmetic summary", new Page.LocatorOptions().setHasText("Strips for A1")).first().click();
        assertThat(page.locator("svg.drawing").first().getAttribute("aria-label")).contains("one scale");
        assertThat(page.locator("body").textContent()).contains("20 × 34 in");
    }

    private void makeKits(String pattern) {
        page.navigate(shop.address() + "/kits/new");
        page.getByLabel("Look for a pattern").fill(pattern);
        page.locator("#found a").filter(new Locator.FilterOptions().setHasText(pattern)).click();
        page.getByLabel("Name of the colourway").fill("Slate and foam");
        page.locator("[name='fabrics[r1]']").pressSequentially("weir sl");
        page.locator("[role=option]").filter(new Locator.FilterOptions().setHasText("WEIR-A")).waitFor();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page.locator("[name='fabrics[r1]']").inputValue()).isEqualTo("Weir slate (WEIR-A)");
        page.locator("[name='fabrics[r2]']").fill("WEIR-B");
        press("Add the kits");
        assertThat(page.locator("body").textContent()).contains("sold as lengths, with our own cutting page", "can be made now");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cutting page")).click();
        assertThat(page.locator("article").textContent()).contains("Cut from Weir slate", "binding, joined on the slant", "In this bag");
        page.goBack();
    }

    private void planRun() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan a run")).click();
        page.getByLabel(Pattern.compile("Bags of .*Runner, Slate and foam")).fill("9");
        press("See what stock gives");
        assertThat(page.locator("body").textContent()).contains("Stock does not suffice", "Short of Weir foam");
        page.getByText("Throw the draft away").click();
        press("Yes, throw it away");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New run")).click();
        page.getByLabel("Look for kits").fill("Runner, Slate and foam");
        page.getByLabel(Pattern.compile("Bags of .*Runner, Slate and foam")).fill("1");
        press("See what stock gives");
        assertThat(page.locator("body").textContent()).contains("All of it", "1 bag: 1 Runner");
        press("Confirm and reserve");
        assertThat(page.locator("[role=status]").textContent()).contains("set aside");
    }

    private void cutEverything() {
        String run = page.url().replaceAll(".*/", "");
        for (String fabric : List.of("WEIR-A", "WEIR-B")) {
            long bolt = shop.database().sql("""
                            SELECT c.stock_item_id FROM planned_cut c JOIN stock_item i ON i.id = c.stock_item_id
                            JOIN fabric f ON f.id = i.fabric_id
                             WHERE c.run_id = ? AND f.code = ? AND c.state = 'PLANNED'""")
                    .param(Long.valueOf(run)).param(fabric).query(Long.class).single();
            page.navigate(shop.address() + "/cutting/" + run + "/" + bolt);
            assertThat(page.locator("body").textContent()).contains("cut 1 of 1", "Square the end first");
            if (fabric.equals("WEIR-A")) {
                cutTooShortThenAgain();
            }
            Tab.click(page, page.locator("button.ticket-go"));
            assertThat(page.locator("main").textContent()).contains("Nothing more to cut");
        }
    }

    private void cutTooShortThenAgain() {
        page.getByText("Another length").click();
        page.locator("[name=real]:visible").fill("20 in");
        press("Book it");
        assertThat(page.locator("body").textContent()).contains("20 in is too short for this bag");
        press("Waste");
        assertThat(page.locator("body").textContent()).contains("too short for bag 1", "plan 2");
        press("Take it back");
        assertThat(page.locator("body").textContent()).contains("nothing cut yet");
    }

    private void packTheBag() {
        page.navigate(shop.address() + "/packing");
        page.locator("tr", new Page.LocatorOptions().setHasText("Slate and foam")).getByRole(AriaRole.LINK).last().click();
        press("Done, onto the shelf");
        assertThat(page.locator("[role=alert]").textContent()).contains("still missing");
        press("Weir slate is put in");
        press("Weir foam is put in");
        press("Done, onto the shelf");
        assertThat(page.locator("[role=status]").textContent()).contains("is packed and on the shelf");
    }

    private void sellAndTakeBack(String pattern) {
        page.navigate(shop.address() + "/shelf?words=" + pattern.replace(" ", "+"));
        Locator sells = page.locator("button[aria-label$='" + pattern + ", Runner, Slate and foam']");
        String code = sells.textContent().replace("Sell ", "").strip();
        sells.click();
        assertThat(page.locator("[role=status]").textContent()).contains("Bag " + code + " is sold");
        page.locator("[name=words]").fill(code.toLowerCase());
        page.keyboard().press("Enter");
        page.waitForURL("**/shelf/bags/*");
        assertThat(page.locator("h1").textContent()).isEqualTo("Bag " + code);
        press("Take it back");
        assertThat(page.locator("[role=status]").textContent()).contains("on the shelf again");
    }

    private void cutAtTheCounter() {
        page.navigate(shop.address() + "/counter");
        page.locator("[name=words]").fill("WEIR-A 1/2");
        page.keyboard().press("Enter");
        page.waitForURL("**/counter?words=*");
        assertThat(page.locator("body").innerText().replaceAll("\\s+", " ")).contains("Weir slate", "lot A1");
        press("Cut and book");
        assertThat(page.locator("[role=status]").textContent()).contains("is booked off bolt");
    }

    /** 6 yd less 5/8 yd for the bag less 1/2 yd at the counter are 4 7/8 yd; the book adds up; the bag is packed once. */
    private void checkTheDatabase(String pattern) {
        long left = shop.database().sql("""
                        SELECT i.on_hand_ticks FROM stock_item i JOIN fabric f ON f.id = i.fabric_id WHERE f.code = 'WEIR-A'""")
                .query(Long.class).single();
        assertThat(left).isEqualTo(351L * 609_600 / 2);
        assertThat(Book.itemsThatDiffer(shop)).isZero();
        long packed = shop.database().sql("""
                        SELECT count(*) FROM bag b JOIN kit k ON k.id = b.kit_id JOIN pattern_version v ON v.id = k.pattern_version_id
                          JOIN pattern p ON p.id = v.pattern_id WHERE p.name = ? AND b.state = 'PACKED'""")
                .param(pattern).query(Long.class).single();
        assertThat(packed).isEqualTo(1);
        long reserved = shop.database().sql("""
                        SELECT count(*) FROM reservation r JOIN stock_item i ON i.id = r.stock_item_id JOIN fabric f ON f.id = i.fabric_id
                         WHERE f.code LIKE 'WEIR-%'""").query(Long.class).single();
        assertThat(reserved).isZero();
    }

    private void press(String name) {
        Tab.press(page, name);
    }
}
