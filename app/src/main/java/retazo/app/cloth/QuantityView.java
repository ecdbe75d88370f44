package retazo.app.cloth;

import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Quantity;

/** A quantity on a page: a length in true fractions, or a text. */
public record QuantityView(LengthView length, FractionText text, boolean measured) {

    private static final LengthView NO_LENGTH = LengthView.cut(Length.ZERO);

    /** Four places with … where more follow; a rational length without zeros at its end. */
    private static String decimal(ExactLength exact) {
        String places = exact.toDecimalInches(4);
        return exact.isRational() ? places.replaceAll("\\.?0+$", "") : places + "…";
    }

    public static QuantityView ofText(String text) {
        return new QuantityView(NO_LENGTH, FractionText.of(text), false);
    }

    public static QuantityView of(Quantity quantity, LengthUnit unit) {
        return quantity.match(
                length -> new QuantityView(LengthView.of(length, unit), FractionText.of(""), true),
                exact -> ofText(decimal(exact) + " in"),
                count -> ofText(count.toString()),
                percent -> ofText(percent.toString()));
    }
}
