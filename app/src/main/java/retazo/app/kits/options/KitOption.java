package retazo.app.kits.options;

import java.util.List;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.stock.goods.Good;
import retazo.core.bolt.KitsPossible;
import retazo.core.measure.Length;
import retazo.core.measure.Money;

/**
 * Something that a bag can have beside what its kit has.
 *
 * @param with     the kit as it would be with it
 * @param cloth    what it takes more of each fabric, as it is sold
 * @param goods    what it takes more of packs and sheets
 * @param price    of all that; empty where the price of one thing is not known
 * @param possible what can be made with it of free cloth and goods
 */
public record KitOption(
        Kind kind, Kit with, List<MoreCloth> cloth, List<MoreGoods> goods, Optional<Money> price, KitsPossible possible) {

    /** What it is. */
    public enum Kind {
        /** Cloth for the binding, where the kit has none. */
        BINDING,
        /** Cloth for the back, where the kit has none. */
        BACKING,
        /** The outermost border, wider than the pattern has it; binding and back grow with it. */
        WIDER_BORDER,
        /** Something to spare of every cloth. */
        SPARE
    }

    /** A length of a fabric. */
    public record MoreCloth(Fabric fabric, Length length) {
    }

    /** Some of something counted. */
    public record MoreGoods(Good good, long count) {
    }

    public KitOption {
        cloth = List.copyOf(cloth);
        goods = List.copyOf(goods);
    }
}
