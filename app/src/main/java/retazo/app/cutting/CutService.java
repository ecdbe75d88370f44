package retazo.app.cutting;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.practice.PracticeService;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.Happened;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
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

    private static final Entries.Answers<CutResult> ANSWERS = new Entries.Answers<>(
            result -> result.match(recorded -> Optional.of(0L), old -> Optional.empty(), refused -> Optional.empty(),
                    isShort -> Optional.empty()),
            before -> new CutResult.Recorded(), problem -> new CutResult.Refused(problem, TicketPage.Asks.NOTHING));

    private final Entries entries;
    private final CutRecords records;
    private final RunService runs;
    private final RunBook book;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;

    CutService(Entries entries, CutRecords records, RunService runs, RunBook book, StockService stock, GoodService goods,
            PracticeService practice) {
        this.entries = entries;
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
        return isRecorded(record(planned(plannedCutId, clientId, Optional.empty()), personId));
    }

    /** Confirms a planned cut at its real length, of a bolt that may have been longer than the book says. */
    @Transactional
    public boolean confirmLonger(long plannedCutId, Length real, UUID clientId, long personId) {
        return isRecorded(record(planned(plannedCutId, clientId, Optional.of(real)), personId));
    }

    /** Cuts a flaw out of the bolt of a planned cut, as {@link #recordFlaw} does. */
    @Transactional
    public boolean cutOutFlaw(long plannedCutId, Length good, Length flaw, UUID clientId, long personId) {
        return isRecorded(recordFlaw(planned(plannedCutId, clientId, Optional.empty()), good, flaw, personId));
    }

    private CutStep planned(long plannedCutId, UUID clientId, Optional<Length> real) {
        PlannedCut cut = book.plannedCut(plannedCutId);
        return new CutStep(
                cut.runId(), cut.boltId(), cut.id(), cut.planVersion(), clientId, real, Optional.empty(), real.isPresent(), false);
    }

    private static boolean isRecorded(CutResult result) {
        return result.match(recorded -> true, old -> false, refused -> false, isShort -> false);
    }

    /** Records a cut, with its real length where that differs. */
    @Transactional
    CutResult record(CutStep step, long personId) {
        return once("cut", step, List.of(step.real(), step.fate(), step.longer(), step.sure()), personId, entry -> cut(step, entry));
    }

    /** What a ticket asks is done once, and its id stands for that alone. */
    private CutResult once(String what, CutStep step, List<Object> typed, long personId, Function<Entry, CutResult> booking) {
        String asked = what + " run " + step.runId() + " bolt " + step.boltId() + " cut " + step.plannedCutId() + " " + typed;
        return entries.once(Entry.of(personId, step.clientId()), asked, ANSWERS, booking);
    }

    private CutResult cut(CutStep step, Entry entry) {
        Run run = runs.lockForCutting(step.runId());
        PlannedCut cut = book.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = records.whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        Length real = step.real().orElse(cut.length());
        if (step.isFarFrom(cut.length())) {
            return new CutResult.Refused(Problem.of("cut.far", real, cut.length()), TicketPage.Asks.FAR);
        }
        if (!real.isShorterThan(cut.length())) {
            return recordGood(step, cut, real, entry);
        }
        return step.fate().map(fate -> recordShort(cut, real, fate, entry)).orElseGet(CutResult.Short::new);
    }

    /** The book is asked first; only what it has taken off the bolt is cut. */
    private CutResult recordGood(CutStep step, PlannedCut cut, Length real, Entry asked) {
        Entry entry = asked.noted("run " + cut.runId() + ", bag " + cut.bags());
        runs.letGo(cut.id());
        Outcome<Long> taken = step.longer()
                ? stock.takeFromLonger(cut.boltId(), real, Reason.CUT_FOR_RUN, entry)
                : stock.take(cut.boltId(), real, Reason.CUT_FOR_RUN, entry);
        return taken.match(
                movement -> {
                    runs.markCut(cut.id());
                    keepLeftOvers(cut, entry);
                    return records.keep(cut, entry, real, CutRecordEntity.Outcome.GOOD);
                },
                problems -> undoCut(problems.get(0)));
    }

    /** What the length leaves and is kept is there from now on; it goes again if the cut is taken back. */
    private void keepLeftOvers(PlannedCut cut, Entry entry) {
        int step = FIRST_LEFT_OVER;
        List<Long> lines = cut.targets().stream().map(PlannedCut.Target::bagLineId).toList();
        for (Bag.LeftOver left : book.leftOvers(lines).values().stream().flatMap(List::stream).toList()) {
            goods.moveWith(left.goodId(), left.count(), Reason.LEFT_OVER, entry, step);
            step++;
        }
    }

    private CutResult recordShort(PlannedCut cut, Length real, CutStep.Fate fate, Entry asked) {
        Entry entry = asked.noted("too short for run " + cut.runId() + ", bag " + cut.bagNumber());
        runs.putInQuestion(cut.id());
        Outcome<Long> taken = switch (fate) {
            case REMNANT -> stock.splitOff(cut.boltId(), real, entry);
            case WASTE -> stock.take(cut.boltId(), real, Reason.WASTE, entry);
        };
        return taken.match(
                done -> {
                    CutResult kept = records.keep(cut, entry, real, CutRecordEntity.Outcome.SHORT);
                    runs.askPlanAgain(cut.runId(), Happened.on(cut.boltId(), Cause.CUT_SHORT));
                    return kept;
                },
                problems -> undoCut(problems.get(0)));
    }

    /** Undoes a cut; where the book has less than was cut, the cutter is asked whether the bolt was longer. */
    private static CutResult undoCut(Problem problem) {
        return undoAll(problem, problem.code().equals("stock.not-enough") ? TicketPage.Asks.LONGER : TicketPage.Asks.NOTHING);
    }

    private static CutResult undoAll(Problem problem, TicketPage.Asks asks) {
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return new CutResult.Refused(problem, asks);
    }

    /** A length in front is put aside as a bolt of its own, so that the cut lies behind it. */
    @Transactional
    CutResult recordAside(CutStep step, Length front, long personId) {
        return once("aside", step, List.of(front), personId, entry -> aside(step, front, entry));
    }

    private CutResult aside(CutStep step, Length front, Entry asked) {
        Run run = runs.lockForCutting(step.runId());
        PlannedCut cut = book.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = records.whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        Entry entry = asked.noted("put aside at run " + cut.runId());
        return stock.putAside(cut.boltId(), front, entry).match(
                done -> {
                    CutResult kept = records.keep(cut, entry, front, CutRecordEntity.Outcome.ASIDE);
                    runs.askPlanAgain(cut.runId(), Happened.on(cut.boltId(), Cause.TAKEN_OFF));
                    return kept;
                },
                problems -> undoAll(problems.get(0), TicketPage.Asks.NOTHING));
    }

    /** Cuts a flaw out of the bolt; what no longer fits is planned again. */
    @Transactional
    CutResult recordFlaw(CutStep step, Length good, Length flaw, long personId) {
        return once("flaw", step, List.of(good, flaw), personId, entry -> flaw(step, good, flaw, entry));
    }

    private CutResult flaw(CutStep step, Length good, Length flaw, Entry asked) {
        Run run = runs.lockForCutting(step.runId());
        PlannedCut cut = book.plannedCut(step.plannedCutId());
        Optional<CutResult> stopped = records.whyNot(step, cut, run);
        if (stopped.isPresent()) {
            return stopped.get();
        }
        boolean worthKeeping = RestRule.of(practice.practice()).kindOf(good) != RestRule.Kind.NOTHING;
        Entry entry = asked.noted("found at run " + cut.runId());
        return stock.cutOutFlaw(cut.boltId(), good, flaw, worthKeeping, entry).match(
                done -> {
                    CutResult kept = records.keep(cut, entry, good, CutRecordEntity.Outcome.FLAW);
                    runs.askPlanAgain(cut.runId(), Happened.on(cut.boltId(), Cause.FLAW));
                    return kept;
                },
                problems -> undoAll(problems.get(0), TicketPage.Asks.NOTHING));
    }

    /** Books what the bolt really has left; what no longer fits is planned again. */
    @Transactional
    CutResult recordMeasured(CutStep step, Length left, long personId) {
        return once("measured", step, List.of(left), personId, entry -> {
            runs.lockForCutting(step.runId());
            stock.correct(step.boltId(), left, entry.noted("measured at run " + step.runId()));
            runs.askPlanAgain(step.runId(), Happened.on(step.boltId(), Cause.MEASURED));
            return new CutResult.Recorded();
        });
    }

    /** Takes back the last step on a bolt of a run; asked twice by one page, it takes back one. */
    @Transactional
    public Outcome<Long> undoLast(long runId, long boltId, UUID clientId, long personId) {
        return entries.once(
                Entry.of(personId, clientId), "undo run " + runId + " bolt " + boltId, entry -> undo(runId, boltId, entry));
    }

    private Outcome<Long> undo(long runId, long boltId, Entry entry) {
        runs.lockForCutting(runId);
        Optional<CutRecordEntity> newest = records.newest(runId, boltId);
        if (newest.isEmpty()) {
            return Outcome.refused(Problem.of("stock.nothing-to-undo"));
        }
        CutRecordEntity record = newest.get();
        Optional<Problem> stands = records.whyNotBack(book.plannedCut(record.plannedCutId()));
        if (stands.isPresent()) {
            return Outcome.refused(stands.get());
        }
        return stock.reverse(record.clientId(), entry.noted("cut taken back")).match(
                done -> {
                    records.undo(record);
                    if (record.outcome() == CutRecordEntity.Outcome.GOOD) {
                        runs.markOpenAgain(record.plannedCutId());
                    }
                    runs.askPlanAgain(runId, Happened.on(boltId, Cause.TAKEN_BACK));
                    return Outcome.done(runId);
                },
                Outcome::refused);
    }
}
