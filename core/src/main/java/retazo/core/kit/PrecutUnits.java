package retazo.core.kit;

import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;

/** Strips, squares or quarters as units of stock: whole packs, or loose ones. */
final class PrecutUnits {

    private PrecutUnits() {
    }

    /** ⌈sheets ÷ pack⌉ packs, or as many loose ones. */
    static Figure<Count> of(String key, Figure<Count> sheets, KitGood good) {
        if (good.isLoose()) {
            return sheets.named(key + ".units", Label.of("precut.loose"));
        }
        Figure<Count> pack = Figure.given(
                "good." + good.code() + ".perPack", Label.of("precut.perPack"), good.perUnit(), Origin.fabric(good.code()));
        return Arithmetic.groups(key + ".units", Label.of("precut.packs"), sheets, pack);
    }
}
