/**
 * Prints that belong together: what a block takes of one print, how many blocks the prints of packs make, and which prints go into which
 * block.
 *
 * <p>A sheet, a strip or a loose piece is one print; which pieces come from it is not known here. Entry: {@link
 * retazo.core.prints.PrintMatching}. Uses nothing else.
 */
@NullMarked
package retazo.core.prints;

import org.jspecify.annotations.NullMarked;
