package retazo.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads lengths as people type them: {@code 2 1/2}, {@code 2½}, {@code 2-1/2"}, {@code 2.5in}, {@code 6,4 cm},
 * {@code 1 3/4 yd}, {@code 1⅓ yd}, {@code 0.75 m}, {@code 1 yd 9 in}. Zero or more, up to {@link #LONGEST}.
 */
public final class LengthText {

    /** No cloth in a shop is longer: 10,000 yd. */
    public static final Length LONGEST = Length.ofYards(10_000, 1);

    private static final int LONGEST_TEXT = 60;
    private static final String NUMBER = "(?:(\\d{1,9})[ -]+(\\d{1,9})/(\\d{1,9})|(\\d{1,9})/(\\d{1,9})|(\\d{0,9}[.,]\\d{1,9})|(\\d{1,9}))";
    private static final String UNIT = "(inches|inch|in|\"|yards|yard|yds|yd|feet|foot|ft|'|mm|cm|metres|metre|meters|meter|m)?\\.?";
    private static final Pattern PART = Pattern.compile("\\s*" + NUMBER + "\\s*" + UNIT + "\\s*");
    private static final Pattern TOO_MANY_DIGITS = Pattern.compile("\\d{10}");
    private static final List<Integer> YARD_FRACTIONS = List.of(3, 8, 6);
    private static final Map<String, String> SIGNS = Map.ofEntries(
            Map.entry("¼", "1/4"), Map.entry("½", "1/2"), Map.entry("¾", "3/4"), Map.entry("⅓", "1/3"),
            Map.entry("⅔", "2/3"), Map.entry("⅕", "1/5"), Map.entry("⅖", "2/5"), Map.entry("⅗", "3/5"),
            Map.entry("⅘", "4/5"), Map.entry("⅙", "1/6"), Map.entry("⅚", "5/6"), Map.entry("⅛", "1/8"),
            Map.entry("⅜", "3/8"), Map.entry("⅝", "5/8"), Map.entry("⅞", "7/8"));

    private LengthText() {
    }

    /**
     * Reads a typed length.
     *
     * @param assumed the unit of a number that names none
     */
    public static Reading<TypedLength> read(String typed, LengthUnit assumed) {
        String text = plain(typed);
        if (text.isEmpty()) {
            return Reading.fault("length.missing");
        }
        if (text.startsWith("-")) {
            return Reading.fault("length.negative", typed.strip());
        }
        if (TOO_MANY_DIGITS.matcher(text).find()) {
            return Reading.fault("length.too-large", shortened(typed), LONGEST);
        }
        return typed.length() > LONGEST_TEXT ? Reading.fault("length.unreadable", shortened(typed)) : readParts(text, typed, assumed);
    }

    private static Reading<TypedLength> readParts(String text, String typed, LengthUnit assumed) {
        Matcher part = PART.matcher(text);
        Length sum = Length.ZERO;
        int parts = 0;
        int end = 0;
        Optional<Length> perhaps = Optional.empty();
        while (end < text.length() && part.find(end) && part.start() == end) {
            boolean onlyPart = parts == 0 && part.end() == text.length();
            if (part.group(8) == null && !onlyPart) {
                return Reading.fault("length.unreadable", shortened(typed));
            }
            LengthUnit unit = unitOf(part.group(8), assumed);
            Optional<Fraction> number = Fraction.of(part);
            if (number.isEmpty()) {
                return Reading.fault("length.divided-by-zero", shortened(typed));
            }
            Optional<Length> length = number.get().of(unit);
            if (length.isEmpty()) {
                return Reading.fault("length.between-ticks", shortened(typed));
            }
            perhaps = onlyPart && unit == LengthUnit.YARD ? yardFraction(part.group(6)) : Optional.empty();
            sum = sum.plus(length.get());
            parts++;
            end = part.end();
        }
        if (end < text.length()) {
            return Reading.fault("length.unreadable", shortened(typed));
        }
        return sum.isLongerThan(LONGEST)
                ? Reading.fault("length.too-large", shortened(typed), LONGEST)
                : Reading.of(new TypedLength(sum, perhaps));
    }

    private static String plain(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT)
                .replace('\u00a0', ' ').replace('\u202f', ' ').replace('\u2044', '/').replace('\u2212', '-').replace('\u2013', '-')
                .replace("''", "\"").replace('\u2033', '"').replace('\u201d', '"').replace('\u201c', '"')
                .replace('\u2032', '\'').replace('\u2019', '\'');
        for (Map.Entry<String, String> sign : SIGNS.entrySet()) {
            text = text.replace(sign.getKey(), " " + sign.getValue());
        }
        return text.strip();
    }

    private static LengthUnit unitOf(String text, LengthUnit assumed) {
        if (text == null) {
            return assumed;
        }
        return switch (text) {
            case "inches", "inch", "in", "\"" -> LengthUnit.INCH;
            case "yards", "yard", "yds", "yd" -> LengthUnit.YARD;
            case "feet", "foot", "ft", "'" -> LengthUnit.FOOT;
            case "mm" -> LengthUnit.MILLIMETRE;
            case "cm" -> LengthUnit.CENTIMETRE;
            default -> LengthUnit.METRE;
        };
    }

    /** The thirds, eighths and sixths that a decimal with two places or more may have been cut off or rounded from. */
    private static Optional<Length> yardFraction(String decimal) {
        if (decimal == null) {
            return Optional.empty();
        }
        BigDecimal typed = new BigDecimal(decimal.replace(',', '.'));
        int places = typed.scale();
        if (places < 2) {
            return Optional.empty();
        }
        for (int denominator : YARD_FRACTIONS) {
            BigDecimal parts = typed.multiply(BigDecimal.valueOf(denominator)).setScale(0, RoundingMode.HALF_UP);
            BigDecimal candidate = parts.divide(BigDecimal.valueOf(denominator), 12, RoundingMode.DOWN);
            boolean looksLike = candidate.setScale(places, RoundingMode.DOWN).compareTo(typed) == 0
                    || candidate.setScale(places, RoundingMode.HALF_UP).compareTo(typed) == 0;
            if (looksLike && candidate.compareTo(typed) != 0) {
                return Optional.of(Length.ofYards(parts.longValueExact(), denominator));
            }
        }
        return Optional.empty();
    }

    private static String shortened(String typed) {
        String text = typed.strip();
        return text.length() <= LONGEST_TEXT ? text : text.substring(0, LONGEST_TEXT) + "…";
    }

    /** A typed number, as numerator and denominator. */
    private record Fraction(BigInteger numerator, BigInteger denominator) {

        /** Absent when the number divides by zero. */
        static Optional<Fraction> of(Matcher part) {
            if (part.group(6) != null) {
                BigDecimal decimal = new BigDecimal(part.group(6).replace(',', '.'));
                return Optional.of(new Fraction(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale())));
            }
            if (part.group(7) != null) {
                return Optional.of(new Fraction(new BigInteger(part.group(7)), BigInteger.ONE));
            }
            BigInteger whole = part.group(1) == null ? BigInteger.ZERO : new BigInteger(part.group(1));
            BigInteger numerator = new BigInteger(part.group(1) == null ? part.group(4) : part.group(2));
            BigInteger denominator = new BigInteger(part.group(1) == null ? part.group(5) : part.group(3));
            return denominator.signum() == 0
                    ? Optional.empty()
                    : Optional.of(new Fraction(whole.multiply(denominator).add(numerator), denominator));
        }

        /** Absent when the number falls between two ticks. */
        Optional<Length> of(LengthUnit unit) {
            BigInteger[] ticks = numerator.multiply(BigInteger.valueOf(unit.ticks())).divideAndRemainder(denominator);
            return ticks[1].signum() == 0 ? Optional.of(new Length(ticks[0].longValueExact())) : Optional.empty();
        }
    }
}
