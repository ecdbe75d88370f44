package retazo.core.cutting.strip;

import java.util.Objects;
import retazo.core.measure.Length;

/**
 * Pieces of one cut size that a plan has to hold.
 *
 * @param id      tells them from all others of the request
 * @param width   of one across the cloth, as drawn; above zero
 * @param height  of one along the cloth, as drawn; above zero
 * @param count   1 or more
 * @param mayTurn whether it may lie a quarter turned
 */
public record LaidPiece(String id, Length width, Length height, int count, boolean mayTurn) {

    /**
     * @throws IllegalArgumentException if a side is not above zero, or there is no piece
     */
    public LaidPiece {
        Objects.requireNonNull(id, "id");
        if (!width.isPositive() || !height.isPositive() || count < 1) {
            throw new IllegalArgumentException("The piece '" + id + "' of " + width + " × " + height + ", " + count + " times, is none.");
        }
    }

    /** So many of them. */
    LaidPiece times(int newCount) {
        return new LaidPiece(id, width, height, newCount, mayTurn);
    }

    /** Whether it lies on cloth of this width, one way or the other. */
    public boolean fits(Length usableWidth) {
        return !width.isLongerThan(usableWidth) || mayTurn && !height.isLongerThan(usableWidth);
    }
}
