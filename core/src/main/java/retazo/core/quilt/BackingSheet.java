package retazo.core.quilt;

import java.util.List;
import retazo.core.block.RoleKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * The back of a quilt, larger than the quilt on every side.
 *
 * @param key    stable start of the keys of its figures
 * @param width  with the overage on both sides
 * @param height with the overage on both sides
 */
public record BackingSheet(String key, RoleKey role, Figure<Length> width, Figure<Length> height, Figure<Length> seam) {

    /** Which way the seams between panels run. */
    public enum Seams {
        VERTICAL,
        HORIZONTAL
    }

    /**
     * Full panels side by side.
     *
     * @param panels      1 means no seam
     * @param panelLength cut length of each along the cloth
     * @param length      of all panels
     */
    public record Panels(Seams seams, Figure<Count> panels, Figure<Length> panelLength, Figure<Length> length) {
    }

    static BackingSheet behind(
            String key, RoleKey role, QuiltPlan.Finished quilt, Figure<Length> overage, Figure<Length> seam) {
        return new BackingSheet(
                key,
                role,
                withOverage(key + ".width", "backing.width", quilt.width(), overage),
                withOverage(key + ".height", "backing.height", quilt.height(), overage),
                seam);
    }

    private static Figure<Length> withOverage(String key, String label, Figure<Length> side, Figure<Length> overage) {
        return Arithmetic.formula(key, Label.of(label), Operation.BOTH_ENDS, List.of(side, overage),
                () -> side.value().plus(overage.value().times(2)));
    }

    /** The way that takes less cloth; vertical seams on a tie. */
    public Panels fewest(Figure<Length> usableWidth) {
        Panels vertical = panels(Seams.VERTICAL, usableWidth);
        Panels horizontal = panels(Seams.HORIZONTAL, usableWidth);
        Panels shorter = horizontal.length().value().isShorterThan(vertical.length().value()) ? horizontal : vertical;
        Figure<Length> least = Arithmetic.least(
                key + ".length", Label.of("backing.length"), List.of(vertical.length(), horizontal.length()));
        return new Panels(shorter.seams(), shorter.panels(), shorter.panelLength(), least);
    }

    /**
     * Panels with their seams one way: n is the least with n·U − (n − 1)·2s at least the side across, which is
     * ⌈(side − 2s) ÷ (U − 2s)⌉; each is as long as the other side.
     */
    public Panels panels(Seams seams, Figure<Length> usableWidth) {
        String name = seams == Seams.VERTICAL ? "vertical" : "horizontal";
        Figure<Length> across = seams == Seams.VERTICAL ? width : height;
        Figure<Length> along = seams == Seams.VERTICAL ? height : width;
        Length twoSeams = seam.value().times(2);
        Figure<Count> panels = Arithmetic.formula(
                key + "." + name + ".panels",
                Label.of("backing.panels." + name),
                Operation.PANELS,
                List.of(across, seam, usableWidth),
                () -> across.value().minus(twoSeams).partsToCover(usableWidth.value().minus(twoSeams)));
        return new Panels(
                seams,
                panels,
                along,
                Arithmetic.product(key + "." + name, Label.of("backing.length." + name), panels, along));
    }
}
