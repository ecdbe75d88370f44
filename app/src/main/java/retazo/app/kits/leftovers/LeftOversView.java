package retazo.app.kits.leftovers;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import retazo.app.cloth.PartNames;
import retazo.app.kits.Kit;
import retazo.app.kits.KitLeftOvers;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.RestUse;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/**
 * What the cloth of a kit leaves and what it takes of others, as its page shows it.
 *
 * @param rows   the largest rests of one bag
 * @param atHand left-overs of the same cloth that this kit takes or could take
 */
public record LeftOversView(List<Row> rows, List<Taking> atHand) {

    /**
     * A size of rest.
     *
     * @param key     in forms
     * @param serves  what it is large enough for, in words
     * @param kept    what was decided, in words; empty while nothing was
     * @param keptId  of that decision
     * @param choices what may be decided
     */
    record Row(String key, int count, FractionText size, String serves, FractionText kept, long keptId, List<Choice> choices) {
    }

    /** Something that a rest may be kept for. */
    record Choice(String value, String words) {
    }

    /** Left-overs that the kit takes or could take. */
    record Taking(long goodId, boolean taken, FractionText words) {
    }

    /** How the shop counts and measures. */
    public record Measures(Length bindingWidth, Length usableWidth, LengthUnit unit) {
    }

    public static LeftOversView of(
            List<LeftOverOffers.Offer> offers, List<LeftOverOffers.AtHand> atHand, Map<Long, Kit> kitsById, Measures measures,
            Words words) {
        return new LeftOversView(
                offers.stream().filter(offer -> isOfUse(offer, measures)).map(offer -> row(offer, kitsById, measures, words)).toList(),
                atHand.stream().map(one -> taking(one, measures, words)).toList());
    }

    /** Scrap is worth a row only where it serves something, or where somebody keeps it. */
    private static boolean isOfUse(LeftOverOffers.Offer offer, Measures measures) {
        return offer.kept().isPresent() || !offer.serves().isEmpty() || use(offer, measures) != RestUse.SCRAP;
    }

    private static RestUse use(LeftOverOffers.Offer offer, Measures measures) {
        return RestUse.of(offer.rests().width(), offer.rests().height(), measures.bindingWidth(), measures.usableWidth());
    }

    private static Row row(LeftOverOffers.Offer offer, Map<Long, Kit> kitsById, Measures measures, Words words) {
        LaidCloth.Rests rests = offer.rests();
        return new Row(
                rests.width().ticks() + "x" + rests.height().ticks(),
                rests.count(),
                FractionText.of(size(rests.height(), rests.width())),
                words.text("laid.rest." + use(offer, measures)),
                FractionText.of(offer.kept().map(kept -> kept(kept, kitsById, words)).orElse("")),
                offer.kept().map(KitLeftOvers.Kept::id).orElse(0L),
                choices(offer, measures, words));
    }

    private static String kept(KitLeftOvers.Kept kept, Map<Long, Kit> kitsById, Words words) {
        return kept.forKitId().map(kitsById::get)
                .map(kit -> words.text("left.kept.for", kit.name()))
                .orElseGet(() -> kept.good().precut()
                        .map(kind -> words.text("left.kept.cut", kept.good().name()))
                        .orElseGet(() -> words.text("left.kept.shelf")));
    }

    private static List<Choice> choices(LeftOverOffers.Offer offer, Measures measures, Words words) {
        List<Choice> choices = new ArrayList<>();
        offer.serves().forEach(serves -> choices.add(new Choice(
                "kit-" + serves.kit().id(), words.text("left.for-kit", serves.kit().name(), less(serves.less(), measures, words)))));
        offer.shopCuts().forEach((kind, count) -> choices
                .add(new Choice(kind.code(), words.text("left.cut", count, words.text("left.shop-cut." + kind.code())))));
        choices.add(new Choice("shelf", words.text("left.shelf")));
        return choices;
    }

    /** How much shorter it gets, as sold where that falls, else as cut, and what comes from the left-over. */
    private static String less(LeftOverOffers.Less less, Measures measures, Words words) {
        String pieces = less.parts().entrySet().stream()
                .map(part -> part.getValue() + " × " + new PartNames(words).brief(part.getKey())).collect(Collectors.joining(", "));
        return words.text("left.less.gives", pieces, shorter(less, measures, words));
    }

    private static String shorter(LeftOverOffers.Less less, Measures measures, Words words) {
        return less.sold().isPositive()
                ? words.text("left.less.sold", LengthView.of(less.sold(), measures.unit()).plain())
                : words.text("left.less.exact", LengthView.needed(less.exact(), measures.unit()).plain());
    }

    private static Taking taking(LeftOverOffers.AtHand one, Measures measures, Words words) {
        String size = one.good().piece().map(piece -> size(piece.height(), piece.width())).orElse("");
        String code = one.taken() ? one.free() > 0 ? "left.taken" : "left.taken.none" : "left.could";
        return new Taking(one.good().id(), one.taken(),
                FractionText.of(words.text(code, size, one.free(), less(one.less(), measures, words))));
    }

    private static String size(Length height, Length width) {
        return LengthView.sides(height, width);
    }
}
