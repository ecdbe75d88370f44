package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;

/** A pattern brought in each of the ways, in a real browser. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ThreeWaysTest {

    private static final String PASTE = """
            (text) => {
                const data = new DataTransfer();
                data.setData("text/plain", text);
                document.activeElement.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
            }""";

    private final TestShop.Shop shop;
    private final Samples samples;

    ThreeWaysTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    /** A printed table to a confirmed run: 1 1/4 yd of the ground and 1/2 yd for the binding of each of two bags. */
    @Test
    void a_size_table_is_pasted_and_a_run_is_planned_from_it() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "5 yd");
        String name = Samples.unique("Mud Lines ");
        try (Tab owner = Tab.of(shop, "marisol")) {
            Page page = owner.page();
            owner.go("/patterns/new/table");
            page.getByLabel("Name of the pattern").fill(name);
            page.getByLabel("our own").check();
            page.getByLabel("Role in line 1").focus();
            page.evaluate(PASTE, "\tCrib\tThrow\nFinished size\t40 x 52\t56 x 70\nGround\t1-1/4 yds\ta lot\nBinding\t½\t⅔ yd");
            awaited(page.getByLabel("Line 2, size 2")).hasValue("⅔ yd");
            owner.press("Keep this pattern");
            Locator unreadable = page.getByLabel("Line 1, size 2");
            awaited(page.getByText("One thing to mend; nothing was saved.")).isVisible();
            awaited(unreadable).hasAttribute("aria-invalid", "true");
            assertThat(unreadable.inputValue()).isEqualTo("a lot");
            unreadable.fill("2¼");
            unreadable.press("ArrowDown");
            assertThat(page.evaluate("document.activeElement.ariaLabel")).isEqualTo("Line 2, size 2");
            owner.press("Keep this pattern");
            awaited(page.locator("h1")).hasText(name);
            assertThat(owner.text()).containsIgnoringCase("as printed, not checked");

            makeKit(owner, name, "Crib", fabric);
            owner.go("/runs/new");
            page.getByLabel("Look for kits").fill("crib " + name);
            page.getByLabel(Pattern.compile("Bags of " + name + ", Crib.*")).fill("2");
            owner.press("See what stock gives");
            assertThat(owner.text()).contains("All of it", "2 bags: 2 Crib");
            owner.press("Confirm and reserve");
            assertThat(page.locator("[role=status]").textContent()).contains("set aside");
        }
        // Two bags of 1 3/4 yd in one fabric: 126 in reserved.
        assertThat(reserved(fabric)).isEqualTo(126L * 609_600);
    }

    private static void makeKit(Tab owner, String pattern, String size, Fabric fabric) {
        Page page = owner.page();
        owner.go("/kits/new");
        page.getByLabel("Look for a pattern").fill(pattern);
        page.locator("#found a").filter(new Locator.FilterOptions().setHasText(pattern)).click();
        page.getByLabel("Name of the colourway").fill("Plain");
        for (Locator choice : page.locator("input[name^=fabrics]").all()) {
            choice.fill(fabric.code());
        }
        for (Locator box : page.locator("input[name=sizes]").all()) {
            box.uncheck();
        }
        page.getByLabel(size, new Page.GetByLabelOptions().setExact(true)).check();
        owner.press("Add the kits");
        assertThat(owner.text()).containsIgnoringCase("as printed, not checked");
    }

    private long reserved(Fabric fabric) {
        return shop.database().sql("""
                        SELECT sum(r.length_ticks) FROM reservation r JOIN stock_item i ON i.id = r.stock_item_id WHERE i.fabric_id = ?""")
                .param(fabric.id()).query(Long.class).single();
    }

    @Test
    void a_paste_is_taken_back_with_a_key() {
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/new/table");
            page.getByLabel("Role in line 1").fill("Ground");
            page.getByLabel("Role in line 2").focus();
            page.evaluate(PASTE, "Accents\t3 FQ\nStrips\t1 roll");
            awaited(page.getByLabel("Role in line 3")).hasValue("Strips");
            page.getByLabel("Role in line 3").press("Control+z");

            assertThat(page.getByLabel("Role in line 1").inputValue()).isEqualTo("Ground");
            assertThat(page.getByLabel("Role in line 2").inputValue()).isEmpty();
        }
    }

    /**
     * Twelve stars with four corners of 3 1/2 in each, and nine without: 12 × 4 = 48 corners at the throw. The border strips stand
     * by size.
     */
    @Test
    void a_cut_list_is_typed_and_counted() {
        String name = Samples.unique("Jetty Stars ");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/new/list");
            page.getByLabel("Name of the pattern").fill(name);
            page.getByLabel("our own").check();
            page.getByLabel("Name of size 1").fill("Throw");
            page.getByLabel("Finished size of size 1").fill("36 x 48");
            page.getByLabel("Label of blocks 1").fill("star");
            page.getByLabel("Blocks 1, size 1").fill("12");
            line(page, 1, "ground", "3 1/2", "4", "star");
            line(page, 2, "ground", "4 1/4 cut twice", "1", "str");
            line(page, 3, "jetty", "strip 2 1/2", "", "");
            page.getByLabel("Line 3, size 1").fill("5");
            page.locator("[name=binding]").fill("jetty");
            designer.press("Keep this pattern");
            awaited(page.getByText("One thing to mend; nothing was saved.")).isVisible();
            awaited(page.getByLabel("In each what, line 2")).hasAttribute("aria-invalid", "true");
            assertThat(page.getByLabel("Piece of line 1", new Page.GetByLabelOptions().setExact(true)).inputValue()).isEqualTo("3 1/2");
            page.getByLabel("In each what, line 2").fill("star");
            designer.press("Keep this pattern");

            awaited(page.locator("h1")).hasText(name);
            assertThat(designer.text()).contains("48", "strip");
            designer.go(page.url().replace(shop.address(), "") + "/sizes");
            assertThat(designer.text()).contains("ground", "jetty", "binding", "36 × 48 in");
        }
    }

    private static void line(Page page, int number, String role, String piece, String each, String per) {
        page.getByLabel("Role of line " + number, new Page.GetByLabelOptions().setExact(true)).fill(role);
        page.getByLabel("Piece of line " + number, new Page.GetByLabelOptions().setExact(true)).fill(piece);
        page.getByLabel("How many in line " + number, new Page.GetByLabelOptions().setExact(true)).fill(each);
        page.getByLabel("In each what, line " + number, new Page.GetByLabelOptions().setExact(true)).fill(per);
    }

    /** Two by two cells of 3 in: a patch, triangles placed with the mouse and turned, geese over the lower two. */
    @Test
    void a_block_is_drafted_from_nothing_at_the_bench() {
        String name = Samples.unique("Slack Water ");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/new/drawing");
            page.locator("input[name=name]").fill(name);
            page.getByLabel("our own").check();
            page.getByLabel("Name of role A").fill("ebb");
            page.getByLabel("Name of role B").fill("flood");
            page.locator("[name='blocks[0].columns']").fill("2 x 3");
            page.locator("[name='blocks[0].rows']").fill("2 x 3");
            page.locator("[name='blocks[0].rows']").press("Tab");
            awaited(page.locator("[data-spot]")).hasCount(4);

            spot(page, "0.0.0").click();
            page.keyboard().press("a");
            awaited(spot(page, "0.0.0")).hasAttribute("data-text", "A");
            spot(page, "0.0.0").focus();
            page.keyboard().press("ArrowRight");
            assertThat(page.locator("[data-bench-title]").textContent()).isEqualTo("Row 1, column 2");
            page.locator("[data-kind=half-square]").first().click();
            text(page, "A/B");
            page.keyboard().press("t");
            text(page, "A/B @90");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")).click();
            text(page, "A/B");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo")).click();
            text(page, "A/B @90");

            spot(page, "0.1.0").click();
            page.locator("[data-span=right]").click();
            page.locator("[data-kind=geese]").first().click();
            awaited(page.locator("[data-bench-text]")).hasValue(Pattern.compile("geese.*"));
            page.locator("[name=binding]").selectOption("A");
            page.getByLabel("Name of size 1").fill("Mat");
            page.getByLabel("Blocks across of size 1").fill("2");
            page.getByLabel("Blocks down of size 1").fill("3");
            page.locator("#drawing figure").waitFor();
            designer.press("Keep this pattern");

            awaited(page.locator("h1")).hasText(name);
            // 2 × 3 blocks of one patch, one triangle unit and one goose each.
            assertThat(designer.text()).contains("half-square triangle of A, B", "flying goose", "A1");
        }
    }

    /** Looks again until it is so; Chromium's own waiting would need scripts that the pages forbid. */
    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }

    private static Locator spot(Page page, String place) {
        return page.locator("[data-spot='" + place + "']");
    }

    private static void text(Page page, String expected) {
        awaited(page.locator("[data-bench-text]")).hasValue(expected);
    }

    @Test
    void a_lost_connection_loses_nothing_and_is_caught_up() {
        try (Tab designer = Tab.lossy(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/1/drawing");
            page.context().setOffline(true);
            spot(page, "0.0.0").click();
            page.keyboard().press("B");
            page.locator("[data-bench-fault]:not([hidden])").waitFor();
            assertThat(page.locator("[data-bench-text]").inputValue()).isEqualTo("B");

            page.context().setOffline(false);

            awaited(spot(page, "0.0.0")).hasAttribute("data-text", "B");
            awaited(page.locator("[data-bench-fault]")).isHidden();
        }
    }

    /** Nothing is sent while the connection is gone or the person is signed out, and what was typed is kept afterwards. */
    @Test
    void a_form_waits_for_the_connection_and_for_signing_in_again() {
        String name = Samples.unique("Neap Tide ");
        try (Tab designer = Tab.lossy(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/new/table");
            page.getByLabel("Name of the pattern").fill(name);
            page.getByLabel("our own").check();
            page.getByLabel("Name of size 1").fill("Crib");
            page.getByLabel("Role in line 1").fill("Ground");
            page.getByLabel("Line 1, size 1").fill("1 1/4");
            page.context().setOffline(true);
            page.getByLabel("Role in line 2").focus();
            page.evaluate(PASTE, "Accents\t3 FQ\nStrips\t1 roll");
            awaited(page.getByLabel("Text to paste")).hasValue("Accents\t3 FQ\nStrips\t1 roll");
            designer.press("Keep this pattern");
            awaited(page.locator("[data-guard-notice=gone]")).isVisible();
            page.context().setOffline(false);

            page.context().clearCookies();
            designer.press("Keep this pattern");
            awaited(page.locator("[data-guard-notice=signed-out]")).isVisible();
            assertThat(page.getByLabel("Line 1, size 1").inputValue()).isEqualTo("1 1/4");
            signInElsewhere(page.context().request());

            designer.press("Keep this pattern");

            awaited(page.locator("h1")).hasText(name);
        }
    }

    /** As in another tab: the cookies are shared. */
    private void signInElsewhere(APIRequestContext request) {
        Matcher token = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"").matcher(request.get(shop.address() + "/sign-in").text());
        assertThat(token.find()).isTrue();
        request.post(shop.address() + "/sign-in", RequestOptions.create().setForm(
                FormData.create().set("username", "idris").set("password", "ferry").set("_csrf", token.group(1))));
    }

    @Test
    void a_file_with_faults_is_refused_whole_and_the_mended_one_is_read(@TempDir Path folder) throws IOException {
        String name = Samples.unique("Slipway ");
        String right = Files.readString(Path.of("src/main/resources/demo/05-slipway.json")).replace("\"Slipway\"", "\"" + name + "\"");
        Path wrong = Files.writeString(folder.resolve("wrong.json"), right.replace("\"format\": 2", "\"format\": 3, \"colour\": \"blue\""));
        Path mended = Files.writeString(folder.resolve("right.json"), right);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/import");
            page.getByLabel("Pattern file").setInputFiles(wrong);
            designer.press("Read it");
            assertThat(page.locator("[role=alert]").textContent()).contains("2 things to mend", "wrong.json", "nothing was added", "colour",
                    "format");
            assertThat(patternsNamed(name)).isZero();

            page.getByLabel("Pattern file").setInputFiles(mended);
            designer.press("Read it");

            awaited(page.locator("h1")).hasText(name);
            assertThat(patternsNamed(name)).isEqualTo(1);
        }
    }

    private long patternsNamed(String name) {
        return shop.database().sql("SELECT count(*) FROM pattern WHERE name = ?").param(name).query(Long.class).single();
    }
}
