package retazo.app.fabrics;

import java.util.Optional;
import retazo.core.measure.Length;

/** A fabric to be added, checked. */
public record NewFabric(
        String code, String name, String groundColour, String printColour, Motif motif, Optional<Length> usableWidth) {
}
