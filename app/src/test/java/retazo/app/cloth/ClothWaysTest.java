package retazo.app.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import retazo.app.patterns.DemoPatternsTest;
import retazo.app.shared.WordsSamples;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

/**
 * Ways to cut the cloths of the demo's throw. Lantern: 30 squares of 4 (12 in) and 60 of 3 1/2 (21 in), squaring 1: 34 in, 1 yd with
 * 5 %; a worksheet rounds 12, 21 and 1 to 13 1/2, 22 1/2 and 4 1/2: 40 1/2, 1 1/8 yd.
 */
class ClothWaysTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final Currency DOLLAR = Currency.getInstance("USD");

    private QuiltDesign design;
    private QuiltSize size;

    @BeforeEach
    void read_the_demo() throws IOException {
        design = DemoPatternsTest.read(new ClassPathResource("demo/01-ferry-wake.json")).design();
        size = design.sizes().get(1);
    }

    @Test
    void lengths_and_packs_stand_side_by_side_with_what_they_cost() {
        List<ClothWays.Alternative> ways = ways("lantern", Instructions.OURS);

        assertThat(ways).extracting(ClothWays.Alternative::name, way -> text(way.sell()), ClothWays.Alternative::money).startsWith(
                tuple("Worksheet", "1 1/8 yd", "$13.50"), tuple("Each size alone", "1 yd", "$12.00"),
                tuple("Laid together", "1 yd", "$12.00"));
        // Four of either square to 10 × 10: 90 ÷ 4 = 23. One of either to 5 × 5: 90, three packs.
        assertThat(ways).extracting(ClothWays.Alternative::source, way -> text(way.sell()), ClothWays.Alternative::money)
                .contains(tuple("squares-10", "1 pack", "$44.50"), tuple("squares-5", "3 packs", "$41.85"));
    }

    @Test
    void the_way_that_a_kit_is_sold_by_is_marked_and_the_others_can_be_chosen() {
        assertThat(chosen("lantern", Instructions.OURS)).containsExactly("Laid together");
        assertThat(chosen("lantern", Instructions.OURS_ALONE)).containsExactly("Each size alone");
        assertThat(chosen("lantern", Instructions.PRINTED)).containsExactly("Each size alone");
    }

    /** Quay is the border alone: seven strips of 4 1/2 across; along the length the longest side, 62 1/2 in, and squaring. */
    @Test
    void borders_along_the_length_are_set_beside_borders_across() {
        assertThat(ways("quay", Instructions.OURS)).filteredOn(way -> way.name().equals("Along the length")).singleElement()
                .satisfies(along -> {
                    assertThat(along.exact().orElseThrow().plain()).isEqualTo("63 1/2 in");
                });
        assertThat(ways("quay", Instructions.PRINTED)).allMatch(way -> way.choice().isEmpty());
    }

    /** Four quarters of 20 × 18 give lantern's 1,215 square inches, two half yards. */
    @Test
    void quarters_cut_in_the_shop_are_a_length_off_the_same_cloth() {
        assertThat(ways("lantern", Instructions.OURS)).filteredOn(way -> way.source().equals("fat-quarter-cut")).singleElement()
                .satisfies(way -> {
                    assertThat(way.exact().orElseThrow().plain()).isEqualTo("36 in");
                    assertThat(text(way.sell())).isEqualTo("1 yd");
                    assertThat(way.money()).isEqualTo("$12.00");
                });
    }

    /**
     * Night's patches come from one pack of 10 in squares; its binding, 6 strips of 2 1/4 and squaring (here 16 3/4 in), stays off
     * the bolt: 1/2 yd.
     */
    @Test
    void a_role_that_is_also_cut_into_long_strips_comes_from_precuts_in_part() {
        List<ClothWays.Alternative> others = ways("night", Instructions.OURS).stream().filter(way -> !way.source().isEmpty()).toList();

        assertThat(others).noneMatch(way -> way.source().endsWith("-cut"));
        assertThat(others).filteredOn(way -> way.source().equals("squares-10")).singleElement()
                .satisfies(way -> assertThat(text(way.sell())).isEqualTo("1 pack and 1/2 yd"));
    }

    @Test
    void only_what_a_kit_leaves_open_can_be_chosen() {
        assertThat(choices(ClothQuestion.MayChoose.NOTHING, false)).isEmpty();
        assertThat(choices(ClothQuestion.MayChoose.SOURCE, false)).containsExactly("source {quarters=fat-quarter}");
        assertThat(choices(ClothQuestion.MayChoose.EVERYTHING, false)).containsExactly("instructions {wanted=OURS_ALONE}",
                "source {quarters=fat-quarter}");
        assertThat(choices(ClothQuestion.MayChoose.EVERYTHING, true)).containsExactly("source/none {}");
    }

    /** What can be chosen where the other source is quarters of the whole cloth. */
    private List<String> choices(ClothQuestion.MayChoose mayChoose, boolean quartersChosen) {
        Need cut = needs(Instructions.OURS).ofRole(design, new QuiltPlanner(PRACTICE).plan(design, size), new RoleKey("lantern"),
                new RoleSource(PrecutKind.FAT_QUARTER, true), Length.ofInches(40)).get(0);
        ClothQuestion.Other other = new ClothQuestion.Other(
                "fat-quarter", PrecutKind.FAT_QUARTER, Optional.empty(), 1, List.of(cut), List.of(), quartersChosen);
        return ClothWays.of(question("lantern", Instructions.OURS, List.of(other), mayChoose), WordsSamples.words()).stream()
                .flatMap(way -> way.choice().stream()).map(choice -> choice.action() + " " + choice.fields()).toList();
    }

    private List<String> chosen(String role, Instructions instructions) {
        return ways(role, instructions).stream().filter(ClothWays.Alternative::chosen).map(ClothWays.Alternative::name).toList();
    }

    private List<ClothWays.Alternative> ways(String role, Instructions instructions) {
        List<ClothQuestion.Other> others = RoleSource.all().stream()
                .map(source -> new ClothQuestion.Other(
                        source.code(), source.kind(),
                        source.cutInTheShop() ? Optional.empty() : Optional.of(design.role(new RoleKey(role))),
                        source.kind().surelyInPack().orElse(1),
                        needs(instructions).ofRole(design, new QuiltPlanner(PRACTICE).plan(design, size), new RoleKey(role), source,
                                Length.ofInches(40)),
                        List.of(), false))
                .filter(other -> !other.needs().isEmpty())
                .toList();
        return ClothWays.of(question(role, instructions, others, ClothQuestion.MayChoose.NOTHING), WordsSamples.words());
    }

    private static Needs needs(Instructions instructions) {
        return new Needs(PRACTICE, instructions);
    }

    private ClothQuestion question(String role, Instructions instructions, List<ClothQuestion.Other> others,
            ClothQuestion.MayChoose mayChoose) {
        UsualPrices usual = new UsualPrices(
                DOLLAR, Optional.empty(),
                Map.of(PrecutKind.SQUARES_10, new Money(DOLLAR, 4450), PrecutKind.SQUARES_5, new Money(DOLLAR, 1395)));
        return new ClothQuestion(
                (practice, by, width) -> new Needs(practice, by).ofOne(
                        role, design, new QuiltPlanner(practice).plan(design, size),
                        each -> new KitChoice.Fabric(KitFabric.measured(each.value(), width, PrintKind.ALL_OVER)), Contents.EVERYTHING),
                Length.ofInches(40), instructions, PRACTICE,
                new ClothQuestion.Compared(
                        ClothQuestion.Batch.NONE, ClothKind.COTTON, Optional.of(new ClothPrice(new Money(DOLLAR, 1200), LengthUnit.YARD)),
                        usual, others, mayChoose,
                        new ClothQuestion.Lies(PrintKind.ALL_OVER, true, true, List.of(), Optional.empty())),
                Planners.ANEW);
    }

    private static String text(QuantityView view) {
        return view.measured() ? view.length().plain() : view.text().plain();
    }
}
