package retazo.app.cloth;

import java.util.List;
import java.util.Optional;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.LaidCloth;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/**
 * The cutting plan of one cloth as its page shows it.
 *
 * @param sell         what a kit takes of it by the instructions its maker follows
 * @param exact        the same before margin and rounding
 * @param laidExact    what the drawn plan takes
 * @param used         of the drawn plan, in words
 * @param laid         the drawn plan
 * @param bound        how near it is to what no plan of its kind can beat
 * @param margin       the length without margin, where the margin alone costs a selling step; empty where it does not
 * @param edge         what half an inch less of width would cost; empty for nothing
 * @param opened       the arithmetic of the length to sell
 * @param direction    how its print lies and what that costs; empty for a print without a direction
 * @param against      what of it cannot stand upright
 * @param batch        several kits cut together, where that was asked
 */
public record ClothView(
        LengthView sell, LengthView exact, LengthView laidExact, FractionText used, FractionText bound, boolean proved, LaidView laid,
        FractionText margin, FractionText edge, List<FractionText> warnings, FigureView opened, Direction direction,
        List<FractionText> against,
        Optional<FractionText> batch) {

    /**
     * How a print lies.
     *
     * @param along which way it reads on the cloth as it is drawn: its arrow points to the right, or up
     * @param text  empty for a print without a direction
     */
    public record Direction(boolean along, FractionText text) {

        private static Direction of(ClothQuestion asked, Need.Amount.Cloth chosen, Words words) {
            ClothQuestion.Lies lies = asked.compared().lies();
            LengthUnit unit = asked.practice().sellingUnit();
            Length now = chosen.sell().value();
            String text = lies.otherwise()
                    .map(needing -> needing.need(asked.practice(), asked.instructions(), asked.usableWidth()).flatMap(Need::cloth)
                            .map(other -> other.sell().value()).orElse(now))
                    .map(other -> words.text(
                            "laid.direction." + (lies.upright() ? "upright" : "any-way"), words.text("print.reads." + lies.print()),
                            LengthView.of(other, unit).plain(),
                            LengthView.of(now.isLongerThan(other) ? now.minus(other) : other.minus(now), unit).plain(),
                            comparison(now, other)))
                    .orElse("");
            return new Direction(!lies.print().liesAcross(), FractionText.of(text));
        }

        /** Says {@code more}, {@code same} or {@code less}: how much the first length is of the second. */
        public static String comparison(Length length, Length other) {
            return length.isLongerThan(other) ? "more" : length.equals(other) ? "same" : "less";
        }

        public boolean isShown() {
            return !text.parts().isEmpty();
        }
    }

    /** The view; empty where no cloth is needed, or none that is cut by a plan. */
    public static Optional<ClothView> of(ClothQuestion asked, Words words) {
        Optional<Need.Amount.Cloth> planned = asked.cloth(Instructions.OURS);
        Optional<Need.Amount.Cloth> alone = asked.cloth(asked.instructions().alone());
        return planned.flatMap(ours -> ours.plan().laid().map(laid -> of(asked, ours, alone.orElse(ours), laid, words)));
    }

    private static ClothView of(ClothQuestion asked, Need.Amount.Cloth planned, Need.Amount.Cloth alone, LaidCloth laid, Words words) {
        LengthUnit unit = asked.practice().sellingUnit();
        Need.Amount.Cloth chosen = asked.instructions().arePlanned() ? planned : alone;
        return new ClothView(
                LengthView.of(chosen.sell().value(), unit),
                LengthView.needed(chosen.plan().exact().value(), unit),
                LengthView.needed(laid.length().value(), unit),
                FractionText.of(words.text("laid.used", laid.used(asked.usableWidth()))),
                FractionText.of(OpenedOf.bound(laid, words)),
                laid.isProved(),
                LaidView.of(laid, asked.usableWidth(), asked.practice(), words),
                FractionText.of(margin(asked, chosen, words)),
                FractionText.of(edge(asked, chosen.plan(), words)),
                chosen.plan().warnings().stream().map(words::of).map(FractionText::of).toList(),
                FigureView.of(chosen.sell(), words, unit),
                Direction.of(asked, chosen, words),
                asked.compared().lies().against().stream().map(words::of).map(FractionText::of).toList(),
                asked.compared().batch().kits() == 0 ? Optional.empty() : Optional.of(FractionText.of(batch(asked, laid, words))));
    }

    private static String batch(ClothQuestion asked, LaidCloth laid, Words words) {
        ClothBatch batch = ClothBatch.of(laid, asked.practice().figure(PracticeMeasure.SQUARING), asked.compared().batch().kits(),
                asked.practice().lay().layers(asked.compared().kind()), asked.planners().cuts());
        List<String> alike = asked.compared().batch().alike();
        String together = alike.isEmpty()
                ? ""
                : " " + words.text(
                        "laid.batch.alike", String.join(", ", alike), batch.strips() * (alike.size() + 1), batch.stacks(alike.size() + 1),
                        batch.stacks(1) * (alike.size() + 1));
        return words.text(
                batch.saved().isPositive() ? "laid.batch" : "laid.batch.nothing", batch.kits(),
                LengthView.cut(batch.together().value()).plain(),
                LengthView.cut(batch.apart()).plain(), LengthView.cut(batch.saved()).plain(), batch.strips(), batch.stacks(1),
                batch.layers()) + together;
    }

    private static String margin(ClothQuestion asked, Need.Amount.Cloth chosen, Words words) {
        Length without = chosen.plan().soldWithoutMargin(asked.practice().sellingSteps());
        return without.isShorterThan(chosen.sell().value())
                ? words.text("laid.margin", LengthView.of(without, asked.practice().sellingUnit()).plain())
                : "";
    }

    private static String edge(ClothQuestion asked, ClothPlan plan, Words words) {
        return asked.cloth(asked.practice(), asked.instructions(), asked.usableWidth().minus(ClothPlan.EDGE))
                .map(narrower -> narrower.plan().exact().value().minus(plan.exact().value()))
                .filter(Length::isPositive)
                .map(more -> words.text("laid.edge", ClothPlan.EDGE, more))
                .orElse("");
    }
}
