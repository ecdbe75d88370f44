package retazo.app.stock.goods;

import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.kit.KitGood;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * Something counted: packs or loose pieces of a precut, copies of a pattern, or left-overs of one size.
 *
 * @param precut    which kind of precut; empty for copies and left-overs
 * @param perUnit   how many strips, squares or quarters one has: 40 in a pack, 1 for loose ones
 * @param patternId whose copies they are; empty for all else
 * @param colour    its dot
 * @param piece     what each of them is, for left-overs
 * @param measured  how large one strip, square or quarter really is, where somebody measured it
 * @param prices    of one unit of stock
 */
public record Good(
        long id, String code, String name, Optional<PrecutKind> precut, int perUnit, Optional<Long> patternId, String colour,
        Optional<Piece> piece,
        Optional<SheetSize> measured, Prices<Money> prices) {

    /** A piece of a fabric, as it lay on its cloth. */
    public record Piece(long fabricId, Length width, Length height) {
    }

    /** So many of these left-overs as a plan may take them. */
    public LeftOver leftOver(int count) {
        Piece one = piece.orElseThrow();
        return new LeftOver(code, one.width(), one.height(), count);
    }

    /** A precut as a kit sees it. */
    public KitGood inKit() {
        return new KitGood(code, precut.orElseThrow(), new Count(perUnit), measured);
    }

    /** What one of it is: a pack, a loose piece, a copy, a left-over. */
    public String unitWord() {
        return piece.isPresent() ? "left-over" : patternId.isPresent() ? "copy" : perUnit == 1 ? "piece" : "pack of " + perUnit;
    }

    /** Whether letters on its colour must be dark. */
    public boolean isLight() {
        int red = Integer.parseInt(colour.substring(1, 3), 16);
        int green = Integer.parseInt(colour.substring(3, 5), 16);
        int blue = Integer.parseInt(colour.substring(5, 7), 16);
        return red * 299 + green * 587 + blue * 114 > 150_000;
    }
}
