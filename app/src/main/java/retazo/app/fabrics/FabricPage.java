package retazo.app.fabrics;

import java.util.List;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.PrintKind;

/**
 * Where a fabric is added or changed.
 *
 * @param fabric   as it is kept, or null for a new one
 * @param currency of its prices
 * @param unit     for what length a price is, as one says it
 * @param seen     the mark of what is shown
 */
record FabricPage(@Nullable Fabric fabric, String currency, String unit, String seen) {

    public List<ClothKind> kinds() {
        return List.of(ClothKind.values());
    }

    public List<PrintKind> directions() {
        return List.of(PrintKind.values());
    }

    public boolean drawnByPicture() {
        return fabric != null && fabric.tile().isPresent();
    }

    /** For the drawing of it. */
    public List<Fabric> prints() {
        return fabric == null ? List.of() : List.of(fabric);
    }

    public List<Motif> motifs() {
        return List.of(Motif.values());
    }
}
