package retazo.core.quilt.setting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

class LongStripsTest {

    @Test
    void five_strips_of_forty_joined_straight_give_exactly_a_hundred_and_ninety_eight() {
        assertThat(joined("198", "1/2", "40")).isEqualTo(new Count(5));
        assertThat(joined("198 1/8", "1/2", "40")).isEqualTo(new Count(6));
    }

    @Test
    void a_length_that_fits_one_strip_needs_no_join() {
        assertThat(joined("40", "2 1/4", "40")).isEqualTo(new Count(1));
        assertThat(joined("3", "1/2", "40")).isEqualTo(new Count(1));
    }

    @Test
    void pieces_that_fill_strips_uncut_take_the_fewest() {
        assertThat(uncut(23, 23, 17, 17)).contains(new Count(2));
        assertThat(uncut(20, 20, 20, 20)).contains(new Count(2));
        assertThat(uncut(21, 21, 20, 19)).contains(new Count(3));
        assertThat(uncut(41, 10, 10, 10)).isEmpty();
    }

    /** n strips hold the length and n − 1 do not, by adding strip after strip. */
    @Property
    void joined_strips_are_as_few_as_can_be(
            @ForAll @IntRange(min = 20, max = 4000) int eighths, @ForAll @IntRange(min = 1, max = 20) int joinEighths) {
        Length length = Length.ofInches(eighths, 8).atLeast(Length.ofInches(joinEighths, 8));
        Length reached = Length.ofInches(40);
        int strips = 1;
        while (reached.isShorterThan(length)) {
            reached = reached.plus(Length.ofInches(40)).minus(Length.ofInches(joinEighths, 8));
            strips++;
        }

        Count count = LongStrips.joined(
                "k", Label.of("k"), figure(length), figure(Length.ofInches(joinEighths, 8)), figure(Length.ofInches(40))).value();

        assertThat(count).isEqualTo(new Count(strips));
    }

    /** Against filling strips in the order of every permutation, first fit. */
    @Property(tries = 100)
    void uncut_strips_agree_with_every_order_of_first_fit(
            @ForAll @Size(min = 1, max = 5) List<@IntRange(min = 1, max = 40) Integer> pieces) {
        int best = Integer.MAX_VALUE;
        List<List<Integer>> orders = new ArrayList<>();
        permute(new ArrayList<>(pieces), 0, orders);
        for (List<Integer> order : orders) {
            best = Math.min(best, firstFit(order));
        }

        assertThat(LongStrips.uncut(pieces.stream().map(Length::ofInches).toList(), Length.ofInches(40))).contains(new Count(best));
    }

    private static int firstFit(List<Integer> order) {
        List<Integer> rests = new ArrayList<>();
        for (int piece : order) {
            int strip = 0;
            while (strip < rests.size() && rests.get(strip) < piece) {
                strip++;
            }
            if (strip == rests.size()) {
                rests.add(40);
            }
            rests.set(strip, rests.get(strip) - piece);
        }
        return rests.size();
    }

    private static void permute(List<Integer> pieces, int from, List<List<Integer>> orders) {
        if (from == pieces.size()) {
            orders.add(List.copyOf(pieces));
        }
        for (int i = from; i < pieces.size(); i++) {
            Collections.swap(pieces, from, i);
            permute(pieces, from + 1, orders);
            Collections.swap(pieces, from, i);
        }
    }

    private static java.util.Optional<Count> uncut(long... inches) {
        return LongStrips.uncut(java.util.Arrays.stream(inches).mapToObj(Length::ofInches).toList(), Length.ofInches(40));
    }

    private static Count joined(String length, String join, String width) {
        return LongStrips.joined(
                "k", Label.of("k"), figure(Length.parse(length)), figure(Length.parse(join)), figure(Length.parse(width))).value();
    }

    private static Figure<Length> figure(Length length) {
        return Figure.given("f", Label.of("f"), length, Origin.pattern("f"));
    }
}
