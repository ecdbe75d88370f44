package retazo.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Set;

/**
 * A length taken apart for showing: a whole number with a fraction, or a decimal, and its unit.
 *
 * @param number      the whole part, or the decimal; empty when only a fraction is left
 * @param numerator   0 when there is no fraction
 * @param denominator 1 or more
 * @param exact       false when a decimal had to be rounded to be shown
 */
public record LengthParts(boolean negative, String number, long numerator, long denominator, LengthUnit unit, boolean exact) {

    private static final int FINEST_INCH = 64;
    private static final Set<Long> PARTS_OF_A_YARD = Set.of(1L, 2L, 3L, 4L, 6L, 8L);
    private static final int DECIMALS = 3;

    /** Takes a length apart in a unit; yards that come out in no usual fraction are shown in inches. */
    public static LengthParts of(Length length, LengthUnit preferred) {
        if (preferred.metric()) {
            return decimal(length, preferred);
        }
        BigInteger magnitude = BigInteger.valueOf(length.ticks()).abs();
        BigInteger unitTicks = BigInteger.valueOf(preferred.ticks());
        BigInteger[] whole = magnitude.divideAndRemainder(unitTicks);
        BigInteger divisor = whole[1].gcd(unitTicks);
        long numerator = whole[1].divide(divisor).longValueExact();
        long denominator = unitTicks.divide(divisor).longValueExact();
        boolean usual = preferred == LengthUnit.INCH ? denominator <= FINEST_INCH : PARTS_OF_A_YARD.contains(denominator);
        if (!usual) {
            return preferred == LengthUnit.INCH ? decimal(length, preferred) : of(length, LengthUnit.INCH);
        }
        String number = whole[0].signum() == 0 && numerator != 0 ? "" : whole[0].toString();
        return new LengthParts(length.isNegative(), number, numerator, denominator, preferred, true);
    }

    private static LengthParts decimal(Length length, LengthUnit unit) {
        BigDecimal value = BigDecimal.valueOf(length.ticks()).abs()
                .divide(BigDecimal.valueOf(unit.ticks()), 12, RoundingMode.HALF_UP);
        BigDecimal shown = value.setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
        String number = (shown.scale() < 0 ? shown.setScale(0) : shown).toPlainString();
        return new LengthParts(length.isNegative(), number, 0, 1, unit, shown.compareTo(value) == 0);
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
