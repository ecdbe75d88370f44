package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.kit.Instructions;
import retazo.core.measure.Length;

/**
 * Left-overs of a kit whose pieces the shop cuts, from the plan to the shelf and into another kit.
 *
 * <p>The giver is one piece of 20 × 12 1/2: it leaves 20 × 12 1/2 of a strip. The taker is 24 of 3 1/2 × 9 1/2: 22 in, 3/4 yd with its
 * margin. Six of them come from the rest; 18 take a strip of 9 1/2 with eleven and two of 3 1/2: 17 1/2 in with squaring, 18.4 with 5 %,
 * so 5/8 yd.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class LeftOverFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final KitService kits;
    private final KitBook book;
    private final RunBook runs;
    private final CutService cuts;
    private final GoodService goods;
    private Fabric fabric;
    private long giver;
    private long taker;

    LeftOverFlowTest(TestShop.Shop shop, KitService kits, KitBook book, RunBook runs, CutService cuts, GoodService goods) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.kits = kits;
        this.book = book;
        this.runs = runs;
        this.cuts = cuts;
        this.goods = goods;
    }

    @BeforeEach
    void two_kits_of_one_fabric_cut_in_the_shop() {
        fabric = samples.fabric();
        samples.bolt(fabric, "20 yd");
        giver = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "20 x 12 1/2", 1), fabric);
        taker = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric);
        Samples.done(kits.sellBy(giver, Instructions.SHOP, "", 1));
        Samples.done(kits.sellBy(taker, Instructions.SHOP, "", 1));
    }

    @Test
    void a_left_over_is_accepted_for_another_kit_lowers_its_length_once_it_is_there_and_is_taken_back() {
        try (Tab designer = Tab.of(shop, "idris")) {
            Page page = designer.page();
            designer.go("/kits/" + giver + "/cloth");
            awaited(page.locator("#left-overs tbody tr").first()).containsText("121/2 × 20 in");
            page.locator("#left-overs select").first().selectOption("kit-" + taker);
            awaited(page.locator("#left-overs select").first().locator("option:checked")).containsText("1/8 yd less");
            page.locator("#left-overs").getByText("Keep it").first().click();
            awaited(page.locator("#left-overs")).containsText("kept for");
            designer.go("/kits/" + taker + "/cloth");
            awaited(page.locator("#left-overs")).containsText("None is there now");
            awaited(page.locator(".cloth-figures")).containsText("3/4yd");

            cutAll(samples.run(giver, 1));
            designer.go("/kits/" + taker + "/cloth");
            awaited(page.locator("#left-overs")).containsText("1 free");
            awaited(page.locator(".cloth-figures")).containsText("5/8yd");
            awaited(page.locator("div.work")).containsText("From a left-over 121/2 × 20 in: 6 × A1");
            designer.go("/kits/" + taker);
            awaited(page.locator("div.work")).containsText("in place of some of the cloth");

            designer.go("/kits/" + giver + "/cloth");
            designer.press("Take it back");
            awaited(page.locator("#left-overs")).not().containsText("kept for");
            designer.go("/kits/" + taker + "/cloth");
            awaited(page.locator(".cloth-figures")).containsText("3/4yd");
            awaited(page.locator("#left-overs")).containsText("1 left-overs 121/2 × 20 in are free");
            designer.press("Let the bags take it");
            awaited(page.locator(".cloth-figures")).containsText("5/8yd");
            designer.press("Do without");
            awaited(page.locator(".cloth-figures")).containsText("3/4yd");
        }
    }

    @Test
    void a_left_over_goes_into_one_bag_and_its_cut_is_not_taken_back_while_it_is_promised() {
        keepForTaker();
        long giving = samples.run(giver, 1);
        cutAll(giving);
        assertThat(goods.counts(Set.of(leftOver().id())).get(leftOver().id()).free()).isEqualTo(1);

        long taking = samples.run(taker, 1);

        Bag bag = runs.bags(Set.of(taking)).get(taking).get(0);
        assertThat(bag.lines()).extracting(Bag.ClothLine::length).containsExactly(Length.parse("5/8 yd"));
        assertThat(bag.picks()).singleElement().satisfies(pick -> assertThat(pick.goodId()).isEqualTo(leftOver().id()));
        assertThat(goods.counts(Set.of(leftOver().id())).get(leftOver().id()).free()).isZero();
        // The next bag finds none and takes the whole length.
        assertThat(samples.bean(KitWorks.class).work(book.kit(taker)).lengths().values()).containsExactly(Length.parse("3/4 yd"));
        assertThat(undone(giving)).isEqualTo("stock.left-over-used");
    }

    @Test
    void a_cut_that_is_taken_back_takes_its_left_over_back_and_books_it_once_when_it_is_cut_again() {
        keepForTaker();
        long giving = samples.run(giver, 2);
        cutAll(giving);

        assertThat(undone(giving)).isEqualTo("done");

        assertThat(goods.counts(Set.of(leftOver().id())).get(leftOver().id()).onHand()).isEqualTo(1);
        cutAll(giving);
        assertThat(goods.counts(Set.of(leftOver().id())).get(leftOver().id()).onHand()).isEqualTo(2);
    }

    /** Three bags want three left-overs and two are there: no bag is planned on one that may be missing. */
    @Test
    void bags_of_one_kit_take_left_overs_only_where_there_are_enough_for_all_of_them() {
        keepForTaker();
        cutAll(samples.run(giver, 2));

        long taking = samples.run(taker, 3);

        assertThat(runs.bags(Set.of(taking)).get(taking)).allSatisfy(bag -> {
            assertThat(bag.picks()).isEmpty();
            assertThat(bag.lines()).extracting(Bag.ClothLine::length).containsExactly(Length.parse("3/4 yd"));
        });
    }

    private void keepForTaker() {
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/kits/" + giver + "/cloth");
            designer.page().locator("#left-overs select").first().selectOption("kit-" + taker);
            designer.page().locator("#left-overs").getByText("Keep it").first().click();
            awaited(designer.page().locator("#left-overs")).containsText("kept for");
        }
    }

    private Good leftOver() {
        return goods.leftOversOf(fabric.id()).get(0);
    }

    private void cutAll(long run) {
        for (PlannedCut cut : runs.currentCuts(Set.of(run))) {
            if (cut.state() == PlannedCut.State.PLANNED) {
                assertThat(cuts.confirm(cut.id(), UUID.randomUUID(), 1)).isTrue();
            }
        }
    }

    private String undone(long run) {
        long bolt = runs.currentCuts(Set.of(run)).get(0).boltId();
        return cuts.undoLast(run, bolt, UUID.randomUUID(), 1).match(done -> "done", problems -> problems.get(0).code());
    }

    private static LocatorAssertions awaited(Locator locator) {
        return PlaywrightAssertions.assertThat(locator);
    }
}
