package retazo.core.kit;

import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Sheets that a length is cut into in the shop: quarters or eighths, two side by side; or sheets of a measure of their own.
 *
 * @param sheets how many, 1 or more
 * @param size   of each, where it is not half as wide as the cloth
 */
public record ShopCut(PrecutKind kind, Count sheets, Optional<SheetSize> size) {

    /** Quarters or eighths. */
    public ShopCut(PrecutKind kind, Count sheets) {
        this(kind, sheets, Optional.empty());
    }

    private static final Figure<Count> TWO = Figure.given("precut.two", Label.of("precut.twoFromLength"), new Count(2),
            Origin.craft("quarters-from-half-a-yard"));

    /** The length off the bolt for so many: ⌈sheets ÷ 2⌉ × half a yard for quarters, × a quarter of a yard for eighths. */
    static Figure<Length> length(String key, Label label, Figure<Count> sheets, PrecutKind kind) {
        Figure<Count> pairs = Arithmetic.groups(key + ".pairs", Label.of("printed.pairs"), sheets, TWO);
        Figure<Length> each = Figure.given(
                "precut." + kind.code() + ".lengthForTwo", Label.of("precut.lengthForTwo"), kind.lengthForTwo().orElseThrow(),
                Origin.craft("quarters-from-half-a-yard"));
        return Arithmetic.product(key, label, pairs, each);
    }
}
