/**
 * The cloths of a kit: how each is cut, what could take its place, and what could be made from a piece of cloth.
 *
 * <p>Entry: the controllers, and {@link retazo.app.kits.cloth.KitSheetsView} for a cutter's sheet. May use {@code kits},
 * {@code kits.leftovers} and {@code cloth}.
 */
@NamedInterface("cloth")
@NullMarked
package retazo.app.kits.cloth;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
