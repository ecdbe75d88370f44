package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.PrintedText;

/** A PDF as a browser prints it, from the file to a pattern that is kept. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PdfFlowTest {

    private static final String TABLES = """
            <h1>Marsh Lights</h1><p>Choose the size that fits your bed; a little is added to all lengths.</p>
            <table cellpadding=6><tr><th></th><th>Crib</th><th>Throw</th><th>Queen</th></tr>
            <tr><td>Finished size</td><td>36 x 52</td><td>50 x 65</td><td>90 x 95</td></tr>
            <tr><td>Night ground</td><td>1½ yd</td><td>2¼ yd</td><td>5⅛ yd</td></tr>
            <tr><td>Inner border</td><td>¼ yd</td><td></td><td>⅝ yd</td></tr></table>
            <p>Read everything before you cut.</p>
            <table cellpadding=4><tr><td>Night ground</td><td>4 1/2 x 4 1/2</td><td>48</td></tr>
            <tr><td>Lantern</td><td>2 1/2 x 10 1/2 from 2 1/2 strips</td><td>24</td></tr></table>""";

    private final TestShop.Shop shop;
    private final Samples samples;

    PdfFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    private byte[] printed() {
        try (BrowserContext context = shop.browser().newContext()) {
            Page page = context.newPage();
            page.setContent("<!doctype html><meta charset=utf-8><body style='font-family: sans-serif'>" + TABLES);
            return page.pdf();
        }
    }

    private static FilePayload pdf(byte[] bytes) {
        return new FilePayload("pattern.pdf", "application/pdf", bytes);
    }

    @Test
    void its_tables_are_found_looked_over_and_kept() {
        String name = Samples.unique("Marsh Lights ");
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            open(designer, "/patterns/pdf", printed());
            awaited(page.locator("#table-1")).containsText("5⅛ yd");
            awaited(page.locator("#table-2")).containsText("2 1/2 x 10 1/2 from 2 1/2 strips");

            designer.press("Use table 1 as a size table");
            page.getByLabel("Name of the pattern").fill(name);
            designer.press("Keep this pattern");
            awaited(page.locator("body")).containsText("2 things to mend");
            page.locator("[name=whose][value=ours]").check();
            designer.press("Keep this pattern");
            awaited(page.locator("#fault-compared")).containsText("Compare each cell with the paper");
            assertThat(page.getByLabel("Name of the pattern").inputValue()).isEqualTo(name);
            page.getByLabel("I have compared every cell with the paper").check();
            designer.press("Keep this pattern");
            page.waitForURL("**/sizes");
        }
        PatternVersion kept = samples.bean(PatternService.class).newestOf(shop.database()
                .sql("SELECT id FROM pattern WHERE name = ?").param(name).query(Long.class).single());
        QuiltDesign design = kept.design();
        assertThat(design.sizes()).extracting(size -> size.name()).containsExactly("Crib", "Throw", "Queen");
        assertThat(design.table().orElseThrow().rows()).hasSize(2);
        assertThat(PrintedText.write(design.table().orElseThrow().rows().get(0).cells().get(design.sizes().get(2).key())))
                .isEqualTo("5 1/8 yd");
        assertThat(design.table().orElseThrow().rows().get(1).cells()).doesNotContainKey(design.sizes().get(1).key());
    }

    /** The second table goes to the lines of a pattern that has one already. */
    @Test
    void a_cut_list_grows_by_a_table() {
        PatternVersion before = samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            open(designer, "/patterns/pdf?pattern=" + before.patternId(), printed());
            designer.press("Use table 2 as a cut list");
            awaited(page.locator("body")).containsText("Compare each of them with the paper");
            assertThat(page.locator("[name='lines[0].form'], [name='lines[0].piece']").first().inputValue()).isEqualTo("3 1/2 x 9 1/2");
            assertThat(page.locator("[name='lines[2].form'], [name='lines[2].piece']").first().inputValue())
                    .isEqualTo("2 1/2 x 10 1/2 from 2 1/2 strips");
        }
        assertThat(samples.bean(PatternService.class).newestOf(before.patternId()).number()).isEqualTo(1);
    }

    @Test
    void what_is_no_pdf_is_locked_or_has_no_text_is_refused() throws IOException {
        try (Tab designer = Tab.of(shop, "idris")) {
            open(designer, "/patterns/pdf", "no pdf".getBytes(StandardCharsets.UTF_8));
            awaited(designer.page().locator("#fault-file")).containsText("This is no PDF");
            open(designer, "/patterns/pdf", written(false));
            awaited(designer.page().locator("#fault-file")).containsText("a scan is a picture");
            open(designer, "/patterns/pdf", written(true));
            awaited(designer.page().locator("#fault-file")).containsText("locked with a password");
            open(designer, "/patterns/pdf", "%PDF-1.7 broken".getBytes(StandardCharsets.UTF_8));
            awaited(designer.page().locator("#fault-file")).containsText("cannot be read");
        }
    }

    private static byte[] written(boolean locked) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            if (locked) {
                document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static void open(Tab designer, String path, byte[] bytes) {
        designer.go(path);
        designer.page().locator("[name=file]").setInputFiles(pdf(bytes));
        designer.press("Find its tables");
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }
}
