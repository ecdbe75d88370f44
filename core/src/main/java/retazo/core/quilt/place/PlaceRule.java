package retazo.core.quilt.place;

import java.util.List;
import java.util.Optional;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.cloth.RoleKey;

/** Which kind of block stands in which place of any grid, how it is turned, and in which colours. */
public sealed interface PlaceRule
        permits CycleRule, PositionRule, GradientRule, PointRule, ColourSetRule, MapRule {

    int MOST_PARTS = 12;

    Placement at(Place place, PlaceGrid grid);

    /** The kinds that may stand somewhere, each once, in their order; one or more. */
    List<BlockKey> kinds();

    /** The roles that come in by colouring, beside those of the blocks. */
    default List<RoleKey> addedRoles() {
        return List.of();
    }

    /** Whether a larger grid spreads the same rule wider, so that there may be fewer pieces of some. */
    default boolean isRescaled() {
        return false;
    }

    /** Whether blocks of one kind may change places; not where their colours belong to the place. */
    default boolean allowsTrades() {
        return true;
    }

    /** How many kinds, colours or places were typed for it. */
    int parts();

    /** How many may be. */
    default int mostParts() {
        return MOST_PARTS;
    }

    /** Whether blocks may lie on their side, so that they have to be square. */
    default boolean turnsSideways() {
        return false;
    }

    /** Itself, if it colours by points. */
    default Optional<PointRule> asPoints() {
        return Optional.empty();
    }

    /** Itself, if it was placed by hand. */
    default Optional<MapRule> asMap() {
        return Optional.empty();
    }

    <R> R match(Cases<R> cases);

    /** One answer for each kind of rule. */
    interface Cases<R> {
        R cycle(CycleRule rule);

        R byPosition(PositionRule rule);

        R gradient(GradientRule rule);

        R points(PointRule rule);

        R colourSets(ColourSetRule rule);

        R handMap(MapRule rule);
    }

    static PlaceRule uniform(BlockKey kind) {
        return CycleRule.of(PlaceLine.DIAGONALS, List.of(kind));
    }

    /** A kind of block and how it is turned. */
    record Step(BlockKey kind, Turn turn) {
        public static Step upright(BlockKey kind) {
            return new Step(kind, Turn.NONE);
        }

        Placement placed() {
            return new Placement(kind, turn, Colouring.AS_DRAWN);
        }
    }
}
