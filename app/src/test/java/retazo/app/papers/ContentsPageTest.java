package retazo.app.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.file.PatternAbout;

/** What goes out with every kit, by another designer too. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ContentsPageTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    ContentsPageTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    /** Eight pieces of 9 × 10 in: their size stays in the shop, the length and the copy of the pattern are told. */
    @Test
    void contents_of_a_kit_by_another_designer_tell_lengths_and_no_cut_size() {
        Fabric fabric = samples.fabric();
        long kit = samples.cutListKit(samples.cutListPattern(new PatternAbout("Wren Alder", List.of(), ""), "9 x 10", 8), fabric);
        Client packer = Client.of(shop, "tomas");

        String page = packer.get("/kits/" + kit + "/contents").body();

        String sheet = page.substring(page.indexOf("<article"), page.indexOf("</article>")).replaceAll("(?s)<svg.*?</svg>", "")
                .replaceAll("<[^>]+>", " ").replaceAll("\\s+", " ");
        assertThat(sheet).contains("Wren Alder", fabric.name(), "yd", "1 copy", "Cut by the pattern in the bag")
                .doesNotContain("9 ×", "10 in", "× 10", "A1");
        assertThat(packer.get("/kits/" + kit + "/cutting-page").statusCode()).isEqualTo(404);
    }
}
