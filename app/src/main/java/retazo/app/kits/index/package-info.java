/**
 * Kits as lists find them: by the words of their names, a page at a time, without reading patterns or cloths.
 *
 * <p>Entry: {@link retazo.app.kits.index.KitIndex}. May use {@code shared}.
 */
@NamedInterface("index")
@NullMarked
package retazo.app.kits.index;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
