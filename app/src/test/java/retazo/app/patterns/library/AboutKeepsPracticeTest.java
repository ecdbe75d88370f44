package retazo.app.patterns.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;

/** What a pattern file says of its own practice is shown where a pattern is told about, and stays when that is saved. */
@Tag("slow")
@ExtendWith(TestShop.class)
class AboutKeepsPracticeTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    AboutKeepsPracticeTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @Test
    void a_usable_width_from_a_file_is_shown_and_kept() {
        PatternService patterns = samples.bean(PatternService.class);
        QuiltDesign plain = samples.cutListPattern(PatternAbout.OWN, "9 x 9", 8).design();
        PatternVersion pattern = Samples.done(patterns.add(PatternContent.own(Samples.unique("Wide reeds "), new QuiltDesign(
                plain.roles(), plain.sizes(), plain.table(), plain.cutList(), plain.drawing(), plain.plannedFrom(),
                Map.of(PracticeMeasure.USABLE_WIDTH, Length.parse("41")))), 1));
        String field = "practice[" + PracticeMeasure.USABLE_WIDTH.key() + "]";
        Client designer = Client.of(shop, "idris");
        String about = "/patterns/" + pattern.patternId() + "/about";

        assertThat(designer.get(about).body()).contains("name=\"" + field + "\"", "value=\"41 in\"");
        designer.post(about, Map.of(
                "version", "1", "name", pattern.name(), "roleNames[0]", "reed", "wishes[0]", "", "plannedFrom", "cut-list",
                "notes", "measured twice", field, "41 in"));

        PatternVersion saved = patterns.newestOf(pattern.patternId());
        assertThat(saved.about()).isEqualTo(new PatternAbout("", List.of(), "measured twice"));
        assertThat(saved.design().overrides()).isEqualTo(Map.of(PracticeMeasure.USABLE_WIDTH, Length.parse("41")));
    }
}
