package retazo.app.kits;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/**
 * Settings that a kit has of its own, in place of its pattern's or the shop's.
 *
 * @param measures squaring and selling step, where they are its own
 */
public record KitSettings(Map<PracticeMeasure, Length> measures, Optional<Margin> margin) {

    static final KitSettings NONE = new KitSettings(Map.of(), Optional.empty());

    public KitSettings {
        measures = Map.copyOf(measures);
    }

    public boolean any() {
        return !measures.isEmpty() || margin.isPresent();
    }

    /** A practice with them. */
    ShopPractice on(ShopPractice practice) {
        ShopPractice own = practice;
        for (Map.Entry<PracticeMeasure, Length> measure : measures.entrySet()) {
            own = own.with(measure.getKey(), measure.getValue());
        }
        return margin.map(own::with).orElse(own);
    }

    /** What of a practice differs from another one. */
    static KitSettings between(ShopPractice shop, ShopPractice wanted) {
        Map<PracticeMeasure, Length> measures = new EnumMap<>(PracticeMeasure.class);
        for (PracticeMeasure measure : new PracticeMeasure[] {PracticeMeasure.SQUARING, PracticeMeasure.SELLING_STEP}) {
            if (!shop.length(measure).equals(wanted.length(measure))) {
                measures.put(measure, wanted.length(measure));
            }
        }
        return new KitSettings(measures, shop.margin().equals(wanted.margin()) ? Optional.empty() : Optional.of(wanted.margin()));
    }
}
