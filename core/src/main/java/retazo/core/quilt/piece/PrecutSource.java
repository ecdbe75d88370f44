package retazo.core.quilt.piece;

import retazo.core.cloth.PrecutKind;

/**
 * A precut that pieces are cut from.
 *
 * @param perSheet how many of the pieces one strip, square or quarter gives; 1 or more
 */
public record PrecutSource(PrecutKind kind, int perSheet) {

    public static final int MOST_PER_SHEET = 1_000;
}
