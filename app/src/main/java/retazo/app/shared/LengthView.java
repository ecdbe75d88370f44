package retazo.app.shared;

import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** A length as a page shows it: the fragment {@code fragments/length} sets it in true fractions. */
public record LengthView(String sign, String number, String numerator, String denominator, String unit) {

    public static LengthView of(Length length, LengthUnit preferred) {
        LengthParts parts = LengthParts.of(length, preferred);
        String sign = (parts.exact() ? "" : "≈ ") + (parts.negative() ? "−" : "");
        return new LengthView(
                sign,
                parts.number(),
                parts.hasFraction() ? Long.toString(parts.numerator()) : "",
                parts.hasFraction() ? Long.toString(parts.denominator()) : "",
                parts.unit().symbol());
    }

    public static LengthView inches(Length length) {
        return of(length, LengthUnit.INCH);
    }

    public boolean hasFraction() {
        return !numerator.isEmpty();
    }

    /** As plain text, for titles and labels read aloud: {@code 1 3/4 yd}. */
    public String plain() {
        String fraction = hasFraction() ? numerator + "/" + denominator : "";
        String gap = number.isEmpty() || fraction.isEmpty() ? "" : " ";
        return sign + number + gap + fraction + " " + unit;
    }
}
