package retazo.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.QuiltSamples;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;

/**
 * Tables with one planted fault each, worked out by hand for the three sizes of the sample: blocks of 12 in with patches of 3 1/2
 * and triangle squares of 4, 3 × 4, 4 × 5 and 5 × 7 of them, a border of 3, 4 and 4 in, binding in the night ground, backing 4 in
 * larger. Squared up by an inch and rounded up to eighths of a yard where nothing else is said.
 *
 * <p>A block has 5 patches of night, 3 of lantern, 3 of fog; one triangle unit of fog and lantern, two of lantern and night, two
 * of night and fog, two from a pair of squares. The lengths come from {@link Sheet}, a second, plainer way of working them out.
 */
class PrintedLengthsTest {

    private static final List<QuiltSize.Grid> SIZES = List.of(QuiltSamples.crib(), QuiltSamples.throwSize(), QuiltSamples.twin());

    /**
     * A worksheet of its own: pieces of a role in one block, and what lies around, added up strip by strip in eighths of an inch.
     *
     * @param usable width of the cloth in inches
     */
    private record Sheet(int usable, boolean squared, boolean finishedStrips, boolean finishedPatches, int overage, boolean binding,
            boolean trim) {

        static Sheet plain() {
            return new Sheet(40, true, false, false, 4, true, true);
        }

        static Sheet wide(int usable) {
            return new Sheet(usable, true, false, false, 4, true, true);
        }

        /** Patches of 3 1/2 in a block. */
        private static final Map<String, Integer> PATCHES = Map.of("night", 5, "lantern", 3, "fog", 3);

        /** The lengths of the strips of a role, in eighths of an inch. */
        List<Integer> strips(String role, QuiltSize.Grid size) {
            int blocks = size.columns() * size.rows();
            Map<Integer, Integer> strips = new LinkedHashMap<>();
            if (PATCHES.containsKey(role)) {
                int patch = finishedPatches ? 24 : 28;
                int square = finishedPatches ? 28 : 32;
                strips.merge(patch, up(PATCHES.get(role) * blocks, usable * 8 / patch), Integer::sum);
                strips.merge(square, up(squares(role, blocks), usable * 8 / square), Integer::sum);
            }
            List<Integer> lengths = new java.util.ArrayList<>();
            strips.forEach((height, count) -> lengths.add(height * count));
            int width = size.columns() * 12;
            int height = size.rows() * 12;
            int border = (int) (size.borderWidths().get(0).ticks() / Length.TICKS_PER_INCH);
            if (role.equals("quay")) {
                int extra = trim ? 20 : 4;
                int total = 2 * (height * 8 + extra) + 2 * ((width + 2 * border) * 8 + extra);
                lengths.add(up(total - 4, usable * 8 - 4) * (finishedStrips ? border * 8 : border * 8 + 4));
            }
            if (role.equals("night") && binding) {
                int around = 2 * (width + height + 4 * border) * 8 + 80;
                lengths.add(up(around - 18, usable * 8 - 18) * 18);
            }
            if (role.equals("back")) {
                int across = (width + 2 * border + 2 * overage) * 8;
                int down = (height + 2 * border + 2 * overage) * 8;
                lengths.add(Math.min(up(across - 4, usable * 8 - 4) * down, up(down - 4, usable * 8 - 4) * across));
            }
            return lengths;
        }

        /** Squares of a role for its two kinds of triangle units, two units from a pair. */
        private static int squares(String role, int blocks) {
            int fogLantern = up(blocks, 2);
            int lanternNight = up(2 * blocks, 2);
            int nightFog = up(2 * blocks, 2);
            return switch (role) {
                case "night" -> lanternNight + nightFog;
                case "lantern" -> fogLantern + lanternNight;
                default -> fogLantern + nightFog;
            };
        }

        private static int up(int whole, int part) {
            return (whole + part - 1) / part;
        }

        /** In eighths of an inch, before any rounding. */
        int exact(String role, QuiltSize.Grid size) {
            return strips(role, size).stream().mapToInt(Integer::intValue).sum() + (squared ? 8 : 0);
        }
    }

    /** Eighths of an inch rounded up to a step of so many. */
    private static Length upTo(int eighths, int step) {
        return Length.ofInches((long) ((eighths + step - 1) / step) * step, 8);
    }

    private static final int EIGHTH_YARD = 36;
    private static final List<String> ROLES = List.of("night", "lantern", "fog", "quay", "back");

    /** How a table prints a role at a size. */
    private interface Printer {
        Length print(String role, QuiltSize.Grid size);
    }

    private static List<LengthVerdict> judge(Printer printer) {
        List<SizeTable.Row> rows = ROLES.stream().map(role -> {
            Map<SizeKey, List<PrintedAmount>> cells = new HashMap<>();
            SIZES.forEach(size -> cells.put(size.key(), List.of(new PrintedAmount.OfCloth(printer.print(role, size)))));
            return new SizeTable.Row(new RoleKey(role), Use.BLOCKS, cells);
        }).toList();
        QuiltDesign plain = QuiltSamples.ferryWake();
        QuiltDesign design = new QuiltDesign(
                plain.roles(), plain.sizes(), Optional.of(new SizeTable(rows)), Optional.empty(), plain.drawing(), plain.plannedFrom(),
                Map.of());
        return PrintedLengths.judge(design, ShopPractice.customary());
    }

    private static Printer from(Sheet sheet) {
        return (role, size) -> upTo(sheet.exact(role, size), EIGHTH_YARD);
    }

    /** The main habit that is given for most of what does not agree. */
    private static String diagnosis(Printer printer) {
        Map<String, Integer> habits = new HashMap<>();
        judge(printer).stream()
                .filter(verdict -> verdict.judgement() != Judgement.AGREES)
                .forEach(verdict -> habits.merge(
                        verdict.reading().map(reading -> reading.habits().get(0).code() + reading.habits().get(0).arguments())
                                .orElse("none"),
                        1, Integer::sum));
        return habits.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse("all agrees");
    }

    @Test
    void a_table_worked_out_in_the_same_way_agrees_everywhere() {
        assertThat(judge(from(Sheet.plain()))).hasSize(15).allMatch(verdict -> verdict.judgement() == Judgement.AGREES);
    }

    @Test
    void ten_planted_faults_are_named() {
        Map<String, String> found = new LinkedHashMap<>();
        found.put("reading.usable-width[42 in]", diagnosis(from(Sheet.wide(42))));
        found.put("reading.usable-width[44 in]", diagnosis(from(Sheet.wide(44))));
        found.put("reading.strips-as-finished[]", diagnosis(from(new Sheet(40, true, true, false, 4, true, true))));
        found.put("reading.patches-as-finished[]", diagnosis(from(new Sheet(40, true, false, true, 4, true, true))));
        found.put("reading.overage[2 in]", diagnosis(from(new Sheet(40, true, false, false, 2, true, true))));
        found.put("reading.without.BINDING[]", diagnosis(from(new Sheet(40, true, false, false, 4, false, true))));
        found.put("reading.step[9 in]", diagnosis((role, size) -> upTo(Sheet.plain().exact(role, size), 72)));
        found.put("reading.parts[9 in]", diagnosis((role, size) -> Sheet.plain().strips(role, size).stream()
                .map(strips -> upTo(strips, 72)).reduce(Length.ZERO, Length::plus)));
        found.put("reading.margin[18 in]", diagnosis((role, size) -> upTo(Sheet.plain().exact(role, size) + 144, EIGHTH_YARD)));
        found.put("reading.margin-share[10]",
                diagnosis((role, size) -> upTo((Sheet.plain().exact(role, size) * 11 + 9) / 10, EIGHTH_YARD)));

        long right = found.entrySet().stream().filter(entry -> entry.getKey().equals(entry.getValue())).count();
        assertThat(right).as(found.toString()).isGreaterThanOrEqualTo(9);
    }

    /**
     * A back of one width: the throw finishes 56 × 68, its back is 64 × 76. On a fabric 90 in wide it is one panel of 64 in, squared 65, so
     * 1 7/8 yd where cloth of 40 in takes 129 in, 3 5/8 yd.
     */
    @Test
    void a_backing_of_one_width_of_a_wide_cloth_is_read_as_such() {
        LengthVerdict back = judge((role, size) -> role.equals("back") && size.equals(QuiltSamples.throwSize())
                ? Length.parse("1 7/8 yd")
                : upTo(Sheet.plain().exact(role, size), EIGHTH_YARD)).stream()
                .filter(verdict -> verdict.judgement() != Judgement.AGREES).findFirst().orElseThrow();

        assertThat(back.role()).isEqualTo(QuiltSamples.BACK);
        assertThat(back.reading().orElseThrow().habits()).containsExactly(Label.of("reading.wide-backing", Length.ofInches(90)));
    }

    /** One length too small among those that agree: by how much, and that no reading explains it. */
    @Test
    void a_length_that_no_reading_explains_says_so() {
        List<LengthVerdict> verdicts = judge((role, size) -> role.equals("fog") && size.key().value().equals("twin")
                ? Length.ofInches(47)
                : from(Sheet.plain()).print(role, size));
        LengthVerdict wrong = verdicts.stream().filter(verdict -> verdict.judgement() != Judgement.AGREES).findFirst().orElseThrow();

        assertThat(wrong.size()).isEqualTo(QuiltSamples.twin().key());
        assertThat(wrong.judgement()).isEqualTo(Judgement.TOO_LITTLE);
        assertThat(wrong.difference()).isEqualTo(wrong.workedOut().minus(Length.ofInches(47)));
        assertThat(wrong.reading()).isEmpty();
    }

    /** 35 blocks of 144 in² have more than 700 in² of night; on cloth 44 in wide that is more than 9 in. */
    @Test
    void a_length_that_its_own_pieces_cover_is_impossible() {
        List<LengthVerdict> verdicts = judge(
                (role, size) -> role.equals("night") ? Length.ofInches(9, 2) : from(Sheet.plain()).print(role, size));

        assertThat(verdicts).filteredOn(verdict -> verdict.role().equals(QuiltSamples.NIGHT))
                .allMatch(verdict -> verdict.judgement() == Judgement.IMPOSSIBLE);
    }

    /** Patches of lantern at 42 in: twelve to a strip and not eleven, so 5 strips for 60 and not 6. */
    @Test
    void the_first_step_that_differs_is_told() {
        LengthVerdict lantern = judge(from(Sheet.wide(42))).stream()
                .filter(verdict -> verdict.role().equals(QuiltSamples.LANTERN) && verdict.size().equals(QuiltSamples.throwSize().key()))
                .findFirst().orElseThrow();

        assertThat(lantern.firstStep().orElseThrow().code()).isEqualTo("step.strips");
        assertThat(lantern.firstStep().orElseThrow().arguments()).contains("B2", 6L, 5L);
    }
}
