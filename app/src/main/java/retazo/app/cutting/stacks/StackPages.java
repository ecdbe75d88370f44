package retazo.app.cutting.stacks;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;
import retazo.app.runs.packets.StackRecord;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.packet.StackStep;

/** Puts the ticket of pieces together, at its step. */
@Service
@Transactional(readOnly = true)
class StackPages {

    private final PieceWorks works;
    private final PieceJobs jobs;
    private final StackService stacks;
    private final StockService stock;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    StackPages(
            PieceWorks works, PieceJobs jobs, StackService stacks, StockService stock, StaffService staff, Words words, Clock clock) {
        this.works = works;
        this.jobs = jobs;
        this.stacks = stacks;
        this.stock = stock;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /**
     * The ticket.
     *
     * @param now   the step to be cut; empty when all are
     * @param done  whether all its pieces are told as cut
     * @param last  what was recorded last; empty for nothing
     * @param again cloth for strips that were spoilt; empty where none were, or where they are not strips
     */
    record Ticket(
            PieceWork work, List<Step> steps, Optional<Step> now, boolean done, Optional<Last> last, Optional<Again> again) {

        public long stacks() {
            return steps.stream().mapToLong(Step::stacks).sum();
        }

        public long stacksDone() {
            return steps.stream().mapToLong(Step::stacksDone).sum();
        }
    }

    /**
     * Strips or sheets that are cut alike.
     *
     * @param sheets whether they are sheets, which have no end to square
     * @param what   they are, in words: {@code strips of 3 1/2 in}
     * @param gives  what one of them gives
     * @param done   how many came out well
     * @param stacks in how many stacks all of them lie
     * @param next   how many lie in the next stack; 0 where nothing is left
     * @param spoilt how many were spoilt
     */
    record Step(
            String id, boolean sheets, FractionText what, List<FractionText> gives, int all, int done, long stacks, long stacksDone,
            int next,
            int spoilt) {
    }

    /** What was recorded last, which can be taken back. */
    record Last(String what, String who, String when) {
    }

    /**
     * Cloth for what was spoilt.
     *
     * @param what   was spoilt, in words
     * @param length of it all, as typed
     * @param bolts  of the same lot
     */
    record Again(String what, String length, List<Bolt> bolts) {
    }

    Ticket ticket(PieceSource source) {
        PieceWork work = works.of(source);
        List<StackRecord> records = jobs.records(source);
        List<Step> steps = new java.util.ArrayList<>();
        for (StackStep step : work.steps()) {
            steps.add(step(step, requireNonNull(work.names().get(step.key())), records));
        }
        return new Ticket(
                work, steps, steps.stream().filter(step -> step.next() > 0).findFirst(), jobs.isDone(source),
                records.isEmpty() ? Optional.empty() : Optional.of(last(records.get(records.size() - 1), steps)),
                again(work, records));
    }

    private Step step(StackStep step, List<String> gives, List<StackRecord> records) {
        int done = StackService.done(step, records);
        int left = step.all() - done;
        String id = StackService.idOf(step);
        int spoilt = StackService.spoilt(step, records);
        long stacksLeft = left == 0 ? 0 : step.stacks(left);
        return new Step(
                id, step.kind() == StackStep.Kind.SHEET,
                FractionText.of(words.text("pieces.step." + step.kind(), LengthView.cut(step.height()).plain())),
                gives.stream().map(FractionText::of).toList(), step.all(), done, step.stacks(), step.stacks() - stacksLeft,
                Math.min(left, step.layers()), spoilt);
    }

    private Last last(StackRecord record, List<Step> steps) {
        String step = steps.stream().filter(one -> one.id().equals(record.step())).findFirst().map(one -> one.what().plain())
                .orElseGet(() -> words.text("pieces.other-plan"));
        return new Last(
                words.text("pieces.recorded", record.good(), record.spoilt(), step),
                staff.names(Set.of(record.personId())).getOrDefault(record.personId(), ""), Moments.near(record.at(), clock.instant()));
    }

    private Optional<Again> again(PieceWork work, List<StackRecord> records) {
        Length owed = stacks.owed(work);
        int spoilt = work.steps().stream().mapToInt(step -> StackService.spoilt(step, records)).sum();
        return owed.isZero() || work.of().fabric().isEmpty()
                ? Optional.empty()
                : Optional.of(new Again(
                        words.text("pieces.spoilt", spoilt, LengthView.cut(owed).plain()), LengthView.cut(owed).plain(),
                        stock.boltsOf(List.of(work.of().fabric().get().id())).stream()
                                .filter(bolt -> bolt.lot().equals(work.of().from().lot()) && bolt.onHand().isPositive()).toList()));
    }
}
