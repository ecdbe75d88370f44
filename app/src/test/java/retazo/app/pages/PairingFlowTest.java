package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

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
     * Four units of two different prints are eight pieces, and there are nine: seven of reed, one of fog, one of mud. Each unit needs
     * one that is not reed, so only two can be made. A quarter of gull, cut off a bolt, gives two squares of 10 in and makes it four.
     */
    @Test
    void pieces_that_are_enough_by_number_are_not_enough_by_print_until_singles_are_added() {
        Good pack = Samples.done(samples.bean(GoodService.class).add(
                NewGood.precut(Samples.unique("NINE"), Samples.unique("Nine squares "), PrecutKind.SQUARES_10, 9, "#4f7f86")));
        PatternVersion pattern = samples.cutListPattern(PatternAbout.OWN, "9 x 9", 8);
        long kit = Samples.done(samples.bean(KitService.class).add(new NewKits(
                pattern, List.of("lap"), "plain", Map.of(), Map.of(new RoleKey("reed"), pack), new Contents(false, false)))).get(0);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/pairing");
            awaited(page.locator(".empty")).containsText("No bundle with known prints");

            designer.go("/stock/goods/" + pack.id() + "/prints");
            page.locator("textarea").fill("Reed, dark, seven\nFog, light, 1\nMud");
            designer.press("Keep them");
            awaited(page.locator("#fault-prints")).containsText("Line 1 cannot be read");
            page.locator("textarea").fill("Reed, dark, 7\nFog, light, 1\nMud");
            designer.press("Keep them");

            designer.go("/kits/" + kit + "/pairing");
            page.getByLabel("Units in one quilt").fill("4");
            page.getByLabel("Different prints in each").fill("two");
            designer.press("Pair them");
            awaited(page.locator("#fault-places")).isVisible();
            page.getByLabel("Different prints in each").fill("any any");
            designer.press("Pair them");
            awaited(page.locator("section.paper"))
                    .containsText("Only 2 of 4 units can be made. There are pieces enough (9 where 8 are needed)");
            awaited(page.locator(".pairing-list li")).hasCount(2);

            Fabric gull = cutQuarters();
            designer.go("/kits/" + kit + "/pairing");
            page.getByText("Take a single in place of a print…").click();
            page.getByLabel("Single").selectOption("Q4-" + gull.id());
            page.getByLabel("How light it is").selectOption("LIGHT");
            designer.press("Take it");
            awaited(page.locator("section.paper")).containsText("All 4 units have their prints");
            awaited(page.locator(".pairing-list li")).hasCount(4);
            awaited(page.locator(".pairing-list")).containsText("Fat quarter of " + gull.name());
            assertThat(picked(kit)).containsEntry("Q4-" + gull.id(), Count.ONE);

            designer.press("Do without Fat quarter of " + gull.name());
            awaited(page.locator(".pairing-list li")).hasCount(2);
            assertThat(picked(kit)).doesNotContainKey("Q4-" + gull.id());
        }
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
