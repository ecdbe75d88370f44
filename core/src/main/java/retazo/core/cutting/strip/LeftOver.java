package retazo.core.cutting.strip;

import java.util.List;
import java.util.Objects;
import retazo.core.measure.Length;

/**
 * Pieces of a cloth that are there already, left of another job, and may serve this one.
 *
 * @param code   what the shop calls them
 * @param width  of one as it lay across its cloth, above zero
 * @param height of one along its cloth, above zero
 * @param count  how many may be taken, 1 or more
 */
public record LeftOver(String code, Length width, Length height, int count) {

    /**
     * @throws IllegalArgumentException if a side is not above zero, or there is none
     */
    public LeftOver {
        Objects.requireNonNull(code, "code");
        if (!width.isPositive() || !height.isPositive() || count < 1) {
            throw new IllegalArgumentException(
                    "The left-over '" + code + "' of " + height + " × " + width + ", " + count + " times, is none.");
        }
    }

    /** The same seen a quarter turned. */
    LeftOver turned() {
        return new LeftOver(code, height, width, count);
    }

    /**
     * One left-over and what is cut from it.
     *
     * @param pieces placed from its upper left corner
     */
    public record Cut(LeftOver from, List<CutStrip.PlacedPiece> pieces) {
        public Cut {
            pieces = List.copyOf(pieces);
        }
    }
}
