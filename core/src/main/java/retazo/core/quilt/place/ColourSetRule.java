package retazo.core.quilt.place;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;

/**
 * One block in several sets of colours, dealt out in reading order, each so many times before the round begins again.
 *
 * @param sets one or more
 */
public record ColourSetRule(BlockKey kind, List<ColourSet> sets) implements PlaceRule {
    public ColourSetRule {
        sets = List.copyOf(sets);
        if (sets.isEmpty()) {
            throw new IllegalArgumentException("No set of colours.");
        }
    }

    /**
     * Which roles of the block are replaced.
     *
     * @param times how often in a round, 1 or more
     */
    public record ColourSet(int times, Map<RoleKey, RoleKey> changes) {
        public ColourSet {
            changes = Map.copyOf(changes);
            if (times < 1) {
                throw new IllegalArgumentException("A set of colours is used " + times + " times.");
            }
        }
    }

    /** {@inheritDoc} The sets alternate while each has times left, so that equal ones do not all stand together. */
    @Override
    public Placement at(Place place, PlaceGrid grid) {
        List<Integer> round = round();
        int number = (int) (numberBefore(place, grid) % round.size());
        return new Placement(kind, Turn.NONE, Colouring.whole(sets.get(round.get(number)).changes()));
    }

    private List<Integer> round() {
        int most = sets.stream().mapToInt(ColourSet::times).max().orElseThrow();
        return IntStream.range(0, most).boxed()
                .flatMap(time -> IntStream.range(0, sets.size()).filter(set -> sets.get(set).times() > time).boxed())
                .toList();
    }

    private static long numberBefore(Place place, PlaceGrid grid) {
        long before = 0;
        for (int row = 0; row < place.row(); row++) {
            before += grid.numberInRow(new Place(grid.lastColumn() - (hasLast(grid, row) ? 0 : 1), row)) + 1L;
        }
        return before + grid.numberInRow(place);
    }

    private static boolean hasLast(PlaceGrid grid, int row) {
        return grid.has(new Place(grid.lastColumn(), row));
    }

    @Override
    public List<BlockKey> kinds() {
        return List.of(kind);
    }

    @Override
    public List<RoleKey> addedRoles() {
        return sets.stream().flatMap(set -> set.changes().values().stream()).distinct().toList();
    }

    @Override
    public int parts() {
        return sets.size();
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.colourSets(this);
    }
}
