package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Length;

/** The page of a cloth in the browser: its plan, settings tried out, whose instructions, and what is printed. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ClothFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    ClothFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    /**
     * 24 of 3 1/2 × 9 1/2. At 40 in four lie side by side lengthwise: 6 strips of 3 1/2 and 1 in of squaring, 22 in. At 37 1/2 only
     * three do: two strips of 9 1/2 with ten each and two of 3 1/2 with three and one, 26 and 1: 27 in.
     */
    @Test
    void another_usable_width_shows_another_plan_at_once_and_leaves_the_practice_alone() {
        PatternVersion pattern = pattern(PatternAbout.OWN);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/cloth");
            awaited(page.locator(".cloth-figures")).containsText("22in");
            // 23.1 in with the margin are 3/4 yd; the 22 alone would be 5/8.
            awaited(page.locator(".cloth-figures")).containsText("without the margin 5/8 yd");
            awaited(page.locator("#cloth-list tbody tr")).hasCount(1);
            awaited(page.locator("#cloth-list")).containsText("6 ×");

            page.locator("[name=width]").fill("37 1/2");
            page.locator("[name=width]").blur();
            awaited(page.locator(".cloth-figures")).containsText("27in");
            awaited(page.locator("#cloth-list tbody tr")).hasCount(3);
            awaited(page.locator("#cloth")).containsText("nothing is kept");

            page.locator("[name=width]").fill("four feet");
            page.locator("[name=width]").blur();
            awaited(page.locator(".cloth-figures")).containsText("22in");

            designer.go("/patterns/" + pattern.patternId() + "/cloth?width=four+feet");
            awaited(page.locator("#fault-width")).isVisible();
            awaited(page.locator("[name=width]")).hasValue("four feet");
        }
    }

    /**
     * Two of 3 1/2 × 9 1/2 lie side by side on 10 × 10: 12 squares, one pack of either number. Eighths of 8 1/2 × 20 1/2 give four
     * each: 6.
     */
    @Test
    void precuts_are_chosen_in_place_of_cloth_and_packs_of_either_number_are_told() {
        PatternVersion pattern = pattern(PatternAbout.OWN);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/cloth");
            page.locator("select[name=source]").selectOption("squares-10");
            awaited(page.locator(".cloth-figures")).containsText("12");
            awaited(page.locator(".precut-sheets figure")).hasCount(1);
            awaited(page.locator("aside")).containsText("Packs");
            awaited(page.locator("aside tbody tr").first()).containsText("28");
            awaited(page.locator("[name=width]")).not().isVisible();

            page.locator("select[name=source]").selectOption("fat-eighth");
            awaited(page.locator(".cloth-figures")).containsText("6");
            page.locator("select[name=source]").selectOption("squares-5");
            awaited(page.locator(".notice-stop")).containsText("A1 (31/2 × 91/2 in) does not come out of these precuts");
            page.locator("select[name=source]").selectOption("bolt");
            awaited(page.locator(".cloth-figures")).containsText("22in");
        }
    }

    /**
     * Lantern of the demo's throw takes 23 squares, one pack of 40; the twin 40 and the crib 14: 53 + 105 and 18 + 36 pieces, four
     * to a square.
     */
    @Test
    void a_pack_that_is_enough_for_a_larger_size_says_so() {
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/patterns/1/cloth?size=throw&role=lantern&source=squares-10");

            awaited(designer.page().locator("aside")).containsText("The same packs of 40 are enough for Twin");
            awaited(designer.page().locator("aside")).containsText("Packs of 40 make 35 blocks, 15 more than this size takes");
        }
    }

    /** The same 12 squares are one pack of 40, at the usual 44.50 of the demo shop; a kit is offered the squares in stock first. */
    @Test
    void a_precut_chosen_for_a_role_is_what_sizes_and_a_new_kit_plan_from() {
        PatternVersion pattern = pattern(PatternAbout.OWN);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/cloth");
            awaited(page.locator("#cloth-alternatives")).containsText("From 10 in squares");
            awaited(page.locator("#cloth-alternatives")).containsText("$44.50");
            page.locator("select[name=source]").selectOption("squares-10");
            designer.press("Plan it from 10 in squares");
            awaited(page.locator("#source")).containsText("planned from 10 in squares");

            designer.go("/patterns/" + pattern.patternId() + "/sizes");
            awaited(page.locator("#figures")).containsText("pack of 40");
            awaited(page.locator("#figures")).containsText("$44.50");
            page.locator("#figures a.opens").first().click();
            awaited(page.locator("#arithmetic")).containsText("Cut into 2 × A1 each");

            designer.go("/kits/new?pattern=" + pattern.patternId());
            awaited(page.locator("[name='fabrics[reed]']")).hasValue(Pattern.compile(".*10 in squares.*"));

            designer.go("/patterns/" + pattern.patternId() + "/cloth?source=bolt");
            designer.press("Plan it from cloth off the bolt");
            designer.go("/patterns/" + pattern.patternId() + "/sizes");
            awaited(page.locator("#figures")).containsText("3/4yd");
        }
    }

    /** 22 in without a margin are 5/8 yd; with a quarter of a yard more, 31 in, 7/8. */
    @Test
    void a_margin_is_tried_out_on_a_cloth() {
        PatternVersion pattern = pattern(PatternAbout.OWN);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/cloth?margin=none");
            awaited(page.locator(".cloth-figures")).containsText("5/8yd");
            page.locator("[name=margin]").fill("1/4 yd");
            page.locator("[name=margin]").blur();
            awaited(page.locator(".cloth-figures")).containsText("7/8yd");
        }
    }

    @Test
    void kits_cut_together_are_set_against_as_many_single_ones() {
        long kit = kit(pattern(PatternAbout.OWN));
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/cloth");
            page.getByLabel("Cut so many kits together").fill("5");
            page.getByLabel("Cut so many kits together").blur();
            awaited(page.locator("#batch")).containsText("5 kits cut together");
            awaited(page.locator("#batch")).containsText("instead of 110 in");
            designer.go("/kits/" + kit + "/cloth?together=0");
            awaited(page.locator("#fault-together")).isVisible();
        }
    }

    @Test
    void list_drawing_and_arithmetic_are_tied_and_the_drawing_is_zoomed() {
        PatternVersion pattern = pattern(PatternAbout.OWN);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/patterns/" + pattern.patternId() + "/cloth?width=37+1/2");
            page.locator("#cloth-list tbody tr").first().focus();
            awaited(page.locator("#cloth-drawing .cloth-strip.is-tied")).hasCount(2);
            awaited(page.locator("#cloth-list tr.is-tied")).hasCount(1);
            page.evaluate("document.querySelectorAll('.arithmetic details').forEach(step => { step.open = true; })");
            page.locator("#cloth-list tbody tr").nth(1).hover();
            awaited(page.locator(".arithmetic [data-strip='2'].is-tied").first()).isVisible();
            page.locator(".arithmetic details[data-strip='1'] > summary").first().hover();
            awaited(page.locator("#cloth-list tr.is-tied")).hasCount(1);
            awaited(page.locator("#cloth-list tr").nth(1)).hasClass("is-tied");
            double before = page.locator("#cloth-drawing").boundingBox().width;

            page.getByLabel("Larger").click();

            assertThat(page.locator("#cloth-drawing").boundingBox().width).isGreaterThan(before * 1.2);
        }
    }

    /** Each size alone: 11 to a strip of 9 1/2, 3 strips, 29 1/2 in; with 5 % 30.975, so 7/8 yd. By our plan 22, 23.1, so 3/4 yd. */
    @Test
    void another_designers_kit_is_sold_each_size_alone_until_somebody_decides_otherwise_with_a_reason() {
        long kit = kit(pattern(new PatternAbout("Odile", List.of(), "")));
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/cloth");
            awaited(page.locator("#whose")).containsText("The printed pattern’s.");
            awaited(page.locator(".cloth-figures")).containsText("7/8yd");

            designer.go("/kits/" + kit);
            awaited(page.locator("div.work")).containsText("would take 1/8 yd less");
            designer.go("/kits/" + kit + "/cloth");
            page.getByText("Sell it by our plan instead").click();
            designer.press("Sell by our plan");
            awaited(page.locator("#fault-reason")).containsText("Say why the maker will not be a strip short");
            page.getByLabel("Why it is safe").fill("Nele cuts all pieces here");
            designer.press("Sell by our plan");
            awaited(page.locator("#whose")).containsText("Idris decided it");
            awaited(page.locator("#whose")).containsText("Nele cuts all pieces here");
            awaited(page.locator(".cloth-figures")).containsText("3/4yd");
            assertThat(length(kit)).isEqualTo(Length.ofInches(27));

            designer.press("Sell it by its pattern again");
            awaited(page.locator("#whose")).containsText("The printed pattern’s.");
            assertThat(length(kit)).isEqualTo(Length.parse("31 1/2 in"));
        }
    }

    /**
     * 48 of 2 1/2 x 10 1/2: 16 strips of 2 1/2 are 40 in, 3 of 10 1/2 are 31 1/2; with 1 in, 41 and 32 1/2 in; with 5 % 43.05 and 34.1,
     * so 10 eighths, and 8 once it is said that the paper cuts strips of 10 1/2.
     */
    @Test
    void what_the_paper_leaves_open_is_told_at_the_kit_and_asked_at_the_line() {
        PatternVersion pattern = samples.cutListPattern(new PatternAbout("Odile", List.of(), ""), "2 1/2 x 10 1/2", 48);
        long kit = kit(pattern);
        assertThat(length(kit)).isEqualTo(Length.ofInches(45));
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit);
            awaited(page.locator("div.work")).containsText("Nobody said from which strips the pattern’s paper cuts A1.");
            designer.go("/kits/" + kit + "/cloth");
            awaited(page.locator("div.work")).containsText("the longer of both ways is sold");
            designer.go("/kits/" + kit);
            page.getByText("Say it in the cut list").click();
            awaited(page.locator("table.worksheet").last()).containsText("Add “from 2 1/2” or “from 10 1/2”.");
            page.getByLabel("Piece of line 1").fill("2 1/2 x 10 1/2 from 10 1/2");
            designer.press("Keep as version 2");
            page.waitForURL("**/patterns/" + pattern.patternId());
        }

        PatternVersion said = samples.bean(PatternService.class).newestOf(pattern.patternId());
        long next = Samples.done(samples.bean(KitService.class).add(new NewKits(
                said, List.of("lap"), "said", Map.of(new RoleKey("reed"), samples.fabric()), Map.of(), new Contents(false, false)))).get(0);
        assertThat(length(next)).isEqualTo(Length.ofInches(36));
        assertThat(length(kit)).isEqualTo(Length.ofInches(45));
    }

    /** Each size alone 7/8 yd, laid together 3/4 yd: as above. */
    @Test
    void a_way_to_cut_is_chosen_for_a_kit_of_ours_and_its_cutting_page_follows() {
        long kit = kit(pattern(PatternAbout.OWN));
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/cloth");
            page.getByLabel("Cut this kit: Each size alone").click();
            awaited(page.locator("#whose")).containsText("each size alone, strip by strip");
            awaited(page.locator("#whose")).containsText("Idris chose it");
            awaited(page.locator(".cloth-figures")).containsText("7/8yd");
            designer.go("/kits/" + kit + "/cutting-page");
            awaited(page.locator(".sheet-page")).containsText("91/2in");

            designer.go("/kits/" + kit + "/cloth");
            awaited(page.locator("[data-more-ways]")).hasCount(0);
            // The part of the page in which it stands may be put anew while it is sent.
            page.getByLabel("Cut this kit: Laid together")
                    .evaluate("button => { button.form.requestSubmit(button); button.form.remove(); }");
            awaited(page.locator(".cloth-figures")).containsText("3/4yd");
            awaited(page.locator("#whose")).not().containsText("chose it");
        }
    }

    @Test
    void a_printed_plan_has_its_figures_and_of_another_designers_pattern_no_cut_sizes() throws IOException {
        long own = kit(pattern(PatternAbout.OWN));
        long foreign = kit(pattern(new PatternAbout("Odile", List.of(), "")));

        assertThat(printed("/kits/" + own + "/cloth")).contains("3/4yd", "A1(31/2×91/2in)", "6×", "31/2in");
        assertThat(printed("/kits/" + foreign + "/cloth")).contains("7/8yd", "A1", "cutsizesstayintheshop").doesNotContain("31/2", "×91/2",
                "6×");
    }

    @Test
    void printed_sheets_have_their_figures_and_of_another_designers_pattern_no_cut_sizes() throws IOException {
        String squares = "/cloth?size=lap&role=reed&source=squares-10";
        long own = pattern(PatternAbout.OWN).patternId();
        long foreign = pattern(new PatternAbout("Odile", List.of(), "")).patternId();

        assertThat(printed("/patterns/" + own + squares)).contains("12×", "2×A1", "A131/2×91/2in");
        assertThat(printed("/patterns/" + foreign + squares)).contains("12×", "2×A1", "cutsizesstayintheshop").doesNotContain("31/2",
                "×91/2");
    }

    private String printed(String path) throws IOException {
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go(path);
            try (PDDocument paper = Loader.loadPDF(designer.page().pdf())) {
                return new PDFTextStripper().getText(paper).replaceAll("\\s", "").replace("⁄", "/").replace("½", "1/2");
            }
        }
    }

    private Length length(long kit) {
        KitService kits = samples.bean(KitService.class);
        return samples.bean(KitWorks.class).work(samples.bean(KitBook.class).kit(kit)).lengths().values().iterator().next();
    }

    private PatternVersion pattern(PatternAbout about) {
        return samples.cutListPattern(about, "3 1/2 x 9 1/2 from 9 1/2", 24);
    }

    private long kit(PatternVersion pattern) {
        return samples.cutListKit(pattern, samples.fabric());
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }
}
