package retazo.core.buying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.measure.Length;

/** When a fabric is ordered and how much, by hand and against trying every stretch of weeks. */
class ReorderTest {

    private static final Length TEN = Length.ofYards(10, 1);

    private static WeeklyUse use(int... quarterYards) {
        List<Length> weeks = new ArrayList<>();
        for (int week : quarterYards) {
            weeks.add(Length.ofYards(week, 4));
        }
        return new WeeklyUse(weeks);
    }

    private static FabricSupply supply(long onHand, long onOrder, long promised, long wanted) {
        return new FabricSupply(
                Length.ofYards(onHand, 4), Length.ofYards(onOrder, 4), Length.ofYards(promised, 4), Length.ofYards(wanted, 4));
    }

    /** 4, 9 and 6 quarters went in the busiest three weeks, 4 3/4 yd; with four weeks more it is 4, 9, 6, 0, 5, 3, 2: 7 1/4 yd. */
    @Test
    void by_hand() {
        WeeklyUse use = use(1, 4, 9, 6, 0, 5, 3, 2);
        Reorder due = Reorder.of(new ReorderRule(3, 4, Optional.empty()), use, supply(40, 0, 18, 5), TEN);

        assertThat(due.point().value()).isEqualTo(Length.ofYards(19, 4));
        assertThat(due.level().value()).isEqualTo(Length.ofYards(29, 4));
        assertThat(due.ahead().value()).isEqualTo(Length.ofYards(17, 4));
        assertThat(due.isDue()).isTrue();
        assertThat(due.bolts().value().value()).isEqualTo(1);
        assertThat(due.point().operands()).hasSize(3);
    }

    @Test
    void exactly_at_the_point_nothing_is_due() {
        WeeklyUse use = use(0, 8, 0, 0);

        assertThat(Reorder.of(new ReorderRule(1, 1, Optional.empty()), use, supply(8, 0, 0, 0), TEN).isDue()).isFalse();
        assertThat(Reorder.of(new ReorderRule(1, 1, Optional.empty()), use, supply(7, 0, 0, 0), TEN).isDue()).isTrue();
        assertThat(Reorder.of(new ReorderRule(1, 1, Optional.empty()), use, supply(7, 1, 0, 0), TEN).isDue()).isFalse();
    }

    @Test
    void what_nobody_bought_is_ordered_only_for_what_is_wanted() {
        assertThat(Reorder.of(new ReorderRule(2, 4, Optional.empty()), use(0, 0, 0), supply(0, 0, 0, 0), TEN).isDue()).isFalse();
        assertThat(Reorder.of(new ReorderRule(2, 4, Optional.empty()), use(), supply(4, 0, 0, 45), TEN).bolts().value().value())
                .isEqualTo(2);
    }

    /** A point of 6 yd that somebody typed, and 2 yd until the next order: up to 8 yd. */
    @Test
    void a_typed_point_holds_whatever_went() {
        Reorder due = Reorder.of(new ReorderRule(3, 1, Optional.of(Length.ofYards(6, 1))), use(8, 1, 1), supply(20, 0, 0, 0), TEN);

        assertThat(due.point().value()).isEqualTo(Length.ofYards(6, 1));
        assertThat(due.level().value()).isEqualTo(Length.ofYards(8, 1));
        assertThat(due.bolts().value().value()).isEqualTo(1);
    }

    /** Of a bolt of 3 yd 2 3/4 are promised: the quarter left is too short to be sold, so 2 3/4 count; 2 1/2 leave enough. */
    @Test
    void what_is_left_beside_promises_counts_where_it_can_be_sold() {
        Length half = Length.ofYards(1, 2);
        Length three = Length.ofYards(3, 1);

        assertThat(FabricSupply.counted(three, Length.ofYards(11, 4), half)).isEqualTo(Length.ofYards(11, 4));
        assertThat(FabricSupply.counted(three, Length.ofYards(5, 2), half)).isEqualTo(three);
        assertThat(FabricSupply.counted(Length.ofYards(1, 4), Length.ZERO, half)).isEqualTo(Length.ZERO);
        assertThat(FabricSupply.counted(Length.ofYards(1, 1), three, half)).isEqualTo(Length.ofYards(1, 1));
    }

    /** 2 yd will be left: 1 3/4 more lack nothing, 12 1/4 more lack 10 1/4, two bolts of ten. */
    @Test
    void what_something_more_would_lack() {
        Reorder calm = Reorder.of(new ReorderRule(1, 1, Optional.empty()), use(0), supply(8, 0, 0, 0), TEN);

        assertThat(calm.lackingFor(Length.ofYards(7, 4))).isEqualTo(Length.ZERO);
        assertThat(calm.lackingFor(Length.ofYards(49, 4))).isEqualTo(Length.ofYards(41, 4));
        assertThat(Reorder.boltsFor(Length.ofYards(41, 4), TEN)).isEqualTo(2);
        assertThat(Reorder.boltsFor(Length.ZERO, TEN)).isZero();
    }

    @Test
    void a_stretch_of_no_weeks_is_a_mistake() {
        assertThatThrownBy(() -> use(1).busiest(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new ReorderRule(0, 1, Optional.empty())).isInstanceOf(IllegalArgumentException.class);
    }

    /** In no stretch that long would a shop have run out that ordered when it had the point left. */
    @Property(tries = 300)
    void the_point_lasts_through_every_stretch_as_long_as_a_delivery(
            @ForAll("weeks") List<Length> weeks, @ForAll @IntRange(min = 1, max = 9) int lead) {
        WeeklyUse use = new WeeklyUse(weeks);
        Length point = new ReorderRule(lead, 1, Optional.empty()).point(use).value();
        List<Length> sums = new ArrayList<>();
        for (int first = 0; first < weeks.size(); first++) {
            long ticks = 0;
            for (int week = first; week < Math.min(weeks.size(), first + lead); week++) {
                ticks += Math.max(0, weeks.get(week).ticks());
            }
            sums.add(new Length(ticks));
        }
        assertThat(sums).allSatisfy(sum -> assertThat(sum.isLongerThan(point)).isFalse()).contains(point);
    }

    /** An order fills up to the level, and one bolt less would not. */
    @Property(tries = 300)
    void an_order_is_no_bolt_too_many_and_none_too_few(
            @ForAll("weeks") List<Length> weeks, @ForAll @IntRange(min = 0, max = 90) int onHand,
            @ForAll @IntRange(min = 0, max = 90) int wanted, @ForAll @IntRange(min = 1, max = 40) int bolt) {
        Length each = Length.ofYards(bolt, 2);
        Reorder due = Reorder.of(new ReorderRule(2, 3, Optional.empty()), new WeeklyUse(weeks), supply(onHand, 0, 0, wanted), each);

        assertThat(due.level().value().isShorterThan(due.point().value())).isFalse();
        assertThat(due.isDue()).isEqualTo(due.ahead().value().isShorterThan(due.point().value()));
        if (due.isDue()) {
            Length after = due.ahead().value().plus(each.times(due.bolts().value()));
            assertThat(after.isShorterThan(due.level().value())).isFalse();
            assertThat(after.minus(each).isShorterThan(due.level().value())).isTrue();
        }
    }

    @Provide
    Arbitrary<List<Length>> weeks() {
        return Arbitraries.longs().between(-4, 40).map(quarters -> Length.ofYards(quarters, 4)).list().ofMinSize(1).ofMaxSize(26);
    }
}
