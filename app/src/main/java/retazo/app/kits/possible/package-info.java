/**
 * How many of which kits stock can make. Enter by {@link retazo.app.kits.possible.PossibleKits}; may use {@code kits}, {@code stock},
 * {@code practice} and what they stand on.
 */
@NamedInterface("possible")
@NullMarked
package retazo.app.kits.possible;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
