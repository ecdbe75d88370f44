package retazo.core.quilt.place;

import java.util.List;
import java.util.stream.Stream;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;

/**
 * Blocks at the corners, along the edges and inside; the first two turned so that their special side, drawn at the top
 * and at the top left corner, faces out or in.
 */
public record PositionRule(BlockKey corner, BlockKey edge, BlockKey interior, Facing facing) implements PlaceRule {

    /** Where the special side of a corner or edge block faces. */
    public enum Facing {
        OUT,
        IN
    }

    @Override
    public Placement at(Place place, PlaceGrid grid) {
        BlockKey kind = switch (grid.position(place)) {
            case CORNER -> corner;
            case EDGE -> edge;
            case INTERIOR -> interior;
        };
        boolean inside = grid.position(place) == PlaceGrid.Position.INTERIOR;
        Turn turn = inside || facing == Facing.OUT ? grid.outward(place) : grid.outward(place).plus(Turn.HALF);
        return new Placement(kind, turn, Colouring.AS_DRAWN);
    }

    @Override
    public List<BlockKey> kinds() {
        return Stream.of(corner, edge, interior).distinct().toList();
    }

    @Override
    public int parts() {
        return 3;
    }

    @Override
    public boolean turnsSideways() {
        return true;
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.byPosition(this);
    }
}
