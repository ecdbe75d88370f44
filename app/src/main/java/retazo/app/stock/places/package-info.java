/**
 * The places of the shop, and the order in which one walks past them.
 *
 * <p>Entry: {@link retazo.app.stock.places.Places}. May use {@code shared}.
 */
@NamedInterface("places")
@NullMarked
package retazo.app.stock.places;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
