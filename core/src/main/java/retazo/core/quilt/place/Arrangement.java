package retazo.core.quilt.place;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongBinaryOperator;
import java.util.stream.Collectors;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;

/** What stands in each place of a grid, row by row, with the changes by hand. */
public record Arrangement(PlaceGrid grid, Map<Place, Placement> placements) {

    public Arrangement {
        placements = new LinkedHashMap<>(placements);
    }

    /** Changes that are not possible are left out; {@link #leftOut} tells which. */
    public static Arrangement of(PlaceRule rule, PlaceGrid grid, List<PlaceChange> changes) {
        return changed(rule, grid, changes, new ArrayList<>());
    }

    /** The changes that are not possible on a grid: their places are not there, or their blocks may not trade. */
    public static List<PlaceChange> leftOut(PlaceRule rule, PlaceGrid grid, List<PlaceChange> changes) {
        List<PlaceChange> leftOut = new ArrayList<>();
        changed(rule, grid, changes, leftOut);
        return leftOut;
    }

    private static Arrangement changed(PlaceRule rule, PlaceGrid grid, List<PlaceChange> changes, List<PlaceChange> leftOut) {
        Map<Place, Placement> placements = new LinkedHashMap<>();
        grid.places().forEach(place -> placements.put(place, rule.at(place, grid)));
        Arrangement arrangement = new Arrangement(grid, placements);
        for (PlaceChange change : changes) {
            if (arrangement.allows(change, rule)) {
                arrangement = arrangement.with(change);
            } else {
                leftOut.add(change);
            }
        }
        return arrangement;
    }

    /** Whether the places exist and, for a trade, hold blocks of one kind whose colours do not belong to the place. */
    public boolean allows(PlaceChange change, PlaceRule rule) {
        return change.places().allMatch(placements::containsKey)
                && change.match(turned -> true, traded -> tradesWith(traded.first(), rule).contains(traded.second()));
    }

    /** The places with which a block may trade, beside its own. */
    public List<Place> tradesWith(Place place, PlaceRule rule) {
        Optional<TradeGroup> group = tradeGroup(place, rule);
        return placements.keySet().stream()
                .filter(other -> group.isPresent() && !other.equals(place) && tradeGroup(other, rule).equals(group))
                .toList();
    }

    /** Blocks that may change places: of one kind, and as much of them left at the edge. */
    public record TradeGroup(BlockKey kind, PlaceGrid.Share share) {
    }

    /** The group in which a block may trade; empty where its colours belong to its place. */
    public Optional<TradeGroup> tradeGroup(Place place, PlaceRule rule) {
        return rule.allowsTrades()
                ? Optional.of(new TradeGroup(requireNonNull(placements.get(place)).kind(), grid.share(place)))
                : Optional.empty();
    }

    private Arrangement with(PlaceChange change) {
        Map<Place, Placement> changed = new LinkedHashMap<>(placements);
        changed.putAll(change.match(
                turned -> Map.of(turned.place(), requireNonNull(placements.get(turned.place())).turned(turned.by())),
                traded -> {
                    Placement first = requireNonNull(placements.get(traded.first()));
                    Placement second = requireNonNull(placements.get(traded.second()));
                    return Map.of(
                            traded.first(), new Placement(second.kind(), first.turn(), second.colouring()),
                            traded.second(), new Placement(first.kind(), second.turn(), first.colouring()));
                }));
        return new Arrangement(grid, changed);
    }

    /** How many places hold each kind, parts of blocks counted as one. */
    public Map<BlockKey, Long> countsByKind() {
        return placements.values().stream()
                .collect(Collectors.groupingBy(Placement::kind, LinkedHashMap::new, Collectors.counting()));
    }

    /** How many places are turned so far. */
    public Map<Turn, Long> countsByTurn() {
        return placements.values().stream()
                .collect(Collectors.groupingBy(Placement::turn, LinkedHashMap::new, Collectors.counting()));
    }

    /**
     * A kind in one colouring, with how many blocks are sewn of it.
     *
     * @param turned how many of them lie a quarter turned
     */
    public record Variant(BlockKey kind, Colouring colouring, long blocks, long turned) {
    }

    /**
     * Each kind in each of its colourings, first place first.
     *
     * @param cutUp how many blocks are sewn for so many halves and so many quarters at the edges
     */
    public List<Variant> variants(LongBinaryOperator cutUp) {
        Map<Placement, Shares> shares = new LinkedHashMap<>();
        placements.forEach((place, placement) -> shares
                .computeIfAbsent(new Placement(placement.kind(), Turn.NONE, placement.colouring()), kind -> new Shares())
                .add(grid.share(place), placement.turn()));
        List<Variant> variants = new ArrayList<>();
        shares.forEach((placement, share) -> {
            long blocks = share.sewn(share.all, cutUp);
            variants.add(new Variant(
                    placement.kind(), placement.colouring(), blocks, Math.min(blocks, share.sewn(share.turned, cutUp))));
        });
        return variants;
    }

    /** How many places hold a whole, half or quarter block. */
    private static final class Shares {

        private final long[] all = new long[PlaceGrid.Share.values().length];
        private final long[] turned = new long[PlaceGrid.Share.values().length];

        void add(PlaceGrid.Share share, Turn turn) {
            all[share.ordinal()]++;
            turned[share.ordinal()] += turn.isSideways() ? 1 : 0;
        }

        long sewn(long[] counted, LongBinaryOperator cutUp) {
            return counted[PlaceGrid.Share.WHOLE.ordinal()]
                    + cutUp.applyAsLong(counted[PlaceGrid.Share.HALF.ordinal()], counted[PlaceGrid.Share.QUARTER.ordinal()]);
        }
    }
}
