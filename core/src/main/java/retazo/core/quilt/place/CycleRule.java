package retazo.core.quilt.place;

import java.util.List;
import java.util.stream.Stream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;

/**
 * Kinds and turns one after the other, along rows, columns or diagonals. One step is the same block everywhere, two along
 * the diagonals are a checkerboard, one block in four turns is a quarter-turn cycle.
 *
 * @param steps one or more, the first at the top left
 */
public record CycleRule(PlaceLine line, List<Step> steps) implements PlaceRule {
    public CycleRule {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("No kind of block stands anywhere.");
        }
    }

    /** Kinds in turn, none of them turned. */
    public static CycleRule of(PlaceLine line, List<BlockKey> kinds) {
        return new CycleRule(line, kinds.stream().map(Step::upright).toList());
    }

    /** One kind, turned a quarter further from diagonal to diagonal. */
    public static CycleRule quarterTurns(BlockKey kind) {
        return new CycleRule(PlaceLine.DIAGONALS, Stream.of(Turn.values()).map(turn -> new Step(kind, turn)).toList());
    }

    @Override
    public Placement at(Place place, PlaceGrid grid) {
        return steps.get(grid.line(line, place) % steps.size()).placed();
    }

    @Override
    public List<BlockKey> kinds() {
        return steps.stream().map(Step::kind).distinct().toList();
    }

    @Override
    public int parts() {
        return steps.size();
    }

    @Override
    public boolean turnsSideways() {
        return steps.stream().anyMatch(step -> step.turn().isSideways());
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.cycle(this);
    }
}
