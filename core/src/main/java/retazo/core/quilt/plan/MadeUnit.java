package retazo.core.quilt.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Turn;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.unit.CutUnit;
import retazo.core.block.unit.SizedUnit;
import retazo.core.block.unit.Slashed;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * A unit of the blocks as it is made for the whole quilt.
 *
 * @param unit         that equal ones are counted with
 * @param arrangements how many are needed with their roles in this order, one or more
 * @param needed       how many are needed in all; of which the cut gives at least as many
 * @param cut          what is cut for them
 * @param seam         the seam allowance
 */
public record MadeUnit(SizedUnit unit, Map<CutUnit, Figure<Count>> arrangements, Figure<Count> needed, UnitCut cut, Length seam) {

    public MadeUnit {
        arrangements = new LinkedHashMap<>(arrangements);
    }

    /** How many come of what is cut: of a wedge as many as are needed, since only its sides come in pairs. */
    public Count come() {
        return unit.unit().spec().kind() == UnitKind.WEDGE ? needed.value() : cut.yields().value();
    }

    /** What it measures when it is ready to be sewn into a block: a seam allowance larger on every side than it finishes. */
    public FinishedSize unfinished() {
        return withSeams(unit.size(), seam);
    }

    /** What sewn cloth of a finished size measures before it is sewn to anything: 2s more each way. */
    public static FinishedSize withSeams(FinishedSize size, Length seam) {
        return new FinishedSize(size.width().plus(seam.times(2)), size.height().plus(seam.times(2)));
    }

    /** One of them as it is sewn, from the top left corner of its finished size. */
    public List<DrawnPatch> drawn(CutUnit arrangement) {
        return new Orientation(Turn.NONE, unit.mirrored()).lay(arrangement.draw(unit.size()), unit.size());
    }

    /** The cuts of a slashed rectangle in their order from its left edge; none for all else. A mirrored one leans the other way. */
    public List<Slashed.Slash> slashes() {
        if (!(unit.unit() instanceof Slashed slashed)) {
            return List.of();
        }
        List<Slashed.Slash> upright = slashed.slashes(unit.size(), seam);
        return unit.mirrored() ? upright.stream().map(slash -> new Slashed.Slash(slash.above(), slash.below())).toList() : upright;
    }

    /** How wide a strip of a set is cut that finishes so wide: 2s more. */
    public Length stripWidth(Length finished) {
        return finished.plus(seam.times(2));
    }

    /** How many strip sets give what is needed, where one gives so many segments: ⌈needed ÷ segments⌉. */
    public Count sets(Count segments) {
        return needed.value().inGroupsOf(segments);
    }
}
