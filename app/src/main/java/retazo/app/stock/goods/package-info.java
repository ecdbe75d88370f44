/**
 * What is counted and not measured: precuts and their prints, quarters that the shop cuts, left-overs, pattern copies.
 *
 * <p>Entry: {@link retazo.app.stock.goods.GoodService}. Its counts are in the one movement book of {@code stock}. May use {@code stock}
 * and {@code fabrics}.
 */
@NamedInterface("goods")
@NullMarked
package retazo.app.stock.goods;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
