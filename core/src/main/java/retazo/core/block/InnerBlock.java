package retazo.core.block;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.spec.Scale;
import retazo.core.block.unit.SizedUnit;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;

/** A block of the design as a part of another one. */
public record InnerBlock(BlockKey key, Block block) implements CellContent {

    @Override
    public List<RoleKey> roles() {
        return block.roles();
    }

    @Override
    public Optional<InnerBlock> inner() {
        return Optional.of(this);
    }

    @Override
    public String text(Function<RoleKey, String> letters) {
        return "block " + key;
    }

    @Override
    public Optional<InnerBlock> recoloured(UnaryOperator<RoleKey> change) {
        return block.recoloured(change).map(recoloured -> new InnerBlock(key, recoloured));
    }

    @Override
    public Optional<InnerBlock> scaled(Scale scale) {
        return block.scaled(scale).map(scaled -> new InnerBlock(key, scaled));
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        return block.finished().equals(size)
                ? Optional.empty()
                : Optional.of(Problem.of(
                        "unit.inner-size", key.value(), block.finished().width(), block.finished().height(), size.width(), size.height()));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        return block.draw();
    }

    @Override
    public Map<SizedUnit, Count> units(FinishedSize size, boolean mirrored) {
        return block.units(mirrored);
    }

    @Override
    public Map<SizedUnit, Count> turnedUnits(FinishedSize size, boolean mirrored, boolean turned) {
        return block.turnedUnits(mirrored, turned);
    }
}
