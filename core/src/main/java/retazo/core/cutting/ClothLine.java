package retazo.core.cutting;

import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.PieceShape;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.finish.BackingSheet;
import retazo.core.quilt.setting.LongPieces;
import retazo.core.quilt.setting.Use;

/**
 * Strips of one height across a cloth, or the panels of a backing: one line of a cutting list.
 *
 * @param pieceLabels the pieces that come from them, such as {@code A1}; none for long strips and panels
 * @param stripHeight along the cloth
 * @param strips      how many strips or panels
 * @param length      of all of them along the cloth
 * @param pieces      what is cut from the strips, where it is pieces
 * @param lay         how they lie
 * @param seams       which way a backing is joined, where it is one
 * @param longPieces  what the strips are cut apart into, where it is long pieces
 */
public record ClothLine(
        Use use,
        List<String> pieceLabels,
        Figure<Length> stripHeight,
        Figure<Count> strips,
        Figure<Length> length,
        Optional<Pieces> pieces,
        Lay lay,
        Optional<BackingSheet.Seams> seams,
        Optional<LongPieces> longPieces) {

    /** How what is cut lies on the cloth. */
    public enum Lay {
        ACROSS,
        /** Along the length, side by side; then the strip height is their length. */
        ALONG,
        /** Squares that are sewn and cut on the bias. */
        BIAS
    }

    public ClothLine {
        pieceLabels = List.copyOf(pieceLabels);
    }

    /**
     * The pieces cut from the strips of a line.
     *
     * @param perStrip     how many one strip gives; of a strip set, segments of one set
     * @param leftAfterSet what a sewn set leaves at its end where nothing is set aside for squaring it
     * @param isStripOpen  whether a paper may cut them from strips of their other side, which take another length: nobody said it, and the
     *                     longer counts
     */
    public record Pieces(
            PieceShape shape, Figure<Count> count, Figure<Count> perStrip, Optional<Length> leftAfterSet, boolean isStripOpen) {
    }

    /** Whether the longer of two ways counts, since nobody said which side is the strip. */
    public boolean isStripOpen() {
        return pieces.map(Pieces::isStripOpen).orElse(false);
    }
}
