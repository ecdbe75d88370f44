package retazo.app.cloth;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.app.practice.MarginText;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/**
 * Settings that are tried out on a cloth's page, as typed; what is empty stays as the shop has it.
 *
 * @param width    the usable width
 * @param squaring lost at the end
 * @param step     in which lengths are sold
 * @param margin   on top of the exact length
 */
public record ClothSettings(@Nullable String width, @Nullable String squaring, @Nullable String step, @Nullable String margin) {

    public static final ClothSettings NONE = new ClothSettings(null, null, null, null);

    /** The practice with what was typed; problems at their fields, and then as the shop has it. */
    public ShopPractice practice(ShopPractice shop, FieldReader reader) {
        ShopPractice tried = with(shop, PracticeMeasure.SQUARING, squaring, "squaring", LengthUnit.INCH, reader);
        ShopPractice stepped = stepped(tried, reader);
        return Typed.text(margin).isEmpty() ? stepped : stepped.with(MarginText.read("margin", margin, shop.sellingUnit(), reader));
    }

    /** One step, or up to three with commas between; those of the shop that are not named are left out. */
    private ShopPractice stepped(ShopPractice shop, FieldReader reader) {
        if (Typed.text(step).isBlank()) {
            return shop;
        }
        String[] typed = Typed.text(step).split("[,;]", PracticeMeasure.SELLING_STEPS.size());
        ShopPractice stepped = shop;
        for (PracticeMeasure measure : PracticeMeasure.SELLING_STEPS) {
            int place = PracticeMeasure.SELLING_STEPS.indexOf(measure);
            stepped = place < typed.length
                    ? with(stepped, measure, typed[place], "step", shop.sellingUnit(), reader)
                    : stepped.with(measure, Length.ZERO);
        }
        return stepped;
    }

    private static String steps(ShopPractice shop) {
        return shop.sellingSteps().lengths().stream()
                .map(step -> LengthParts.exactText(step, shop.sellingUnit())).collect(Collectors.joining(", "));
    }

    /** The usable width typed, if there is one that can be. */
    public Optional<Length> usableWidth(FieldReader reader) {
        return read(PracticeMeasure.USABLE_WIDTH, width, "width", LengthUnit.INCH, reader);
    }

    public boolean any() {
        return !Typed.text(width).isEmpty() || !Typed.text(squaring).isEmpty() || !Typed.text(step).isEmpty()
                || !Typed.text(margin).isEmpty();
    }

    private static ShopPractice with(
            ShopPractice shop, PracticeMeasure measure, @Nullable String typed, String field, LengthUnit unit, FieldReader reader) {
        return read(measure, typed, field, unit, reader).map(length -> shop.with(measure, length)).orElse(shop);
    }

    private static Optional<Length> read(
            PracticeMeasure measure, @Nullable String typed, String field, LengthUnit unit, FieldReader reader) {
        if (Typed.text(typed).isEmpty()) {
            return Optional.empty();
        }
        int before = reader.problems().size();
        Length length = reader.length(field, typed, unit);
        if (reader.problems().size() == before && (length.isShorterThan(measure.least()) || length.isLongerThan(measure.most()))) {
            reader.add(Problem.at(field, "practice.out-of-limits", length, measure.least(), measure.most()));
        }
        return reader.problems().size() == before ? Optional.of(length) : Optional.empty();
    }

    /** What stands in each field: what was typed, or what the shop has. */
    public Map<String, String> shown(ShopPractice shop, Length usableWidth) {
        return Map.of(
                "width", shown(width, usableWidth, LengthUnit.INCH),
                "squaring", shown(squaring, shop.length(PracticeMeasure.SQUARING), LengthUnit.INCH),
                "step", Typed.text(step).isEmpty() ? steps(shop) : Typed.text(step),
                "margin", Typed.text(margin).isEmpty() ? MarginText.write(shop.margin(), shop.sellingUnit()) : Typed.text(margin));
    }

    private static String shown(@Nullable String typed, Length otherwise, LengthUnit unit) {
        return Typed.text(typed).isEmpty() ? LengthParts.exactText(otherwise, unit) : Typed.text(typed);
    }
}
