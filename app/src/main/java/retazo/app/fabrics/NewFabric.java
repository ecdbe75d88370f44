package retazo.app.fabrics;

import java.util.Optional;
import retazo.core.cloth.ClothKind;
import retazo.core.measure.Length;

/** A fabric to be added, checked. */
public record NewFabric(
        String code, String name, String groundColour, String printColour, Motif motif, ClothKind kind, Optional<Length> usableWidth) {
}
