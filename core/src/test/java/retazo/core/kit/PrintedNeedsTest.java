package retazo.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.prints.Print;
import retazo.core.prints.PrintValue;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/** Kits from a size table alone: ground 2 yd, prints 1 roll or 1¼ yd, accents 3 fat quarters, binding ½ yd. */
class PrintedNeedsTest {

    private static final SizeKey THROW = new SizeKey("throw");
    private static final ShopPractice PRACTICE = ShopPractice.customary();
    private static final QuiltDesign DESIGN = design();

    /** Three fat quarters come from two half yards: 36 in. */
    @Test
    void a_length_is_sold_as_printed_and_quarters_are_cut_from_half_yards() {
        Needs.Result result = needs(Map.of());

        assertThat(result.problems()).isEmpty();
        assertThat(result.byFabric().values()).extracting(PrintedNeedsTest::sell).containsExactly(
                Length.ofYards(2, 1), Length.ofYards(5, 4), Length.ofYards(1, 1), Length.ofYards(1, 2));
    }

    @Test
    void printed_quarters_stay_quarters_while_nothing_else_comes_from_their_cloth() {
        assertThat(needs(Map.of()).byFabric().get("C").quarters()).contains(new ShopCut(PrecutKind.FAT_QUARTER, new Count(3)));
        assertThat(needs(Map.of()).byFabric().get("B").quarters()).isEmpty();
        assertThat(needs(Map.of("D", fabric("C"))).byFabric().get("C").quarters()).isEmpty();
    }

    /** The roll or 1¼ yd is printed as 1¼ yd; fat quarters alone are no length. */
    @Test
    void a_length_is_printed_for_a_role_where_every_row_of_it_has_one() {
        SizeTable table = DESIGN.table().orElseThrow();

        assertThat(table.printedLength(new RoleKey("B"), THROW)).contains(Length.ofYards(5, 4));
        assertThat(table.printedLength(new RoleKey("C"), THROW)).isEmpty();
        assertThat(table.printedLength(new RoleKey("A"), new SizeKey("none"))).isEmpty();
    }

    @Test
    void roles_in_one_fabric_are_one_length() {
        Needs.Result result = needs(Map.of("D", fabric("A")));

        assertThat(sell(result.byFabric().get("A"))).isEqualTo(Length.ofYards(5, 2));
        assertThat(result.byFabric().get("A").uses()).containsExactly(Use.BLOCKS, Use.BINDING);
    }

    @Test
    void a_role_can_be_met_by_the_pack_that_is_printed() {
        Needs.Result result = needs(Map.of("B", precut("MARSH", PrecutKind.STRIP_ROLL, 40)));

        assertThat(units(result.byFabric().get("MARSH"))).isEqualTo(Count.ONE);
        assertThat(BillOfMaterials.of(DESIGN, result.byFabric()).picked()).containsExactly(Map.entry("MARSH", Count.ONE));
    }

    /** Three quarters: three loose ones, or one bundle of twelve. */
    @Test
    void printed_quarters_are_loose_or_whole_bundles() {
        assertThat(units(needs(Map.of("C", precut("LOOSE", PrecutKind.FAT_QUARTER, 1))).byFabric().get("LOOSE"))).isEqualTo(new Count(3));
        assertThat(units(needs(Map.of("C", precut("TWELVE", PrecutKind.FAT_QUARTER, 12))).byFabric().get("TWELVE"))).isEqualTo(Count.ONE);
        assertThat(units(needs(Map.of("C", precut("TWO", PrecutKind.FAT_QUARTER, 2))).byFabric().get("TWO"))).isEqualTo(new Count(2));
    }

    /**
     * Two roles of 3 quarters each from bundles of two, one single beside them: (3 − 1) ÷ 2 and 3 ÷ 2 rounded up, three bundles. The single
     * serves once: two bundles and it are five quarters for six.
     */
    @Test
    void a_single_beside_the_packs_serves_one_role() {
        Map<String, String> printed = new LinkedHashMap<>();
        printed.put("B", "3 FQ");
        printed.put("C", "3 FQ");
        QuiltDesign two = design(printed);
        KitChoice pack = new KitChoice.Precut(KitGood.mixed("TWO", PrecutKind.FAT_QUARTER, new Count(2), Optional.empty())
                .with(new PackPrints(List.of(), 0, List.of(new Print("gull", PrintValue.LIGHT, 1)), Optional.empty())));

        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED)
                .of(two, new QuiltPlanner(PRACTICE).plan(two, two.sizes().get(0)), role -> pack, Contents.EVERYTHING);

        assertThat(units(result.byFabric().get("TWO"))).isEqualTo(new Count(3));
    }

    @Test
    void a_choice_that_does_not_serve_is_told() {
        assertThat(needs(Map.of("A", precut("MARSH", PrecutKind.STRIP_ROLL, 40))).problems())
                .extracting(Problem::code).containsExactly("kit.precut-does-not-serve");
        assertThat(needs(Map.of("B", precut("LOOSE", PrecutKind.STRIP_ROLL, 1))).problems())
                .extracting(Problem::code).containsExactly("kit.precut-does-not-serve");
    }

    @Test
    void a_kit_without_binding_takes_none() {
        Needs.Result result = new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, new QuiltPlanner(PRACTICE).plan(DESIGN, DESIGN.sizes().get(0)), role -> fabric(role.value()),
                new Contents(false, true));

        assertThat(result.byFabric()).doesNotContainKey("D");
    }

    private static Needs.Result needs(Map<String, KitChoice> others) {
        Function<RoleKey, KitChoice> colourway = role -> others.getOrDefault(role.value(), fabric(role.value()));
        return new Needs(PRACTICE, Instructions.PRINTED).of(
                DESIGN, new QuiltPlanner(PRACTICE).plan(DESIGN, DESIGN.sizes().get(0)), colourway, Contents.EVERYTHING);
    }

    private static KitChoice fabric(String code) {
        return new KitChoice.Fabric(KitFabric.measured(code, Length.ofInches(40), PrintKind.ALL_OVER));
    }

    private static KitChoice precut(String code, PrecutKind kind, long pack) {
        return new KitChoice.Precut(KitGood.mixed(code, kind, new Count(pack), Optional.empty()));
    }

    private static Length sell(Need need) {
        return need.sold().orElseThrow().value();
    }

    private static Count units(Need need) {
        return need.picked().orElseThrow().value();
    }

    private static QuiltDesign design() {
        Map<String, String> printed = new LinkedHashMap<>();
        printed.put("A", "2 yd");
        printed.put("B", "1 roll or 1¼ yd");
        printed.put("C", "3 FQ");
        printed.put("D", "½");
        return design(printed);
    }

    private static QuiltDesign design(Map<String, String> printed) {
        List<SizeTable.Row> rows = printed.entrySet().stream().map(PrintedNeedsTest::row).toList();
        return new QuiltDesign(
                printed.keySet().stream().map(letter -> Role.of(new RoleKey(letter), letter, "role " + letter)).toList(),
                List.of(new QuiltSize.Printed(THROW, "Throw", Optional.empty())),
                Optional.of(new SizeTable(rows)), Optional.empty(), Optional.empty(), Way.SIZE_TABLE, new HashMap<>());
    }

    private static SizeTable.Row row(Map.Entry<String, String> printed) {
        List<PrintedAmount> cell = PrintedText.read(printed.getValue()).match(amounts -> amounts, problem -> List.of());
        Use use = printed.getKey().equals("D") ? Use.BINDING : Use.BLOCKS;
        return new SizeTable.Row(new RoleKey(printed.getKey()), use, Map.of(THROW, cell));
    }
}
