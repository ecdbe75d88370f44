package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.core.kit.Instructions;
import retazo.core.measure.Length;

/**
 * Kits of a pattern that was thought the shop's own, until somebody names its designer. 48 pieces of 2 1/2 × 10 1/2: laid together three
 * strips of 10 1/2 and an inch, 32 1/2 in, with 5 % 34.1, so 36 in; a paper that may cut 2 1/2 in strips takes 16, 41 in, 43.05, so 45.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class MovedKitsTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final PatternService patterns;
    private final KitBook book;
    private final KitWorks works;

    MovedKitsTest(TestShop.Shop shop, PatternService patterns, KitBook book, KitWorks works) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.patterns = patterns;
        this.book = book;
        this.works = works;
    }

    private void name(PatternVersion pattern, String designer) {
        PatternVersion now = patterns.newestOf(pattern.patternId());
        Samples.done(patterns.change(now.patternId(), now.number(), now.content().by(designer), 1));
    }

    @Test
    void its_kits_follow_the_paper_as_soon_as_the_designer_is_named() {
        Fabric fabric = samples.fabric();
        PatternVersion pattern = samples.cutListPattern(PatternAbout.OWN, "2 1/2 x 10 1/2", 48);
        long kit = samples.cutListKit(pattern, fabric);
        Client designer = Client.of(shop, "idris");
        assertThat(length(kit, fabric)).isEqualTo(Length.ofInches(36));
        assertThat(designer.get("/kits/" + kit + "/cutting-page").statusCode()).isEqualTo(200);

        name(pattern, "Odile");

        assertThat(book.kit(kit).instructions()).isEqualTo(Instructions.PRINTED);
        assertThat(book.kit(kit).copy()).isPresent();
        assertThat(length(kit, fabric)).isEqualTo(Length.ofInches(45));
        assertThat(designer.get("/kits/" + kit + "/cutting-page").statusCode()).isEqualTo(404);
        assertThat(designer.get("/kits/" + kit).body()).contains("Its pattern is by Odile, which was named after this kit was made.");
        assertThat(designer.get("/kits/" + kit + "/contents").body()).contains("a pattern by").contains("Odile");
        assertThat(patterns.version(pattern.patternId(), 1).about().designer()).isEqualTo("Odile");
    }

    @Test
    void a_kit_that_the_shop_cuts_stays_so_with_a_reason_and_without_cut_sizes_outside() {
        Fabric fabric = samples.fabric();
        PatternVersion pattern = samples.cutListPattern(PatternAbout.OWN, "2 1/2 x 10 1/2", 48);
        long kit = samples.cutListKit(pattern, fabric);
        Samples.done(samples.bean(KitService.class).sellBy(kit, Instructions.SHOP, "", 1));

        name(pattern, "Odile");

        assertThat(book.kit(kit).instructions()).isEqualTo(Instructions.SHOP);
        assertThat(book.kit(kit).isOurs()).isFalse();
        assertThat(book.kit(kit).decision().map(Decision::reason)).contains("cut by the shop since before the designer was named");
        assertThat(book.kit(kit).hasOurPage()).isFalse();
        Samples.done(samples.bean(KitService.class).sellBy(kit, Instructions.PRINTED, "", 1));
        assertThat(book.kit(kit).instructions()).isEqualTo(Instructions.PRINTED);
    }

    private Length length(long kit, Fabric fabric) {
        return Optional.ofNullable(works.work(book.kit(kit)).lengths().get(fabric.code())).orElseThrow();
    }
}
