package retazo.app.cutting.stacks;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.RunService;
import retazo.app.runs.changes.Cause;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;
import retazo.app.runs.packets.StackRecord;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.packet.StackStep;

/** Records which stacks of pieces were cut. Each step locks its run first. */
@Service
public class StackService {

    private final Entries entries;
    private final RunService runs;
    private final PieceJobs jobs;
    private final PieceWorks works;
    private final OpenPieces open;
    private final StockService stock;
    private final Clock clock;

    StackService(Entries entries, RunService runs, PieceJobs jobs, PieceWorks works, OpenPieces open, StockService stock, Clock clock) {
        this.entries = entries;
        this.runs = runs;
        this.jobs = jobs;
        this.works = works;
        this.open = open;
        this.stock = stock;
        this.clock = clock;
    }

    /** Stands for a step in forms and records. */
    static String idOf(StackStep step) {
        return UUID.nameUUIDFromBytes(step.key().getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** How many of a step's strips or sheets came out well. */
    static int done(StackStep step, List<StackRecord> records) {
        String id = idOf(step);
        return records.stream().filter(record -> record.step().equals(id)).mapToInt(StackRecord::good).sum();
    }

    /** How many of a step's strips or sheets were spoilt. */
    static int spoilt(StackStep step, List<StackRecord> records) {
        String id = idOf(step);
        return records.stream().filter(record -> record.step().equals(id)).mapToInt(StackRecord::spoilt).sum();
    }

    /** The cloth that spoilt strips take and that was not cut again yet. */
    Length owed(PieceWork work) {
        List<StackRecord> records = jobs.records(work.of().source());
        Length spoilt = work.steps().stream().map(step -> step.height().times(spoilt(step, records))).reduce(Length.ZERO, Length::plus);
        return spoilt.minus(jobs.cutAgain(work.of().source())).atLeast(Length.ZERO);
    }

    /** Records a stack: how many strips or sheets came out well, and how many did not. */
    @Transactional
    Outcome<Long> record(PieceSource source, String stepId, int good, int spoilt, Entry asked) {
        return entries.once(asked, "stack of " + source + ": " + stepId + " " + good + " " + spoilt, entry -> locked(source, work -> {
            Optional<StackStep> step = work.steps().stream().filter(one -> idOf(one).equals(stepId)).findFirst();
            if (step.isEmpty()) {
                return Outcome.refused(Problem.of("stack.other-plan"));
            }
            if (good + spoilt == 0) {
                return Outcome.refused(Problem.at("good", "stack.nothing"));
            }
            int left = step.get().all() - done(step.get(), jobs.records(source));
            if (good > left) {
                return Outcome.refused(Problem.at("good", "stack.too-many", left));
            }
            jobs.keep(source, new StackRecord(stepId, good, spoilt, entry.personId(), clock.instant()));
            markIfDone(work, entry);
            return Outcome.done(source.runId());
        }));
    }

    /** Records all that is left of a source as cut well. */
    @Transactional
    public Outcome<Long> recordAll(PieceSource source, Entry asked) {
        return entries.once(asked, "all stacks of " + source, entry -> locked(source, work -> {
            List<StackRecord> before = jobs.records(source);
            for (StackStep step : work.steps()) {
                int left = step.all() - done(step, before);
                if (left > 0) {
                    jobs.keep(source, new StackRecord(idOf(step), left, 0, entry.personId(), clock.instant()));
                }
            }
            markIfDone(work, entry);
            return Outcome.done(source.runId());
        }));
    }

    private void markIfDone(PieceWork work, Entry entry) {
        List<StackRecord> records = jobs.records(work.of().source());
        if (work.steps().stream().allMatch(step -> done(step, records) >= step.all())) {
            jobs.markDone(work.of().source(), entry.personId());
            settle(work.of().source());
        }
    }

    private void settle(PieceSource source) {
        runs.markPieces(source.runId(), open.bagsWithPiecesLeft(source.runId()));
    }

    /** Takes back the last stack of a source. */
    @Transactional
    Outcome<Long> undo(PieceSource source, Entry asked) {
        return entries.once(asked, "undo stack of " + source, entry -> locked(source, work -> {
            if (!jobs.undoLast(source)) {
                return Outcome.refused(Problem.of("stack.nothing-to-undo"));
            }
            settle(source);
            return Outcome.done(source.runId());
        }));
    }

    /** Cuts cloth again for strips that were spoilt, from a bolt of the same lot. */
    @Transactional
    Outcome<Long> cutAgain(PieceSource source, long boltId, Length length, Entry asked) {
        return entries.once(asked, "cut again for " + source + ": bolt " + boltId + " " + length, entry -> locked(source, work -> {
            Bolt bolt = stock.bolt(boltId);
            if (!work.of().fabric().map(fabric -> fabric.id() == bolt.fabricId()).orElse(false)) {
                return Outcome.refused(Problem.at("bolt", "stack.other-cloth", bolt.code()));
            }
            if (!bolt.lot().equals(work.of().from().lot())) {
                return Outcome.refused(Problem.at("bolt", "stack.other-lot", bolt.code(), bolt.lot(), work.of().from().lot()));
            }
            if (owed(work).isZero()) {
                return Outcome.refused(Problem.of("stack.nothing-spoilt"));
            }
            return stock.take(boltId, length, Reason.WASTE,
                    entry.noted("again for pieces of run " + source.runId() + ", bag " + work.of().bags())).match(
                            taken -> {
                                jobs.markCutAgain(source, length);
                                runs.askPlanAgain(source.runId(), Happened.on(boltId, Cause.SPOILT));
                                return Outcome.done(source.runId());
                            },
                            problems -> Outcome.refused(problems.stream().map(problem -> problem.movedTo("length")).toList()));
        }));
    }

    private Outcome<Long> locked(PieceSource source, Function<PieceWork, Outcome<Long>> booking) {
        runs.lockForCutting(source.runId());
        PieceWork work = works.of(source);
        if (!work.of().from().isCut()) {
            return Outcome.refused(Problem.of("stack.not-cut"));
        }
        return work.of().isOpen() ? booking.apply(work) : Outcome.refused(Problem.of("stack.bag-closed"));
    }
}
