package retazo.core.quilt.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/** Blocks of 12 in with a border of 4 in. */
class SizeTargetTest {

    private static final Drawing DRAWING = QuiltSamples.drawing(QuiltSamples.wakeBlock(), QuiltSamples.QUAY);

    private static List<SizeTarget.Proposal> nearest(long width, long height) {
        return new SizeTarget(Length.ofInches(width), Length.ofInches(height)).nearest(DRAWING, QuiltSamples.throwSize(),
                ShopPractice.customary());
    }

    /** 56 × 68 is 4 × 5 blocks with the border as it is. */
    @Test
    void a_target_that_is_met_exactly_comes_first_and_changes_nothing() {
        SizeTarget.Proposal first = nearest(56, 68).get(0);

        assertThat(List.of(first.size().columns(), first.size().rows())).containsExactly(4, 5);
        assertThat(first.changed()).isEmpty();
    }

    /** 58 × 70: 4 × 5 with a border of 5 in. */
    @Test
    void the_outer_border_closes_what_the_grid_leaves() {
        SizeTarget.Proposal first = nearest(58, 70).get(0);

        assertThat(first.size().borderWidths()).containsExactly(Length.ofInches(5));
        assertThat(first.changed()).containsExactly(SizeTarget.Proposal.Changed.OUTER_BORDER);
        assertThat(first.width()).isEqualTo(Length.ofInches(58));
    }

    /** A mattress of 54 × 75 with a drop of 12: 78 × 87. */
    @Test
    void a_bed_is_covered_on_both_sides_and_at_the_foot() {
        FinishedSize mattress = new FinishedSize(Length.ofInches(54), Length.ofInches(75));

        assertThat(SizeTarget.of(SizeTarget.bed(mattress, Length.ofInches(12))))
                .isEqualTo(new SizeTarget(Length.ofInches(78), Length.ofInches(87)));
    }

    @Test
    void nothing_is_no_target() {
        assertThatThrownBy(() -> new SizeTarget(Length.ZERO, Length.ofInches(60))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SizeTarget(Length.ofInches(301), Length.ofInches(60))).isInstanceOf(IllegalArgumentException.class);
    }

    /** Whatever is proposed is possible, finishes as it says, and is no farther from the target than the next. */
    @Property(tries = 60)
    void proposals_are_possible_and_in_order(@ForAll @IntRange(min = 1, max = 300) int width,
            @ForAll @IntRange(min = 1, max = 300) int height) {
        SizeTarget target = new SizeTarget(Length.ofInches(width), Length.ofInches(height));
        List<SizeTarget.Proposal> proposals = nearest(width, height);

        long before = 0;
        for (SizeTarget.Proposal proposal : proposals) {
            assertThat(DRAWING.problemsAt(proposal.size())).isEmpty();
            assertThat(DRAWING.finishedAt(proposal.size(), ShopPractice.customary()).width()).isEqualTo(proposal.width());
            assertThat(DRAWING.finishedAt(proposal.size(), ShopPractice.customary()).height()).isEqualTo(proposal.height());
            long miss = Math.abs(proposal.missAcross(target).ticks()) + Math.abs(proposal.missDown(target).ticks());
            assertThat(miss).isGreaterThanOrEqualTo(before);
            before = miss;
        }
    }
}
