package retazo.core.kit;

import retazo.core.cloth.PrintKind;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;

/**
 * A fabric as a kit sees it.
 *
 * @param code        unique in the shop; equal codes are one fabric
 * @param usableWidth of its cloth
 */
public record KitFabric(String code, Figure<Length> usableWidth, PrintKind print) {

    /** A fabric with a usable width of its own. */
    public static KitFabric measured(String code, Length usableWidth, PrintKind print) {
        return new KitFabric(
                code, Figure.given("fabric." + code + ".usableWidth", Label.of("fabric.usableWidth"), usableWidth, Origin.fabric(code)),
                print);
    }
}
