package retazo.app.patterns;

import retazo.app.shared.LengthView;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Quantity;

/** A quantity on a page: a length in true fractions, or a text. */
public record QuantityView(LengthView length, String text, boolean measured) {

    private static final LengthView NO_LENGTH = new LengthView("", "", "", "", "");

    public static QuantityView of(Quantity quantity, LengthUnit unit) {
        return quantity.match(
                length -> new QuantityView(LengthView.of(length, unit), "", true),
                exact -> new QuantityView(NO_LENGTH, exact.toDecimalInches(4) + (exact.isRational() ? "" : "…") + " in", false),
                count -> new QuantityView(NO_LENGTH, count.toString(), false),
                percent -> new QuantityView(NO_LENGTH, percent.toString(), false));
    }
}
