/**
 * How many of which kits stock can make. Enter by {@link retazo.app.kits.possible.PossibleKits}; may use {@code kits}, {@code stock},
 * {@code practice} and what they stand on.
 */
@NullMarked
package retazo.app.kits.possible;

import org.jspecify.annotations.NullMarked;
