package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.Run;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.Tolerance;
import retazo.core.bolt.promise.AllotmentRequest;
import retazo.core.bolt.promise.ClothNeed;
import retazo.core.bolt.promise.HeldCut;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/**
 * All that open bags were promised of some fabrics, as it was looked at.
 *
 * @param runs     of the lines, by id
 * @param lines    of open bags that are not cut
 * @param planned  the cuts that are planned of them
 * @param bolts    of the fabrics, and those of the cuts
 * @param begun    the ids of bags that are begun
 * @param mayTake  the ids of lines without a bolt that may take cloth from bags that come after
 */
record Promises(
        Map<Long, Run> runs, List<BagLineEntity> lines, List<PlannedCutEntity> planned, List<Bolt> bolts, Set<Long> begun,
        Set<Long> mayTake) {

    /** The runs in the order in which they are locked. */
    Set<Long> runIds() {
        return new TreeSet<>(runs.keySet());
    }

    /** The lines that have no bolt. */
    static List<BagLineEntity> homeless(Collection<BagLineEntity> lines, Collection<PlannedCutEntity> planned) {
        Set<Long> home = planned.stream().flatMap(PlannedCutEntity::lines).map(BagLineEntity::id).collect(Collectors.toSet());
        return lines.stream().filter(line -> !home.contains(line.id())).toList();
    }

    AllotmentRequest request(ShopPractice shop) {
        List<HeldCut> held = planned.stream()
                .sorted(Comparator.comparing(PlannedCutEntity::boltId).thenComparing(PlannedCutEntity::position)
                        .thenComparing(PlannedCutEntity::id))
                .map(cut -> new HeldCut(
                        Long.toString(cut.id()), Long.toString(cut.boltId()), cut.length(),
                        cut.lines().map(line -> need(line, true)).toList()))
                .toList();
        return new AllotmentRequest(
                boltsByFabric(Tolerance.of(shop)), held,
                homeless(lines, planned).stream().map(line -> need(line, mayTake.contains(line.id()))).toList(),
                RestRule.of(shop));
    }

    private ClothNeed need(BagLineEntity line, boolean takes) {
        Run run = requireNonNull(runs.get(line.bag().runId()));
        return new ClothNeed(
                Long.toString(line.id()), Long.toString(line.bag().id()), Long.toString(line.fabricId()), line.length(),
                line.plannedWidth(),
                run.precedence(begun.contains(line.bag().id())), takes);
    }

    /** What a bolt has for these lines: all but what others have reserved of it. */
    private Map<String, List<BoltStock>> boltsByFabric(Tolerance tolerance) {
        Map<Long, Length> kept = new HashMap<>();
        planned.forEach(cut -> kept.merge(cut.boltId(), cut.length(), Length::plus));
        Function<Bolt, BoltStock> stock = bolt -> bolt
                .withReserved(bolt.reserved().minus(kept.getOrDefault(bolt.id(), Length.ZERO)).atLeast(Length.ZERO)).toStock(tolerance);
        return bolts.stream().sorted(Comparator.comparing(Bolt::id)).collect(Collectors.groupingBy(
                bolt -> Long.toString(bolt.fabricId()), TreeMap::new, Collectors.mapping(stock, Collectors.toList())));
    }

    /** The fabrics of a run that are in question: a line has no bolt, or more is reserved on a bolt than it has. */
    static Set<Long> inQuestion(List<BagLineEntity> open, List<PlannedCutEntity> planned, Map<Long, Bolt> boltsOfCuts) {
        Set<Long> fabrics = new HashSet<>();
        homeless(open, planned).forEach(line -> fabrics.add(line.fabricId()));
        planned.stream().map(cut -> requireNonNull(boltsOfCuts.get(cut.boltId())))
                .filter(bolt -> bolt.reserved().isLongerThan(bolt.onHand()))
                .forEach(bolt -> fabrics.add(bolt.fabricId()));
        return fabrics;
    }
}
