package retazo.core.quilt.place;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;

/**
 * The accent of each quarter of a block is coloured by the point where four blocks meet: (c − 1)(r − 1) points, coloured
 * in turn along the diagonals. Quarters that touch no such point have no accent.
 *
 * @param accent  the role that is coloured, as it is drawn in the block
 * @param without what stands for the accent in a quarter that touches no point
 * @param colours one or more, in turn
 */
public record PointRule(BlockKey kind, RoleKey accent, RoleKey without, List<RoleKey> colours) implements PlaceRule {
    public PointRule {
        colours = List.copyOf(colours);
        if (colours.isEmpty()) {
            throw new IllegalArgumentException("Points of no colour.");
        }
    }

    @Override
    public Placement at(Place place, PlaceGrid grid) {
        List<Map<RoleKey, RoleKey>> quarters = Stream.of(
                new Place(place.column() - 1, place.row() - 1), new Place(place.column(), place.row() - 1),
                place, new Place(place.column() - 1, place.row()))
                .map(point -> Map.of(accent, colour(point, grid)))
                .toList();
        return new Placement(kind, Turn.NONE, new Colouring(quarters));
    }

    /** The colour of the point to the lower right of a place. */
    private RoleKey colour(Place point, PlaceGrid grid) {
        boolean meets = point.column() >= 0 && point.row() >= 0
                && point.column() < grid.lastColumn() && point.row() < grid.lastRow();
        return meets ? colours.get((point.column() + point.row()) % colours.size()) : without;
    }

    @Override
    public List<BlockKey> kinds() {
        return List.of(kind);
    }

    @Override
    public List<RoleKey> addedRoles() {
        return Stream.concat(Stream.of(without), colours.stream()).distinct().toList();
    }

    @Override
    public boolean allowsTrades() {
        return false;
    }

    @Override
    public int parts() {
        return colours.size();
    }

    @Override
    public Optional<PointRule> asPoints() {
        return Optional.of(this);
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.points(this);
    }
}
