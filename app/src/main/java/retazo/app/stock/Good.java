package retazo.app.stock;

import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.kit.KitGood;
import retazo.core.measure.Count;

/**
 * Something counted: packs or loose pieces of a precut, or copies of a pattern.
 *
 * @param precut    which kind of precut; empty for copies
 * @param perUnit   how many strips, squares or quarters one has: 40 in a pack, 1 for loose ones
 * @param patternId whose copies they are; empty for precuts
 * @param colour    its dot
 */
public record Good(long id, String code, String name, Optional<PrecutKind> precut, int perUnit, Optional<Long> patternId, String colour) {

    /** A precut as a kit sees it. */
    public KitGood inKit() {
        return new KitGood(code, precut.orElseThrow(), new Count(perUnit));
    }

    /** What one of it is: a pack, a loose piece, a copy. */
    public String unitWord() {
        return patternId.isPresent() ? "copy" : perUnit == 1 ? "piece" : "pack of " + perUnit;
    }

    /** Whether letters on its colour must be dark. */
    public boolean isLight() {
        int red = Integer.parseInt(colour.substring(1, 3), 16);
        int green = Integer.parseInt(colour.substring(3, 5), 16);
        int blue = Integer.parseInt(colour.substring(5, 7), 16);
        return red * 299 + green * 587 + blue * 114 > 150_000;
    }
}
