package retazo.core.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.setting.Use;

/**
 * A customary way of working that differs from the shop's in one thing.
 *
 * @param label   what it is, in words
 * @param touches the uses of cloth that it makes a difference to; none where it may make one to all
 * @param apply   a way of working with it
 */
record Habit(Label label, Set<Use.Place> touches, UnaryOperator<Basis> apply) {

    private static final List<Integer> WIDTHS = List.of(40, 41, 42, 43, 44);
    private static final List<Integer> OVERAGES = List.of(0, 1, 2, 3, 4, 5, 6);
    private static final List<Length> BINDINGS = Stream.of(16, 17, 18, 20).map(eighths -> Length.ofInches(eighths, 8)).toList();
    private static final List<Length> EXTRAS = List.of(
            Length.ofYards(1, 8), Length.ofYards(1, 4), Length.ofYards(1, 3), Length.ofYards(1, 2));
    private static final List<Length> STEPS = List.of(
            Length.ofYards(1, 8), Length.ofYards(1, 4), Length.ofYards(1, 3), Length.ofYards(1, 2));
    private static final List<Length> NEAREST = STEPS.subList(0, 2);

    private static Habit of(UnaryOperator<Basis> apply, String code, Object... arguments) {
        return new Habit(Label.of("reading." + code, arguments), Set.of(), apply);
    }

    private Habit touching(Use.Place... places) {
        return new Habit(label, Set.of(places), apply);
    }

    /** Habits one of which may explain a figure by itself, the likelier ones first. */
    static List<Habit> main(ShopPractice practice) {
        List<Habit> habits = new ArrayList<>();
        measures(habits, practice, PracticeMeasure.USABLE_WIDTH, WIDTHS.stream().map(Length::ofInches).toList(), "usable-width", Set.of());
        STEPS.forEach(step -> habits.add(of(basis -> basis.roundingParts(step), "parts", step)));
        habits.add(of(basis -> basis.with(Basis.Pieces.STRIPS_AS_FINISHED), "strips-as-finished"));
        habits.add(of(basis -> basis.with(Basis.Pieces.PATCHES_AS_FINISHED), "patches-as-finished"));
        habits.add(of(basis -> basis.with(Basis.Pieces.THE_LONG_WAY), "long-way"));
        Stream.of(5, 10, 15).forEach(share -> habits.add(
                of(basis -> basis.with(new Margin.Share(Percent.of(share))), "margin-share", share)));
        EXTRAS.forEach(extra -> habits.add(of(basis -> basis.with(new Margin.Extra(extra)), "margin", extra)));
        measures(habits, practice, PracticeMeasure.BACKING_OVERAGE, OVERAGES.stream().map(Length::ofInches).toList(), "overage",
                Set.of(Use.Place.BACKING));
        habits.add(of(basis -> basis.with(Basis.Pieces.OTHER_SEAMS), "other-seams").touching(Use.Place.BACKING));
        measures(habits, practice, PracticeMeasure.BINDING_WIDTH, BINDINGS, "binding-width", Set.of(Use.Place.BINDING));
        for (Use.Place place : List.of(Use.Place.BINDING, Use.Place.BORDER, Use.Place.SASH, Use.Place.SETTING)) {
            habits.add(of(basis -> basis.leavingOut(place), "without." + place).touching(place));
        }
        measures(habits, practice, PracticeMeasure.BORDER_TRIM, List.of(Length.ZERO), "no-trim", Set.of(Use.Place.BORDER));
        return habits;
    }

    /** A backing from one of the wide fabrics, and with another overage on it: two habits that go together. */
    static List<List<Habit>> wideBackings(ShopPractice practice) {
        List<Habit> overages = new ArrayList<>();
        measures(overages, practice, PracticeMeasure.BACKING_OVERAGE, OVERAGES.stream().map(Length::ofInches).toList(), "overage",
                Set.of(Use.Place.BACKING));
        List<List<Habit>> habits = new ArrayList<>();
        for (Length width : BackingSheet.WIDE_WIDTHS) {
            Habit wide = of(basis -> basis.backedOn(width), "wide-backing", width).touching(Use.Place.BACKING);
            habits.add(List.of(wide));
            overages.forEach(overage -> habits.add(List.of(wide, overage)));
        }
        return habits;
    }

    private static void measures(
            List<Habit> habits, ShopPractice practice, PracticeMeasure measure, List<Length> values, String code,
            Set<Use.Place> touches) {
        values.stream().filter(value -> !value.equals(practice.length(measure))).forEach(value -> habits.add(
                new Habit(Label.of("reading." + code, value), touches, basis -> basis.with(basis.practice().with(measure, value)))));
    }

    /** Whether the end is squared, beside a main habit. */
    static Habit notSquared() {
        return of(Basis::notSquared, "not-squared");
    }

    /** Other steps to which a sum is rounded, and the shop's own step the wrong way. */
    static List<Habit> roundings(Length shopStep) {
        List<Habit> habits = new ArrayList<>();
        STEPS.stream().filter(step -> !step.equals(shopStep)).forEach(step -> habits.add(
                of(basis -> basis.with(Basis.Rounding.up(step)), "step", step)));
        NEAREST.forEach(step -> habits.add(of(basis -> basis.with(Basis.Rounding.toNearest(step)), "nearest", step)));
        return habits;
    }
}
