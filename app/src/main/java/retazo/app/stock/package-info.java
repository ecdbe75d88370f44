/**
 * What the shop has: bolts with their lots and kits on the shelf, and the one movement book behind everything counted or measured.
 *
 * <p>Entry: {@link retazo.app.stock.StockService} and {@link retazo.app.stock.KitShelf}. What is on hand is the sum of the movements and
 * never negative; the database keeps it so. Free is what is on hand and not reserved. A reservation has an owner that stock does not
 * look into. Its rooms are {@code goods} and {@code bolts}. May use {@code staff} and {@code shared}.
 */
@NullMarked
package retazo.app.stock;

import org.jspecify.annotations.NullMarked;
