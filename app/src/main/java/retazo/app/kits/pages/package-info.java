/**
 * A kit's own page, the list of kits, a new one, its settings and sources, and what a change of practice does to all kits.
 *
 * <p>Entry: the controllers. May use {@code kits}, {@code cloth}, {@code pictures} and {@code patterns}.
 */
@NullMarked
package retazo.app.kits.pages;

import org.jspecify.annotations.NullMarked;
