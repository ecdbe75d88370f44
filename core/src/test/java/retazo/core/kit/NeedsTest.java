package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.SheetSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothLine;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;

class NeedsTest {

    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final QuiltDesign DESIGN = QuiltSamples.ferryWake();

    /**
     * Throw on 40 in. Night: 40 squares of 4 (10 to a strip, 4 strips, 16 in), 100 of 3 1/2 (11 to a strip, 10 strips,
     * 35 in), 7 binding strips of 2 1/4 (15 3/4 in), squaring 1 in: 67 3/4 in; with 5 % 71.1 in, so 2 yd.
     */
    @Test
    void ground_and_binding_are_one_length() {
        Need night = throwByRole().get("night");

        assertThat(night.uses()).containsExactly(Use.BLOCKS, Use.BINDING);
        assertThat(cloth(night).exact().value()).isEqualTo(inches("67 3/4"));
        assertThat(sell(night)).isEqualTo(Length.ofYards(2, 1));
        assertThat(cloth(night).lines())
                .extracting(line -> line.stripHeight().value(), line -> line.strips().value(), line -> line.length().value())
                .containsExactly(
                        tuple(inches("2 1/4"), new Count(7), inches("15 3/4")),
                        tuple(inches("4"), new Count(4), inches("16")),
                        tuple(inches("3 1/2"), new Count(10), inches("35")));
    }

    /**
     * Lantern and fog: 30 squares of 4 (3 strips, 12 in), 60 of 3 1/2 (6 strips, 21 in), 1 in: 34 in, with 5 % 35.7, so 1 yd.
     * Quay: 7 strips of 4 1/2, 1 in: 32 1/2 in, with 5 % 34.1, so 1 yd. Back: 2 × 64 + 1 = 129 in, with 5 % 135.45, so
     * 31 steps of 4 1/2 in, 3 7/8 yd.
     */
    @Test
    void the_other_roles_come_out_as_worked_by_hand() {
        Map<String, Need> needs = throwByRole();

        assertThat(cloth(needs.get("lantern")).exact().value()).isEqualTo(inches("34"));
        assertThat(cloth(needs.get("fog")).exact().value()).isEqualTo(inches("34"));
        assertThat(cloth(needs.get("quay")).exact().value()).isEqualTo(inches("32 1/2"));
        assertThat(cloth(needs.get("back")).exact().value()).isEqualTo(inches("129"));
        assertThat(needs.values()).extracting(NeedsTest::sell).containsExactly(
                Length.ofYards(2, 1), Length.ofYards(1, 1), Length.ofYards(1, 1), Length.ofYards(1, 1), Length.ofYards(31, 8));
    }

    /**
     * Crib, 12 blocks, border 3 in, 42 × 54 in. Night: 24 squares of 4 (3 strips, 12 in), 60 of 3 1/2 (6, 21 in), binding
     * 2 × 96 + 10 = 202 in, (202 − 2 1/4) ÷ 37 3/4 = 5.3, 6 strips, 13 1/2 in, 1 in: 47 1/2; with 5 % 49.875, so 1 1/2 yd (54 in).
     * Lantern, fog: 18 of 4 (2, 8 in), 36 of 3 1/2 (4, 14 in), 1 in: 23; 24.15, so 27 in. Quay: sides 48 + 2 1/2 = 50 1/2, ends
     * 42 + 2 1/2 = 44 1/2, 190 in, 189 1/2 ÷ 39 1/2 = 4.8, 5 strips of 3 1/2, 17 1/2 + 1 = 18 1/2; 19.4, so 22 1/2 in.
     * Back 50 × 62: vertical 2 × 62 = 124, horizontal 2 × 50 = 100; 101; 106.05, so 108 in.
     */
    @Test
    void a_crib_comes_out_as_worked_by_hand() {
        Map<String, Need> needs = byRole(QuiltSamples.crib());

        assertThat(needs.values()).extracting(need -> cloth(need).exact().value()).containsExactly(
                inches("47 1/2"), inches("23"), inches("23"), inches("18 1/2"), inches("101"));
        assertThat(needs.values()).extracting(NeedsTest::sell).containsExactly(
                inches("54"), inches("27"), inches("27"), inches("22 1/2"), inches("108"));
    }

    /**
     * Twin, 35 blocks, 68 × 92 in. Night: 70 of 4 (7, 28 in), 175 of 3 1/2 (16, 56 in), binding 330 in, 327 3/4 ÷ 37 3/4 = 8.7,
     * 9 strips, 20 1/4 in, 1 in: 105 1/4; 110.5, so 25 steps, 112 1/2 in. Lantern, fog: 35 + 18 = 53 of 4 (6, 24 in), 105 of
     * 3 1/2 (10, 35 in), 1 in: 60; 63. Quay: 2 × (86 1/2 + 70 1/2) = 314; 313 1/2 ÷ 39 1/2 = 7.9, 8 of 4 1/2, 37; 38.85, so 40 1/2.
     * Back 76 × 100: vertical 2 × 100 = 200, horizontal 3 × 76 = 228; 201; 211.05, so 47 steps, 211 1/2 in.
     */
    @Test
    void a_twin_comes_out_as_worked_by_hand() {
        Map<String, Need> needs = byRole(QuiltSamples.twin());

        assertThat(needs.values()).extracting(need -> cloth(need).exact().value()).containsExactly(
                inches("105 1/4"), inches("60"), inches("60"), inches("37"), inches("201"));
        assertThat(needs.values()).extracting(NeedsTest::sell).containsExactly(
                inches("112 1/2"), inches("63"), inches("63"), inches("40 1/2"), inches("211 1/2"));
    }

    /** Two roles in one fabric share strips of a cut size: 60 + 100 patches of 3 1/2 are 15 strips, not 6 + 10; squaring once. */
    @Test
    void two_roles_in_one_fabric_are_planned_as_one_length() {
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, plan(QuiltSamples.throwSize()), role -> fabric(role.equals(QuiltSamples.FOG) ? "night" : role.value(), "40"),
                Contents.EVERYTHING);

        Need both = result.byFabric().get("night");

        assertThat(both.roles()).containsExactly(QuiltSamples.NIGHT, QuiltSamples.FOG);
        assertThat(cloth(both).lines()).extracting(ClothLine::pieceLabels).containsExactly(
                List.of(), List.of("A1", "C1"), List.of("A2", "C2"));
        assertThat(cloth(both).exact().value()).isEqualTo(inches("97 1/4"));
    }

    @Test
    void a_kit_without_backing_asks_for_none() {
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, plan(QuiltSamples.throwSize()), role -> fabric(role.value(), "40"), new Contents(false, false));

        assertThat(result.byFabric()).doesNotContainKey("back");
        assertThat(result.byFabric().get("night").uses()).containsExactly(Use.BLOCKS);
        assertThat(cloth(result.byFabric().get("night")).exact().value()).isEqualTo(inches("52"));
    }

    @Test
    void a_wider_fabric_is_planned_by_its_own_width() {
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, plan(QuiltSamples.throwSize()), role -> fabric(role.value(), role.equals(QuiltSamples.BACK) ? "106" : "40"),
                Contents.EVERYTHING);

        assertThat(cloth(result.byFabric().get("back")).exact().value()).isEqualTo(inches("65"));
    }

    @Test
    void a_piece_wider_than_the_cloth_is_told_by_its_label() {
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, plan(QuiltSamples.throwSize()), role -> fabric(role.value(), "3 3/4"), new Contents(false, false));

        assertThat(result.problems()).extracting(Problem::code).containsOnly("cloth.piece-too-wide");
        assertThat(result.problems().get(0).arguments()).containsExactly("A1", inches("4"), inches("3 3/4"));
    }

    @Test
    void margin_and_selling_step_come_at_the_end() {
        ShopPractice byQuarters = PRACTICE.with(PracticeMeasure.SELLING_STEP, Length.ofYards(1, 4));

        assertThat(sellNight(byQuarters.with(new Margin.None()))).isEqualTo(Length.ofYards(2, 1));
        assertThat(sellNight(byQuarters.with(new Margin.Extra(Length.ofYards(1, 4))))).isEqualTo(Length.ofYards(9, 4));
    }

    @Test
    void a_bill_names_letters_and_lengths() {
        BillOfMaterials bill = BillOfMaterials.of(DESIGN, throwByRole());

        BillLine.Cut first = bill.lines().get(0).match(cut -> cut, picked -> null);

        assertThat(bill.lines()).hasSize(5);
        assertThat(first)
                .isEqualTo(new BillLine.Cut("night", List.of("A"), inches("67 3/4"), inches("72"), inches("40"), Optional.empty()));
    }

    /**
     * 40 squares of 4 and 100 of 3 1/2: of either, and of both together, four come out of 10 × 10; 140 ÷ 4 = 35 squares, one pack
     * of 40.
     */
    @Test
    void a_drawn_role_is_met_from_precuts_by_their_diagrams() {
        Need night = with(new KitChoice.Precut(KitGood.customary("pack", PrecutKind.SQUARES_10)), new Contents(false, false)).byFabric()
                .get("pack");

        assertThat(night.amount().headline().value()).isEqualTo(Count.ONE);
        assertThat(night.amount().headline().operands().get(0).value()).isEqualTo(new Count(35));
    }

    /** The same with the binding off the bolt: 7 strips of 2 1/4 and squaring, 16 3/4 in. */
    @Test
    void what_a_precut_does_not_give_comes_off_the_bolt_beside_it() {
        KitChoice.Fabric cloth = new KitChoice.Fabric(KitFabric.measured("bolt", inches("40"), PrintKind.ALL_OVER));
        Needs.Result result = with(
                new KitChoice.Both(new KitChoice.Precut(KitGood.customary("pack", PrecutKind.SQUARES_10)), cloth), Contents.EVERYTHING);

        assertThat(result.problems()).isEmpty();
        assertThat(result.byFabric().get("pack").amount().headline().value()).isEqualTo(Count.ONE);
        assertThat(result.byFabric().get("pack").uses()).containsExactly(Use.BLOCKS);
        assertThat(cloth(result.byFabric().get("bolt")).exact().value()).isEqualTo(inches("16 3/4"));
        assertThat(result.byFabric().get("bolt").uses()).containsExactly(Use.BINDING);
    }

    @Test
    void a_precut_alone_does_not_serve_a_role_that_is_also_bound() {
        Needs.Result result = with(new KitChoice.Precut(KitGood.customary("pack", PrecutKind.SQUARES_10)), Contents.EVERYTHING);

        assertThat(result.problems()).extracting(Problem::code).containsExactly("kit.role-needs-cloth");
    }

    /** Squares of 3 1/2 in that the shop has give the smaller patches, one each; those of 4 in do not come out of them. */
    @Test
    void a_kind_of_our_own_is_planned_with_its_measure() {
        KitGood own = KitGood.mixed("own", PrecutKind.OWN, new Count(25), Optional.of(SheetSize.of(inches("3 1/2"), inches("3 1/2"))));
        KitChoice.Fabric cloth = new KitChoice.Fabric(KitFabric.measured("bolt", inches("40"), PrintKind.ALL_OVER));

        Needs.Result result = with(new KitChoice.Both(new KitChoice.Precut(own), cloth), new Contents(false, false));

        assertThat(result.byFabric().get("own").amount().headline().value()).isEqualTo(new Count(4));
        assertThat(cloth(result.byFabric().get("bolt")).exact().value()).isEqualTo(inches("17"));
        assertThat(with(new KitChoice.Precut(own), new Contents(false, false)).problems()).extracting(Problem::code)
                .containsExactly("kit.precut-too-small");
    }

    /** A left-over of 40 × 40 has room for all of fog, 30 squares of 4 and 60 of 3 1/2: 33 in of strips. Nothing is cut off the bolt. */
    @Test
    void a_bill_takes_left_overs_in_place_of_cloth() {
        KitFabric fog = KitFabric.measured("fog", inches("40"), PrintKind.ALL_OVER)
                .with(List.of(new LeftOver("LEFT-1", inches("40"), inches("40"), 1)));
        Needs.Result result = new Needs(PRACTICE, Instructions.SHOP).of(
                DESIGN, plan(QuiltSamples.throwSize()),
                role -> role.equals(QuiltSamples.FOG) ? new KitChoice.Fabric(fog) : fabric(role.value(), "40"), Contents.EVERYTHING);

        BillOfMaterials bill = BillOfMaterials.of(DESIGN, result.byFabric());

        assertThat(bill.lengths()).doesNotContainKey("fog").containsKey("lantern");
        assertThat(bill.picked()).isEqualTo(Map.of("LEFT-1", Count.ONE));
        assertThat(sell(result.byFabric().get("fog"))).isEqualTo(Length.ZERO);
    }

    /** A maker who follows the printed pattern never finds a left-over in the bag. */
    @Test
    void printed_instructions_take_no_left_overs() {
        KitFabric fog = KitFabric.measured("fog", inches("40"), PrintKind.ALL_OVER)
                .with(List.of(new LeftOver("LEFT-1", inches("40"), inches("40"), 1)));
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, plan(QuiltSamples.throwSize()),
                role -> role.equals(QuiltSamples.FOG) ? new KitChoice.Fabric(fog) : fabric(role.value(), "40"), Contents.EVERYTHING);

        assertThat(BillOfMaterials.of(DESIGN, result.byFabric()).picked()).isEmpty();
    }

    /** The same by role: 35 squares of 10 in for the patches, and the binding off the bolt beside them. */
    @Test
    void a_role_planned_from_precuts_has_both_under_keys_of_its_own() {
        Map<String, Need> needs = new Needs(PRACTICE, Instructions.PRINTED)
                .byRole(DESIGN, plan(QuiltSamples.throwSize()), Map.of(QuiltSamples.NIGHT, RoleSource.bundle(PrecutKind.SQUARES_10)))
                .byFabric();

        assertThat(needs.get(Needs.precutKey(QuiltSamples.NIGHT)).amount().headline().value()).isEqualTo(Count.ONE);
        assertThat(cloth(needs.get("night")).exact().value()).isEqualTo(inches("16 3/4"));
        assertThat(cloth(needs.get("lantern")).exact().value()).isEqualTo(inches("34"));
    }

    /** Binding of 258 in: seven strips on the slant either way, of 2 1/4 in cotton and of 2 1/2 in flannel. */
    @Test
    void flannel_is_bound_in_wider_strips_unless_the_pattern_says_a_width() {
        assertThat(bindingStrip(DESIGN, ClothKind.COTTON)).isEqualTo(inches("2 1/4"));
        assertThat(bindingStrip(DESIGN, ClothKind.FLANNEL)).isEqualTo(inches("2 1/2"));
        QuiltDesign narrow = new QuiltDesign(
                DESIGN.roles(), DESIGN.sizes(), DESIGN.table(), DESIGN.cutList(), DESIGN.drawing(), DESIGN.plannedFrom(),
                Map.of(PracticeMeasure.BINDING_WIDTH, inches("2 in")));
        assertThat(bindingStrip(narrow, ClothKind.FLANNEL)).isEqualTo(inches("2 in"));
    }

    private static Length bindingStrip(QuiltDesign design, ClothKind kind) {
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                design, new QuiltPlanner(PRACTICE).plan(design, QuiltSamples.throwSize()),
                role -> new KitChoice.Fabric(KitFabric.measured(role.value(), inches("40"), PrintKind.ALL_OVER).madeAs(kind)),
                Contents.EVERYTHING);
        ClothLine line = cloth(result.byFabric().get("night")).lines().stream().filter(one -> one.use().place() == Use.Place.BINDING)
                .findFirst().orElseThrow();
        assertThat(line.strips().value()).isEqualTo(new Count(7));
        return line.stripHeight().value();
    }

    /** Night from what is tried, all other roles off the bolt. */
    private static Needs.Result with(KitChoice night, Contents contents) {
        return new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, plan(QuiltSamples.throwSize()), role -> role.equals(QuiltSamples.NIGHT) ? night : fabric(role.value(), "40"),
                contents);
    }

    private static Length sellNight(ShopPractice practice) {
        QuiltPlan plan = new QuiltPlanner(practice).plan(DESIGN, QuiltSamples.throwSize());
        return sell(new Needs(practice, Instructions.PRINTED).byRole(DESIGN, plan).byFabric().get("night"));
    }

    private static Map<String, Need> throwByRole() {
        return byRole(QuiltSamples.throwSize());
    }

    private static Map<String, Need> byRole(QuiltSize size) {
        return new Needs(PRACTICE, Instructions.PRINTED).byRole(DESIGN, plan(size)).byFabric();
    }

    private static QuiltPlan plan(QuiltSize size) {
        return new QuiltPlanner(PRACTICE).plan(DESIGN, size);
    }

    private static KitChoice fabric(String code, String usableWidth) {
        return new KitChoice.Fabric(KitFabric.measured(code, inches(usableWidth), PrintKind.ALL_OVER));
    }

    private static ClothPlan cloth(Need need) {
        return need.cloth().orElseThrow().plan();
    }

    private static Length sell(Need need) {
        return need.sold().orElseThrow().value();
    }

    private static Length inches(String text) {
        return Length.parse(text);
    }

}
