package retazo.app.stocktake;

import retazo.core.measure.Length;

/** A length of a bolt, or a number of something counted; the other one is zero. */
record Amount(Length length, long pieces) {

    static final Amount NOTHING = new Amount(Length.ZERO, 0);

    static Amount of(Length length) {
        return new Amount(length, 0);
    }

    static Amount of(long pieces) {
        return new Amount(Length.ZERO, pieces);
    }

    boolean isZero() {
        return length.isZero() && pieces == 0;
    }

    Amount plus(Amount other) {
        return new Amount(length.plus(other.length), pieces + other.pieces);
    }

    Amount less(Amount other) {
        return new Amount(length.minus(other.length), pieces - other.pieces);
    }

    boolean isNegative() {
        return pieces < 0 || length.isShorterThan(Length.ZERO);
    }
}
