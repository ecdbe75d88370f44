package retazo.app.kits;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import retazo.app.shared.Seen;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/**
 * Settings that a kit has of its own, in place of its pattern's or the shop's.
 *
 * @param measures usable width, squaring and selling step, where they are its own
 * @param longStrips how borders and other long strips lie
 */
public record KitSettings(Map<PracticeMeasure, Length> measures, Optional<Margin> margin, Optional<LongLay> longStrips) {

    public static final KitSettings NONE = new KitSettings(Map.of(), Optional.empty(), Optional.empty());

    public KitSettings {
        measures = Map.copyOf(measures);
    }

    /** Stands for these settings, and for no others. */
    public String mark() {
        return Seen.mark(Map.of(
                "measures", new TreeMap<>(measures).toString(), "margin", margin.toString(), "longStrips", longStrips.toString()));
    }

    public boolean any() {
        return !measures.isEmpty() || margin.isPresent() || longStrips.isPresent();
    }

    /** A practice with them. */
    ShopPractice on(ShopPractice practice) {
        ShopPractice own = practice;
        for (Map.Entry<PracticeMeasure, Length> measure : measures.entrySet()) {
            own = own.with(measure.getKey(), measure.getValue());
        }
        ShopPractice laid = longStrips.isPresent() ? own.with(own.lay().with(longStrips.get())) : own;
        return margin.map(laid::with).orElse(laid);
    }

    /** The same with long strips laid in another way. */
    public KitSettings with(LongLay lay) {
        return new KitSettings(measures, margin, Optional.of(lay));
    }

    /** The same on cloth of a usable width, whatever its fabrics are. */
    public KitSettings onWidth(Length usableWidth) {
        Map<PracticeMeasure, Length> more = new EnumMap<>(PracticeMeasure.class);
        more.putAll(measures);
        more.put(PracticeMeasure.USABLE_WIDTH, usableWidth);
        return new KitSettings(more, margin, longStrips);
    }

    /** The usable width of its own that its cloths are planned on. */
    public Optional<Length> width() {
        return Optional.ofNullable(measures.get(PracticeMeasure.USABLE_WIDTH));
    }

    /** What of a practice differs from another one, but for the usable width, which is first its fabric's. */
    public static KitSettings between(ShopPractice shop, ShopPractice wanted) {
        Map<PracticeMeasure, Length> measures = new EnumMap<>(PracticeMeasure.class);
        for (PracticeMeasure measure : List.of(
                PracticeMeasure.SQUARING, PracticeMeasure.SELLING_STEP, PracticeMeasure.OTHER_SELLING_STEP)) {
            if (!shop.length(measure).equals(wanted.length(measure))) {
                measures.put(measure, wanted.length(measure));
            }
        }
        return new KitSettings(
                measures, shop.margin().equals(wanted.margin()) ? Optional.empty() : Optional.of(wanted.margin()),
                shop.lay().longStrips() == wanted.lay().longStrips() ? Optional.empty() : Optional.of(wanted.lay().longStrips()));
    }
}
