package retazo.core.quilt.setting;

import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.CutPiece;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.quilt.place.PlaceGrid;

/**
 * Blocks laid out, without borders.
 *
 * @param blocks     that are whole in the quilt
 * @param extra      to be sewn and cut up for the edges; empty where no block is cut up
 * @param width      finished
 * @param height     finished
 * @param pieces     of sashes, cornerstones and setting triangles
 * @param longPieces sashes that run along whole rows
 */
public record Layout(
        PlaceGrid grid,
        Figure<Count> columns,
        Figure<Count> rows,
        Figure<Count> blocks,
        Optional<Figure<Count>> extra,
        Side width,
        Side height,
        List<SettingPiece> pieces,
        List<LongPieces> longPieces) {

    public Layout {
        pieces = List.copyOf(pieces);
        longPieces = List.copyOf(longPieces);
    }

    /**
     * A finished side.
     *
     * @param exact  with its diagonals, nothing rounded
     * @param quoted as it is measured: a side with a root in it is rounded up to the cutting step, since borders are cut for it
     */
    public record Side(ExactLength exact, Figure<Length> quoted) {
    }

    /**
     * Pieces that belong to the setting and not to a block.
     *
     * @param turned whether their width runs up the quilt
     */
    public record SettingPiece(Use use, CutPiece piece, boolean turned) {
    }
}
