package retazo.core.quilt.design;

import java.util.List;
import retazo.core.measure.Length;

/**
 * Something made beside the quilt from the same fabrics: place mats, a cushion. It is the same at every size of the quilt, and
 * its pieces are planned together with the quilt's.
 *
 * @param copies      how many of it
 * @param columns     blocks across
 * @param rows        blocks down
 * @param borderWidths finished, from the inside out
 */
public record Item(String name, int copies, Composition composition, int columns, int rows, List<Length> borderWidths) {

    public static final int MOST_COPIES = 24;

    public Item {
        borderWidths = List.copyOf(borderWidths);
    }
}
