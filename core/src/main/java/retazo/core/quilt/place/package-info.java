/**
 * Which block stands where, how it is turned and coloured, on any grid of a quilt.
 *
 * <p>Entry: {@link retazo.core.quilt.place.PlaceRule}, one rule for all sizes; {@link retazo.core.quilt.place.Arrangement} is what it
 * answers for one grid, with the changes by hand. May use all before it, up to {@code block}.
 */
@NullMarked
package retazo.core.quilt.place;

import org.jspecify.annotations.NullMarked;
