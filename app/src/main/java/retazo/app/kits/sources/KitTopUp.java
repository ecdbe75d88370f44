package retazo.app.kits.sources;

import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.ShopCut;
import retazo.core.measure.Count;
import retazo.core.precut.SheetsOffBolt;
import retazo.core.prints.PrintValue;

/**
 * Sheets that the shop cuts off a bolt for a kit, where its packs are a few short.
 *
 * @param role   whose precut they complete
 * @param fabric that they are cut from, which the kit takes for nothing else
 * @param count  how many of them one bag takes, 1 or more
 */
public record KitTopUp(RoleKey role, Fabric fabric, PrintValue value, int count) {

    /** As they are cut beside a precut: of its measure. */
    public SheetsOffBolt sheets(Good precut) {
        return new SheetsOffBolt(precut.inKit().sheet(), new Count(count));
    }

    /** What the length is cut into beside a precut. */
    public ShopCut cut(Good precut) {
        return new ShopCut(precut.inKit().kind(), new Count(count), Optional.of(precut.inKit().sheet()));
    }
}
