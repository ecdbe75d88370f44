package retazo.app.cloth;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothPart;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.RestUse;
import retazo.core.cutting.strip.CutStrip;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.measure.Length;

/**
 * A laid cloth as it is drawn and cut.
 *
 * @param steps     the cut list
 * @param leftOvers what comes from left-overs in place of this cloth, in words
 */
public record LaidView(ClothDrawing drawing, List<Step> steps, List<FractionText> leftOvers) {

    /**
     * Strips that are cut alike.
     *
     * @param number of the kind of strip in the drawing
     * @param gives  what one strip gives
     * @param fold   for which of them the fold is opened, in words; empty for none
     * @param left   what is left of one, that is of use
     */
    public record Step(int number, int count, LengthView height, List<Part> gives, String fold, FractionText left) {
    }

    /** So many of a part from one strip. */
    public record Part(String id, int count, FractionText name) {
    }

    /** What rests are judged by. */
    private record Measures(Length bindingWidth, Length usableWidth) {
    }

    public static LaidView of(LaidCloth laid, Length usableWidth, ShopPractice practice, Words words) {
        PartNames names = new PartNames(words);
        Measures measures = new Measures(practice.length(PracticeMeasure.BINDING_WIDTH), usableWidth);
        List<Step> steps = new ArrayList<>();
        laid.strips().forEach(strip -> steps.add(step(steps.size() + 1, strip, laid, names, measures)));
        return new LaidView(
                ClothDrawing.of(laid, usableWidth, names), steps,
                laid.fromLeftOvers().stream().map(cut -> fromLeftOver(cut, laid, names)).toList());
    }

    private static Step step(int number, LaidCloth.Strip strip, LaidCloth laid, PartNames names, Measures measures) {
        Map<ClothPart, Integer> parts = laid.partsOf(strip);
        return new Step(
                number, strip.cut().times(), LengthView.cut(strip.cut().height()),
                parts.entrySet().stream()
                        .map(entry -> new Part(entry.getKey().id(), entry.getValue(), FractionText.of(names.full(entry.getKey()))))
                        .toList(),
                fold(strip, laid, names, measures.usableWidth()),
                FractionText.of(strip.cut().rests().stream()
                        .filter(RestUse::isWorthNaming)
                        .map(rest -> size(rest.height(), rest.width()) + " " + names.words().text("laid.rest." + RestUse.of(
                                rest.width(), rest.height(), measures.bindingWidth(), measures.usableWidth())))
                        .collect(Collectors.joining(", "))));
    }

    /** For which pieces of a strip the fold is opened, in words; empty for none. Long strips are not cut folded. */
    public static String fold(LaidCloth.Strip strip, LaidCloth laid, PartNames names, Length usableWidth) {
        String odd = strip.cut().oddOnFold(usableWidth).stream()
                .map(laid::part).filter(part -> part.shape().isPresent()).map(names::brief).collect(Collectors.joining(", "));
        return odd.isEmpty() ? "" : names.words().text("laid.fold", odd);
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
        return LengthView.sides(height, width);
    }
}
