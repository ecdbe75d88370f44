package retazo.app.shared;

import java.math.RoundingMode;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/**
 * A length as a page shows it: the fragment {@code fragments/length} sets it in true fractions.
 *
 * @param sign    minus, or what says that it was rounded to be shown
 * @param exactly the length itself where it was rounded, else empty
 */
public record LengthView(String sign, String number, String numerator, String denominator, String unit, String exactly) {

    private static LengthView of(LengthParts parts, Length length) {
        return new LengthView(
                (parts.exact() ? "" : "≈ ") + (parts.negative() ? "−" : ""),
                parts.number(),
                parts.hasFraction() ? Long.toString(parts.numerator()) : "",
                parts.hasFraction() ? Long.toString(parts.denominator()) : "",
                parts.unit().symbol(),
                parts.exact() ? "" : length.toString());
    }

    /** A length of cloth to sell or book, in the shop's unit. */
    public static LengthView of(Length length, LengthUnit selling) {
        return of(LengthParts.of(length, selling), length);
    }

    /** A length of cloth that is there, in the shop's unit; rounded down where it has to be. */
    public static LengthView onHand(Length length, LengthUnit selling) {
        return of(LengthParts.of(length, selling, RoundingMode.DOWN), length);
    }

    /** A length of cloth among others that it is compared with: all in the shop's unit, down to its eighth of a yard or its centimetre. */
    public static LengthView compared(Length length, LengthUnit selling) {
        long step = selling.metric() ? 10 * Length.TICKS_PER_MILLIMETRE : Length.ofYards(1, 8).ticks();
        Length down = new Length(Math.floorDiv(length.ticks(), step) * step);
        LengthView view = of(down, selling);
        return down.equals(length)
                ? view
                : new LengthView("≈ " + view.sign, view.number, view.numerator, view.denominator, view.unit, length.toString());
    }

    /** What is needed of cloth to the eighth of an inch or the millimetre, rounded up where it has to be. */
    public static LengthView needed(Length length, LengthUnit selling) {
        return of(LengthParts.of(length, selling.metric() ? selling : LengthUnit.INCH, RoundingMode.UP), length);
    }

    /** A measure of a piece, a block or a quilt: in inches, or in centimetres where it is a metric one. */
    public static LengthView cut(Length length) {
        return of(LengthParts.of(length, LengthUnit.INCH), length);
    }

    /** Two sides with one unit behind them: {@code 2 1/2 × 10 1/2 in}. */
    public static String sides(Length one, Length other) {
        LengthView first = cut(one);
        LengthView second = cut(other);
        return (first.unit.equals(second.unit) ? first.plainNumber() : first.plain()) + " × " + second.plain();
    }

    public boolean hasFraction() {
        return !numerator.isEmpty();
    }

    /** The number alone, as plain text: {@code 1 3/4}. */
    public String plainNumber() {
        String fraction = hasFraction() ? numerator + "/" + denominator : "";
        String gap = number.isEmpty() || fraction.isEmpty() ? "" : " ";
        return sign + number + gap + fraction;
    }

    /** As plain text, for titles and labels read aloud: {@code 1 3/4 yd}. */
    public String plain() {
        return plainNumber() + " " + unit;
    }
}
