package retazo.app.papers;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.FractionText;
import retazo.core.quilt.plan.BlockMap;

/**
 * How the top is sewn, as our page tells it: the units, the blocks of them, and the quilt of those.
 *
 * @param units  that are sewn, without single patches
 * @param blocks each kind in each colouring
 * @param map    which block goes where; empty where nothing is drawn
 * @param steps  from the rows to the binding
 * @param tools  beside cutter, mat and ruler, in words
 * @param templates that pieces are cut around, in their true size
 */
record SewingPage(
        List<Unit> units, List<BlockOf> blocks, Optional<BlockMap> map, List<FractionText> steps, String tools, List<Template> templates) {

    static final SewingPage NONE = new SewingPage(List.of(), List.of(), Optional.empty(), List.of(), "", List.of());

    /**
     * A template with its seam allowances, in inches.
     *
     * @param labels of the pieces, with those for which it is turned over
     * @param path   its outline
     */
    record Template(String labels, BigDecimal width, BigDecimal height, String path) {
    }

    /**
     * A unit.
     *
     * @param name    with its way of making, and how many are needed
     * @param takes   its pieces for all of them
     * @param how     it is sewn
     * @param measure what the first one has to measure
     * @param steps   what lies on what, where it is sewn and cut; none where its drawing tells it
     * @param drawn   each arrangement of its roles, with how many of it are needed
     */
    record Unit(String name, FractionText takes, FractionText how, FractionText measure, List<Step> steps, List<Drawn> drawn) {
    }

    /**
     * What lies on the mat, in inches, and its lines as paths.
     *
     * @param laid  what lies on top of it
     * @param seams that are sewn already
     * @param sewn  where it is sewn now
     * @param cuts  where it is cut then
     */
    record Step(String width, String height, String laid, String seams, String sewn, String cuts) {

        /** Whether it is so much wider than high that it needs more room to be seen. */
        public boolean isWide() {
            return new BigDecimal(width).compareTo(new BigDecimal(height).multiply(new BigDecimal(4))) > 0;
        }

        /** With room for the lines at its edges. */
        public String viewBox() {
            BigDecimal edge = new BigDecimal("0.2");
            return "-0.1 -0.1 " + new BigDecimal(width).add(edge) + " " + new BigDecimal(height).add(edge);
        }
    }

    /** A drawing of a unit in one arrangement. */
    record Drawn(QuiltPicture picture, String count) {
    }

    /** A block, drawn with the letters of its roles. */
    record BlockOf(String name, QuiltPicture picture, FractionText words) {
    }
}
