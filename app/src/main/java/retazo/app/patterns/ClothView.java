package retazo.app.patterns;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cutting.ClothBatch;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.CutStrip;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.LeftOver;
import retazo.core.cutting.RestUse;
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
 * @param bound        how near it is to what no plan of its kind can beat
 * @param steps        the cut list of the drawn plan
 * @param alternatives other ways to cut the same, with their lengths
 * @param margin       the length without margin, where the margin alone costs a selling step; empty where it does not
 * @param edge         what half an inch less of width would cost; empty for nothing
 * @param opened       the arithmetic of the length to sell
 * @param batch        several kits cut together, where that was asked
 * @param leftOvers    what comes from left-overs in place of this cloth, in words
 */
public record ClothView(
        LengthView sell, LengthView exact, LengthView laidExact, FractionText used, FractionText bound, boolean proved, ClothDrawing drawing,
        List<Step> steps, List<ClothWays.Alternative> alternatives, FractionText margin, FractionText edge, List<FractionText> warnings, FigureView opened, Optional<FractionText> batch,
        List<FractionText> leftOvers) {

    /**
     * Strips that are cut alike.
     *
     * @param number of the kind of strip in the drawing
     * @param gives  what one strip gives
     * @param left   what is left of one, that is of use
     */
    public record Step(int number, int count, LengthView height, List<Part> gives, FractionText left) {
    }

    /** So many of a part from one strip. */
    public record Part(String id, int count, FractionText name) {
    }

    /** The view; empty where no cloth is needed, or none that is cut by a plan. */
    public static Optional<ClothView> of(ClothQuestion asked, Words words) {
        Optional<Need.Amount.Cloth> planned = asked.cloth(Instructions.OURS);
        Optional<Need.Amount.Cloth> alone = asked.cloth(Instructions.PRINTED);
        return planned.flatMap(ours -> ours.plan().laid().map(laid -> of(asked, ours, alone.orElse(ours), laid, words)));
    }

    private static ClothView of(ClothQuestion asked, Need.Amount.Cloth planned, Need.Amount.Cloth alone, LaidCloth laid, Words words) {
        LengthUnit unit = asked.practice().sellingUnit();
        Need.Amount.Cloth chosen = asked.instructions().arePlanned() ? planned : alone;
        PartNames names = new PartNames(words);
        List<Step> steps = new ArrayList<>();
        laid.strips().forEach(strip -> steps.add(step(steps.size() + 1, strip, laid, names, asked)));
        return new ClothView(
                LengthView.of(chosen.sell().value(), unit),
                LengthView.inches(chosen.plan().exact().value()),
                LengthView.inches(laid.length().value()),
                FractionText.of(words.text("laid.used", laid.used(asked.usableWidth()))),
                FractionText.of(OpenedOf.bound(laid, words)),
                laid.isProved(),
                ClothDrawing.of(laid, asked.usableWidth(), names),
                steps,
                new ClothWays(asked, words).all(planned, alone),
                FractionText.of(margin(asked, chosen, words)),
                FractionText.of(edge(asked, chosen.plan(), words)),
                chosen.plan().warnings().stream().map(words::of).map(FractionText::of).toList(),
                FigureView.of(chosen.sell(), words, unit),
                asked.compared().kits() == 0 ? Optional.empty() : Optional.of(FractionText.of(batch(asked, laid, words))),
                chosen.plan().leftOversTaken().isEmpty() ? List.of() : laid.fromLeftOvers().stream().map(cut -> fromLeftOver(cut, laid, names)).toList());
    }

    private static String batch(ClothQuestion asked, LaidCloth laid, Words words) {
        ClothBatch batch = ClothBatch.of(laid, asked.practice().length(PracticeMeasure.SQUARING), asked.compared().kits(), asked.practice().lay().layers());
        return words.text(
                batch.saved().isPositive() ? "laid.batch" : "laid.batch.nothing", batch.kits(), LengthView.inches(batch.together()).plain(),
                LengthView.inches(batch.apart()).plain(), LengthView.inches(batch.saved()).plain(), batch.strips(), batch.stacks(), asked.practice().lay().layers());
    }

    private static Step step(int number, LaidCloth.Strip strip, LaidCloth laid, PartNames names, ClothQuestion asked) {
        Map<ClothPart, Integer> parts = laid.partsOf(strip);
        return new Step(
                number, strip.cut().times(), LengthView.inches(strip.cut().height()),
                parts.entrySet().stream()
                        .map(entry -> new Part(entry.getKey().id(), entry.getValue(), FractionText.of(names.full(entry.getKey()))))
                        .toList(),
                FractionText.of(strip.cut().rests().stream()
                        .filter(RestUse::isWorthNaming)
                        .map(rest -> size(rest.height(), rest.width()) + " " + names.words().text("laid.rest." + RestUse.of(
                                rest.width(), rest.height(), asked.practice().length(PracticeMeasure.BINDING_WIDTH), asked.usableWidth())))
                        .collect(Collectors.joining(", "))));
    }

    private static FractionText fromLeftOver(LeftOver.Cut cut, LaidCloth laid, PartNames names) {
        Map<String, Long> counts = cut.pieces().stream()
                .collect(Collectors.groupingBy(CutStrip.PlacedPiece::id, LinkedHashMap::new, Collectors.counting()));
        String gives = counts.entrySet().stream()
                .map(entry -> entry.getValue() + " × " + names.full(laid.part(entry.getKey())))
                .collect(Collectors.joining(", "));
        return FractionText.of(names.words().text("laid.from-left-over", size(cut.from().height(), cut.from().width()), gives));
    }

    private static String size(Length height, Length width) {
        return LengthView.inches(height).plain().replace(" in", "") + " × " + LengthView.inches(width).plain();
    }

    private static String margin(ClothQuestion asked, Need.Amount.Cloth chosen, Words words) {
        Length without = chosen.plan().soldWithoutMargin(asked.practice().length(PracticeMeasure.SELLING_STEP));
        return without.isShorterThan(chosen.sell().value())
                ? words.text("laid.margin", LengthView.of(without, asked.practice().sellingUnit()).plain()) : "";
    }

    private static String edge(ClothQuestion asked, ClothPlan plan, Words words) {
        return asked.cloth(asked.practice(), asked.instructions(), asked.usableWidth().minus(ClothPlan.EDGE))
                .map(narrower -> narrower.plan().exact().value().minus(plan.exact().value()))
                .filter(Length::isPositive)
                .map(more -> words.text("laid.edge", ClothPlan.EDGE, more))
                .orElse("");
    }
}
