package retazo.app.fabrics;

import java.util.Optional;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;

/**
 * A fabric as other features see it.
 *
 * @param code          unique in the shop, in capitals
 * @param groundColour  such as {@code #22384a}
 * @param printColour   of its motif
 * @param kind          what it is made as
 * @param usableWidth   its own, where it differs from the shop's
 * @param prices        a yard or a metre
 */
public record Fabric(
        long id, String code, String name, String groundColour, String printColour, Motif motif, ClothKind kind,
        Optional<Length> usableWidth,
        Prices<ClothPrice> prices) {

    /** Whether dark letters are readable on it: by the weights of the three colours in what the eye sees as bright. */
    public boolean isLight() {
        int red = Integer.parseInt(groundColour.substring(1, 3), 16);
        int green = Integer.parseInt(groundColour.substring(3, 5), 16);
        int blue = Integer.parseInt(groundColour.substring(5, 7), 16);
        return 299 * red + 587 * green + 114 * blue > 140_000;
    }

    public String motifName() {
        return motif.word();
    }
}
