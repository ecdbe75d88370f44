package retazo.app.kits.sources;

import retazo.app.stock.goods.Good;
import retazo.core.cloth.RoleKey;
import retazo.core.precut.SheetYield;
import retazo.core.prints.PrintValue;

/**
 * A print that a kit takes by itself, in place of one of a bundle's that is left out.
 *
 * @param role  whose bundle it is
 * @param good  loose precuts, bought or cut in the shop
 * @param count how many of them one bag takes, 1 or more
 */
public record KitSingle(RoleKey role, Good good, PrintValue value, int count) {

    public static final int MOST = 100;

    /** How many pieces of the bundle's measure all of them give; 0 where one is too small for any. */
    public int piecesFor(Good bundle) {
        return count * good.perUnit() * SheetYield.of(good.inKit().sheet(), bundle.inKit().sheet());
    }
}
