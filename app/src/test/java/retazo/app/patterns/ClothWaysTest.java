package retazo.app.patterns;

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
import retazo.app.shared.WordsSamples;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Needs;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlanner;
import retazo.core.quilt.QuiltSize;

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
                tuple("Worksheet", "1 1/8 yd", "$13.50"), tuple("Each size alone", "1 yd", "$12.00"), tuple("Laid together", "1 yd", "$12.00"));
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
        assertThat(ways("quay", Instructions.OURS)).filteredOn(way -> way.longStrips().isPresent()).singleElement().satisfies(along -> {
            assertThat(along.name()).isEqualTo("Along the length");
            assertThat(along.exact().orElseThrow().plain()).isEqualTo("63 1/2 in");
        });
        assertThat(ways("quay", Instructions.PRINTED)).allMatch(way -> way.longStrips().isEmpty());
    }

    @Test
    void precuts_are_no_way_for_a_role_that_is_also_cut_into_long_strips() {
        assertThat(ways("night", Instructions.OURS)).allMatch(way -> way.source().isEmpty());
    }

    private List<String> chosen(String role, Instructions instructions) {
        return ways(role, instructions).stream().filter(ClothWays.Alternative::chosen).map(ClothWays.Alternative::name).toList();
    }

    private List<ClothWays.Alternative> ways(String role, Instructions instructions) {
        UsualPrices usual = new UsualPrices(
                DOLLAR, Optional.empty(), Map.of(PrecutKind.SQUARES_10, new Money(DOLLAR, 4450), PrecutKind.SQUARES_5, new Money(DOLLAR, 1395)));
        ClothQuestion question = new ClothQuestion(
                (practice, by, width) -> new Needs(practice, by).ofOne(
                        role, design, new QuiltPlanner(practice).plan(design, size),
                        each -> new KitChoice.Fabric(KitFabric.measured(each.value(), width, PrintKind.ALL_OVER)), Contents.EVERYTHING),
                Length.ofInches(40), instructions, PRACTICE,
                new ClothQuestion.Compared(
                        0, ClothKind.COTTON, Optional.of(new ClothPrice(new Money(DOLLAR, 1200), LengthUnit.YARD)), usual,
                        RoleFromPrecuts.serving(new QuiltPlanner(PRACTICE).plan(design, size), new RoleKey(role))));
        return ClothView.of(question, WordsSamples.words()).orElseThrow().alternatives();
    }

    private static String text(QuantityView view) {
        return view.measured() ? view.length().plain() : view.text().plain();
    }
}
