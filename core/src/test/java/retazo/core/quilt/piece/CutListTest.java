package retazo.core.quilt.piece;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

class CutListTest {

    private static final RoleKey REED = new RoleKey("reed");
    private static final RoleKey MUD = new RoleKey("mud");
    private static final SizeKey CRIB = new SizeKey("crib");
    private static final SizeKey THROW = new SizeKey("throw");
    private static final ShopPractice PRACTICE = ShopPractice.customary();

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2 1/2 x 4 1/2                       | 2 1/2 x 4 1/2
            2 1/2 x 4 1/2 from 2 1/2            | 2 1/2 x 4 1/2 from 2 1/2 strips
            2½ x 4½, from 4½ in strips          | 2 1/2 x 4 1/2 from 4 1/2 strips
            2½" × 4½"                           | 2 1/2 x 4 1/2
            5                                   | 5 x 5
            3 7/8 cut once                      | 3 7/8 cut once
            4 1/4, cut twice                    | 4 1/4 cut twice
            strip 2 1/2                         | strip 2 1/2
            set S: strip 2 1/2, segment 2       | set S: strip 2 1/2, segment 2
            Set 2 strip 1 1/2, segments 2 1/2   | set 2: strip 1 1/2, segment 2 1/2
            """)
    void pieces_are_read_as_they_are_written_on_paper(String typed, String plain) {
        CutForm form = CutForm.read(typed).orElseThrow();

        assertThat(form.text()).isEqualTo(plain);
        assertThat(CutForm.read(form.text())).contains(form);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "some", "2 x", "x 2", "strip", "set : strip 2, segment 2", "2 x 3 x 4"})
    void what_is_no_piece_is_not_read(String typed) {
        assertThat(CutForm.read(typed)).isEmpty();
    }

    /**
     * Crib with 6 blocks and throw with 12. Reed: 4 of 2½ × 4½ a block (24; 48), 3 strips of 3 in every quilt, 10 or 20 squares
     * of 4¼ cut twice. Mud: strips of 2½ in a set with reed, 30 or 60 segments of 2½.
     */
    @Test
    void counts_are_per_block_per_size_and_per_quilt() {
        QuiltDesign design = design(list(Optional.empty()));

        assertThat(plan(design, 1).pieces())
                .extracting(PieceNeed::label, need -> need.shape().code(), need -> need.count().value())
                .containsExactly(
                        tuple("A1", "rectangle", new Count(48)),
                        tuple("A2", "cut-twice", new Count(20)),
                        tuple("A3", "whole-strip", new Count(3)),
                        tuple("A4", "set-strip", new Count(60)),
                        tuple("B1", "set-strip", new Count(60)));
    }

    /**
     * Sixteen segments of 2½ in are the whole 40 in of a set, so nothing is left to square its end. With a loss of 1 in it gives
     * fifteen, ⌊39 ÷ 2½⌋, and there is nothing to warn of.
     */
    @Test
    void a_set_that_leaves_nothing_to_square_its_end_is_told() {
        QuiltDesign design = design(list(Optional.empty()));
        ShopPractice careful = PRACTICE.with(PracticeMeasure.STRIP_SET_LOSS, Length.ofInches(1));

        assertThat(warnings(design, PRACTICE)).extracting(Problem::code, Problem::place).containsExactly(
                tuple("cloth.set-edge", "A4"), tuple("cloth.strip-open", "A1"), tuple("cloth.set-edge", "B1"));
        assertThat(warnings(design, careful)).extracting(Problem::code, Problem::place).containsExactly(tuple("cloth.strip-open", "A1"));
    }

    private static List<Problem> warnings(QuiltDesign design, ShopPractice practice) {
        QuiltPlan plan = new QuiltPlanner(practice).plan(design, design.sizes().get(1));
        return new Needs(practice, Instructions.PRINTED).byRole(design, plan).byFabric().values().stream()
                .flatMap(need -> need.cloth().stream())
                .flatMap(cloth -> cloth.plan().warnings().stream())
                .toList();
    }

    /**
     * Throw on 40 in. Reed: 48 of 2½ × 4½, 16 to a strip, 3 strips of 4½, 13½; 20 of 4¼, 9 to a strip, 3 strips, 12¾; 3 strips
     * of 3, 9; 60 segments of 2½, 16 to a set, 4 strips of 2½, 10; squaring 1: 46¼ in, with 5 % 48.6, so 49½ in. From strips of 2½,
     * 8 to a strip, 6 strips, the 48 take 15: 47¾ in, 50.1, so 54 in, which is sold as long as nobody said which the paper cuts.
     * Mud: 4 strips of 2½ and 1: 11 in; 11.55, so 13½ in.
     */
    @Test
    void a_cut_list_goes_through_planning_like_a_drawing() {
        Map<String, Need> needs = printed("2 1/2 x 4 1/2 from 4 1/2");

        assertThat(sell(needs.get("reed"))).isEqualTo(Length.parse("49 1/2"));
        assertThat(sell(needs.get("mud"))).isEqualTo(Length.parse("13 1/2"));
        assertThat(sell(printed("2 1/2 x 4 1/2 from 2 1/2").get("reed"))).isEqualTo(Length.ofInches(54));
        assertThat(sell(printed("2 1/2 x 4 1/2").get("reed"))).isEqualTo(Length.ofInches(54));
    }

    /** A throw that finishes 48 × 60: binding 2 · 108 + 10 = 226; (226 − 2¼) ÷ 37¾ = 5.9, so 6 strips of 2¼. */
    @Test
    void binding_is_worked_out_from_the_stated_size() {
        QuiltDesign design = design(list(Optional.of(MUD)));

        QuiltPlan plan = plan(design, 1);

        assertThat(plan.bindings().get(0).strips(PRACTICE.figure(PracticeMeasure.USABLE_WIDTH)).value()).isEqualTo(new Count(6));
        assertThat(design.uses(MUD)).containsExactly(Use.BLOCKS, Use.BINDING);
    }

    @Test
    void lines_that_cannot_be_are_told_at_their_field() {
        List<CutList.Line> lines = List.of(
                line(REED, "2 x 301", new CutCount.PerQuilt(1)),
                line(REED, "2 x 3", new CutCount.PerBlock("star", 1)),
                line(REED, "2 x 3", new CutCount.PerSize(Map.of(new SizeKey("king"), 3))),
                line(MUD, "2 x 3", new CutCount.PerQuilt(100_001)),
                line(MUD, "set S: strip 2, segment 2", new CutCount.PerQuilt(4)),
                line(REED, "set S: strip 2, segment 3", new CutCount.PerQuilt(4)));
        CutList list = new CutList(List.of(), lines, Optional.empty(), Optional.empty());

        assertThat(check(list)).extracting(Problem::place, Problem::code).containsExactly(
                tuple("lines.0.piece", "cutList.size"),
                tuple("lines.1.per", "cutList.unknown-place"),
                tuple("lines.2.counts", "size.unknown"),
                tuple("lines.3.each", "cutList.count-limits"),
                tuple("lines.5.piece", "cutList.segments-differ"));
    }

    /**
     * Three strips of 2 1/2 sewn together, 24 segments of 5 1/2: seven segments to a set on 40 in, so 4 sets and 12 strips. As three lines
     * of one strip the same; as one line of 72 it would be 11 strips, which is told.
     */
    @Test
    void a_strip_set_is_one_entry_with_its_strips() {
        CutForm three = CutForm.read("set S: 3 strips 2 1/2, segments 5 1/2").orElseThrow();
        assertThat(three).isEqualTo(new CutForm.SetStrip("S", 3, Length.parse("2 1/2"), Length.parse("5 1/2")));
        assertThat(CutForm.read(three.text())).contains(three);
        assertThat(CutForm.read("set S: 0 strips 2 1/2, segments 5 1/2")).isEmpty();

        assertThat(strips(line(REED, three.text(), new CutCount.PerQuilt(24)))).isEqualTo(12);
        CutList.Line one = line(REED, "set S: strip 2 1/2, segment 5 1/2", new CutCount.PerQuilt(24));
        assertThat(strips(one, one, one)).isEqualTo(12);
        assertThat(setProblems(one, one, one)).isEmpty();
        assertThat(setProblems(line(REED, three.text(), new CutCount.PerQuilt(24)))).isEmpty();
        assertThat(setProblems(line(REED, "set S: strip 2 1/2, segment 5 1/2", new CutCount.PerQuilt(72))))
                .extracting(Problem::place, Problem::code).containsExactly(tuple("lines.0.piece", "cutList.set-of-one"));
        assertThat(setProblems(one, line(MUD, "set S: strip 2 1/2, segment 5 1/2", new CutCount.PerQuilt(48))))
                .extracting(Problem::place, Problem::code).containsExactly(tuple("lines.1.piece", "cutList.set-counts-differ"));
    }

    private static long strips(CutList.Line... lines) {
        List<CutList.Line> all = new ArrayList<>(List.of(lines));
        all.add(line(MUD, "3 x 3", new CutCount.PerQuilt(1)));
        QuiltDesign design = design(new CutList(List.of(), all, Optional.empty(), Optional.empty()));
        Need reed = requireNonNull(new Needs(PRACTICE, Instructions.OURS).byRole(design, plan(design, 1)).byFabric().get("reed"));
        return reed.cloth().orElseThrow().plan().lines().stream().mapToLong(line -> line.strips().value().value()).sum();
    }

    private static List<Problem> setProblems(CutList.Line... lines) {
        return new CutListCheck(new CutList(List.of(), List.of(lines), Optional.empty(), Optional.empty()),
                design(list(Optional.empty())).sizes()).setProblems();
    }

    @Test
    void a_binding_without_a_stated_size_is_told() {
        List<QuiltSize> sizes = List.of(new QuiltSize.Printed(THROW, "Throw", Optional.empty()));

        List<Problem> problems = new DesignCheck(
                roles(), sizes, Optional.empty(), Optional.of(list(Optional.of(MUD))), Optional.empty(), Way.CUT_LIST, Map.of())
                .problems();

        assertThat(problems).extracting(Problem::code).contains("size.finished-missing");
    }

    /**
     * 60 segments of 2 1/2: on 42 in, 41 3/4 less the squaring of the set give 16 and 4 strips, on 35 in 13 and 5. Sewn together, both
     * cloths have as many strips as the narrower one needs: 5 of 2 1/2, 12 1/2 in, and 1 in to square.
     */
    @Test
    void the_narrowest_cloth_of_a_strip_set_decides_for_all_of_it() {
        QuiltDesign design = design(new CutList(
                List.of(), List.of(
                        line(REED, "set S: strip 2 1/2, segment 2 1/2", new CutCount.PerQuilt(60)),
                        line(MUD, "set S: strip 2 1/2, segment 2 1/2", new CutCount.PerQuilt(60))),
                Optional.empty(), Optional.empty()));

        assertThat(exact(design, "42", "42")).containsExactly(Length.ofInches(11), Length.ofInches(11));
        assertThat(exact(design, "42", "35")).containsExactly(Length.parse("13 1/2"), Length.parse("13 1/2"));
        assertThat(exact(design, "35", "42")).containsExactly(Length.parse("13 1/2"), Length.parse("13 1/2"));
    }

    /** What reed and mud take, on cloth of these usable widths. */
    private static List<Length> exact(QuiltDesign design, String reed, String mud) {
        QuiltPlan plan = new QuiltPlanner(PRACTICE).plan(design, design.sizes().get(0));
        return new Needs(PRACTICE, Instructions.PRINTED).of(
                design, plan,
                role -> new KitChoice.Fabric(KitFabric.measured(
                        role.value(), Length.parse(role.equals(REED) ? reed : mud), PrintKind.ALL_OVER)),
                Contents.EVERYTHING).byFabric().values().stream().map(need -> need.exact().orElseThrow().value()).toList();
    }

    private static Map<String, Need> printed(String firstPiece) {
        CutList plain = list(Optional.empty());
        List<CutList.Line> lines = new ArrayList<>(plain.lines());
        lines.set(0, line(REED, firstPiece, new CutCount.PerBlock("star", 4)));
        QuiltDesign design = design(new CutList(plain.places(), lines, plain.binding(), plain.backing()));
        return new Needs(PRACTICE, Instructions.PRINTED).byRole(design, plan(design, 1)).byFabric();
    }

    static CutList list(Optional<RoleKey> binding) {
        return new CutList(
                List.of(new CutList.Place("star", Map.of(CRIB, 6, THROW, 12))),
                List.of(
                        line(REED, "2 1/2 x 4 1/2", new CutCount.PerBlock("star", 4)),
                        line(REED, "strip 3", new CutCount.PerQuilt(3)),
                        line(REED, "4 1/4 cut twice", new CutCount.PerSize(Map.of(CRIB, 10, THROW, 20))),
                        line(REED, "set S: strip 2 1/2, segment 2 1/2", new CutCount.PerBlock("star", 5)),
                        new CutList.Line(
                                MUD, Use.BLOCKS, CutForm.read("set S: strip 2 1/2, segment 2 1/2").orElseThrow(),
                                new CutCount.PerBlock("star", 5), Optional.of(new PrecutSource(PrecutKind.STRIP_ROLL, 16)), "")),
                binding,
                Optional.empty());
    }

    private static CutList.Line line(RoleKey role, String piece, CutCount count) {
        return new CutList.Line(role, Use.BLOCKS, CutForm.read(piece).orElseThrow(), count, Optional.empty(), "");
    }

    static List<Role> roles() {
        return List.of(Role.of(REED, "A", "reed"), Role.of(MUD, "B", "mud"));
    }

    static QuiltDesign design(CutList list) {
        return new QuiltDesign(
                roles(), sizes(), Optional.empty(), Optional.of(list), Optional.empty(), Way.CUT_LIST, Map.of());
    }

    static List<QuiltSize> sizes() {
        return new ArrayList<>(List.of(
                new QuiltSize.Printed(CRIB, "Crib", Optional.of(new FinishedSize(Length.ofInches(36), Length.ofInches(48)))),
                new QuiltSize.Printed(THROW, "Throw", Optional.of(new FinishedSize(Length.ofInches(48), Length.ofInches(60))))));
    }

    private static List<Problem> check(CutList list) {
        return new DesignCheck(roles(), sizes(), Optional.empty(), Optional.of(list), Optional.empty(), Way.CUT_LIST, Map.of()).problems();
    }

    private static QuiltPlan plan(QuiltDesign design, int size) {
        return new QuiltPlanner(PRACTICE).plan(design, design.sizes().get(size));
    }

    private static Length sell(Need need) {
        return need.sold().orElseThrow().value();
    }
}
