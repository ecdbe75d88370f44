package retazo.core.cutting.strip;

import java.util.List;
import java.util.stream.Stream;
import retazo.core.measure.Length;

/**
 * How a cloth is cut: strips across its full usable width, and what each of them gives.
 *
 * @param strips in cutting order
 * @param bound  no plan of this kind is shorter: strips across the width, as high as one of their pieces, cut into lengths, these
 *               into rows, and the rows into pieces; long strips whole
 */
public record CutPlan(List<CutStrip> strips, Length bound) {

    public CutPlan {
        strips = List.copyOf(strips);
    }

    /** Of all strips together, without squaring. */
    public Length length() {
        return strips.stream().map(strip -> strip.height().times(strip.times())).reduce(Length.ZERO, Length::plus);
    }

    /** Whether no plan of this kind can be shorter. */
    public boolean isProved() {
        return !length().isLongerThan(bound);
    }

    /** Where the pieces of one id lie. */
    public Stream<CutStrip> stripsWith(String id) {
        return strips.stream().filter(strip -> strip.pieces().stream().anyMatch(piece -> piece.id().equals(id)));
    }
}
