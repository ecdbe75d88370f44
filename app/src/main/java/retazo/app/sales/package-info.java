/**
 * What is sold, line by line as it is booked, gathered for one customer with a total.
 *
 * <p>Entry: {@link retazo.app.sales.Sales}. May use {@code shared}, {@code stock}, {@code stock.goods}, {@code fabrics}, {@code kits},
 * {@code kits.possible}, {@code runs} and {@code runs.book}.
 */
@NullMarked
package retazo.app.sales;

import org.jspecify.annotations.NullMarked;
