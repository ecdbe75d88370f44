package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/**
 * Roles of the throw from quarters cut in the shop. Lantern is 30 of 4 × 4 and 60 of 3 1/2 × 3 1/2: 1,215 square inches, of which a quarter
 * of 20 × 18 has 360, so at least four, and four suffice: two half yards, 36 in.
 */
class QuarterNeedsTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary().with(new Margin.Share(Percent.of(5)));
    private static final QuiltDesign DESIGN = QuiltSamples.ferryWake();
    private static final QuiltPlan PLAN = new QuiltPlanner(PRACTICE).plan(DESIGN, QuiltSamples.throwSize());
    private static final Needs NEEDS = new Needs(PRACTICE, Instructions.OURS);

    @Test
    void a_cloth_cut_into_quarters_is_sold_in_half_yards_without_margin() {
        Need lantern = cutInto(QuiltSamples.LANTERN).byFabric().get("lantern");

        assertThat(lantern.quarters()).contains(new ShopCut(PrecutKind.FAT_QUARTER, new Count(4)));
        assertThat(lantern.exact().orElseThrow().value()).isEqualTo(Length.ofInches(36));
        assertThat(lantern.sold().orElseThrow().value()).isEqualTo(Length.ofYards(1, 1));
        assertThat(lantern.cloth()).isEmpty();
    }

    @Test
    void the_bill_says_what_the_length_is_cut_into() {
        BillOfMaterials bill = BillOfMaterials.of(DESIGN, cutInto(QuiltSamples.LANTERN).byFabric());

        List<Optional<ShopCut>> into = bill.lines().stream()
                .flatMap(line -> line.match(cut -> Stream.of(cut), picked -> Stream.<BillLine.Cut>empty()))
                .filter(cut -> cut.into().isPresent()).map(BillLine.Cut::into).toList();
        assertThat(into).containsExactly(Optional.of(new ShopCut(PrecutKind.FAT_QUARTER, new Count(4))));
    }

    /** Night is also the binding, which does not come out of quarters. */
    @Test
    void a_role_with_long_strips_is_refused_by_name() {
        assertThat(cutInto(QuiltSamples.NIGHT).problems()).containsExactly(Problem.of("kit.not-from-quarters", "A", "night"));
    }

    @Test
    void a_role_of_a_pattern_is_planned_from_quarters_where_they_give_all_of_it_and_from_whole_cloth_elsewhere() {
        RoleSource quarters = new RoleSource(PrecutKind.FAT_QUARTER, true);

        Map<String, Need> needs = NEEDS.byRole(DESIGN, PLAN, Map.of(QuiltSamples.LANTERN, quarters, QuiltSamples.NIGHT, quarters))
                .byFabric();

        assertThat(needs.get("lantern").quarters()).isPresent();
        assertThat(needs.get("night").cloth()).isPresent();
    }

    /** Ten-inch squares give night's patches and leave its binding to the bolt; they give nothing of the back. */
    @Test
    void what_one_role_takes_from_a_source_is_its_precuts_and_the_cloth_beside_them() {
        List<Need> night = ofRole(QuiltSamples.NIGHT, RoleSource.bundle(PrecutKind.SQUARES_10));

        assertThat(night).hasSize(2).anyMatch(need -> need.picked().isPresent()).anyMatch(need -> need.cloth().isPresent());
        assertThat(ofRole(QuiltSamples.LANTERN, RoleSource.bundle(PrecutKind.SQUARES_10))).hasSize(1);
        assertThat(ofRole(QuiltSamples.BACK, RoleSource.bundle(PrecutKind.SQUARES_10))).isEmpty();
        assertThat(ofRole(QuiltSamples.NIGHT, new RoleSource(PrecutKind.FAT_QUARTER, true))).isEmpty();
    }

    @Test
    void a_source_is_found_by_its_name_and_only_quarters_and_eighths_are_cut_in_the_shop() {
        assertThat(RoleSource.all()).extracting(RoleSource::code).containsExactly(
                "strip-roll", "squares-10", "squares-5", "fat-quarter", "fat-eighth", "fat-quarter-cut", "fat-eighth-cut");
        assertThat(RoleSource.all()).allMatch(source -> RoleSource.ofCode(source.code()).equals(Optional.of(source)));
        assertThatThrownBy(() -> new RoleSource(PrecutKind.SQUARES_5, true)).isInstanceOf(IllegalArgumentException.class);
    }

    /** The throw has 30 squares of 4 in lantern and 60 of 3 1/2; of 60 × 60 blocks there are far too many. */
    @Test
    void so_many_pieces_that_nobody_cuts_them_from_precuts_are_not_compared() {
        QuiltPlan vast = new QuiltPlanner(PRACTICE).plan(DESIGN, QuiltSize.Grid.of(new SizeKey("vast"), "Vast", 60, 60, List.of()));

        assertThat(RoleSource.areWorthComparing(PLAN, QuiltSamples.LANTERN)).isTrue();
        assertThat(RoleSource.areWorthComparing(vast, QuiltSamples.LANTERN)).isFalse();
    }

    private static List<Need> ofRole(RoleKey role, RoleSource source) {
        return NEEDS.ofRole(DESIGN, PLAN, role, source, Length.ofInches(40));
    }

    private static Needs.Result cutInto(RoleKey cut) {
        return NEEDS.of(DESIGN, PLAN, role -> {
            KitFabric whole = KitFabric.measured(role.value(), Length.ofInches(40), PrintKind.ALL_OVER);
            return new KitChoice.Fabric(role.equals(cut) ? whole.cutInto(PrecutKind.FAT_QUARTER) : whole);
        }, Contents.EVERYTHING);
    }
}
