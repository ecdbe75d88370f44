package retazo.core.block;

import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** Pieces of one role and one cut size: the width lies across the cloth, the height along it. */
public record CutPiece(RoleKey role, Figure<Length> width, Figure<Length> height, Figure<Count> count) {
}
