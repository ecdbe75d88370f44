package retazo.app.kits.sources;

import retazo.app.stock.goods.Good;

/**
 * A notion that goes along in every bag of a kit.
 *
 * @param count how many of it, 1 or more
 */
public record KitNotion(Good good, int count) {

    public static final int MOST = 100;
}
