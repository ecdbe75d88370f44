package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.NewFabric;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.practice.PriceListService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.SheetSize;
import retazo.core.kit.BillCost;
import retazo.core.kit.Contents;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/**
 * What kits cost and take, on the real database of the demo shop, whose usual prices are 12.90 a yard and 44.50 a pack of 10 in
 * squares.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitWorksTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");

    private final Samples samples;
    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private final GoodService goods;

    KitWorksTest(TestShop.Shop shop, KitService kits, KitBook book, KitWorks works, GoodService goods) {
        this.samples = new Samples(shop);
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.goods = goods;
    }

    /** 3/4 yd at 12.90 are 9.675: 9.68. Nobody said what it costs the shop. */
    @Test
    void a_fabric_without_a_price_counts_with_the_usual_one_and_has_no_cost() {
        Prices<BillCost> costs = works.costs(cloth(samples.fabric()));

        assertThat(costs.price().orElseThrow().total()).contains(new Money(DOLLAR, 968));
        assertThat(costs.cost().orElseThrow().total()).isEmpty();
    }

    /** 3/4 yd at 8.00 are 6.00, at a cost of 4.40 they are 3.30. */
    @Test
    void a_price_of_its_own_comes_before_the_usual_one() {
        Fabric fabric = samples.fabric();
        samples.bean(FabricService.class).change(fabric.id(), new NewFabric(
                fabric.code(), fabric.name(), fabric.groundColour(), fabric.printColour(), fabric.motif(), fabric.kind(),
                fabric.print(), fabric.repeat(), fabric.usableWidth(),
                new Prices<>(aYard(800), aYard(440))));

        Prices<BillCost> costs = works.costs(cloth(fabric));

        assertThat(costs.price().orElseThrow().total()).contains(new Money(DOLLAR, 600));
        assertThat(costs.cost().orElseThrow().total()).contains(new Money(DOLLAR, 330));
    }

    /** 24 pieces of 3 1/2 × 9 1/2 from 10 in squares, two from each: 12, one pack of 40. Loose squares have no usual price. */
    @Test
    void packs_cost_what_they_usually_do_and_loose_ones_what_somebody_said() {
        KitWork packed = from(good(PrecutKind.SQUARES_10, 40));
        Good loose = good(PrecutKind.SQUARES_10, 1);

        assertThat(works.costs(packed).price().orElseThrow().total()).contains(new Money(DOLLAR, 4450));
        assertThat(works.costs(from(loose)).price().orElseThrow().unknown()).containsExactly(loose.code());
        Good priced = goods.price(loose.id(), new Prices<>(Optional.of(new Money(DOLLAR, 150)), Optional.empty()));
        assertThat(works.costs(from(priced)).price().orElseThrow().total()).contains(new Money(DOLLAR, 1800));
    }

    /** By our page 3 strips of 10 1/2 either way; that a paper might cut 16 of 2 1/2 saves a kit of ours nothing. */
    @Test
    void what_a_plan_saves_is_held_against_our_own_page() {
        KitWork ours = works.work(book.kit(samples.cutListKit(
                samples.cutListPattern(PatternAbout.OWN, "2 1/2 x 10 1/2", 48), samples.fabric())));

        assertThat(works.savedByPlan(ours)).isEqualTo(Length.ZERO);
    }

    /** Quarters are priced singly: a bundle of twelve is twelve of them. */
    @Test
    void a_bundle_of_quarters_costs_all_its_quarters() {
        Money one = samples.bean(PriceListService.class).usual().of(PrecutKind.FAT_QUARTER, Count.ONE).orElseThrow();

        Money bundle = works.costs(from(good(PrecutKind.FAT_QUARTER, 12))).price().orElseThrow().total().orElseThrow();

        assertThat(bundle).isEqualTo(one.times(12));
    }

    /** Measured at 9 × 9 no square gives a piece of 9 1/2; measured again at 10 × 10 each gives two. */
    @Test
    void a_bundle_that_was_measured_is_planned_with_what_it_really_has() {
        Good pack = good(PrecutKind.SQUARES_10, 40);

        Good small = Samples.done(goods.measured(pack.id(), Optional.of(new SheetSize(Length.ofInches(9), Length.ofInches(9)))));
        assertThat(small.inKit().measured()).isPresent();
        Good usual = Samples.done(goods.measured(pack.id(), Optional.empty()));

        assertThat(from(usual).bill().picked()).isEqualTo(Map.of(pack.code(), Count.ONE));
        assertThat(refused(small)).isEqualTo("kit.precut-too-small");
    }

    private String refused(Good good) {
        Samples.done(goods.measured(good.id(), good.measured()));
        NewKits asked = new NewKits(
                samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), List.of("lap"), "plain", Map.of(),
                Map.of(new RoleKey("reed"), goods.good(good.id())), new Contents(false, false));
        return kits.add(asked).match(done -> "done", problems -> problems.get(0).code());
    }

    private static Optional<ClothPrice> aYard(long minor) {
        return Optional.of(new ClothPrice(new Money(DOLLAR, minor), LengthUnit.YARD));
    }

    private Good good(PrecutKind kind, int perUnit) {
        return Samples.done(goods.add(NewGood.precut(Samples.unique("SQ"), Samples.unique("Test squares "), kind, perUnit, "#4f7f86")));
    }

    private KitWork from(Good good) {
        long kit = Samples.done(kits.add(new NewKits(
                samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), List.of("lap"), "plain", Map.of(),
                Map.of(new RoleKey("reed"), good),
                new Contents(false, false)))).get(0);
        return works.work(book.kit(kit));
    }

    private KitWork cloth(Fabric fabric) {
        return works.work(book.kit(samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric)));
    }
}
