package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.WantedCut;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;

/**
 * Plans the open lines of a confirmed run: first only those without a bolt, so that tickets in hand stay valid; if that
 * does not place all of them, everything that is not cut. Bags already begun come first, then by number. The caller holds
 * the lock of the run.
 */
@Component
public class RunPlanning {

    private final BagLineRepository lines;
    private final PlannedCutRepository cuts;
    private final StockService stock;
    private final PracticeService practice;

    RunPlanning(BagLineRepository lines, PlannedCutRepository cuts, StockService stock, PracticeService practice) {
        this.lines = lines;
        this.cuts = cuts;
        this.stock = stock;
        this.practice = practice;
    }

    /** Plans what has no bolt. Gives whether the plan changed. */
    public boolean planOpenLines(RunEntity run) {
        List<BagLineEntity> open = openLines(run);
        Set<Long> fabricIds = open.stream().map(BagLineEntity::fabricId).collect(Collectors.toSet());
        List<Long> boltIds = stock.boltsOf(fabricIds).stream().map(Bolt::id).toList();
        stock.lockBolts(boltIds);
        boolean dropped = dropWhatBoltsNoLongerHave(run);
        List<BagLineEntity> homeless = withoutCut(run, open);
        if (homeless.isEmpty()) {
            return dropped;
        }
        int version = run.nextPlan();
        if (!placeAll(eachAlone(homeless), fabricIds, version)) {
            supersede(planned(run));
            placeWhatFits(byBag(run, open), fabricIds, version);
            // A bag that cannot be made yet still holds what there is for it, and waits for the rest.
            placeWhatFits(eachAlone(withoutCut(run, open)), fabricIds, version);
        }
        return true;
    }

    /** Lets go of cuts and of the cloth reserved for them. */
    public void supersede(List<PlannedCutEntity> gone) {
        gone.forEach(cut -> cut.become(PlannedCut.State.SUPERSEDED));
        cuts.flush();
        stock.release(gone.stream().map(PlannedCutEntity::owner).toList());
    }

    /** Keeps a plan: one planned cut for each of its lengths, with its cloth reserved. */
    public void keep(List<WantedCut> wanted, int planVersion) {
        Map<Long, Integer> positions = new HashMap<>();
        cuts.current(List.of(wanted.get(0).lines().get(0).bag().runId()))
                .forEach(cut -> positions.merge(cut.boltId(), cut.position(), Math::max));
        List<PlannedCutEntity> kept = new ArrayList<>();
        for (WantedCut cut : wanted) {
            kept.add(PlannedCutEntity.of(cut, positions.merge(cut.boltId(), 1, Integer::sum), planVersion));
        }
        cuts.saveAllAndFlush(kept);
        stock.reserve(kept.stream().map(PlannedCutEntity::promise).toList());
    }

    private List<BagLineEntity> openLines(RunEntity run) {
        Set<Long> cut = cuts.current(List.of(run.id())).stream()
                .filter(PlannedCutEntity::isCut)
                .flatMap(PlannedCutEntity::lines)
                .map(BagLineEntity::id)
                .collect(Collectors.toSet());
        return lines.ofRuns(List.of(run.id())).stream()
                .filter(line -> line.bag().isOpen() && !cut.contains(line.id()))
                .toList();
    }

    private List<PlannedCutEntity> planned(RunEntity run) {
        return cuts.current(List.of(run.id())).stream().filter(PlannedCutEntity::isPlanned).toList();
    }

    private List<BagLineEntity> withoutCut(RunEntity run, List<BagLineEntity> open) {
        Set<Long> planned = planned(run).stream().flatMap(PlannedCutEntity::lines).map(BagLineEntity::id).collect(Collectors.toSet());
        return open.stream().filter(line -> !planned.contains(line.id())).toList();
    }

    /** Where more is reserved on a bolt than it has, this run lets its last cuts on it go until the rest fits. */
    private boolean dropWhatBoltsNoLongerHave(RunEntity run) {
        Map<Long, List<PlannedCutEntity>> byBolt = planned(run).stream().collect(Collectors.groupingBy(PlannedCutEntity::boltId));
        Map<Long, Bolt> bolts = stock.boltsById(byBolt.keySet());
        List<PlannedCutEntity> gone = new ArrayList<>();
        byBolt.forEach((boltId, ofBolt) -> {
            Length missing = requireNonNull(bolts.get(boltId)).reserved().minus(requireNonNull(bolts.get(boltId)).onHand());
            List<PlannedCutEntity> lastFirst = new ArrayList<>(ofBolt);
            lastFirst.sort(Comparator.comparing(PlannedCutEntity::position).reversed());
            for (PlannedCutEntity cut : lastFirst) {
                if (missing.isPositive()) {
                    gone.add(cut);
                    missing = missing.minus(cut.length());
                }
            }
        });
        supersede(gone);
        return !gone.isEmpty();
    }

    private static List<List<BagLineEntity>> eachAlone(List<BagLineEntity> homeless) {
        return homeless.stream().map(List::of).toList();
    }

    /** The open lines bag by bag, bags that are begun first. */
    private List<List<BagLineEntity>> byBag(RunEntity run, List<BagLineEntity> open) {
        Set<Long> begun = new HashSet<>();
        cuts.current(List.of(run.id())).stream()
                .filter(PlannedCutEntity::isCut)
                .flatMap(PlannedCutEntity::lines)
                .forEach(line -> begun.add(line.bag().id()));
        Map<Integer, List<BagLineEntity>> byNumber = open.stream()
                .collect(Collectors.groupingBy(line -> line.bag().number(), java.util.TreeMap::new, Collectors.toList()));
        return byNumber.values().stream()
                .sorted(Comparator.comparing(bag -> !begun.contains(bag.get(0).bag().id())))
                .toList();
    }

    private boolean placeAll(List<List<BagLineEntity>> groups, Set<Long> fabricIds, int version) {
        BoltLayout layout = layout(groups, fabricIds);
        BoltPlan plan = layout.inOrderAsked();
        if (!layout.isWhole(plan)) {
            return false;
        }
        keep(groups, plan, version);
        return true;
    }

    private void placeWhatFits(List<List<BagLineEntity>> groups, Set<Long> fabricIds, int version) {
        BoltPlan plan = layout(groups, fabricIds).inOrderAsked();
        if (!plan.cuts().isEmpty()) {
            keep(groups, plan, version);
        }
    }

    private BoltLayout layout(List<List<BagLineEntity>> groups, Set<Long> fabricIds) {
        List<BoltLayout.Bags> wanted = new ArrayList<>();
        for (List<BagLineEntity> group : groups) {
            wanted.add(new BoltLayout.Bags("bag-" + wanted.size(), 1, group.stream()
                    .map(line -> new BoltLayout.Piece(line.fabricId(), line.length(), line.plannedWidth()))
                    .toList()));
        }
        return new BoltLayout(wanted, stock.boltsOf(fabricIds), RestRule.of(practice.practice()));
    }

    private void keep(List<List<BagLineEntity>> groups, BoltPlan plan, int version) {
        keep(plan.cuts().stream()
                .map(cut -> WantedCut.of(
                        groups.get(cut.group()).stream()
                                .filter(line -> line.fabricId() == BoltLayout.fabricId(cut.fabricCode()))
                                .findFirst()
                                .orElseThrow(),
                        Bolt.idOf(cut.boltId())))
                .toList(), version);
    }
}
