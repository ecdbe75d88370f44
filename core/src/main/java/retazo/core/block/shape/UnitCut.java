package retazo.core.block.shape;

import java.util.List;
import java.util.Optional;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * What is cut for so many units of one kind and size.
 *
 * @param yields how many units the pieces give, at least as many as needed; as many as needed where whole strips are cut,
 *               since the width of the cloth then decides
 * @param sewn   what a sewn unit measures, where it is trimmed or where it should be measured before more are sewn
 * @param trimTo the unfinished size to which each sewn unit is trimmed, where it is trimmed
 */
public record UnitCut(List<CutPiece> pieces, Figure<Count> yields, Optional<Measures> sewn, Optional<Measures> trimTo) {

    public UnitCut {
        pieces = List.copyOf(pieces);
    }

    /** A width and a height, unfinished. */
    public record Measures(Figure<Length> width, Figure<Length> height) {
    }

    public static UnitCut untrimmed(List<CutPiece> pieces, Figure<Count> yields) {
        return new UnitCut(pieces, yields, Optional.empty(), Optional.empty());
    }
}
