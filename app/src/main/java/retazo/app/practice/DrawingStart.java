package retazo.app.practice;

import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.quilt.setting.Edges;

/**
 * What new parts of a drawing start with where practitioners disagree; every pattern may choose otherwise for each of its units and for its
 * edges.
 *
 * @param halfSquares how half-square triangles are made
 * @param halved      where blocks at the edges of a quilt on point are cut
 */
public record DrawingStart(UnitMethod halfSquares, Edges.CutBlocks.Cut halved) {

    static final DrawingStart CUSTOMARY = new DrawingStart(UnitMethod.TWO_AT_A_TIME, Edges.CutBlocks.Cut.THROUGH_CENTRE);

    /**
     * @throws IllegalArgumentException if half-square triangles are not made like that
     */
    public DrawingStart {
        if (!UnitKind.HALF_SQUARE.methods().contains(halfSquares)) {
            throw new IllegalArgumentException("Half-square triangles are not made " + halfSquares + ".");
        }
    }
}
