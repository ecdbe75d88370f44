package retazo.app.runs.instead;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.RunStates;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunLineEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.book.RunState;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Makes bags as another kit than they were asked as: a decision of somebody, kept with the name. */
@Service
public class RunInsteads {

    private final RunStates states;
    private final RunProgress progress;
    private final RunDrafts drafts;
    private final RunLineRepository lines;
    private final InsteadKits kits;
    private final WaitingBags waiting;
    private final InsteadBook insteads;

    RunInsteads(
            RunStates states, RunProgress progress, RunDrafts drafts, RunLineRepository lines, InsteadKits kits, WaitingBags waiting,
            InsteadBook insteads) {
        this.states = states;
        this.progress = progress;
        this.drafts = drafts;
        this.lines = lines;
        this.kits = kits;
        this.waiting = waiting;
        this.insteads = insteads;
    }

    /**
     * What is wanted.
     *
     * @param bagNumber one that is confirmed and waits; empty for bags that are not made yet
     * @param means     what they become
     */
    public record Wanted(long runId, long kitId, Optional<Integer> bagNumber, int bags, Means means) {
    }

    /**
     * Another fabric, or a kit of a smaller size.
     *
     * @param own   the id of the fabric that lacks, with its other; empty for a size
     * @param other the id of the fabric in its place, or of the smaller kit
     */
    public record Means(Optional<Long> own, long other) {
    }

    /** Does what is wanted; refused, and nothing done, where the bags are not so any more. */
    @Transactional
    public Outcome<Long> take(Wanted wanted, long personId) {
        RunEntity run = states.lock(wanted.runId());
        Optional<InsteadKits.Became> became = kits.became(wanted, personId);
        if (became.isEmpty() || !done(run, wanted, became.get())) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            return Outcome.refused(Problem.of("run.instead-meanwhile"));
        }
        insteads.keep(wanted, became.get().kit().id(), personId);
        if (run.state() != RunState.DRAFT) {
            states.settle(run.id());
        }
        return Outcome.done(run.id());
    }

    private boolean done(RunEntity run, Wanted wanted, InsteadKits.Became became) {
        if (run.state() == RunState.DRAFT) {
            return wanted.bagNumber().isEmpty() && drafts.askInstead(
                    run.id(), new Run.Asked(wanted.kitId(), wanted.bags()), became.kit().id());
        }
        boolean made = wanted.bagNumber().isPresent()
                ? waiting.waiting(run.id(), wanted.bagNumber().get(), wanted.kitId())
                        .filter(bag -> became.swap().map(swap -> waiting.swap(run, bag, swap, became.kit()))
                                .orElseGet(() -> waiting.leaveOut(run, bag)))
                        .isPresent()
                : open(wanted) >= wanted.bags();
        if (made) {
            askInstead(wanted, became.kit().id());
        }
        return made;
    }

    private int open(Wanted wanted) {
        return progress.open(Set.of(wanted.runId())).getOrDefault(wanted.runId(), List.of()).stream()
                .filter(asked -> asked.kitId() == wanted.kitId()).mapToInt(Run.Asked::quantity).sum();
    }

    /** The run asks for so many fewer of the kit and more of the other; a kit of which none is left stays in its list. */
    private void askInstead(Wanted wanted, long otherKitId) {
        List<RunLineEntity> all = lines.findByRunIdInOrderByRunIdAscPositionAsc(Set.of(wanted.runId()));
        all.stream().filter(line -> line.kitId() == wanted.kitId()).forEach(line -> line.askMore(-wanted.bags()));
        all.stream().filter(line -> line.kitId() == otherKitId).findFirst().ifPresentOrElse(
                line -> line.askMore(wanted.bags()),
                () -> lines.save(RunLineEntity.of(wanted.runId(), all.size() + 1, new Run.Asked(otherKitId, wanted.bags()))));
        lines.flush();
    }
}
