/**
 * The geometry of pieces: points and outlines, how a piece is shaped before it is cut, and how often it comes from a strip.
 *
 * <p>Entry: {@link retazo.core.block.shape.CutPiece}, a piece in its cut size. Sizes of drawn patches are finished sizes. May use
 * {@code measure}, {@code explain} and {@code cloth}.
 */
@NullMarked
package retazo.core.block.shape;

import org.jspecify.annotations.NullMarked;
