package retazo.core.block;

import java.util.List;
import java.util.Optional;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * What is cut for so many units of one kind and size.
 *
 * @param yields how many units the pieces give, at least as many as needed
 * @param trimTo the unfinished size to which each sewn unit is trimmed, where it is trimmed
 */
public record UnitCut(List<CutPiece> pieces, Figure<Count> yields, Optional<Figure<Length>> trimTo) {

    public UnitCut {
        pieces = List.copyOf(pieces);
    }
}
