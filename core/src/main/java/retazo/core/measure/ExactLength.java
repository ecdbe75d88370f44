package retazo.core.measure;

import java.math.BigInteger;
import java.util.function.Function;

/**
 * A length that carries a formula to its end: (rational + root · √2) ÷ denominator, in ticks, with nothing rounded.
 *
 * <p>It is compared and rounded by exact whole-number tests; no tick and no floating-point number stands in for the
 * root. The fraction is kept in lowest terms, so equal values are equal records.
 *
 * @param denominator 1 or more
 */
public record ExactLength(BigInteger rational, BigInteger root, BigInteger denominator) implements Quantity {

    private static final BigInteger TWO = BigInteger.TWO;

    public ExactLength {
        if (denominator.signum() < 1) {
            throw new IllegalArgumentException("The denominator " + denominator + " is below 1.");
        }
        BigInteger divisor = rational.gcd(root).gcd(denominator);
        rational = rational.divide(divisor);
        root = root.divide(divisor);
        denominator = denominator.divide(divisor);
    }

    public static ExactLength of(Length length) {
        return ofTicks(length.ticks(), 1);
    }

    /** √2 times a length: the diagonal of a square with that side. */
    public static ExactLength rootTwo(Length side) {
        return new ExactLength(BigInteger.ZERO, BigInteger.valueOf(side.ticks()), BigInteger.ONE);
    }

    static ExactLength ofTicks(long numerator, long denominator) {
        return new ExactLength(BigInteger.valueOf(numerator), BigInteger.ZERO, BigInteger.valueOf(denominator));
    }

    public ExactLength plus(ExactLength other) {
        return new ExactLength(
                rational.multiply(other.denominator).add(other.rational.multiply(denominator)),
                root.multiply(other.denominator).add(other.root.multiply(denominator)),
                denominator.multiply(other.denominator));
    }

    public boolean isRational() {
        return root.signum() == 0;
    }

    /**
     * What is cut for this size: itself if it is rational, else rounded up to the cutting step.
     *
     * @param step the cutting step, above zero
     * @throws ArithmeticException if it is rational and falls between two ticks
     */
    public Length toCut(Length step) {
        if (!isRational()) {
            return roundedUpTo(step);
        }
        if (!denominator.equals(BigInteger.ONE)) {
            throw new ArithmeticException(this + " falls between two ticks.");
        }
        return new Length(rational.longValueExact());
    }

    /**
     * The least whole multiple of a step that is not below this length.
     *
     * <p>With x = root · √2 irrational and M = denominator · step, (rational + x) ÷ M is no whole number, so its ceiling
     * is ⌊(rational + ⌊x⌋) ÷ M⌋ + 1, where ⌊x⌋ comes from a whole-number square root.
     *
     * @param step above zero
     */
    public Length roundedUpTo(Length step) {
        if (!step.isPositive()) {
            throw new IllegalArgumentException("A step of " + step + " is not above zero.");
        }
        BigInteger multiple = denominator.multiply(BigInteger.valueOf(step.ticks()));
        BigInteger steps = isRational()
                ? floorDivide(rational.negate(), multiple).negate()
                : floorDivide(rational.add(floorOfRoot(root)), multiple).add(BigInteger.ONE);
        return new Length(steps.multiply(BigInteger.valueOf(step.ticks())).longValueExact());
    }

    /** ⌊r · √2⌋; for negative r one below the cut-off root, which is never whole. */
    private static BigInteger floorOfRoot(BigInteger r) {
        BigInteger magnitude = r.multiply(r).multiply(TWO).sqrt();
        return r.signum() >= 0 ? magnitude : magnitude.negate().subtract(BigInteger.ONE);
    }

    private static BigInteger floorDivide(BigInteger numerator, BigInteger positive) {
        BigInteger[] parts = numerator.divideAndRemainder(positive);
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    /**
     * Decimal inches, cut off (not rounded) after so many places: {@code 3.8535}.
     *
     * @param places 0 or more
     */
    public String toDecimalInches(int places) {
        BigInteger scale = BigInteger.TEN.pow(places);
        BigInteger inch = denominator.multiply(BigInteger.valueOf(Length.TICKS_PER_INCH));
        BigInteger scaled = floorDivide(rational.multiply(scale).add(floorOfRoot(root.multiply(scale))), inch);
        BigInteger[] parts = scaled.abs().divideAndRemainder(scale);
        String sign = scaled.signum() < 0 ? "-" : "";
        String rest = parts[1].toString();
        return places == 0 ? sign + parts[0] : sign + parts[0] + "." + "0".repeat(places - rest.length()) + rest;
    }

    @Override
    public <R> R match(
            Function<Length, R> length,
            Function<ExactLength, R> exact,
            Function<Count, R> count,
            Function<Percent, R> percent) {
        return exact.apply(this);
    }

    /** Decimal inches cut off after four places, for messages. */
    @Override
    public String toString() {
        return toDecimalInches(4) + " in";
    }
}
