/**
 * What customers asked for: kits that are not on the shelf, with the name of who waits.
 *
 * <p>Entry: {@link retazo.app.wishes.Wishes}. It uses nothing.
 */
@NullMarked
package retazo.app.wishes;

import org.jspecify.annotations.NullMarked;
