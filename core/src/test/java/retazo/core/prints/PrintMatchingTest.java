package retazo.core.prints;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PrintMatchingTest {

    private static final PrintPart ONE = PrintPart.ofAny("one", 1, 1);

    /** Eight strips for four units of two, but six are ripples, of which a unit takes one: dots and rings make two units, not four. */
    @Test
    void enough_strips_are_not_enough_different_prints() {
        List<Print> prints = List.of(print("ripples", 6), print("dots", 1), print("rings", 1));

        Allotment allotment = PrintMatching.ofLoose(different(ONE, ONE), prints).most(0, 4);

        assertThat(allotment.isComplete()).isFalse();
        assertThat(allotment.units()).hasSize(2);
        assertThat(allotment.units()).allSatisfy(unit -> assertThat(unit).doesNotHaveDuplicates().hasSize(2));
    }

    /** A fourth print as a single makes a third unit, a fifth the fourth. */
    @Test
    void singles_stand_beside_the_prints_of_the_pack() {
        List<Print> pack = List.of(print("ripples", 6), print("dots", 1), print("rings", 1));
        PrintUnit two = different(ONE, ONE);

        assertThat(new PrintMatching(two, pack, List.of(print("sails", 1))).most(1, 4).units()).hasSize(3);
        assertThat(new PrintMatching(two, pack, List.of(print("sails", 1), print("reeds", 1))).most(1, 4).isComplete()).isTrue();
    }

    @Test
    void light_and_dark_must_match_up() {
        List<Print> prints = List.of(
                new Print("fog", PrintValue.LIGHT, 5), new Print("mud", PrintValue.DARK, 2), new Print("coot", PrintValue.DARK, 1),
                new Print("reed", PrintValue.MEDIUM, 9));
        PrintUnit pair = different(ONE.ofValue(PrintValue.LIGHT, prints), ONE.ofValue(PrintValue.DARK, prints));

        Allotment allotment = PrintMatching.ofLoose(pair, prints).most(0, 5);

        assertThat(allotment.units()).hasSize(3).allSatisfy(unit -> assertThat(unit.get(0)).isEqualTo("fog"));
        assertThat(allotment.units()).extracting(unit -> unit.get(1)).containsExactlyInAnyOrder("mud", "mud", "coot");
    }

    /** The first unit may have taken the only dark print for a part that takes any: it has to give it up. */
    @Test
    void a_part_that_takes_any_print_leaves_the_dark_one_to_who_needs_it() {
        List<Print> prints = List.of(new Print("coot", PrintValue.DARK, 1), new Print("fog", PrintValue.LIGHT, 1));

        assertThat(PrintMatching.ofLoose(different(ONE, ONE.ofValue(PrintValue.DARK, prints)), prints).most(0, 1).units())
                .containsExactly(List.of("fog", "coot"));
    }

    /**
     * Two colours of twins: a block takes two strips of a light print and two of a dark one. Of 20 lights nine have two strips and two
     * have one, so 9 blocks of one roll, though 20 strips were enough for 10; a second roll makes twins of the odd ones too.
     */
    @Test
    void twins_of_two_colours_are_counted_in_pairs() {
        List<Print> prints = new ArrayList<>();
        IntStream.range(0, 9).forEach(i -> prints.add(new Print("light " + i, PrintValue.LIGHT, 2)));
        prints.add(new Print("odd light", PrintValue.LIGHT, 1));
        prints.add(new Print("other odd light", PrintValue.LIGHT, 1));
        IntStream.range(0, 10).forEach(i -> prints.add(new Print("dark " + i, PrintValue.DARK, 2)));
        PrintPart twins = PrintPart.ofAny("A", 2, 1);
        PrintMatching matching = new PrintMatching(
                different(twins.ofValue(PrintValue.LIGHT, prints), twins.ofValue(PrintValue.DARK, prints)), prints, List.of());

        assertThat(matching.most(1, 10).units()).hasSize(9);
        assertThat(matching.fewestPacks(10, 60)).hasValue(2);
    }

    /**
     * A block wants 2½ strips: two of one print for its bars, and squares of another strip that serves two blocks. 8 blocks take 16 + 4
     * strips.
     */
    @Test
    void a_strip_that_serves_two_blocks_is_cut_once_for_both() {
        List<Print> prints = IntStream.range(0, 10).mapToObj(i -> print("p" + i, 2)).toList();

        Allotment allotment = PrintMatching
                .ofLoose(different(PrintPart.ofAny("bars", 2, 1), PrintPart.ofAny("squares", 1, 2)), prints).most(0, 9);

        assertThat(allotment.units()).hasSize(8).allSatisfy(unit -> assertThat(unit).doesNotHaveDuplicates());
        assertThat(allotment.sheets()).isEqualTo(20);
    }

    @Test
    void no_number_of_packs_makes_two_different_prints_of_one() {
        assertThat(new PrintMatching(different(ONE, ONE), List.of(print("fog", 40)), List.of()).fewestPacks(1, 60)).isEmpty();
        assertThat(new PrintMatching(different(ONE), List.of(), List.of(print("fog", 2))).fewestPacks(2, 60)).hasValue(0);
    }

    /** For k different prints out of equal ones, n units can be made just if Σ min(sheets, n) ≥ k · n (Gale and Ryser). */
    @Property(tries = 200)
    void as_many_units_as_the_counts_allow(
            @ForAll @Size(min = 1, max = 7) List<@IntRange(min = 0, max = 6) Integer> sheets,
            @ForAll @IntRange(min = 1, max = 3) int places) {
        int expected = 0;
        for (int n = 1; n <= 8; n++) {
            int units = n;
            if (sheets.stream().mapToInt(count -> Math.min(count, units)).sum() >= places * n) {
                expected = n;
            }
        }
        PrintPart[] parts = new PrintPart[places];
        Arrays.fill(parts, ONE);

        assertThat(PrintMatching.ofLoose(different(parts), numbered(sheets)).most(0, 8).units()).hasSize(expected);
    }

    /** An unlike way: unit after unit, each part from pieces that lie there or from sheets cut now, every choice tried. */
    @Property(tries = 300)
    void as_many_units_as_trying_everything_finds(
            @ForAll @Size(min = 1, max = 4) List<@IntRange(min = 0, max = 3) Integer> sheets,
            @ForAll @Size(min = 1, max = 3) List<@From("parts") PrintPart> parts, @ForAll boolean different) {
        PrintUnit unit = new PrintUnit(parts, different);
        List<Print> prints = numbered(sheets);

        Allotment allotment = PrintMatching.ofLoose(unit, prints).most(0, 6);

        assertThat(allotment.units()).hasSize(new EveryWay(unit, prints).most(6));
        assertHolds(allotment, unit, prints);
    }

    @Provide
    Arbitrary<PrintPart> parts() {
        return Combinators.combine(Arbitraries.integers().between(1, 2), Arbitraries.integers().between(1, 3),
                Arbitraries.of("p0", "p1", "p2", "p3").set().ofMinSize(1).optional())
                .as((sheets, gives, only) -> new PrintPart("part", sheets, gives, only));
    }

    private static void assertHolds(Allotment allotment, PrintUnit unit, List<Print> prints) {
        Map<String, Integer> cut = new HashMap<>();
        allotment.cuttings().forEach(cutting -> cut.merge(cutting.print(), cutting.sheets(), Integer::sum));
        prints.forEach(print -> assertThat(cut.getOrDefault(print.name(), 0)).isLessThanOrEqualTo(print.sheets()));
        for (int part = 0; part < unit.parts().size(); part++) {
            int at = part;
            allotment.units().stream().map(one -> one.get(at)).distinct().forEach(print -> {
                assertThat(unit.parts().get(at).takes(print)).isTrue();
                long used = allotment.units().stream().filter(one -> one.get(at).equals(print)).count();
                int given = allotment.cuttings().stream()
                        .filter(one -> one.print().equals(print) && one.part().equals(unit.parts().get(at)))
                        .mapToInt(one -> one.times() * one.part().gives()).sum();
                assertThat(used).isLessThanOrEqualTo(given);
            });
        }
        if (unit.different()) {
            assertThat(allotment.units()).allSatisfy(one -> assertThat(one).doesNotHaveDuplicates());
        }
    }

    /** Tries every print for every part of every unit. */
    private static final class EveryWay {
        private final PrintUnit unit;
        private final List<Print> prints;
        private final Map<List<Integer>, Integer> known = new HashMap<>();

        EveryWay(PrintUnit unit, List<Print> prints) {
            this.unit = unit;
            this.prints = prints;
        }

        int most(int wanted) {
            return most(wanted, prints.stream().mapToInt(Print::sheets).toArray(), new int[prints.size() * unit.parts().size()]);
        }

        private int most(int wanted, int[] sheets, int[] lying) {
            if (wanted == 0) {
                return 0;
            }
            List<Integer> state = new ArrayList<>(List.of(wanted));
            Arrays.stream(sheets).forEach(state::add);
            Arrays.stream(lying).forEach(state::add);
            if (!known.containsKey(state)) {
                known.put(state, part(0, new HashSet<>(), wanted, sheets, lying));
            }
            return known.get(state);
        }

        private int part(int at, Set<Integer> used, int wanted, int[] sheets, int[] lying) {
            if (at == unit.parts().size()) {
                return 1 + most(wanted - 1, sheets, lying);
            }
            PrintPart part = unit.parts().get(at);
            int most = 0;
            for (int print = 0; print < sheets.length; print++) {
                if (!part.takes(prints.get(print).name()) || (unit.different() && used.contains(print))) {
                    continue;
                }
                int pile = print * unit.parts().size() + at;
                int[] nextSheets = sheets.clone();
                int[] nextLying = lying.clone();
                if (lying[pile] == 0) {
                    nextSheets[print] -= part.sheets();
                    nextLying[pile] += part.gives();
                }
                if (nextSheets[print] >= 0) {
                    nextLying[pile]--;
                    Set<Integer> nextUsed = new HashSet<>(used);
                    nextUsed.add(print);
                    most = Math.max(most, part(at + 1, nextUsed, wanted, nextSheets, nextLying));
                }
            }
            return most;
        }
    }

    private static PrintUnit different(PrintPart... parts) {
        return new PrintUnit(List.of(parts), true);
    }

    private static List<Print> numbered(List<Integer> sheets) {
        return IntStream.range(0, sheets.size()).mapToObj(i -> print("p" + i, sheets.get(i))).toList();
    }

    private static Print print(String name, int sheets) {
        return new Print(name, PrintValue.MEDIUM, sheets);
    }
}
