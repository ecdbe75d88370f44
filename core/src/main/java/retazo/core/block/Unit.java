package retazo.core.block;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** A small sewn part of a block: its kind, its method and the roles in it. Its size comes from its cell. */
public sealed interface Unit extends CellContent permits CutUnit, PatchGrid {

    /** What it is, in the one form in which units are typed, kept and exchanged. */
    UnitSpec spec();

    @Override
    default Optional<UnitSpec> unitSpec() {
        return Optional.of(spec());
    }

    @Override
    default List<RoleKey> roles() {
        return spec().parts().stream().map(UnitPart::role).distinct().toList();
    }

    @Override
    default String text(Function<RoleKey, String> letters) {
        return UnitText.write(spec(), letters);
    }

    @Override
    default Optional<Unit> scaled(Scale scale) {
        return spec().scaled(scale).flatMap(scaled -> scaled.read().match(Optional::of, problem -> Optional.empty()));
    }

    @Override
    default Optional<Unit> recoloured(UnaryOperator<RoleKey> change) {
        List<RoleKey> roles = spec().roles().stream().map(change).distinct().toList();
        if (roles.size() == 1 && roles().size() > 1) {
            return Optional.of(new Patch(roles.get(0)));
        }
        return spec().recoloured(change).read().match(Optional::of, problem -> Optional.empty());
    }
}
