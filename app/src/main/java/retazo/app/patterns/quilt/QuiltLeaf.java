package retazo.app.patterns.quilt;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.file.PlaceRuleKind;
import retazo.app.pictures.Ink;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;

/**
 * The Quilt leaf of a pattern, beside what is typed on it.
 *
 * @param drawn  the quilt at the size that is shown, or null while what is typed gives none
 * @param shown  the key of that size
 * @param blocks the names of the kinds of block to choose from
 */
record QuiltLeaf(@Nullable QuiltPage drawn, String shown, List<String> blocks) {

    static QuiltLeaf of(@Nullable QuiltPage drawn, String shown, Drawing drawing) {
        return new QuiltLeaf(drawn, shown, drawing.blocks().stream().map(BlockKind::name).toList());
    }

    /** The codes of the rules for places. */
    public Set<String> rules() {
        return PlaceRuleKind.BY_CODE.keySet();
    }

    /** The ink of each role that a pattern can have, in their order. */
    public List<Ink> inks() {
        return IntStream.range(0, QuiltDesign.MOST_ROLES).mapToObj(Ink::ofRole).toList();
    }
}
