package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;

/**
 * How what is not cut of a confirmed run is planned again: first only the lines without a bolt, so that tickets in hand stay valid; if that
 * does not place all of them, everything that is not cut. Bags already begun come first, then by number. Worked out from what was looked
 * at alone, so that nothing has to be locked meanwhile.
 */
final class Replan {

    /** A line of an open bag that is not cut. */
    record Line(long id, long bagId, int bagNumber, boolean bagBegun, long fabricId, Length length, Length plannedWidth) {
    }

    /** A cut that is planned, with its cloth reserved. */
    record Held(long cutId, long boltId, int position, Length length, List<Long> lineIds) {
    }

    /**
     * All that it comes from.
     *
     * @param bolts of the fabrics of the lines, and those of the cuts
     */
    record Seen(List<Line> lines, List<Held> cuts, List<Bolt> bolts, RestRule rests) {
    }

    /** A line that goes to a bolt. */
    record Placed(long lineId, long boltId) {
    }

    /**
     * What becomes of it.
     *
     * @param gone      ids of planned cuts that are let go
     * @param placed    lines that get a cut of their own
     * @param isNewPlan whether the plan gets another number
     */
    record Decision(List<Long> gone, List<Placed> placed, boolean isNewPlan) {
    }

    private final Seen seen;
    private final Map<Long, Bolt> bolts = new TreeMap<>();
    private final List<Held> held;
    private final List<Long> gone = new ArrayList<>();
    private final List<Placed> placed = new ArrayList<>();

    private Replan(Seen seen) {
        this.seen = seen;
        this.held = new ArrayList<>(seen.cuts());
        seen.bolts().forEach(bolt -> bolts.put(bolt.id(), bolt));
    }

    static Decision of(Seen seen) {
        return new Replan(seen).decision();
    }

    private Decision decision() {
        letGoWhatBoltsNoLongerHave();
        List<Line> homeless = homeless();
        if (homeless.isEmpty()) {
            return new Decision(gone, placed, false);
        }
        if (!place(eachAlone(homeless), true)) {
            List.copyOf(held).forEach(this::letGo);
            place(byBag(), false);
            // A bag that cannot be made yet still holds what there is for it, and waits for the rest.
            place(eachAlone(homeless()), false);
        }
        return new Decision(gone, placed, true);
    }

    /** Where more is reserved on a bolt than it has, this run lets its last cuts on it go until the rest fits. */
    private void letGoWhatBoltsNoLongerHave() {
        List<Held> lastFirst = new ArrayList<>(held);
        lastFirst.sort(Comparator.comparing(Held::position).reversed());
        for (Held cut : lastFirst) {
            Bolt bolt = requireNonNull(bolts.get(cut.boltId()));
            if (bolt.reserved().isLongerThan(bolt.onHand())) {
                letGo(cut);
            }
        }
    }

    private void letGo(Held cut) {
        held.remove(cut);
        gone.add(cut.cutId());
        bolts.computeIfPresent(cut.boltId(), (id, bolt) -> bolt.withReserved(bolt.reserved().minus(cut.length())));
    }

    private List<Line> homeless() {
        Set<Long> home = held.stream().flatMap(cut -> cut.lineIds().stream()).collect(Collectors.toCollection(HashSet::new));
        placed.forEach(one -> home.add(one.lineId()));
        return seen.lines().stream().filter(line -> !home.contains(line.id())).toList();
    }

    private static List<List<Line>> eachAlone(List<Line> lines) {
        return lines.stream().map(List::of).toList();
    }

    private List<List<Line>> byBag() {
        Map<Integer, List<Line>> byNumber = seen.lines().stream()
                .collect(Collectors.groupingBy(Line::bagNumber, TreeMap::new, Collectors.toList()));
        return byNumber.values().stream().sorted(Comparator.comparing(bag -> !bag.get(0).bagBegun())).toList();
    }

    /** Places groups of lines whole, in their order, as far as cloth goes; says whether all are. With {@code allOrNone} only then. */
    private boolean place(List<List<Line>> groups, boolean allOrNone) {
        BoltLayout layout = layout(groups);
        BoltPlan plan = layout.inOrderAsked();
        boolean whole = layout.isWhole(plan);
        if (whole || !allOrNone) {
            plan.cuts().forEach(cut -> place(groups.get(cut.group()), cut));
        }
        return whole;
    }

    private void place(List<Line> group, BoltPlan.PlannedLength cut) {
        Line line = group.stream().filter(one -> one.fabricId() == BoltLayout.fabricId(cut.fabricCode())).findFirst().orElseThrow();
        long boltId = Bolt.idOf(cut.boltId());
        placed.add(new Placed(line.id(), boltId));
        bolts.computeIfPresent(boltId, (id, bolt) -> bolt.withReserved(bolt.reserved().plus(line.length())));
    }

    private BoltLayout layout(List<List<Line>> groups) {
        Function<Line, BoltLayout.Piece> piece = line -> new BoltLayout.Piece(line.fabricId(), line.length(), line.plannedWidth());
        List<BoltLayout.Bags> wanted = new ArrayList<>();
        for (List<Line> group : groups) {
            wanted.add(new BoltLayout.Bags("bag-" + wanted.size(), 1, group.stream().map(piece).toList()));
        }
        return new BoltLayout(wanted, List.copyOf(bolts.values()), seen.rests());
    }
}
