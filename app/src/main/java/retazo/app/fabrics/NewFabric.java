package retazo.app.fabrics;

import java.util.Optional;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;

/** A fabric to be added or changed, checked. */
public record NewFabric(
        String code, String name, Colour groundColour, Colour printColour, Motif motif, ClothKind kind, PrintKind print,
        Optional<Length> repeat, Optional<Length> usableWidth, Prices<ClothPrice> prices, Origin origin) {

    /** One of which nobody wrote down where it comes from. */
    public NewFabric(
            String code, String name, Colour groundColour, Colour printColour, Motif motif, ClothKind kind, PrintKind print,
            Optional<Length> repeat, Optional<Length> usableWidth, Prices<ClothPrice> prices) {
        this(code, name, groundColour, printColour, motif, kind, print, repeat, usableWidth, prices, Origin.UNKNOWN);
    }

    /** One whose print keeps the direction of its motif, and whose prices nobody knows. */
    public NewFabric(
            String code, String name, String groundColour, String printColour, Motif motif, ClothKind kind, Optional<Length> usableWidth) {
        this(code, name, Colour.parse(groundColour), Colour.parse(printColour), motif, kind, motif.print(), Optional.empty(), usableWidth,
                new Prices<>(Optional.empty(), Optional.empty()));
    }
}
