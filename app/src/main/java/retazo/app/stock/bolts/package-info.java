/**
 * The pages of bolts: fabrics with their bolts to one scale, receive, count, and a length over the counter.
 *
 * <p>Entry: the controllers. May use {@code stock}, {@code stock.goods} and {@code fabrics}.
 */
@NullMarked
package retazo.app.stock.bolts;

import org.jspecify.annotations.NullMarked;
