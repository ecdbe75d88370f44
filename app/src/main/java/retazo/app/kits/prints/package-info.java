/**
 * Which prints of a bundle go together in a kit's units.
 *
 * <p>Entry: {@link retazo.app.kits.prints.KitPairings}. May use {@code kits} and {@code stock}.
 */
@NamedInterface("prints")
@NullMarked
package retazo.app.kits.prints;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
