/**
 * Bolts as they are looked for.
 *
 * <p>Entry: {@link retazo.app.stock.find.BoltSearch}. May use {@code shared} and {@code stock}.
 */
@NamedInterface("find")
@NullMarked
package retazo.app.stock.find;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
