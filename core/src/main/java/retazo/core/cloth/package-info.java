/**
 * Fabric as the core sees it, and the shop's practice: the settings on which practitioners disagree.
 *
 * <p>May use {@code measure} and {@code explain}.
 */
@NullMarked
package retazo.core.cloth;

import org.jspecify.annotations.NullMarked;
