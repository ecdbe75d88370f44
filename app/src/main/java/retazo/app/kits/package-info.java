/**
 * Kits: a pattern at a size in a colourway, with its bill of materials, of which some is cut and some is picked.
 *
 * <p>Entry: {@link retazo.app.kits.KitBook}, {@link retazo.app.kits.KitService} to change one, and {@link retazo.app.kits.KitWorks} for
 * what a kit takes. Its rooms are {@code pages},
 * {@code cloth}, {@code leftovers} and {@code prints}. May use {@code patterns}, {@code stock}, {@code fabrics}, {@code pictures},
 * {@code practice} and {@code shared}.
 */
@NullMarked
package retazo.app.kits;

import org.jspecify.annotations.NullMarked;
