package retazo.core.block;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.spec.Scale;
import retazo.core.block.spec.UnitSpec;
import retazo.core.block.unit.SizedUnit;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;

/** What stands in a cell of a block: a unit, or a smaller block. */
public sealed interface CellContent permits SewnUnit, InnerBlock {

    /** The roles in it, each once, first role first. */
    List<RoleKey> roles();

    /** Itself, if it is a smaller block. */
    default Optional<InnerBlock> inner() {
        return Optional.empty();
    }

    /** What kind of unit it is, if it is one. */
    default Optional<UnitSpec> unitSpec() {
        return Optional.empty();
    }

    /** The text with which it is typed in a cell. */
    String text(Function<RoleKey, String> letters);

    /** The same with each role replaced; a patch where all become one role, empty where the new roles make no such unit. */
    Optional<? extends CellContent> recoloured(UnaryOperator<RoleKey> change);

    /** The same with each length of its own scaled; empty where one falls between two ticks. */
    Optional<? extends CellContent> scaled(Scale scale);

    /** Why it cannot be sewn at this size. */
    Optional<Problem> problem(FinishedSize size);

    /** The patches seen, upright, from the top left corner. They cover the size exactly. */
    List<DrawnPatch> draw(FinishedSize size);

    /**
     * What is cut and counted for it, and how many of each.
     *
     * @param mirrored whether it is sewn as its mirror image
     */
    Map<SizedUnit, Count> units(FinishedSize size, boolean mirrored);

    /**
     * Those of its units that lie on their side: a quarter turned against the way they are drawn for themselves.
     *
     * @param turned whether it is itself a quarter turned
     */
    Map<SizedUnit, Count> turnedUnits(FinishedSize size, boolean mirrored, boolean turned);
}
