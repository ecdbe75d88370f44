package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;

/** A quilt is put together, its sizes are tried out, its paper is judged, and cloth becomes a size, in a real browser. */
@Tag("slow")
@ExtendWith(TestShop.class)
class QuiltFlowTest {

    private final TestShop.Shop shop;
    private final PatternService patterns;

    QuiltFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.patterns = new Samples(shop).bean(PatternService.class);
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }

    /** A copy of a demo pattern, so that others find theirs as it was. */
    private PatternVersion copyOf(String name) {
        return Samples.done(patterns.copy(
                patterns.newest(PatternSearch.byName(name)).get(0).patternId(), 1));
    }

    private void remove(PatternVersion pattern) {
        patterns.archive(pattern.patternId());
    }

    private static Locator counts(Page page) {
        return page.locator("#drawing table");
    }

    /** 4 × 5 in turn, star and plain: 10 and 10. On point the same rule counts 20 + 12; sashed 2 in, and kept. */
    @Test
    void a_place_rule_and_a_setting_are_chosen_beside_the_drawing() {
        PatternVersion pattern = copyOf("Weathercock");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/quilt");
            page.locator("#shown").selectOption(new SelectOption().setLabel("Crib"));
            awaited(page.locator(".quilt-title")).containsText("Crib");
            awaited(page.getByLabel("row 1, column 2: vane, turned 90°")).isVisible();
            page.locator("[name='rule.cycle.kinds']").fill("vane, vane @180");
            awaited(page.getByLabel("row 1, column 2: vane, turned 180°")).isVisible();
            page.locator("[name='setting.kind']").selectOption("triangles");
            awaited(page.locator(".notice-warn")).containsText("as soon as everything here can be read");
            page.locator("[name='setting.sides']").selectOption("A");
            page.locator("[name='setting.corners']").selectOption("A");
            // 4 · 5 + 3 · 4.
            awaited(counts(page)).containsText("32");
            page.locator("[name='setting.sash']").selectOption("C");
            page.locator("[name='setting.sashWidth']").fill("2 1/2 cut");
            awaited(page.locator("#drawing")).containsText("C, sashes");

            designer.press("Keep as version 2");
            page.waitForURL(Pattern.compile(".*quilt\\?size=.*"));
        }
        PatternVersion kept = patterns.newestOf(pattern.patternId());
        assertThat(kept.number()).isEqualTo(2);
        assertThat(kept.design().drawing().orElseThrow().setting().sashing().orElseThrow().width().toString()).isEqualTo("2 in");
        remove(pattern);
    }

    /** With the keyboard alone: the second block is turned, and the first trades its colours with the third; nothing is counted anew. */
    @Test
    void blocks_are_turned_and_traded_by_keys() {
        PatternVersion pattern = copyOf("Signal Flags");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/quilt");
            String before = counts(page).textContent();
            page.locator("[data-place='0,0']").focus();
            page.keyboard().press("ArrowRight");
            page.keyboard().press("t");
            awaited(page.locator("[name='sizes[1].changes']")).hasValue("turn 1,0 by 90");
            page.keyboard().press("t");
            awaited(page.locator("[data-place-act=undo]")).isEnabled();
            designer.press("Undo");
            awaited(page.locator("[name='sizes[1].changes']")).hasValue("turn 1,0 by 90");
            page.locator("[data-place='0,0']").focus();
            page.keyboard().press("x");
            awaited(page.locator("[data-place='2,0']")).hasClass(Pattern.compile("place-trades"));
            page.locator("[data-place='2,0']").click();
            awaited(page.locator("[name='sizes[1].changes']")).hasValue("turn 1,0 by 90; trade 0,0 and 2,0");
            // The blocks of this pattern are not square, so a quarter turn is told and the drawing waits.
            awaited(counts(page)).hasText(before);
        }
        remove(pattern);
    }

    /** 6 in of border where there were 4: the border, the backing and the finished sides change, and only they. */
    @Test
    void a_border_tried_out_shows_which_figures_change() {
        PatternVersion pattern = copyOf("Weir Lanterns");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/sizes");
            page.getByText("Change the sizes").click();
            page.getByLabel("Borders of size 2").fill("5");
            awaited(page.locator("#drawing-kept")).containsText("Tried out, not kept.");
            awaited(page.locator("td.is-changed").first()).isVisible();
            awaited(page.locator("#figures")).containsText("was 59in");
            awaited(page.locator("td.is-changed")).hasCount(4);
            page.getByLabel("Name of size 4").fill("Wide");
            page.getByLabel("Blocks across of size 4").fill("5");
            page.getByLabel("Blocks down of size 4").fill("5");
            awaited(page.locator("#figures thead")).containsText("Wide");
            designer.press("Keep as version 2");
            awaited(page.locator(".head-sub")).containsText("version 2");
            awaited(page.locator("#ladder")).containsText("Wide");
        }
        assertThat(patterns.newestOf(pattern.patternId()).design().sizes()).hasSize(4);
        remove(pattern);
    }

    /** The paper of Weir Lanterns was worked out on cloth of 42 in; typed anew, a length is generous. */
    @Test
    void a_printed_table_is_typed_and_its_verdicts_are_read() {
        PatternVersion pattern = copyOf("Weir Lanterns");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/table");
            page.getByLabel("Line 1, size 1").fill("1 1/2 yd");
            designer.press("Keep as version 2");
            page.waitForURL(Pattern.compile(".*/sizes$"));
            designer.go("/patterns/" + pattern.patternId() + "/sizes");

            String verdicts = page.locator("#verdicts").textContent();
            assertThat(verdicts).contains("cloth 42 in usable", "impossible, too little by", "no reading found",
                    "borders counted as wide as they are cut");
            awaited(page.locator("#verdicts tr", new Page.LocatorOptions().setHasText("A night water")).first())
                    .containsText("generous by");
        }
        remove(pattern);
    }

    /** 1 yd of the lamp is enough for 20 lanterns; the size found is tried out among the others. */
    @Test
    void cloth_that_is_there_becomes_a_size() {
        PatternVersion pattern = copyOf("Weir Lanterns");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/sizes");
            page.getByText("From the cloth to the size").click();
            page.getByLabel("Cloth for B, lamp").fill("a yard");
            designer.press("What can be made?");
            awaited(page.locator(".fault").first()).containsText("is no amount");
            page.getByLabel("Cloth for B, lamp").fill("1 roll");
            designer.press("What can be made?");
            awaited(page.locator(".fault").first()).containsText("does not come out of these precuts");
            page.getByLabel("Cloth for B, lamp").fill("1 yd");
            page.locator("[name=from]").selectOption(new SelectOption().setLabel("Sofa"));
            designer.press("What can be made?");
            Locator found = page.locator("article", new Page.LocatorOptions().setHasText("5 × 4")).first();
            awaited(found).containsText("B short by");
            awaited(found).containsText("nearest to a");
            assertThat(found.getByRole(AriaRole.IMG).count()).isEqualTo(1);
            found.getByText("Try it as a size").click();
            awaited(page.locator("#drawing-kept")).containsText("Tried out, not kept.");
            awaited(page.locator("#ladder")).containsText("5 × 4 from the cloth");
        }
        remove(pattern);
    }

    @Test
    void a_target_proposes_sizes_and_names_each_miss() {
        PatternVersion pattern = copyOf("Weir Lanterns");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/sizes");
            page.getByText("Find a size for a bed or a target").click();
            page.locator("[name=mattress]").fill("54 x 75");
            page.locator("[name=drop]").fill("12");
            designer.press("Find sizes");
            awaited(page.locator("#target")).containsText("78 × 87 in");
            awaited(page.locator("#target tbody tr").first()).containsText("too ");
            page.getByText("Try it as a size").first().click();
            awaited(page.locator("#ladder")).containsText("For 78 x 87");
        }
        remove(pattern);
    }

    /** Too wide a border, a grid too large, a target of nothing, a quilt beyond 300 in: told, and nothing is kept. */
    @Test
    void what_cannot_be_made_is_told_and_never_breaks() {
        PatternVersion pattern = copyOf("Ferry Wake");
        Client designer = Client.of(shop, "idris");
        String sizes = "/patterns/" + pattern.patternId() + "/sizes/try";
        designer.get("/patterns/" + pattern.patternId() + "/sizes");
        Map<String, String> size = Map.of("version", "1", "sizes[0].key", "crib", "sizes[0].name", "Crib", "sizes[0].sash", "",
                "sizes[0].changes", "");

        assertThat(answer(designer, sizes, size, "3", "4", "30", "")).contains("more than 0 and at most 24 in");
        assertThat(answer(designer, sizes, size, "60", "60", "", "")).contains("the most is 8 1/3 yd");
        assertThat(answer(designer, sizes, size, "61", "1", "", "")).contains("whole number from 1 to 60");
        assertThat(answer(designer, sizes, size, "3", "4", "", "1/64")).contains("cannot be cut");
        assertThat(answer(designer, sizes, size, "0", "4", "", "")).contains("whole number from 1 to 60");
        Map<String, String> nothing = new HashMap<>(size);
        nothing.putAll(Map.of("sizes[0].columns", "3", "sizes[0].rows", "4", "mattress", "0 x 75"));
        assertThat(designer.post(sizes, nothing).body()).contains("more than 0");
        assertThat(patterns.newestOf(pattern.patternId()).number()).isEqualTo(1);
        remove(pattern);
    }

    private static String answer(Client designer, String path, Map<String, String> size, String columns, String rows, String border,
            String block) {
        Map<String, String> form = new HashMap<>(size);
        form.putAll(Map.of("sizes[0].columns", columns, "sizes[0].rows", rows, "sizes[0].border", border, "sizes[0].block", block));
        HttpResponse<String> answer = designer.post(path, form);
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }
}
