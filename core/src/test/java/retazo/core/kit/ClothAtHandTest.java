package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

class ClothAtHandTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final QuiltDesign DESIGN = QuiltSamples.ferryWake();

    private static List<ClothAtHand.Possible> largest(Map<RoleKey, Length> lengths) {
        Map<RoleKey, AtHand> cloth = new LinkedHashMap<>();
        lengths.forEach((role, length) -> cloth.put(role, new AtHand.Cloth(
                new KitFabric(role.value(), PRACTICE.figure(PracticeMeasure.USABLE_WIDTH), PrintKind.ALL_OVER), length)));
        return new ClothAtHand(cloth).largest(DESIGN, QuiltSamples.throwSize(), PRACTICE);
    }

    /** What roles take at a grid, worked out from the plan of that size alone. */
    private static boolean canBeCut(QuiltSize.Grid size, Map<RoleKey, Length> lengths) {
        if (!DESIGN.drawing().orElseThrow().problemsAt(size).isEmpty()) {
            return false;
        }
        Map<String, Need> needs = new Needs(PRACTICE, Instructions.PRINTED).byRole(DESIGN, new QuiltPlanner(PRACTICE).plan(DESIGN, size))
                .byFabric();
        return lengths.entrySet().stream().allMatch(cloth -> needs.get(cloth.getKey().value()).cloth()
                .filter(plan -> !plan.plan().exact().value().isLongerThan(cloth.getValue())).isPresent());
    }

    @Property(tries = 25)
    void a_size_found_can_be_cut_and_the_next_one_cannot(
            @ForAll @IntRange(min = 15, max = 150) int night, @ForAll @IntRange(min = 10, max = 150) int lantern) {
        Map<RoleKey, Length> lengths = Map.of(
                QuiltSamples.NIGHT, Length.ofInches(night), QuiltSamples.LANTERN, Length.ofInches(lantern));

        for (ClothAtHand.Possible found : largest(lengths)) {
            QuiltSize.Grid size = found.size();
            assertThat(canBeCut(size, lengths)).isTrue();
            assertThat(canBeCut(size.withGrid(size.columns() + 1, size.rows()), lengths)).isFalse();
            assertThat(canBeCut(size.withGrid(size.columns(), size.rows() + 1), lengths)).isFalse();
            assertThat(found.over().values()).allMatch(over -> ((Length) over).compareTo(Length.ZERO) >= 0);
        }
    }

    /**
     * Lantern: patches 3 1/2 square, 4 in a block, and triangle squares of 4. Cloth of 46 1/2 in is what 4 × 5 blocks take: 80
     * patches, 8 strips, 28 in; 40 squares shared by two pairs …; one row more takes a strip more, and lantern stops it.
     */
    @Test
    void the_role_that_stops_the_next_row_is_named() {
        Length exact = new Needs(PRACTICE, Instructions.PRINTED)
                .byRole(DESIGN, new QuiltPlanner(PRACTICE).plan(DESIGN, QuiltSamples.throwSize())).byFabric()
                .get("lantern").exact().orElseThrow().value();
        List<ClothAtHand.Possible> found = largest(Map.of(QuiltSamples.LANTERN, exact));

        assertThat(found).anySatisfy(size -> assertThat(size.places()).isGreaterThanOrEqualTo(20));
        assertThat(found.get(0).moreDown().orElseThrow().role()).isEqualTo(QuiltSamples.LANTERN);
        assertThat(((Length) found.get(0).moreDown().orElseThrow().missing()).isPositive()).isTrue();
    }

    /**
     * Lantern from squares of 5 in: a patch of 3 1/2 and a triangle square of 4 take one each. 40 squares: 4 × 3 blocks take 36 patches and
     * 6 + 12 squares, 54, too many; 4 × 2 take 24 + 4 + 8 = 36; with 4 over, 3 × 3 would take 27 + 5 + 9 = 41, one too many.
     */
    @Test
    void a_pack_of_squares_becomes_a_size() {
        ClothAtHand pack = new ClothAtHand(Map.of(QuiltSamples.LANTERN, new AtHand.Precuts(PrecutKind.SQUARES_5, new Count(40))));
        ClothAtHand.Possible found = pack.largest(DESIGN, QuiltSamples.throwSize(), PRACTICE).stream()
                .filter(size -> size.size().columns() == 4).findFirst().orElseThrow();

        assertThat(found.size().rows()).isEqualTo(2);
        assertThat(found.over().get(QuiltSamples.LANTERN)).isEqualTo(new Count(4));
        assertThat(found.moreDown()).contains(new ClothAtHand.Stop(QuiltSamples.LANTERN, new Count(14)));
    }

    /** A fat quarter, 20 1/2 × 17 1/2 to plan with, gives 5 · 5 patches of 3 1/2 and 5 · 4 squares of 4. */
    @Test
    void a_quarter_gives_as_many_as_fit_side_by_side() {
        AtHand.Precuts quarters = new AtHand.Precuts(PrecutKind.FAT_QUARTER, new Count(6));

        assertThat(quarters.perSheet(Length.parse("3 1/2"), Length.parse("3 1/2"))).isEqualTo(25);
        assertThat(quarters.perSheet(Length.ofInches(4), Length.ofInches(4))).isEqualTo(20);
        assertThat(quarters.perSheet(Length.ofInches(2), Length.ofInches(18))).isEqualTo(8);
        assertThat(quarters.perSheet(Length.ofInches(21), Length.ofInches(2))).isZero();
    }

    @Test
    void precuts_that_cannot_serve_a_role_are_told() {
        ClothAtHand strips = new ClothAtHand(Map.of(
                QuiltSamples.LANTERN, new AtHand.Precuts(PrecutKind.STRIP_ROLL, new Count(40)),
                QuiltSamples.QUAY, new AtHand.Precuts(PrecutKind.SQUARES_10, new Count(40))));

        assertThat(strips.problems(DESIGN, QuiltSamples.throwSize(), PRACTICE)).extracting(Problem::place, Problem::code)
                .containsExactlyInAnyOrder(tuple("lantern", "cloth.precut-too-small"), tuple("quay", "cloth.precut-for-long"));
    }

    /** One bolt for two roles: what both take together comes off it, and is squared up once. */
    @Test
    void roles_of_one_bolt_share_it() {
        AtHand.Cloth bolt = new AtHand.Cloth(
                new KitFabric("bolt", PRACTICE.figure(PracticeMeasure.USABLE_WIDTH), PrintKind.ALL_OVER), Length.ofInches(68));
        ClothAtHand.Possible found = new ClothAtHand(Map.of(QuiltSamples.LANTERN, bolt, QuiltSamples.FOG, bolt))
                .largest(DESIGN, QuiltSamples.throwSize(), PRACTICE).stream().filter(size -> size.size().columns() == 4).findFirst()
                .orElseThrow();

        // 60 + 60 patches of 3 1/2, 11 to a strip: 11 strips, 38 1/2 in; 30 + 30 squares of 4: 6 strips, 24 in; 1 to square up: 63 1/2.
        assertThat(found.size().rows()).isEqualTo(5);
        assertThat(found.over()).isEqualTo(Map.of(QuiltSamples.LANTERN, Length.parse("4 1/2")));
    }

    @Test
    void cloth_for_not_even_one_block_makes_nothing() {
        assertThat(largest(Map.of(QuiltSamples.NIGHT, Length.ofInches(2)))).isEmpty();
    }

    /** With nothing that is short, the largest quilt is what ends it: 300 in less a border of 4 in around are 24 blocks of 12 in. */
    @Test
    void with_cloth_enough_the_largest_quilt_ends_it() {
        List<ClothAtHand.Possible> found = largest(Map.of(QuiltSamples.NIGHT, Length.ofYards(190, 1)));

        assertThat(found.get(0).size().columns()).isEqualTo(24);
        assertThat(found.get(0).size().rows()).isEqualTo(24);
        assertThat(found.get(0).moreAcross()).isEmpty();
    }
}
