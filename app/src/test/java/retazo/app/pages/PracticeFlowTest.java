package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.HashMap;
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
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.practice.PracticeService;
import retazo.app.shared.LengthView;
import retazo.core.cloth.Margin;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Contents;
import retazo.core.kit.Needs;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

/** Settings of the shop and of single kits, with what they change. 24 of 3 1/2 × 9 1/2: 22 in, 3/4 yd with 5 %. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PracticeFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final PracticeService practice;

    PracticeFlowTest(TestShop.Shop shop, PracticeService practice) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.practice = practice;
    }

    /** Without a margin 22 in are 5/8 yd, 1/8 less; nothing is saved, and a margin that cannot be read is told at its field. */
    @Test
    void what_settings_would_change_is_seen_before_they_are_saved() {
        long kit = kit();
        String name = samples.bean(KitBook.class).kit(kit).name();
        ShopPractice before = practice.practice();
        try (Tab owner = Tab.of(shop, "marisol")) {
            Page page = owner.page();
            owner.go("/practice");
            page.locator("#margin").fill("none");
            owner.press("See what they change");
            Locator line = page.locator("#effect tr").filter(new Locator.FilterOptions().setHasText(name));
            while (line.count() == 0) {
                owner.press("The next kits");
            }
            awaited(line).containsText("5/8yd");
            awaited(line).containsText("1/8 yd less");
            awaited(page.locator("#margin")).hasValue("none");
            assertThat(practice.practice()).isEqualTo(before);

            page.locator("#margin").fill("plenty");
            owner.press("See what they change");
            awaited(page.locator("#fault-margin")).isVisible();
            awaited(page.locator("#effect")).not().isVisible();
        }
    }

    /** Beside each part stands what its settings change in a drawn pattern, while they are typed: what the core plans of it by them. */
    @Test
    void what_a_part_of_the_practice_changes_is_seen_while_it_is_typed() {
        PatternVersion pattern = samples.bean(PatternService.class).anyDrawn().orElseThrow();
        ShopPractice before = practice.practice();
        String now = shown(sold(pattern, before));
        String then = shown(sold(pattern, before.with(new Margin.Extra(Length.ofInches(9)))));
        try (Tab owner = Tab.of(shop, "marisol")) {
            Page page = owner.page();
            owner.go("/practice");
            awaited(page.locator("#effect-selling")).isEmpty();
            page.locator("#margin").fill("1/4 yd");
            awaited(page.locator("#effect-selling"))
                    .containsText(pattern.name() + ", " + middle(pattern).name() + ": " + then + " of cloth to sell instead of " + now);
            awaited(page.locator("#effect-edges")).isEmpty();
            page.locator("#margin").fill("plenty");
            awaited(page.locator("#effect-selling")).isEmpty();
            page.locator("#margin").fill("5 %");
            page.locator("#layers").fill("1");
            awaited(page.locator("#effect-floor")).containsText("the same cloth, " + now);
            assertThat(practice.practice()).isEqualTo(before);
        }
    }

    /** As a page writes it, the fraction close to the number. */
    private static String shown(Length length) {
        return LengthView.of(length, LengthUnit.YARD).plain().replaceFirst(" (?=\\d+/)", "");
    }

    private static QuiltSize middle(PatternVersion pattern) {
        return pattern.design().grids().get(pattern.design().grids().size() / 2);
    }

    private static Length sold(PatternVersion pattern, ShopPractice by) {
        return new Needs(by, pattern.instructions()).byRole(pattern.design(), new QuiltPlanner(by).plan(pattern.design(), middle(pattern)))
                .byFabric().values().stream().map(need -> need.sold().orElseThrow().value()).reduce(Length.ZERO, Length::plus);
    }

    @Test
    void a_kit_keeps_a_margin_of_its_own_which_is_seen_as_one_and_can_be_given_up() {
        long kit = kit();
        try (Tab owner = Tab.of(shop, "marisol")) {
            Page page = owner.page();
            owner.go("/kits/" + kit + "/cloth?margin=none");
            owner.press("Keep them for this kit");
            awaited(page.locator("#own-settings")).containsText("none in place of 5 %");
            assertThat(length(kit)).isEqualTo(Length.parse("5/8 yd"));
            owner.go("/practice/own");
            awaited(page.locator("tbody").filter(new Locator.FilterOptions().setHasText(samples.bean(KitBook.class).kit(kit).name())))
                    .isVisible();

            owner.go("/kits/" + kit + "/cloth");
            owner.press("Follow the shop again");
            awaited(page.locator("#own-settings")).not().isVisible();
            assertThat(length(kit)).isEqualTo(Length.parse("3/4 yd"));
        }
    }

    /** The borders of the demo's throw in teal lie across at 95 in; along the length the cloth takes 95 1/4. */
    @Test
    void borders_along_the_length_are_chosen_for_one_kit() {
        Map<RoleKey, Fabric> fabrics = new HashMap<>();
        Fabric teal = samples.fabric();
        PatternVersion wake = samples.bean(PatternService.class).newestOf(1);
        wake.design().roles().forEach(role -> fabrics.put(role.key(), role.key().value().equals("back") ? samples.fabric() : teal));
        fabrics.put(new RoleKey("lantern"), samples.fabric());
        fabrics.put(new RoleKey("fog"), samples.fabric());
        long kit = Samples.done(samples.bean(KitService.class).add(new NewKits(
                wake, List.of("throw"), Samples.unique("Along "), fabrics, Map.of(), Contents.EVERYTHING))).get(0);
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + kit + "/cloth?fabric=" + teal.code());
            awaited(page.locator(".cloth-figures")).containsText("95in");
            page.getByLabel("Cut this kit: Along the length").click();
            awaited(page.locator(".cloth-figures")).containsText("951/4in");
            awaited(page.locator("#own-settings")).containsText("along the length in place of whichever is shorter");
            designer.press("Follow the shop again");
            awaited(page.locator(".cloth-figures")).containsText("95in");
        }
    }

    @Test
    void the_way_of_the_shop_comes_first_on_a_drawing_and_its_notes_stand_on_the_cutting_page() {
        try (Tab owner = Tab.of(shop, "marisol")) {
            Page page = owner.page();
            owner.go("/patterns/1/drawing");
            awaited(page.locator(".palette-unit[data-kind='half-square']")).hasAttribute("data-method", "two-at-a-time");
            owner.go("/practice");
            page.locator("#halfSquares").selectOption("EIGHT_AT_A_TIME");
            page.locator("#pressing").selectOption("OPEN");
            owner.press("Save the settings");
            try {
                awaited(page.locator("#halfSquares")).hasValue("EIGHT_AT_A_TIME");
                owner.go("/patterns/1/drawing");
                awaited(page.locator(".palette-unit[data-kind='half-square']")).hasAttribute("data-method", "eight-at-a-time");
                owner.go("/kits/2/cutting-page");
                awaited(page.locator(".sheet-page")).containsText("Press seams open.");
            } finally {
                owner.go("/practice");
                page.locator("#halfSquares").selectOption("TWO_AT_A_TIME");
                page.locator("#pressing").selectOption("UNSAID");
                owner.press("Save the settings");
                awaited(page.locator("#pressing")).hasValue("UNSAID");
            }
        }
    }

    private Length length(long kit) {
        return samples.bean(KitWorks.class).work(samples.bean(KitBook.class).kit(kit)).lengths().values().iterator().next();
    }

    private long kit() {
        return samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), samples.fabric());
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }
}
