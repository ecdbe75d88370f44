package retazo.core.quilt.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import retazo.core.block.shape.PieceShape;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.piece.PieceNeed;

/**
 * Two pieces of one measure that only their print tells apart.
 *
 * @param standing label of those whose longer side stands in the quilt
 * @param lying    label of those whose longer side lies
 */
public record StandingPair(String standing, String lying) {

    /** The pairs among the pieces of some roles, where prints keep their direction. */
    static List<StandingPair> among(List<PieceNeed> pieces, Collection<RoleKey> roles) {
        List<StandingPair> pairs = new ArrayList<>();
        List<PieceNeed> sewn = pieces.stream().filter(piece -> roles.contains(piece.role()) && piece.shape().asRectangle().isPresent())
                .toList();
        for (PieceNeed one : sewn) {
            for (PieceNeed other : sewn) {
                if (one.role().equals(other.role()) && stands(one) && !stands(other) && areParted(one, other)) {
                    pairs.add(new StandingPair(one.label(), other.label()));
                }
            }
        }
        return pairs;
    }

    /** Whether they were one piece before they were parted by how they lie, or at least could be. */
    private static boolean areParted(PieceNeed one, PieceNeed other) {
        PieceShape.Rectangle turned = other.shape().asRectangle().orElseThrow().turned();
        boolean shareUnit = one.units().stream().anyMatch(
                use -> use.lying() != PieceNeed.Lying.ALL && other.units().stream().anyMatch(more -> more.unit().equals(use.unit())));
        return shareUnit && one.shape().cutSize().equals(turned.cutSize());
    }

    private static boolean stands(PieceNeed piece) {
        boolean widthRunsUp = piece.turned().value() > 0;
        Length up = widthRunsUp ? piece.shape().across().value() : piece.shape().stripHeight().value();
        Length level = widthRunsUp ? piece.shape().stripHeight().value() : piece.shape().across().value();
        return up.isLongerThan(level);
    }
}
