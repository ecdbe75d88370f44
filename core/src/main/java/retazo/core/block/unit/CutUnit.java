package retazo.core.block.unit;

import java.util.List;
import java.util.Map;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.UnitCut;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Count;

/** A unit that has a cutting of its own. */
public sealed interface CutUnit extends Unit
        permits Patch, HalfSquare, Hourglass, ThreePatch, Geese, Clipped, SquareInSquare, StripSet, Wedge, Ring, HalfRectangle,
        Slashed, Templates {

    /** What is cut for so many of these units. */
    UnitCut cut(UnitCutting cutting);

    /** How many of these units come from one set of cut pieces: 1 for a patch, 2 for two at a time. */
    default Count perCut() {
        return Count.ONE;
    }

    /** This unit or an equal one in which the order of roles that may change places is fixed, so that equals are counted together. */
    default CutUnit pooled() {
        return this;
    }

    /** Whether its mirror image takes other pieces. */
    default boolean isChiral() {
        return false;
    }

    /**
     * How many have to be cut where the same unit is needed in several arrangements; they are added up, where one cut does
     * not give all arrangements at once.
     */
    default Figure<Count> needed(String key, Map<CutUnit, Figure<Count>> byArrangement) {
        List<Figure<Count>> counts = List.copyOf(byArrangement.values());
        return counts.size() == 1 ? counts.get(0) : Arithmetic.sumOfCounts(key, Label.of("unit.needed"), counts);
    }

    @Override
    default Map<SizedUnit, Count> units(FinishedSize size, boolean mirrored) {
        return Map.of(new SizedUnit(this, size, mirrored && isChiral()), Count.ONE);
    }
}
