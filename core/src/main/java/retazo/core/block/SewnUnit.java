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
import retazo.core.block.unit.Unit;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;

/** A unit as the content of a cell. */
public record SewnUnit(Unit unit) implements CellContent {

    @Override
    public List<RoleKey> roles() {
        return unit.roles();
    }

    @Override
    public Optional<UnitSpec> unitSpec() {
        return Optional.of(unit.spec());
    }

    @Override
    public String text(Function<RoleKey, String> letters) {
        return unit.text(letters);
    }

    @Override
    public Optional<SewnUnit> recoloured(UnaryOperator<RoleKey> change) {
        return unit.recoloured(change).map(SewnUnit::new);
    }

    @Override
    public Optional<SewnUnit> scaled(Scale scale) {
        return unit.scaled(scale).map(SewnUnit::new);
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return unit.problem(size);
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        return unit.draw(size);
    }

    @Override
    public Map<SizedUnit, Count> units(FinishedSize size, boolean mirrored) {
        return unit.units(size, mirrored);
    }

    @Override
    public Map<SizedUnit, Count> turnedUnits(FinishedSize size, boolean mirrored, boolean turned) {
        return turned == unit.liesTurned() ? Map.of() : unit.units(size, mirrored);
    }
}
