package retazo.app.fabrics;

import java.util.List;
import java.util.Optional;
import retazo.app.shared.PickText;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.PrintKind;
import retazo.core.colour.FabricLook;
import retazo.core.measure.Length;

/**
 * A fabric as other features see it.
 *
 * @param code          unique in the shop, in capitals
 * @param drawn         its colours, and its print in drawings
 * @param kind          what it is made as
 * @param print         whether what is printed on it keeps a direction
 * @param repeat        how much of its length the print takes until it begins anew; empty where nobody measured it
 * @param usableWidth   its own, where it differs from the shop's
 * @param prices        a yard or a metre
 * @param origin        its range and who supplies it
 */
public record Fabric(
        long id, String code, String name, Drawn drawn, ClothKind kind, PrintKind print,
        Optional<Length> repeat,
        Optional<Length> usableWidth,
        Prices<ClothPrice> prices,
        Origin origin) {

    private static final List<Integer> TURNS = List.of(45, 90, 135, 180, 225, 270, 315);

    /** What shows most of it. */
    public Colour groundColour() {
        return drawn.ground();
    }

    /** Of the motif of its print. */
    public Colour printColour() {
        return drawn.print();
    }

    public Motif motif() {
        return drawn.motif();
    }

    /** Of its photograph, where it has one. */
    public Optional<Tile> tile() {
        return drawn.tile();
    }

    /** Where the piece of its photograph is had; only where it has one. */
    public String tileAddress() {
        return "/pictures/cloth/" + id + "/" + tile().map(Tile::mark).orElseThrow();
    }

    /** Whether letters on its ground must be dark. */
    public boolean isLight() {
        return groundColour().isLight();
    }

    /** How it looks from across a room. */
    public FabricLook look() {
        return new FabricLook(groundColour(), printColour());
    }

    /** How it stands in a field where it is picked. */
    public String picked() {
        return PickText.of(name, code);
    }

    /** How much larger than the piece that is repeated its print is drawn: to its own repeat, where that is known. */
    public String drawnScale() {
        return drawn.scale(repeat);
    }

    /** A text that is another one where it would be drawn in another way. */
    public String drawnMark() {
        return code + groundColour() + printColour() + motifName() + drawnScale() + tile().map(Tile::mark).orElse("");
    }

    /** Its print as it stands upright in blocks that are turned; none for a print that reads alike from every side. */
    public List<TurnedPrint> turnedPrints() {
        return print.mayTurn()
                ? List.of()
                : TURNS.stream().map(degrees -> new TurnedPrint(degrees, "rotate(" + -degrees + ") scale(" + drawnScale() + ")")).toList();
    }

    /** Turned back against a block that is turned clockwise by so many degrees. */
    public record TurnedPrint(int degrees, String transform) {
    }

    /** How its print is turned where its length is drawn to the right, so that it reads the way it does on the table. */
    public String laidTransform() {
        return (print.liesAcross() ? "" : "rotate(90) ") + "scale(" + drawnScale() + ")";
    }

    public String motifName() {
        return motif().word();
    }
}
