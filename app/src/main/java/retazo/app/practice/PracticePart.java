package retazo.app.practice;

import java.util.List;
import java.util.Locale;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import retazo.core.cloth.LayPractice;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;

/** A part of the work, with the settings that decide how it is done. */
public enum PracticePart {
    MEASURING(
            List.of(PracticeMeasure.SEAM_ALLOWANCE, PracticeMeasure.USABLE_WIDTH, PracticeMeasure.SQUARING, PracticeMeasure.CUTTING_STEP),
            (shop, tried) -> shop),
    UNITS(
            List.of(PracticeMeasure.HALF_SQUARE_OVERSIZE, PracticeMeasure.HOURGLASS_OVERSIZE, PracticeMeasure.THREE_PATCH_OVERSIZE,
                    PracticeMeasure.GEESE_OVERSIZE, PracticeMeasure.CLIPPED_OVERSIZE, PracticeMeasure.SQUARE_IN_SQUARE_OVERSIZE,
                    PracticeMeasure.HALF_RECTANGLE_OVERSIZE, PracticeMeasure.STRIP_SET_LOSS),
            (shop, tried) -> shop),
    EDGES(
            List.of(PracticeMeasure.BORDER_TRIM, PracticeMeasure.BINDING_WIDTH, PracticeMeasure.THICK_BINDING_WIDTH,
                    PracticeMeasure.BACKING_OVERAGE),
            (shop, tried) -> shop.with(tried.joins()).with(shop.lay().with(tried.lay().longStrips()))),
    SELLING(
            List.of(PracticeMeasure.SELLING_STEP, PracticeMeasure.OTHER_SELLING_STEP, PracticeMeasure.THIRD_SELLING_STEP,
                    PracticeMeasure.SHORTEST_REMNANT, PracticeMeasure.NOTHING, PracticeMeasure.BOLT_TOLERANCE,
                    PracticeMeasure.UNMEASURED_TOLERANCE),
            (shop, tried) -> new ShopPractice(shop.measures(), tried.margin(), tried.sellingUnit(), shop.lay(), shop.joins())),
    COLOURS(List.of(), (shop, tried) -> shop),
    FLOOR(
            List.of(),
            (shop, tried) -> shop
                    .with(new LayPractice(tried.lay().mostSizes(), tried.lay().layers(), shop.lay().longStrips(), shop.lay().backing())));

    private final List<PracticeMeasure> measures;
    private final BinaryOperator<ShopPractice> choices;

    PracticePart(List<PracticeMeasure> measures, BinaryOperator<ShopPractice> choices) {
        this.measures = measures;
        this.choices = choices;
    }

    /** What it is called in addresses and messages. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    PracticeMeasure[] measures() {
        return measures.toArray(PracticeMeasure[]::new);
    }

    /** The practice of the shop with the settings of this part alone as they are tried. */
    public ShopPractice on(ShopPractice shop, ShopPractice tried) {
        return choices.apply(shop, tried).with(measures.stream().collect(Collectors.toMap(measure -> measure, tried::length)));
    }
}
