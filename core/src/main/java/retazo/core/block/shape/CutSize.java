package retazo.core.block.shape;

import java.util.Comparator;
import java.util.List;
import retazo.core.measure.Length;

/**
 * What makes pieces equal to the cutter: shape, sizes and hand.
 *
 * @param shape which kind of shape
 * @param sizes strip height first, then the size across, then what else the shape has
 * @param group of strips that only go together with others of their set; else empty
 */
public record CutSize(String shape, List<Length> sizes, Hand hand, String group) {

    /** The taller strips first, then the wider pieces. */
    public static final Comparator<CutSize> LARGEST_FIRST = Comparator.comparing((CutSize size) -> size.sizes.get(0))
            .thenComparing(size -> size.sizes.get(1)).reversed();

    public CutSize {
        sizes = List.copyOf(sizes);
    }

    /** The same for either hand: cloth that is alike on both sides is flipped. */
    public CutSize flipped() {
        return new CutSize(shape, sizes, Hand.EITHER, group);
    }

    /** The same among strips that only go together with others of a smaller group. */
    public CutSize of(String smaller) {
        return new CutSize(shape, sizes, hand, group + " " + smaller);
    }
}
