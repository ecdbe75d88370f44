/**
 * Colours as an eye compares them: how light they are, and how far apart.
 *
 * <p>Entry: {@link retazo.core.colour.Lab}. May use {@code cloth}.
 */
@NullMarked
package retazo.core.colour;

import org.jspecify.annotations.NullMarked;
