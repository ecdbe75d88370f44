package retazo.core.quilt.place;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;

/**
 * One colour passing into the next along rows, columns or diagonals, spread over the whole grid. Blocks are drawn in the
 * first two colours: the main block in the first, the block between in both.
 *
 * @param between sewn of two neighbouring colours; empty where colours change without one
 * @param colours two or more, from the top left
 */
public record GradientRule(PlaceLine line, BlockKey main, Optional<BlockKey> between, List<RoleKey> colours) implements PlaceRule {
    public GradientRule {
        colours = List.copyOf(colours);
        if (colours.size() < 2) {
            throw new IllegalArgumentException("A gradient of " + colours.size() + " colours.");
        }
    }

    /** {@inheritDoc} The n stages are spread evenly over the lines: line i of L is in stage ⌊i · n ÷ L⌋. */
    @Override
    public Placement at(Place place, PlaceGrid grid) {
        int stages = between.isPresent() ? 2 * colours.size() - 1 : colours.size();
        int stage = grid.line(line, place) * stages / grid.lines(line);
        if (between.isEmpty()) {
            return main(stage);
        }
        return stage % 2 == 0
                ? main(stage / 2)
                : new Placement(between.get(), Turn.NONE, Colouring.whole(Map.of(
                        colours.get(0), colours.get(stage / 2), colours.get(1), colours.get(stage / 2 + 1))));
    }

    private Placement main(int colour) {
        return new Placement(main, Turn.NONE, Colouring.whole(Map.of(colours.get(0), colours.get(colour))));
    }

    @Override
    public List<BlockKey> kinds() {
        return Stream.concat(Stream.of(main), between.stream()).distinct().toList();
    }

    @Override
    public List<RoleKey> addedRoles() {
        return colours;
    }

    @Override
    public boolean isRescaled() {
        return true;
    }

    @Override
    public int parts() {
        return colours.size();
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.gradient(this);
    }
}
