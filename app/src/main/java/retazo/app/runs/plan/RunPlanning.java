package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.ReplanEntity;
import retazo.app.runs.book.ReplanRepository;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.WantedCut;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.bolt.RestRule;

/** Keeps which bag of a run is cut from which bolt, with its cloth reserved. The caller holds the lock of the run. */
@Component
public class RunPlanning {

    private final BagLineRepository lines;
    private final PlannedCutRepository cuts;
    private final StockService stock;
    private final PracticeService practice;
    private final ReplanRepository asked;
    private final BegunBags begunBags;
    private final Clock clock;

    RunPlanning(
            BagLineRepository lines, PlannedCutRepository cuts, StockService stock, PracticeService practice, ReplanRepository asked,
            BegunBags begunBags, Clock clock) {
        this.lines = lines;
        this.cuts = cuts;
        this.stock = stock;
        this.practice = practice;
        this.asked = asked;
        this.begunBags = begunBags;
        this.clock = clock;
    }

    /** The ids of the bags of a run that are begun: a length of theirs is cut, or pieces of their precuts are. */
    public Set<Long> begun(long runId) {
        return begunBags.of(runId);
    }

    /** Writes down that a run is to be planned again, with what happened to it. */
    public void ask(long runId) {
        asked.save(ReplanEntity.of(runId, clock.instant()));
    }

    /** What a plan comes from, and what becomes of it. */
    public static final class Again {

        private final Replan.Seen seen;
        private final Replan.Decision decision;

        private Again(Replan.Seen seen) {
            this.seen = seen;
            this.decision = Replan.of(seen);
        }
    }

    /** Works out how what is not cut of a run is planned again, from what is there now; nothing is locked. */
    @Transactional(readOnly = true)
    public Again lookAgain(long runId) {
        List<BagLineEntity> open = openLines(runId);
        return new Again(seen(runId, open, stock.boltsById(boltIds(runId, open))));
    }

    /** Plans a run as that was worked out; false where its bags or bolts are not so any more, and nothing is done then. */
    public boolean planAgain(RunEntity run, Again again) {
        List<BagLineEntity> open = openLines(run.id());
        Map<Long, Bolt> bolts = stock.lockBolts(boltIds(run.id(), open)).stream().collect(Collectors.toMap(Bolt::id, bolt -> bolt));
        if (!seen(run.id(), open, bolts).equals(again.seen)) {
            return false;
        }
        Set<Long> gone = Set.copyOf(again.decision.gone());
        supersede(planned(run.id()).stream().filter(cut -> gone.contains(cut.id())).toList());
        int version = again.decision.isNewPlan() ? run.nextPlan() : run.planVersion();
        if (!again.decision.placed().isEmpty()) {
            Map<Long, BagLineEntity> byId = open.stream().collect(Collectors.toMap(BagLineEntity::id, line -> line));
            keep(again.decision.placed().stream()
                    .map(one -> WantedCut.of(requireNonNull(byId.get(one.lineId())), one.boltId())).toList(), version);
        }
        return true;
    }

    private Replan.Seen seen(long runId, List<BagLineEntity> open, Map<Long, Bolt> bolts) {
        Set<Long> begun = begun(runId);
        return new Replan.Seen(
                open.stream().map(line -> new Replan.Line(
                        line.id(), line.bag().id(), line.bag().number(), begun.contains(line.bag().id()), line.fabricId(), line.length(),
                        line.plannedWidth())).toList(),
                planned(runId).stream().map(cut -> new Replan.Held(
                        cut.id(), cut.boltId(), cut.position(), cut.length(), cut.lines().map(BagLineEntity::id).toList())).toList(),
                bolts.values().stream().sorted(Comparator.comparing(Bolt::id)).toList(), RestRule.of(practice.practice()));
    }

    /** The bolts of the fabrics of lines, and those that planned cuts are on. */
    private Set<Long> boltIds(long runId, List<BagLineEntity> open) {
        Set<Long> ids = stock.boltsOf(open.stream().map(BagLineEntity::fabricId).collect(Collectors.toSet())).stream()
                .map(Bolt::id).collect(Collectors.toCollection(TreeSet::new));
        planned(runId).forEach(cut -> ids.add(cut.boltId()));
        return ids;
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

    private List<BagLineEntity> openLines(long runId) {
        Set<Long> cut = cuts.current(List.of(runId)).stream()
                .filter(PlannedCutEntity::isCut)
                .flatMap(PlannedCutEntity::lines)
                .map(BagLineEntity::id)
                .collect(Collectors.toSet());
        return lines.ofRuns(List.of(runId)).stream()
                .filter(line -> line.bag().isOpen() && !cut.contains(line.id()))
                .toList();
    }

    private List<PlannedCutEntity> planned(long runId) {
        return cuts.current(List.of(runId)).stream().filter(PlannedCutEntity::isPlanned).toList();
    }
}
