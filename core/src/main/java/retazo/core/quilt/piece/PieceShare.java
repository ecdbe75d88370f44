package retazo.core.quilt.piece;

import java.math.BigInteger;

/**
 * So many pieces for so many blocks, in lowest terms: 3 for 2.
 *
 * @param pieces zero or more
 * @param blocks 1 or more
 */
public record PieceShare(long pieces, long blocks) {

    static final PieceShare NONE = new PieceShare(0, 1);

    public PieceShare {
        if (pieces < 0 || blocks < 1) {
            throw new IllegalArgumentException(pieces + " pieces for " + blocks + " blocks make no share.");
        }
        long divisor = BigInteger.valueOf(pieces).gcd(BigInteger.valueOf(blocks)).longValue();
        pieces = pieces / divisor;
        blocks = blocks / divisor;
    }

    PieceShare plus(PieceShare other) {
        return new PieceShare(
                Math.addExact(Math.multiplyExact(pieces, other.blocks), Math.multiplyExact(other.pieces, blocks)),
                Math.multiplyExact(blocks, other.blocks));
    }

    /** Such as {@code 3}, {@code 1 1/2} or {@code 1/4}. */
    @Override
    public String toString() {
        long whole = pieces / blocks;
        long rest = pieces % blocks;
        String fraction = rest + "/" + blocks;
        return rest == 0 ? Long.toString(whole) : whole == 0 ? fraction : whole + " " + fraction;
    }
}
