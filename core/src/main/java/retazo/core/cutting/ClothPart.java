package retazo.core.cutting;

import java.util.List;
import java.util.Optional;
import retazo.core.block.shape.PieceShape;
import retazo.core.quilt.setting.Runs;
import retazo.core.quilt.setting.Use;

/**
 * What a rectangle on a laid cloth is.
 *
 * @param id     by which plan and request know it
 * @param uses   what it serves, in the order of the quilt
 * @param labels of the pieces, such as {@code A1}; none for long strips and panels
 * @param shape  of the pieces, where it is pieces
 * @param runs   the one way in which long strips run, where they do; empty for all else
 * @param whole  whether it is cut whole: strips of a set, panels, a stretch along the cloth
 */
public record ClothPart(String id, List<Use> uses, List<String> labels, Optional<PieceShape> shape, Optional<Runs> runs, boolean whole) {

    /** Something else than long strips. */
    ClothPart(String id, List<Use> uses, List<String> labels, Optional<PieceShape> shape, boolean whole) {
        this(id, uses, labels, shape, Optional.empty(), whole);
    }

    public ClothPart {
        uses = List.copyOf(uses);
        labels = List.copyOf(labels);
    }
}
