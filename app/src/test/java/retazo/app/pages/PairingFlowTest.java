package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.NewKits;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.SheetSize;
import retazo.core.kit.Contents;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.prints.PrintValue;

/** The prints of a bundle from the table where it lies open to the packer's bag. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PairingFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;

    PairingFlowTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    /**
     * Four units of two different prints are eight pieces, and a pack has nine: seven of reed, one of fog, one of mud. Each unit needs
     * one that is not reed, so one pack makes two units and the bill asks for two packs. A quarter of gull, cut off a bolt, gives two
     * squares of 10 in, and one pack is enough.
     */
    @Test
    void the_bill_asks_for_the_packs_whose_prints_go_together_and_singles_stand_in_for_one() {
        Good pack = Samples.done(samples.bean(GoodService.class).add(
                NewGood.precut(Samples.unique("NINE"), Samples.unique("Nine squares "), PrecutKind.SQUARES_10, 9, "#4f7f86")));
        PatternVersion pattern = samples.cutListPattern(PatternAbout.OWN, "9 x 9", 8);
        long kit = Samples.done(samples.bean(KitService.class).add(new NewKits(
                pattern, List.of("lap"), "plain", Map.of(), Map.of(new RoleKey("reed"), pack), new Contents(false, false)))).get(0);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/pairing");
            awaited(page.locator("section.paper")).containsText("Mixed freely: 1 pack of 9");
            fillRule(page);
            designer.press("Keep and match");
            awaited(page.locator("section.paper")).containsText("is not known, so they cannot be matched");
            awaited(page.getByLabel("Letters of the roles").nth(1)).hasValue("a");

            designer.go("/stock/goods/" + pack.id() + "/prints");
            page.locator("textarea").fill("Reed, dark, seven\nFog, light, 1\nMud");
            designer.press("Keep them");
            awaited(page.locator("#fault-prints")).containsText("Line 1 cannot be read");
            page.locator("textarea").fill("Reed, dark, 7\nFog, light, 1\nMud");
            designer.press("Keep them");

            designer.go("/kits/" + kit + "/pairing");
            fillRule(page);
            page.getByLabel("Letters of the roles").first().fill("Z");
            designer.press("Keep and match");
            awaited(page.locator("[id='fault-letters.0']")).containsText("Type letters of roles that are cut from it: A");
            page.getByLabel("Letters of the roles").first().fill("A");
            designer.press("Keep and match");
            awaited(page.locator("section.paper")).containsText("All 4 units have their prints from 2 packs of 9");
            awaited(page.locator(".pairing-list li")).hasCount(4);
            assertThat(picked(kit)).containsEntry(pack.code(), new Count(2));

            Fabric gull = cutQuarters();
            designer.go("/kits/" + kit + "/pairing");
            awaited(page.locator("section.paper")).containsText("1 × Fat quarter of " + gull.name());
            designer.press("Top up with Fat quarter of " + gull.name());
            awaited(page.locator("section.paper")).containsText("All 4 units have their prints from 1 pack of 9");
            awaited(page.locator(".pairing-list")).containsText("Fat quarter of " + gull.name());
            assertThat(picked(kit)).containsEntry("Q4-" + gull.id(), Count.ONE).containsEntry(pack.code(), Count.ONE);

            designer.press("Do without Fat quarter of " + gull.name());
            awaited(page.locator("section.paper")).containsText("2 packs of 9");
            designer.press("Mix the prints freely");
            awaited(page.locator("section.paper")).containsText("Mixed freely: 1 pack of 9");
            assertThat(picked(kit)).containsEntry(pack.code(), Count.ONE).doesNotContainKey("Q4-" + gull.id());
        }
    }

    /**
     * 42 strips of a roll of 40 are two rolls. Two strips off a bolt are 5 in and 1 in to square up, with 5 % 6.3: ¼ yd. They go into the
     * bag as strips, the cutter is told so, and the maker's page names them beside the roll.
     */
    @Test
    void a_roll_that_is_two_strips_short_is_completed_off_a_bolt() {
        Good roll = Samples.done(samples.bean(GoodService.class).add(
                NewGood.precut(Samples.unique("ROLL"), Samples.unique("Tide strips "), PrecutKind.STRIP_ROLL, 40, "#4f7f86")));
        Samples.done(samples.bean(GoodService.class).move(roll.id(), 2, Reason.RECEIVED, Samples.entry()));
        Fabric fog = samples.fabric();
        samples.bolt(fog, "30 in");
        long kit = Samples.done(samples.bean(KitService.class).add(new NewKits(
                samples.cutListPattern(PatternAbout.OWN, "38 x 2 1/2", 42), List.of("lap"), "plain", Map.of(),
                Map.of(new RoleKey("reed"), roll), new Contents(false, false)))).get(0);
        assertThat(picked(kit)).containsEntry(roll.code(), new Count(2));
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/pairing");
            page.getByText("Complete the packs off a bolt").click();
            page.locator("[name=cloth]").first().fill("no such cloth");
            designer.press("What would it take?");
            awaited(page.locator("#off-bolt")).containsText("No fabric of the shop is called no such cloth");
            page.locator("[name=cloth]").first().fill(fog.code());
            designer.press("What would it take?");
            awaited(page.locator("#off-bolt")).containsText("2 of " + fog.name() + " in place of one more pack: 1/4 yd off a bolt");
            designer.press("Top up with them");
            awaited(page.locator("section.paper")).containsText("2 of " + fog.name() + ", cut off a bolt in the shop: 1/4 yd");
            awaited(page.locator("section.paper")).containsText("Mixed freely: 1 pack of 40");
        }
        assertThat(picked(kit)).containsEntry(roll.code(), Count.ONE);
        assertThat(lengths(kit)).containsEntry(fog.code(), Length.ofInches(9));
        assertThat(samples.bean(PossibleKits.class).of(samples.bean(KitBook.class).kit(kit)).bags()).isEqualTo(new Count(2));

        long run = samples.run(kit, 1);

        Bag bag = samples.bean(RunBook.class).bags(Set.of(run)).get(run).get(0);
        assertThat(bag.lines()).singleElement().satisfies(line -> {
            assertThat(line.length()).isEqualTo(Length.ofInches(9));
            assertThat(line.into().orElseThrow()).isEqualTo(new ShopCut(
                    PrecutKind.STRIP_ROLL, new Count(2), Optional.of(SheetSize.of(Length.ofInches(40), Length.parse("2 1/2 in")))));
        });
        Client cutter = Client.of(shop, "nele");
        PlannedCut cut = samples.bean(RunBook.class).currentCuts(Set.of(run)).get(0);
        assertThat(cutter.get("/cutting/" + run + "/" + cut.boltId()).body()).contains("Then cut it into 2 sheets of 2 1/2 × 40 in");
        assertThat(Client.of(shop, "idris").get("/kits/" + kit + "/cutting-page").body()).contains("2 of " + fog.name() + " beside them");
        Samples.done(samples.bean(KitService.class).take(
                kit, samples.bean(KitBook.class).kit(kit).sources().withoutTopUp(fog.id())));
        assertThat(picked(kit)).containsEntry(roll.code(), new Count(2));
    }

    /** A bag takes one length of a fabric, so a fabric that completes one roll is not taken away from it by another. */
    @Test
    void a_fabric_completes_the_packs_of_one_precut_only() throws Exception {
        RoleKey reed = new RoleKey("reed");
        RoleKey fog = new RoleKey("fog");
        Map<RoleKey, Good> rolls = Map.of(reed, roll(), fog, roll());
        Fabric cloth = samples.fabric();
        long kit = Samples.done(samples.bean(KitService.class).add(new NewKits(
                samples.cutListPattern(PatternAbout.OWN, "38 x 2 1/2", 42, List.of(reed, fog)), List.of("lap"), "plain", Map.of(), rolls,
                new Contents(false, false)))).get(0);
        Client designer = Client.of(shop, "idris");
        assertThat(designer.post("/kits/" + kit + "/pairing/off-bolt", offBolt(reed, rolls, "no such cloth")).body())
                .contains("No fabric of the shop is called no such cloth");
        designer.post("/kits/" + kit + "/pairing/off-bolt", offBolt(reed, rolls, cloth.code()));

        assertThat(designer.post("/kits/" + kit + "/pairing/off-bolt", offBolt(fog, rolls, cloth.code())).body())
                .contains("completes other packs of this kit already");

        assertThat(samples.bean(KitBook.class).kit(kit).sources().topUps()).singleElement()
                .satisfies(topUp -> assertThat(topUp.role()).isEqualTo(reed));
        assertThat(picked(kit)).containsEntry(rolls.get(reed).code(), Count.ONE).containsEntry(rolls.get(fog).code(), new Count(2));
    }

    /** What stands beside a pack goes with it, where its role is cut from cloth again. */
    @Test
    void whole_cloth_again_is_without_what_completed_the_packs() {
        RoleKey reed = new RoleKey("reed");
        Fabric own = samples.fabric();
        KitService kits = samples.bean(KitService.class);
        long kit = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "38 x 2 1/2", 42), own);
        Kit topped = Samples.done(kits.take(kit, samples.bean(KitBook.class).kit(kit).sources().with(reed, roll())
                .with(new KitTopUp(reed, samples.fabric(), PrintValue.MEDIUM, 2))));
        assertThat(lengths(kit)).hasSize(1).doesNotContainKey(own.code());

        Samples.done(kits.take(kit, topped.layingWhole(own).sources()));

        assertThat(lengths(kit)).containsOnlyKeys(own.code());
        assertThat(picked(kit)).isEmpty();
    }

    private Good roll() {
        return Samples.done(samples.bean(GoodService.class).add(
                NewGood.precut(Samples.unique("ROLL"), Samples.unique("Tide strips "), PrecutKind.STRIP_ROLL, 40, "#4f7f86")));
    }

    private static Map<String, String> offBolt(RoleKey role, Map<RoleKey, Good> rolls, String cloth) {
        return Map.of("role", role.value(), "good", Long.toString(rolls.get(role).id()), "cloth", cloth, "value", "MEDIUM", "count", "2");
    }

    private Map<String, Length> lengths(long kit) {
        return samples.bean(KitWorks.class).work(samples.bean(KitBook.class).kit(kit)).lengths();
    }

    private static void fillRule(Page page) {
        page.getByLabel("Units in one quilt").fill("4");
        page.getByLabel("Letters of the roles").first().fill("A");
        page.getByLabel("Letters of the roles").nth(1).fill("a");
        page.getByLabel("The prints of one unit all differ").check();
    }

    /** Off a bolt of half a yard: two quarters come onto the shelf, and the bolt is used up. */
    private Fabric cutQuarters() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "18 in");
        try (Tab counter = Tab.of(shop, "ada")) {
            counter.go("/stock/bolts/" + bolt);
            counter.page().locator("[name=count]").fill("3");
            counter.press("Cut fat quarters");
            awaited(counter.page().locator("#fault-count")).containsText("They take 36 in");
            counter.page().locator("[name=count]").fill("1");
            counter.press("Cut fat quarters");
            awaited(counter.page().locator("body")).containsText("onto the shelf: Fat quarter of " + fabric.name());
        }
        assertThat(samples.bean(StockService.class).bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        return fabric;
    }

    private Map<String, Count> picked(long kit) {
        return samples.bean(KitWorks.class).work(samples.bean(KitBook.class).kit(kit)).bill().picked();
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }
}
