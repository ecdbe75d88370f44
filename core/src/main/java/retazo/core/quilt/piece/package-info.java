/**
 * Pieces and how many: pooled by role and size, drawn or read from a cut list.
 *
 * <p>Entry: {@link retazo.core.quilt.piece.PieceNeed}; a {@link retazo.core.quilt.piece.CutList} gives them without a drawing. May use all
 * before it, up to {@code quilt.size}.
 */
@NullMarked
package retazo.core.quilt.piece;

import org.jspecify.annotations.NullMarked;
