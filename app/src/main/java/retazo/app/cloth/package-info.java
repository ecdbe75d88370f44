/**
 * How a cloth is cut, as a page shows it: the drawing to scale, the words beside it, other ways, sheets of precuts; for patterns and
 * kits alike.
 *
 * <p>Entry: {@link retazo.app.cloth.ClothView}. It is given plans of the core and settles nothing itself. May use {@code pictures},
 * {@code practice} and {@code shared}.
 */
@NullMarked
package retazo.app.cloth;

import org.jspecify.annotations.NullMarked;
