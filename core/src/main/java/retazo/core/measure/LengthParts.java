package retazo.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.Set;

/**
 * A length taken apart for showing: a whole number with a fraction, or a decimal, and its unit.
 *
 * @param number      the whole part, or the decimal; empty when only a fraction is left
 * @param numerator   0 when there is no fraction
 * @param denominator 1 or more
 * @param exact       false when the length had to be rounded to be shown
 */
public record LengthParts(boolean negative, String number, long numerator, long denominator, LengthUnit unit, boolean exact) {

    private static final Set<Long> PARTS_OF_AN_INCH = Set.of(1L, 2L, 4L, 8L, 16L, 32L, 64L);
    private static final Set<Long> PARTS_OF_A_YARD = Set.of(1L, 2L, 3L, 4L, 6L, 8L);

    /**
     * Takes a length apart in a unit. A length that is no usual part of it is shown in the next smaller unit, and one that is none of
     * that either to the eighth of an inch or yard, the centimetre or the millimetre, and is then not exact.
     */
    public static LengthParts of(Length length, LengthUnit preferred) {
        return of(length, preferred, RoundingMode.HALF_UP);
    }

    /**
     * The same, with the safe way to round: what is needed up, what is there down.
     *
     * @param rounding for lengths that are no usual part of any unit
     */
    public static LengthParts of(Length length, LengthUnit preferred, RoundingMode rounding) {
        return switch (preferred) {
            case MILLIMETRE, CENTIMETRE, METRE -> decimal(length, preferred, rounding);
            case YARD, FOOT -> fraction(length, preferred, PARTS_OF_A_YARD)
                    .orElseGet(() -> longer(length, preferred, rounding));
            case INCH -> fraction(length, LengthUnit.INCH, PARTS_OF_AN_INCH)
                    .orElseGet(() -> length.ticks() % (Length.TICKS_PER_MILLIMETRE / 10) == 0
                            ? decimal(length, LengthUnit.CENTIMETRE, rounding)
                            : eighths(length, LengthUnit.INCH, rounding));
        };
    }

    /** Up to ten yards in inches, beyond in eighths of a yard: nobody pictures 3353 1/2 in. */
    private static LengthParts longer(Length length, LengthUnit unit, RoundingMode rounding) {
        boolean nearby = new Length(Math.abs(length.ticks())).isShorterThan(Length.ofYards(10, 1));
        return nearby
                ? fraction(length, LengthUnit.INCH, PARTS_OF_AN_INCH).orElseGet(() -> eighths(length, LengthUnit.INCH, rounding))
                : eighths(length, unit, rounding);
    }

    private static LengthParts eighths(Length length, LengthUnit unit, RoundingMode rounding) {
        BigInteger eighth = BigInteger.valueOf(unit.ticks() / 8);
        BigInteger shown = new BigDecimal(length.ticks()).divide(new BigDecimal(eighth), 0, rounding).toBigInteger().multiply(eighth);
        LengthParts parts = fraction(new Length(shown.longValueExact()), unit, PARTS_OF_A_YARD).orElseThrow();
        return new LengthParts(parts.negative, parts.number, parts.numerator, parts.denominator, unit, false);
    }

    private static Optional<LengthParts> fraction(Length length, LengthUnit unit, Set<Long> denominators) {
        BigInteger magnitude = BigInteger.valueOf(length.ticks()).abs();
        BigInteger unitTicks = BigInteger.valueOf(unit.ticks());
        BigInteger[] whole = magnitude.divideAndRemainder(unitTicks);
        BigInteger divisor = whole[1].gcd(unitTicks);
        long numerator = whole[1].divide(divisor).longValueExact();
        long denominator = unitTicks.divide(divisor).longValueExact();
        String number = whole[0].signum() == 0 && numerator != 0 ? "" : whole[0].toString();
        return denominators.contains(denominator)
                ? Optional.of(new LengthParts(length.isNegative(), number, numerator, denominator, unit, true))
                : Optional.empty();
    }

    private static LengthParts decimal(Length length, LengthUnit unit, RoundingMode rounding) {
        BigDecimal value = BigDecimal.valueOf(length.ticks()).divide(BigDecimal.valueOf(unit.ticks()), 12, RoundingMode.HALF_UP);
        int places = unit == LengthUnit.METRE ? 3 : 1;
        BigDecimal exact = value.setScale(places, RoundingMode.HALF_UP);
        BigDecimal shown = exact.compareTo(value) == 0 ? exact : value.setScale(Math.min(places, 2), rounding);
        BigDecimal plain = shown.abs().stripTrailingZeros();
        String number = (plain.scale() < 0 ? plain.setScale(0) : plain).toPlainString();
        return new LengthParts(shown.signum() < 0, number, 0, 1, unit, shown.compareTo(value) == 0);
    }

    /**
     * The text of a length for a field in which a unit is taken for granted: the number alone where it is exact in that unit, else with
     * the unit in which it is. Reading it gives the same length again.
     */
    public static String typed(Length length, LengthUnit assumed) {
        LengthParts parts = of(length, assumed);
        return parts.exact && parts.unit == assumed ? parts.plainNumber() : exactText(length, assumed);
    }

    /** Number and unit of a length, exactly: in the unit wished for where that is usual, else in another one. */
    public static String exactText(Length length, LengthUnit preferred) {
        LengthParts parts = of(length, preferred);
        return parts.exact ? parts.plainText() : length.toString();
    }

    public boolean hasFraction() {
        return numerator != 0;
    }

    /** The number alone, as one types it: {@code 1 3/4}, {@code 0.75}, {@code 7/8}. */
    public String plainNumber() {
        String fraction = hasFraction() ? numerator + "/" + denominator : "";
        String gap = number.isEmpty() || fraction.isEmpty() ? "" : " ";
        return (exact ? "" : "≈ ") + (negative ? "−" : "") + number + gap + fraction;
    }

    /** Number and unit: {@code 1 3/4 yd}. */
    public String plainText() {
        return plainNumber() + " " + unit.symbol();
    }
}
