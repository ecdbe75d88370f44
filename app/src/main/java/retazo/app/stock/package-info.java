/**
 * What the shop has: bolts with their lots, precuts and copies of patterns by count, kits on the shelf, and the one movement book behind them.
 *
 * <p>What is on hand is the sum of the movements and never negative;

 the database keeps it so. Free is what is on hand and
 * not reserved. A reservation has an owner that stock does not look into. May use {@code shared}, {@code staff},
 * {@code practice} and {@code fabrics}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.stock;
