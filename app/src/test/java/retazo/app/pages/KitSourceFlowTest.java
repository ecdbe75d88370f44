package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.kit.Instructions;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * A kit of 24 pieces of 3 1/2 × 9 1/2 takes 22 in of whole cloth, 27 in to cut. A quarter of 20 × 18 gives two columns of five, so three
 * quarters, two half yards, 36 in. A square of 10 × 10 gives two, so twelve of a pack of 40.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitSourceFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private final RunBook runs;
    private final GoodService goods;
    private Fabric fabric;
    private long bolt;
    private long kit;

    KitSourceFlowTest(TestShop.Shop shop, KitService kits, KitBook book, KitWorks works, RunBook runs, GoodService goods) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.runs = runs;
        this.goods = goods;
    }

    @BeforeEach
    void a_kit_of_long_reeds_on_a_bolt() {
        fabric = samples.fabric();
        bolt = samples.bolt(fabric, "108 in");
        kit = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric);
    }

    @Test
    void a_kit_whose_cloth_is_cut_into_quarters_tells_cutter_packer_and_maker() {
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/kits/" + kit + "/cloth");
            designer.press("Cut this kit: From fat quarters we cut");
            designer.page().getByText("Kept for this kit.").waitFor();

            assertThat(designer.page().locator(".cloth-figures").textContent()).contains("1yd", "3 fat quarters");
            designer.go("/kits/" + kit + "/cutting-page");
            assertThat(designer.page().locator("article").textContent()).contains("3 fat quarters", "10 × A1");
        }
        long run = samples.run(kit, 1);

        PlannedCut cut = runs.currentCuts(Set.of(run)).get(0);
        assertThat(cut.length()).isEqualTo(Length.ofInches(36));
        assertThat(cut.into()).contains(new ShopCut(PrecutKind.FAT_QUARTER, new Count(3)));
        assertThat(Client.of(shop, "nele").get("/cutting/" + run + "/" + bolt).body())
                .contains("Then cut it every 18 in and along the fold: 3 fat quarters, and one half is over.");
        assertThat(Client.of(shop, "tomas").get("/packing/bags/" + cut.targets().get(0).bagId()).body()).contains("as 3 fat quarters");
    }

    @Test
    void the_sheet_for_pieces_that_the_shop_cuts_from_quarters_shows_each_quarter() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        take(Map.of("fabric", fabric.code(), "quarters", "fat-quarter"));
        long run = samples.run(kit, 2);

        List<PlannedCut> cuts = runs.currentCuts(Set.of(run));
        assertThat(cuts).extracting(PlannedCut::length).containsExactly(Length.ofInches(36), Length.ofInches(36));
        assertThat(Client.of(shop, "nele").get("/cutting/pieces/" + cuts.get(0).id()).body()).contains("First cut it into",
                "3 fat quarters");
    }

    /** The bag was confirmed with 27 in of whole cloth; the kit of later bags is cut into quarters. */
    @Test
    void the_sheet_of_a_confirmed_bag_stays_that_of_its_cloth_when_the_kit_changes() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        long cut = runs.currentCuts(Set.of(samples.run(kit, 1))).get(0).id();

        take(Map.of("fabric", fabric.code(), "quarters", "fat-quarter"));

        assertThat(Client.of(shop, "nele").get("/cutting/pieces/" + cut).body()).contains("the pieces take").doesNotContain("cut it into",
                "no longer come out of it");
    }

    @Test
    void a_kit_is_changed_from_cloth_to_precuts_and_back() {
        Good squares = Samples.done(goods
                .add(NewGood.precut(Samples.unique("SQ"), Samples.unique("Eel 10 in squares "), PrecutKind.SQUARES_10, 41, "#667788")));
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/kits/" + kit + "/cloth");
            designer.page().locator("tr", new Page.LocatorOptions().setHasText("41 in a pack")).getByText("Choose").click();
            designer.page().locator("#in-place").waitFor();

            assertThat(designer.page().locator("#in-place").textContent().replaceAll("\\s+", " "))
                    .contains(squares.name(), "pack of 41", "12 are cut, for A", "12 × ");
            assertThat(works.work(book.kit(kit)).bill().picked()).containsExactly(Map.entry(squares.code(), Count.ONE));
            assertThat(works.work(book.kit(kit)).bill().lengths()).isEmpty();
            designer.go("/kits/" + kit + "/cutting-page");
            assertThat(designer.page().locator("article").textContent()).contains("Cut from " + squares.name());

            designer.go("/kits/" + kit + "/cloth?fabric=" + fabric.code());
            designer.press("Lay the whole cloth again");
            designer.page().locator("#cloth-list").waitFor();
            assertThat(works.work(book.kit(kit)).bill().lengths()).containsExactly(Map.entry(fabric.code(), Length.ofInches(27)));
        }
    }

    @Test
    void precuts_of_a_kit_are_looked_at_beside_its_cloths() {
        Good squares = Samples.done(goods
                .add(NewGood.precut(Samples.unique("SQ"), Samples.unique("Roach 10 in squares "), PrecutKind.SQUARES_10, 40, "#667788")));
        take(Map.of("fabric", fabric.code(), "role", "reed", "good", squares.code()));

        assertThat(Client.of(shop, "idris").get("/kits/" + kit + "/cloth?fabric=" + squares.code()).body())
                .contains("12 are cut, for A", "These stand in place of", fabric.name());
    }

    /** Whoever follows another designer's paper finds nothing about quarters there. */
    @Test
    void a_kit_that_follows_a_paper_keeps_its_whole_cloths() {
        long printed = samples.cutListKit(
                samples.cutListPattern(new PatternAbout("Nima", List.of(), ""), "3 1/2 x 9 1/2 from 9 1/2", 24), fabric);

        Client.of(shop, "idris").post("/kits/" + printed + "/source", Map.of("fabric", fabric.code(), "quarters", "fat-quarter"));

        assertThat(book.kit(printed).quarters(fabric)).isEmpty();
        assertThat(Client.of(shop, "idris").get("/kits/" + printed + "/cloth?others=true").body())
                .contains("nothing can be chosen while the kit follows it").doesNotContain("\"way-");
    }

    @Test
    void a_kit_is_not_given_back_to_its_paper_while_it_takes_other_sources() {
        long decided = samples.cutListKit(
                samples.cutListPattern(new PatternAbout("Nima", List.of(), ""), "3 1/2 x 9 1/2 from 9 1/2", 24), fabric);
        Samples.done(kits.sellBy(decided, Instructions.SHOP, "We cut the pieces ourselves.", 1));
        Client.of(shop, "idris").post("/kits/" + decided + "/source", Map.of("fabric", fabric.code(), "quarters", "fat-eighth"));
        assertThat(book.kit(decided).quarters(fabric)).contains(PrecutKind.FAT_EIGHTH);

        assertThat(kits.sellBy(decided, Instructions.PRINTED, "", 1).<String>match(done -> "done", problems -> problems.get(0).code()))
                .isEqualTo("kit.not-on-paper");
    }

    @Test
    void a_role_planned_from_quarters_shows_on_sizes_and_starts_a_new_kit() {
        PatternVersion planned = samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24);
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/patterns/" + planned.patternId() + "/cloth?size=lap&role=reed&source=fat-quarter-cut");
            assertThat(designer.page().locator("#cloth").textContent()).contains("3 of them, 1 yd off the bolt");
            designer.press("Plan it from fat quarters we cut");
            designer.go("/patterns/" + planned.patternId() + "/sizes");

            assertThat(designer.page().locator("body").textContent()).contains("as 3 fat quarters");
            designer.page().locator("[data-figure='lap.reed.sell']").first().click();
            designer.page().getByText("No choice of cuts takes fewer.").waitFor();
        }
        assertThat(book.kit(samples.cutListKit(planned, fabric)).sources().quarters()).containsValue(PrecutKind.FAT_QUARTER);
    }

    /** On 37 in three pieces of 9 1/2 lie side by side, or ten of 3 1/2; the fabric itself is planned on 40. */
    @Test
    void a_kit_is_planned_on_a_usable_width_of_its_own() {
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/kits/" + kit + "/cloth?width=37");
            designer.press("Keep them for this kit");
            designer.page().locator("#own-settings").waitFor();

            assertThat(designer.page().locator("#own-settings").textContent()).contains("37 in in place of 40 in");
            assertThat(designer.page().getByLabel("Usable width").inputValue()).isEqualTo("37 in");
            assertThat(works.usableWidth(book.kit(kit), fabric)).isEqualTo(Length.ofInches(37));
            designer.go("/kits/" + kit + "/cloth?squaring=2");
            designer.press("Keep them for this kit");
            designer.page().getByText("Kept for this kit alone.").waitFor();
            assertThat(works.usableWidth(book.kit(kit), fabric)).isEqualTo(Length.ofInches(37));
            designer.press("Follow the shop again");
            designer.page().getByText("follows its pattern and the shop again").waitFor();
            assertThat(works.usableWidth(book.kit(kit), fabric)).isEqualTo(Length.ofInches(40));
        }
    }

    private void take(Map<String, String> chosen) {
        assertThat(Client.of(shop, "idris").post("/kits/" + kit + "/source", chosen).statusCode()).isEqualTo(200);
    }
}
