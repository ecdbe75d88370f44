package retazo.core.precut;

import java.util.List;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/**
 * What one set takes from sheets of one measure.
 *
 * @param width  of the usable sheet, as it lies; above zero
 * @param height of the usable sheet, above zero
 * @param set    the pieces of one set, one or more kinds; a piece that may not turn keeps its width along the sheet's
 */
public record SheetRequest(Length width, Length height, List<LaidPiece> set) {

    /**
     * @throws IllegalArgumentException if a side is not above zero, or the set is empty
     */
    public SheetRequest {
        set = List.copyOf(set);
        if (!width.isPositive() || !height.isPositive() || set.isEmpty()) {
            throw new IllegalArgumentException("A sheet of " + width + " × " + height + " for " + set.size() + " kinds of piece is none.");
        }
    }

    /** The same set from a sheet that is so much smaller both ways; the sheet must be larger than that. */
    public SheetRequest smallerBy(Length length) {
        return new SheetRequest(width.minus(length), height.minus(length), set);
    }
}
