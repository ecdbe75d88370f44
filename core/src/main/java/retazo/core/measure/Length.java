package retazo.core.measure;

import java.math.BigInteger;
import java.util.function.Function;

/** An exact length, which may be negative: a whole number of ticks, 609,600 to the inch and 24,000 to the millimetre. */
public record Length(long ticks) implements Quantity, Comparable<Length> {

    public static final long TICKS_PER_INCH = 609_600;
    public static final long TICKS_PER_MILLIMETRE = 24_000;
    public static final Length ZERO = new Length(0);

    public static Length ofInches(long inches) {
        return new Length(Math.multiplyExact(inches, TICKS_PER_INCH));
    }

    /**
     * Makes a length from a fraction of an inch, such as {@code ofInches(7, 8)}.
     *
     * @param denominator 1 or more
     * @throws ArithmeticException if the fraction falls between two ticks, or is too large
     */
    public static Length ofInches(long numerator, long denominator) {
        return of(numerator, denominator, LengthUnit.INCH);
    }

    /**
     * Makes a length from a fraction of a yard, such as {@code ofYards(7, 4)}.
     *
     * @param denominator 1 or more
     * @throws ArithmeticException if the fraction falls between two ticks, or is too large
     */
    public static Length ofYards(long numerator, long denominator) {
        return of(numerator, denominator, LengthUnit.YARD);
    }

    public static Length ofMillimetres(long millimetres) {
        return new Length(Math.multiplyExact(millimetres, TICKS_PER_MILLIMETRE));
    }

    /**
     * Makes a length from a fraction of a unit.
     *
     * @param denominator 1 or more
     * @throws ArithmeticException if the fraction falls between two ticks, or is too large
     */
    public static Length of(long numerator, long denominator, LengthUnit unit) {
        if (denominator < 1) {
            throw new IllegalArgumentException("The denominator " + denominator + " is below 1.");
        }
        long scaled = Math.multiplyExact(numerator, unit.ticks());
        if (scaled % denominator != 0) {
            throw new ArithmeticException(numerator + "/" + denominator + " " + unit.symbol() + " falls between two ticks.");
        }
        return new Length(scaled / denominator);
    }

    /**
     * Reads what {@link #toString()} writes, and all else that people type.
     *
     * @throws IllegalArgumentException if the text is not a length; use {@link LengthText} for what a person typed
     */
    public static Length parse(String text) {
        return LengthText.read(text, LengthUnit.INCH).match(
                TypedLength::length,
                notUnderstood -> {
                    throw new IllegalArgumentException("'" + text + "' is not a length: " + notUnderstood.code());
                });
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(ticks, other.ticks));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(ticks, other.ticks));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(ticks, factor));
    }

    public Length times(Count count) {
        return times(count.value());
    }

    public Length negated() {
        return new Length(Math.negateExact(ticks));
    }

    public boolean isZero() {
        return ticks == 0;
    }

    public boolean isPositive() {
        return ticks > 0;
    }

    public boolean isNegative() {
        return ticks < 0;
    }

    public boolean isLongerThan(Length other) {
        return ticks > other.ticks;
    }

    public boolean isShorterThan(Length other) {
        return ticks < other.ticks;
    }

    public Length atLeast(Length least) {
        return isShorterThan(least) ? least : this;
    }

    /**
     * How often a part fits whole into this length: ⌊this ÷ part⌋.
     *
     * @param part above zero
     */
    public Count wholeTimes(Length part) {
        requireAboveZero(part);
        return new Count(Math.floorDiv(ticks, part.ticks));
    }

    /**
     * How many parts it takes to cover this length: ⌈this ÷ part⌉, at least 0.
     *
     * @param part above zero
     */
    public Count partsToCover(Length part) {
        requireAboveZero(part);
        return new Count(Math.max(0, -Math.floorDiv(-ticks, part.ticks)));
    }

    /**
     * The next whole multiple of a step, itself if it is one.
     *
     * @param step above zero
     */
    public Length roundedUpTo(Length step) {
        requireAboveZero(step);
        return new Length(Math.multiplyExact(-Math.floorDiv(-ticks, step.ticks), step.ticks));
    }

    private static void requireAboveZero(Length part) {
        if (!part.isPositive()) {
            throw new IllegalArgumentException("A step or part of " + part + " is not above zero.");
        }
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(ticks, other.ticks);
    }

    @Override
    public <R> R match(
            Function<Length, R> length,
            Function<ExactLength, R> exact,
            Function<Count, R> count,
            Function<Percent, R> percent) {
        return length.apply(this);
    }

    /** The one plain text of a length, in inches with an exact fraction: {@code 12 7/8 in}, {@code -1/2 in}, {@code 0 in}. */
    @Override
    public String toString() {
        long magnitude = Math.abs(ticks);
        long whole = magnitude / TICKS_PER_INCH;
        long rest = magnitude % TICKS_PER_INCH;
        long divisor = BigInteger.valueOf(rest).gcd(BigInteger.valueOf(TICKS_PER_INCH)).longValue();
        String fraction = rest == 0 ? "" : rest / divisor + "/" + TICKS_PER_INCH / divisor;
        String number = rest == 0 ? Long.toString(whole) : whole == 0 ? fraction : whole + " " + fraction;
        return (ticks < 0 ? "-" : "") + number + " in";
    }
}
