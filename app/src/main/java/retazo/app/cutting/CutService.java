package retazo.app.cutting;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.practice.PracticeService;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.shared.Moments;
import retazo.app.shared.Outcome;
import retazo.app.staff.StaffService;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * Records what was really cut. Each step locks its run, then its bolt, and books stock and ticket as one; a step that is
 * refused leaves no trace.
 */
@Service
public class CutService {

    /** The steps before it belong to the bolt: a correction, the cut itself. */
    private static final int FIRST_LEFT_OVER = 2;

    private final CutRecordRepository records;
    private final RunService runs;
    private final StockService stock;
    private final GoodService goods;
    private final StaffService staff;
    private final PracticeService practice;
    private final Clock clock;

    CutService(
            CutRecordRepository records, RunService runs, StockService stock, GoodService goods, StaffService staff,
            PracticeService practice, Clock clock) {
        this.records = records;
        this.runs = runs;
        this.stock = stock;
        this.goods = goods;
        this.staff = staff;
        this.practice = practice;
        this.clock = clock;
    }

    /** Confirms a planned cut, at the length on the ticket. */
    @Transactional
    public boolean confirm(long plannedCutId, UUID clientId, long personId) {
        PlannedCut cut = runs.plannedCut(plannedCutId);
        CutStep step = new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), clientId, Optional.empty(), Optional.empty(), false);
        return record(step, personId).match(recorded -> true, old -> false, refused -> false, isShort -> false);
    }

    /** Records a cut, with its real length where that differs. */
    @Transactional
    CutResult record(CutStep step, long personId) {
        Run run = runs.lockForCutting(step.runId());
        if (records.existsByClientId(step.clientId())) {
            return new CutResult.Recorded();
        }
        PlannedCut cut = runs.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        Length real = step.real().orElse(cut.length());
        if (!real.isShorterThan(cut.length())) {
            return recordGood(step, cut, real, personId);
        }
        return step.fate().map(fate -> recordShort(step, cut, real, fate, personId)).orElseGet(CutResult.Short::new);
    }

    private Optional<CutResult> whyNot(CutStep step, PlannedCut cut, Run run) {
        if (cut.runId() != step.runId() || cut.boltId() != step.boltId() || cut.bagClosed()) {
            return Optional.of(new CutResult.Refused(Problem.of("cut.not-here"), false));
        }
        if (cut.state() == PlannedCut.State.SUPERSEDED) {
            return Optional.of(new CutResult.OldTicket(step.planVersion(), run.planVersion()));
        }
        if (cut.state() == PlannedCut.State.CUT) {
            return Optional.of(records.ofCut(cut.id())
                    .map(record -> new CutResult.Refused(
                            Problem.of("cut.already", cut.bagNumber(), name(record.personId()), Moments.clock(record.at())), false))
                    .orElseThrow());
        }
        return Optional.empty();
    }

    private CutResult recordGood(CutStep step, PlannedCut cut, Length real, long personId) {
        Entry entry = Entry.of(personId, step.clientId()).noted("run " + cut.runId() + ", bag " + cut.bags());
        runs.markCut(cut.id());
        Outcome<Long> taken = step.longer()
                ? stock.takeFromLonger(cut.boltId(), real, Reason.CUT_FOR_RUN, entry)
                : stock.take(cut.boltId(), real, Reason.CUT_FOR_RUN, entry);
        return taken.match(
                movement -> {
                    keepLeftOvers(cut, entry);
                    return keep(cut, step.clientId(), real, CutRecordEntity.Outcome.GOOD, personId);
                },
                problems -> undoAll(problems.get(0)));
    }

    /** What the length leaves and is kept is there from now on; it goes again if the cut is taken back. */
    private void keepLeftOvers(PlannedCut cut, Entry entry) {
        int step = FIRST_LEFT_OVER;
        List<Long> lines = cut.targets().stream().map(PlannedCut.Target::bagLineId).toList();
        for (Bag.LeftOver left : runs.leftOvers(lines).values().stream().flatMap(List::stream).toList()) {
            goods.addWith(left.goodId(), left.count(), Reason.LEFT_OVER, entry, step);
            step++;
        }
    }

    private CutResult recordShort(CutStep step, PlannedCut cut, Length real, CutStep.Fate fate, long personId) {
        Entry entry = Entry.of(personId, step.clientId()).noted("too short for run " + cut.runId() + ", bag " + cut.bagNumber());
        runs.putInQuestion(cut.id());
        Outcome<Long> taken = switch (fate) {
            case REMNANT -> stock.splitOff(cut.boltId(), real, entry);
            case WASTE -> stock.take(cut.boltId(), real, Reason.WASTE, entry);
        };
        return taken.match(
                done -> {
                    CutResult kept = keep(cut, step.clientId(), real, CutRecordEntity.Outcome.SHORT, personId);
                    runs.planAgain(cut.runId());
                    return kept;
                },
                problems -> undoAll(problems.get(0)));
    }

    private CutResult keep(PlannedCut cut, UUID clientId, Length real, CutRecordEntity.Outcome outcome, long personId) {
        records.saveAndFlush(CutRecordEntity.of(cut, clientId, real, outcome, personId, clock.instant()));
        return new CutResult.Recorded();
    }

    private static CutResult undoAll(Problem problem) {
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return new CutResult.Refused(problem, problem.code().equals("stock.not-enough"));
    }

    /** Cuts a flaw out of the bolt; what no longer fits is planned again. */
    @Transactional
    CutResult recordFlaw(CutStep step, Length good, Length flaw, long personId) {
        Run run = runs.lockForCutting(step.runId());
        if (records.existsByClientId(step.clientId())) {
            return new CutResult.Recorded();
        }
        PlannedCut cut = runs.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        boolean worthKeeping = RestRule.of(practice.practice()).kindOf(good) != RestRule.Kind.NOTHING;
        Entry entry = Entry.of(personId, step.clientId()).noted("found at run " + cut.runId());
        return stock.cutOutFlaw(cut.boltId(), good, flaw, worthKeeping, entry).match(
                done -> {
                    CutResult kept = keep(cut, step.clientId(), good, CutRecordEntity.Outcome.FLAW, personId);
                    runs.planAgain(cut.runId());
                    return kept;
                },
                problems -> undoAll(problems.get(0)));
    }

    /** Books what the bolt really has left; what no longer fits is planned again. */
    @Transactional
    CutResult recordMeasured(CutStep step, Length left, long personId) {
        runs.lockForCutting(step.runId());
        stock.correct(step.boltId(), left, Entry.of(personId, step.clientId()).noted("measured at run " + step.runId()));
        runs.planAgain(step.runId());
        return new CutResult.Recorded();
    }

    /** Takes back the last step on a bolt of a run; asked twice by one page, it takes back one. */
    @Transactional
    public Outcome<Long> undoLast(long runId, long boltId, UUID clientId, long personId) {
        runs.lockForCutting(runId);
        if (stock.isBooked(clientId)) {
            return Outcome.done(runId);
        }
        Optional<CutRecordEntity> newest = records.newest(runId, boltId);
        if (newest.isEmpty()) {
            return Outcome.refused(Problem.of("stock.nothing-to-undo"));
        }
        CutRecordEntity record = newest.get();
        if (runs.plannedCut(record.plannedCutId()).bagClosed()) {
            return Outcome.refused(Problem.of("cut.bag-packed"));
        }
        return stock.reverse(record.clientId(), Entry.of(personId, clientId).noted("cut taken back")).match(
                done -> {
                    record.undo();
                    records.flush();
                    if (record.outcome() == CutRecordEntity.Outcome.GOOD) {
                        runs.markOpenAgain(record.plannedCutId());
                    }
                    runs.planAgain(runId);
                    return Outcome.done(runId);
                },
                Outcome::refused);
    }

    private String name(long personId) {
        return staff.names(Set.of(personId)).getOrDefault(personId, "");
    }
}
