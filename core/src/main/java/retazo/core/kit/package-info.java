/**
 * What goes into a kit: the fabrics of a colourway and the length of each.
 *
 * <p>A {@link retazo.core.kit.Need} is the only thing that bills and runs read, however a pattern was entered. May use
 * all packages before it: {@code measure} to {@code precut}.
 */
@NullMarked
package retazo.core.kit;

import org.jspecify.annotations.NullMarked;
