package retazo.core.cloth;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;

/**
 * The settings by which a shop works out its figures.
 *
 * @param measures    one length for every measure
 * @param sellingUnit the unit in which lengths to sell are shown: yards or metres
 */
public record ShopPractice(Map<PracticeMeasure, Length> measures, Margin margin, LengthUnit sellingUnit, LayPractice lay, Joins joins) {

    /**
     * @throws IllegalArgumentException if a measure is missing or out of its limits; {@link #problems} tells a person
     */
    public ShopPractice {
        measures = Map.copyOf(measures);
        List<Problem> problems = problems(measures);
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException("The practice has faults: " + problems);
        }
    }

    /** What the handbook of the craft calls the defaults. */
    public static ShopPractice customary() {
        Map<PracticeMeasure, Length> measures = new EnumMap<>(PracticeMeasure.class);
        measures.put(PracticeMeasure.SEAM_ALLOWANCE, Length.ofInches(1, 4));
        measures.put(PracticeMeasure.USABLE_WIDTH, Length.ofInches(40));
        measures.put(PracticeMeasure.SQUARING, Length.ofInches(1));
        measures.put(PracticeMeasure.CUTTING_STEP, Length.ofInches(1, 8));
        measures.put(PracticeMeasure.HALF_SQUARE_OVERSIZE, Length.ofInches(1, 8));
        measures.put(PracticeMeasure.HOURGLASS_OVERSIZE, Length.ofInches(1, 8));
        measures.put(PracticeMeasure.THREE_PATCH_OVERSIZE, Length.ofInches(1, 8));
        measures.put(PracticeMeasure.GEESE_OVERSIZE, Length.ZERO);
        measures.put(PracticeMeasure.CLIPPED_OVERSIZE, Length.ZERO);
        measures.put(PracticeMeasure.SQUARE_IN_SQUARE_OVERSIZE, Length.ZERO);
        measures.put(PracticeMeasure.HALF_RECTANGLE_OVERSIZE, Length.ofInches(1, 8));
        measures.put(PracticeMeasure.STRIP_SET_LOSS, Length.ZERO);
        measures.put(PracticeMeasure.BORDER_TRIM, Length.ofInches(2));
        measures.put(PracticeMeasure.BINDING_WIDTH, Length.ofInches(9, 4));
        measures.put(PracticeMeasure.THICK_BINDING_WIDTH, Length.ofInches(5, 2));
        measures.put(PracticeMeasure.BACKING_OVERAGE, Length.ofInches(4));
        measures.put(PracticeMeasure.SELLING_STEP, Length.ofYards(1, 8));
        measures.put(PracticeMeasure.OTHER_SELLING_STEP, Length.ZERO);
        measures.put(PracticeMeasure.THIRD_SELLING_STEP, Length.ZERO);
        measures.put(PracticeMeasure.SHORTEST_REMNANT, Length.ofYards(1, 2));
        measures.put(PracticeMeasure.NOTHING, Length.ofInches(2));
        measures.put(PracticeMeasure.BOLT_TOLERANCE, Length.ZERO);
        measures.put(PracticeMeasure.UNMEASURED_TOLERANCE, Length.ZERO);
        return new ShopPractice(measures, new Margin.Share(Percent.of(5)), LengthUnit.YARD, LayPractice.CUSTOMARY, Joins.CUSTOMARY);
    }

    /** What is wrong with measures, each at the key of its measure; empty when they can be used. */
    public static List<Problem> problems(Map<PracticeMeasure, Length> measures) {
        List<Problem> problems = new ArrayList<>();
        for (PracticeMeasure measure : PracticeMeasure.values()) {
            Length value = measures.get(measure);
            if (value == null) {
                problems.add(Problem.at(measure.key(), "length.missing"));
            } else if (value.isShorterThan(measure.least()) || value.isLongerThan(measure.most())) {
                problems.add(Problem.at(measure.key(), "practice.out-of-limits", value, measure.least(), measure.most()));
            }
        }
        Length nothing = measures.get(PracticeMeasure.NOTHING);
        Length remnant = measures.get(PracticeMeasure.SHORTEST_REMNANT);
        if (nothing != null && remnant != null && !nothing.isShorterThan(remnant)) {
            problems.add(Problem.at(PracticeMeasure.NOTHING.key(), "practice.nothing-below-remnant", nothing, remnant));
        }
        Length measured = measures.get(PracticeMeasure.BOLT_TOLERANCE);
        Length unmeasured = measures.get(PracticeMeasure.UNMEASURED_TOLERANCE);
        if (measured != null && unmeasured != null && unmeasured.isShorterThan(measured)) {
            problems.add(
                    Problem.at(PracticeMeasure.UNMEASURED_TOLERANCE.key(), "practice.unmeasured-below-measured", unmeasured, measured));
        }
        return problems;
    }

    public Length length(PracticeMeasure measure) {
        return requireNonNull(measures.get(measure));
    }

    /** A setting as a figure that plans can be worked from. */
    public Figure<Length> figure(PracticeMeasure measure) {
        return Figure.given(
                "practice." + measure.key(),
                Label.of("practice." + measure.key()),
                length(measure),
                Origin.practice(measure.key()));
    }

    /** In which steps lengths are sold. */
    public SellingSteps sellingSteps() {
        return new SellingSteps(
                PracticeMeasure.SELLING_STEPS.stream().map(this::figure).filter(step -> step.value().isPositive()).toList());
    }

    /** The length to sell: the exact one with the shop's margin, rounded up once. */
    public Figure<Length> toSell(String key, Label label, Figure<Length> exact) {
        return sellingSteps().toSell(margin, key, label, exact);
    }

    /** The same practice with one measure changed. */
    public ShopPractice with(PracticeMeasure measure, Length value) {
        Map<PracticeMeasure, Length> changed = new EnumMap<>(measures);
        changed.put(measure, value);
        return new ShopPractice(changed, margin, sellingUnit, lay, joins);
    }

    /** The same practice with some measures changed together. */
    public ShopPractice with(Map<PracticeMeasure, Length> values) {
        Map<PracticeMeasure, Length> changed = new EnumMap<>(measures);
        changed.putAll(values);
        return new ShopPractice(changed, margin, sellingUnit, lay, joins);
    }

    public ShopPractice with(Margin newMargin) {
        return new ShopPractice(measures, newMargin, sellingUnit, lay, joins);
    }

    public ShopPractice with(LayPractice newLay) {
        return new ShopPractice(measures, margin, sellingUnit, newLay, joins);
    }

    public ShopPractice with(Joins newJoins) {
        return new ShopPractice(measures, margin, sellingUnit, lay, newJoins);
    }
}
