package retazo.core.bolt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import retazo.core.bolt.HeapKits.Cloth;
import retazo.core.bolt.HeapKits.Wanted;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

class HeapKitsTest {

    private static final Length USUAL = Length.ofInches(40);

    private static Wanted wanted(int inches) {
        return new Wanted(Length.ofInches(inches), USUAL);
    }

    private static Cloth cloth(String code, int... inches) {
        List<BoltStock> bolts = new ArrayList<>();
        for (int length : inches) {
            bolts.add(new BoltStock(code + bolts.size(), Length.ofInches(length), USUAL, true));
        }
        return new Cloth(code, bolts);
    }

    /** 40 fits into the 45 alone; then 20 would like the 45 or the 30, and 10 any: the small 12 goes for 10. */
    @Test
    void each_length_has_a_fabric_of_its_own_and_ends_go_first() {
        HeapKits heap = HeapKits.of(
                List.of(wanted(10), wanted(40), wanted(20)), List.of(cloth("LONG", 45), cloth("MIDDLE", 30), cloth("END", 12)));

        assertThat(heap.kits()).isEqualTo(new Count(1));
        assertThat(heap.cloths()).containsExactly("END", "LONG", "MIDDLE");
    }

    /** Two ends of 19 give no cut of 20, a bolt of 41 gives two; the ends give two of 10. */
    @Test
    void cuts_are_counted_bolt_by_bolt() {
        HeapKits heap = HeapKits.of(List.of(wanted(20), wanted(10)), List.of(cloth("ENDS", 19, 19), cloth("BOLT", 41)));

        assertThat(heap.kits()).isEqualTo(new Count(2));
        assertThat(heap.cloths()).containsExactly("BOLT", "ENDS");
    }

    /** Greedy by length alone would take TIGHT for 30 and leave 12 without two cuts; the path puts 30 onto WIDE. */
    @Test
    void a_length_moves_over_where_another_needs_its_fabric() {
        HeapKits heap = HeapKits.of(List.of(wanted(30), wanted(12)), List.of(cloth("TIGHT", 31, 31), cloth("WIDE", 62, 11, 11)));

        assertThat(heap.kits()).isEqualTo(new Count(2));
        assertThat(Set.copyOf(heap.cloths())).hasSize(2);
    }

    @Test
    void narrow_cloth_and_what_may_be_missing_from_a_bolt_do_not_count() {
        BoltStock narrow = new BoltStock("N", Length.ofInches(90), Length.ofInches(39), false);
        BoltStock unsure = new BoltStock("U", Length.ofInches(21), USUAL, false, Length.ofInches(2));

        assertThat(HeapKits.of(List.of(wanted(20)), List.of(new Cloth("A", List.of(narrow, unsure)))).kits()).isEqualTo(new Count(0));
        assertThat(HeapKits.of(List.of(wanted(19)), List.of(new Cloth("A", List.of(narrow, unsure)))).kits()).isEqualTo(new Count(1));
    }

    @Test
    void too_few_fabrics_or_none_make_nothing_and_a_kit_of_nothing_is_none() {
        assertThat(HeapKits.of(List.of(wanted(5), wanted(5)), List.of(cloth("ONE", 90)))).isEqualTo(
                new HeapKits(new Count(0), List.of()));
        assertThat(HeapKits.of(List.of(wanted(5)), List.of()).kits()).isEqualTo(new Count(0));
        assertThatThrownBy(() -> HeapKits.of(List.of(), List.of(cloth("ONE", 90)))).isInstanceOf(IllegalArgumentException.class);
    }

    @Provide
    Arbitrary<List<Cloth>> heaps() {
        Arbitrary<int[]> bolts = Arbitraries.integers().between(0, 60).array(int[].class).ofMinSize(1).ofMaxSize(3);
        return bolts.list().ofMaxSize(5).map(all -> {
            List<Cloth> heap = new ArrayList<>();
            all.forEach(one -> heap.add(cloth("C" + heap.size(), one)));
            return heap;
        });
    }

    @Provide
    Arbitrary<List<Wanted>> kits() {
        return Combinators.combine(Arbitraries.integers().between(1, 30), Arbitraries.integers().between(38, 42))
                .as((inches, width) -> new Wanted(Length.ofInches(inches), Length.ofInches(width))).list().ofMinSize(1).ofMaxSize(4);
    }

    /** Against trying every way to give lengths different fabrics. */
    @Property(tries = 400)
    void no_other_choice_gives_more(@ForAll("kits") List<Wanted> kit, @ForAll("heaps") List<Cloth> heap) {
        HeapKits found = HeapKits.of(kit, heap);

        assertThat(found.kits().value()).isEqualTo(most(kit, heap, 0, new HashSet<>(), Long.MAX_VALUE));
        if (found.kits().value() > 0) {
            assertThat(found.cloths()).hasSameSizeAs(kit).doesNotHaveDuplicates();
            for (int i = 0; i < kit.size(); i++) {
                String code = found.cloths().get(i);
                Cloth cloth = heap.stream().filter(one -> one.code().equals(code)).findFirst().orElseThrow();
                assertThat(cloth.cuts(kit.get(i)).value()).isGreaterThanOrEqualTo(found.kits().value());
            }
        }
    }

    private static long most(List<Wanted> kit, List<Cloth> heap, int next, Set<String> taken, long before) {
        if (next == kit.size()) {
            return before;
        }
        long most = 0;
        for (Cloth cloth : heap) {
            if (taken.add(cloth.code())) {
                long cuts = 0;
                for (BoltStock bolt : cloth.bolts()) {
                    if (bolt.usableWidth().compareTo(kit.get(next).plannedWidth()) >= 0) {
                        cuts += bolt.free().ticks() / kit.get(next).length().ticks();
                    }
                }
                most = Math.max(most, most(kit, heap, next + 1, taken, Math.min(before, cuts)));
                taken.remove(cloth.code());
            }
        }
        return most;
    }
}
