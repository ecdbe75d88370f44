package retazo.app.fabrics;

import java.util.Optional;
import retazo.app.shared.PickText;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;

/**
 * A fabric as other features see it.
 *
 * @param code          unique in the shop, in capitals
 * @param groundColour  what shows most of it
 * @param printColour   of its motif
 * @param kind          what it is made as
 * @param usableWidth   its own, where it differs from the shop's
 * @param prices        a yard or a metre
 */
public record Fabric(
        long id, String code, String name, Colour groundColour, Colour printColour, Motif motif, ClothKind kind,
        Optional<Length> usableWidth,
        Prices<ClothPrice> prices) {

    /** Whether letters on its ground must be dark. */
    public boolean isLight() {
        return groundColour.isLight();
    }

    /** How it stands in a field where it is picked. */
    public String picked() {
        return PickText.of(name, code);
    }

    public String motifName() {
        return motif.word();
    }
}
