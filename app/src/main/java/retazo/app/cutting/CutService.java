package retazo.app.cutting;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.practice.PracticeService;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;
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

    private final CutRecords records;
    private final RunService runs;
    private final RunBook book;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;

    CutService(CutRecords records, RunService runs, RunBook book, StockService stock, GoodService goods, PracticeService practice) {
        this.records = records;
        this.runs = runs;
        this.book = book;
        this.stock = stock;
        this.goods = goods;
        this.practice = practice;
    }

    /** Confirms a planned cut, at the length on the ticket. */
    @Transactional
    public boolean confirm(long plannedCutId, UUID clientId, long personId) {
        PlannedCut cut = book.plannedCut(plannedCutId);
        CutStep step = new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), clientId, Optional.empty(), Optional.empty(), false);
        return record(step, personId).match(recorded -> true, old -> false, refused -> false, isShort -> false);
    }

    /** Records a cut, with its real length where that differs. */
    @Transactional
    CutResult record(CutStep step, long personId) {
        Run run = runs.lockForCutting(step.runId());
        if (records.has(step.clientId())) {
            return new CutResult.Recorded();
        }
        PlannedCut cut = book.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = records.whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        Length real = step.real().orElse(cut.length());
        if (!real.isShorterThan(cut.length())) {
            return recordGood(step, cut, real, personId);
        }
        return step.fate().map(fate -> recordShort(step, cut, real, fate, personId)).orElseGet(CutResult.Short::new);
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
                    return records.keep(cut, step.clientId(), real, CutRecordEntity.Outcome.GOOD, personId);
                },
                problems -> undoAll(problems.get(0)));
    }

    /** What the length leaves and is kept is there from now on; it goes again if the cut is taken back. */
    private void keepLeftOvers(PlannedCut cut, Entry entry) {
        int step = FIRST_LEFT_OVER;
        List<Long> lines = cut.targets().stream().map(PlannedCut.Target::bagLineId).toList();
        for (Bag.LeftOver left : book.leftOvers(lines).values().stream().flatMap(List::stream).toList()) {
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
                    CutResult kept = records.keep(cut, step.clientId(), real, CutRecordEntity.Outcome.SHORT, personId);
                    runs.planAgain(cut.runId());
                    return kept;
                },
                problems -> undoAll(problems.get(0)));
    }

    private static CutResult undoAll(Problem problem) {
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return new CutResult.Refused(problem, problem.code().equals("stock.not-enough"));
    }

    /** Cuts a flaw out of the bolt; what no longer fits is planned again. */
    @Transactional
    CutResult recordFlaw(CutStep step, Length good, Length flaw, long personId) {
        Run run = runs.lockForCutting(step.runId());
        if (records.has(step.clientId())) {
            return new CutResult.Recorded();
        }
        PlannedCut cut = book.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = records.whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        boolean worthKeeping = RestRule.of(practice.practice()).kindOf(good) != RestRule.Kind.NOTHING;
        Entry entry = Entry.of(personId, step.clientId()).noted("found at run " + cut.runId());
        return stock.cutOutFlaw(cut.boltId(), good, flaw, worthKeeping, entry).match(
                done -> {
                    CutResult kept = records.keep(cut, step.clientId(), good, CutRecordEntity.Outcome.FLAW, personId);
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
        if (book.plannedCut(record.plannedCutId()).bagClosed()) {
            return Outcome.refused(Problem.of("cut.bag-packed"));
        }
        return stock.reverse(record.clientId(), Entry.of(personId, clientId).noted("cut taken back")).match(
                done -> {
                    records.undo(record);
                    if (record.outcome() == CutRecordEntity.Outcome.GOOD) {
                        runs.markOpenAgain(record.plannedCutId());
                    }
                    runs.planAgain(runId);
                    return Outcome.done(runId);
                },
                Outcome::refused);
    }
}
