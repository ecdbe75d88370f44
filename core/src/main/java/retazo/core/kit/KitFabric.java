package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;

/**
 * A fabric as a kit sees it.
 *
 * @param code        unique in the shop; equal codes are one fabric
 * @param usableWidth of its cloth
 * @param kind        what it is made as
 * @param leftOvers   of it that this kit may take
 * @param quarters    the quarters or eighths that the shop cuts it into for this kit; empty where its pieces are laid on the whole cloth
 */
public record KitFabric(
        String code, Figure<Length> usableWidth, PrintKind print, ClothKind kind, List<LeftOver> leftOvers, Optional<PrecutKind> quarters) {

    public KitFabric {
        leftOvers = List.copyOf(leftOvers);
    }

    /** A cotton that is cut from the bolt only. */
    public KitFabric(String code, Figure<Length> usableWidth, PrintKind print) {
        this(code, usableWidth, print, ClothKind.COTTON, List.of(), Optional.empty());
    }

    /** The same fabric with left-overs that this kit may take. */
    public KitFabric with(List<LeftOver> more) {
        return new KitFabric(code, usableWidth, print, kind, more, quarters);
    }

    /** The same fabric for somebody who does not mind which way its print lies. */
    public KitFabric anyWay() {
        return new KitFabric(code, usableWidth, print.anyWay(), kind, leftOvers, quarters);
    }

    /** The same fabric cut into quarters or eighths in the shop. */
    public KitFabric cutInto(PrecutKind sheets) {
        return new KitFabric(code, usableWidth, print, kind, leftOvers, Optional.of(sheets));
    }

    /** The same fabric made as another kind. */
    public KitFabric madeAs(ClothKind other) {
        return new KitFabric(code, usableWidth, print, other, leftOvers, quarters);
    }

    /** The same fabric on cloth of another usable width. */
    public KitFabric onWidth(Length width) {
        return onWidth(measured(code, width, print).usableWidth);
    }

    /** The same, on a width that a setting says. */
    public KitFabric onWidth(Figure<Length> width) {
        return new KitFabric(code, width, print, kind, leftOvers, quarters);
    }

    /** A fabric with a usable width of its own. */
    public static KitFabric measured(String code, Length usableWidth, PrintKind print) {
        return new KitFabric(
                code, Figure.given("fabric." + code + ".usableWidth", Label.of("fabric.usableWidth"), usableWidth, Origin.fabric(code)),
                print);
    }
}
