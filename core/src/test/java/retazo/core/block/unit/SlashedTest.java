package retazo.core.block.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/** Where the cuts of a slashed rectangle run. */
class SlashedTest {

    private static final Length SEAM = Length.ofInches(1, 4);
    private static final Length EIGHTH = Length.ofInches(1, 8);

    private static Slashed slashed(int parts, Length lean) {
        return new Slashed(List.of("a", "b", "c", "d", "e", "f").subList(0, parts).stream().map(RoleKey::new).toList(), lean);
    }

    private static FinishedSize size(int width, int height) {
        return new FinishedSize(Length.ofInches(width), Length.ofInches(height));
    }

    /**
     * 6 × 4 in, lean 3 in, a slope of 5 : 4. A seam of ¼ takes 5⁄16 along the width; the cut goes through its middle, at ¼ + 2 + 5⁄16
     * and, two sides of a seam and 2 in on, at 5 3⁄16. Over 4½ in it leans 3⅜.
     */
    @Test
    void a_cut_runs_through_the_middle_of_its_seam() {
        List<Slashed.Slash> slashes = slashed(3, Length.ofInches(3)).slashes(size(6, 4), SEAM);

        assertThat(slashes).extracting(slash -> slash.below().onRuler(EIGHTH))
                .containsExactly(Length.ofInches(7, 8), Length.ofInches(7, 2));
        assertThat(slashes).extracting(slash -> slash.above().onRuler(EIGHTH))
                .containsExactly(Length.ofInches(17, 4), Length.ofInches(55, 8));
    }

    /** Without a lean 2½ in parts finish 2 in: the cuts of 8 × 4 in into four stand at 2½, 5 and 7½ of 10 in. */
    @Test
    void upright_cuts_give_equal_parts_with_their_seams() {
        assertThat(slashed(4, Length.ZERO).slashes(size(8, 4), SEAM)).extracting(slash -> slash.above().onRuler(EIGHTH))
                .containsExactly(Length.ofInches(5, 2), Length.ofInches(5), Length.ofInches(15, 2));
    }

    /**
     * The parts are wide alike, so that the rectangle turned upside down shows the same cuts: first and last lie as far from the edges.
     */
    @Property(tries = 200)
    void the_cuts_lie_alike_from_either_end(
            @ForAll @IntRange(min = 2, max = 6) int parts, @ForAll @IntRange(min = 4, max = 20) int width,
            @ForAll @IntRange(min = 2, max = 12) int height, @ForAll @IntRange(max = 8) int lean) {
        Length slope = Length.ofInches(lean, 8);
        List<Slashed.Slash> slashes = slashed(parts, slope).slashes(size(width, height), SEAM);
        double hypotenuse = Math.hypot(height, lean / 8.0);
        double cut = width + 0.5 + (parts - 1) * 0.5 * hypotenuse / height;

        assertThat(slashes).hasSize(parts - 1);
        double first = Double.parseDouble(slashes.get(0).below().toDecimalInches(6));
        double last = Double.parseDouble(slashes.get(parts - 2).above().toDecimalInches(6));
        assertThat(first + last).isCloseTo(cut, offset(0.00001));
    }
}
