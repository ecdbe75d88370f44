package retazo.app.cloth;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.app.shared.Words;
import retazo.core.explain.Figure;
import retazo.core.explain.Origin;
import retazo.core.measure.LengthUnit;

/**
 * A figure with its arithmetic, as the page opens it.
 *
 * @param label    what it is
 * @param sign     between the operands, or empty
 * @param formula  whose letters stand for the operands, or empty
 * @param origin   where it comes from, if it was not worked out; else empty
 * @param operands each opens to its own
 */
public record FigureView(
        String key, String label, QuantityView value, String sign, String formula, String origin, List<FigureView> operands) {

    private static final String OF_BOLTS = "buying.";
    private static final String SIZES = "sizes.";
    private static final Pattern STRIP = Pattern.compile("\\.strip(\\d+)(?:\\.|$)");
    private static final Set<String> IN_SELLING_UNIT = Set.of("cloth.sell", "practice.sellingStep", "practice.otherSellingStep",
            "practice.thirdSellingStep",
            "cloth.step");

    public static FigureView of(Figure<?> figure, Words words, LengthUnit sellingUnit) {
        String code = figure.label().code();
        LengthUnit unit = IN_SELLING_UNIT.contains(code) || code.startsWith(OF_BOLTS) ? sellingUnit : LengthUnit.INCH;
        QuantityView value = QuantityView.of(figure.value(), unit);
        String label = words.of(figure.label());
        return figure.working().match(
                given -> new FigureView(figure.key(), label, value, "", "", origin(given.origin(), words), List.of()),
                worked -> new FigureView(
                        figure.key(),
                        label,
                        value,
                        worked.operation().isFormula() ? "" : words.text("sign." + worked.operation(), worked.operation().sign()),
                        worked.operation().isFormula() ? worked.operation().sign() : "",
                        "",
                        worked.operands().stream().map(operand -> of(operand, words, sellingUnit)).toList()));
    }

    private static String origin(Origin origin, Words words) {
        return words.text("origin." + origin.kind(), switch (origin.kind()) {
            case CRAFT -> words.text("craft." + origin.place());
            case BOOK -> words.text("book." + origin.place());
            case PATTERN -> patternPlace(origin.place(), words);
            case PRACTICE, FABRIC -> origin.place();
        });
    }

    private static String patternPlace(String place, Words words) {
        return place.startsWith(SIZES) ? words.text("place.size", place.substring(SIZES.length())) : words.text("place." + place);
    }

    /** The number of the kind of strip on a laid cloth that it tells of; empty for any other figure. */
    public String strip() {
        Matcher strip = STRIP.matcher(key);
        return strip.find() ? strip.group(1) : "";
    }

    public boolean isGiven() {
        return operands.isEmpty();
    }
}
