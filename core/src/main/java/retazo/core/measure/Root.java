package retazo.core.measure;

import java.math.BigInteger;

/**
 * A term of an exact length: factor · √(whole + twos · √2), in ticks.
 *
 * <p>Square factors of a plain radicand below {@link #SMALL_PRIMES_BELOW} are taken out of the root, so that √8 and 2√2
 * are one record.
 *
 * @param factor any whole number
 * @param whole  1 or more where {@code twos} is zero
 * @param twos   zero for a plain root; else whole + twos · √2 must be above zero
 */
record Root(BigInteger factor, BigInteger whole, BigInteger twos) {

    private static final int SMALL_PRIMES_BELOW = 200;

    Root {
        if (twos.signum() == 0 && whole.signum() < 1 || whole.add(floorOfTimesRootTwo(twos)).signum() < 0) {
            throw new IllegalArgumentException("There is no root of " + whole + " + " + twos + "√2.");
        }
        for (int prime = 2; twos.signum() == 0 && prime < SMALL_PRIMES_BELOW; prime++) {
            BigInteger square = BigInteger.valueOf((long) prime * prime);
            while (whole.compareTo(square) >= 0 && whole.mod(square).signum() == 0) {
                whole = whole.divide(square);
                factor = factor.multiply(BigInteger.valueOf(prime));
            }
        }
    }

    boolean sameRadicand(Root other) {
        return whole.equals(other.whole) && twos.equals(other.twos);
    }

    /** Whether the root comes out whole, so that the term is rational. */
    boolean isRational() {
        return twos.signum() == 0 && whole.sqrt().pow(2).equals(whole);
    }

    /** The value of a term whose root comes out whole. */
    BigInteger rationalValue() {
        return factor.multiply(whole.sqrt());
    }

    Root times(BigInteger number) {
        return new Root(factor.multiply(number), whole, twos);
    }

    /**
     * A whole number at most 2 below 2ᵏ times this term and never above it: |factor| · 2ᵏ goes under both roots, and the
     * inner one is cut off first.
     *
     * @param bits k, 0 or more
     */
    BigInteger floorScaled(int bits) {
        BigInteger scaled = factor.abs().shiftLeft(bits);
        BigInteger square = scaled.multiply(scaled);
        BigInteger inner = square.multiply(whole).add(floorOfTimesRootTwo(square.multiply(twos)));
        BigInteger magnitude = inner.sqrt();
        return factor.signum() >= 0 ? magnitude : magnitude.add(BigInteger.TWO).negate();
    }

    /** ⌊r · √2⌋; for negative r one below the cut-off root, which is never whole. */
    private static BigInteger floorOfTimesRootTwo(BigInteger r) {
        BigInteger magnitude = r.multiply(r).multiply(BigInteger.TWO).sqrt();
        return r.signum() >= 0 ? magnitude : magnitude.negate().subtract(BigInteger.ONE);
    }
}
