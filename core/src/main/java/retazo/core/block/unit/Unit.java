package retazo.core.block.unit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.spec.Scale;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;

/** A small sewn part of a block: its kind, its method and the roles in it. Its size comes from its cell. */
public sealed interface Unit permits CutUnit, PatchGrid {

    /** What it is, in the one form in which units are typed, kept and exchanged. */
    UnitSpec spec();

    /** The roles in it, each once, first role first. */
    default List<RoleKey> roles() {
        return spec().parts().stream().map(UnitPart::role).distinct().toList();
    }

    /** The text with which it is typed in a cell. */
    default String text(Function<RoleKey, String> letters) {
        return UnitText.write(spec(), letters);
    }

    /** The same with each length of its own scaled; empty where one falls between two ticks. */
    default Optional<Unit> scaled(Scale scale) {
        return spec().scaled(scale).flatMap(scaled -> UnitReader.read(scaled).understood());
    }

    /** The same with each role replaced; a patch where all become one role, empty where the new roles make no such unit. */
    default Optional<Unit> recoloured(UnaryOperator<RoleKey> change) {
        List<RoleKey> roles = spec().roles().stream().map(change).distinct().toList();
        if (roles.size() == 1 && roles().size() > 1) {
            return Optional.of(new Patch(roles.get(0)));
        }
        return UnitReader.read(spec().recoloured(change)).understood();
    }

    /** Whether what is cut for it lies a quarter turned in it: the segments of a nine-patch stand, their strips side by side. */
    default boolean liesTurned() {
        return false;
    }

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
}
