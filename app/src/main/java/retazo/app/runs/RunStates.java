package retazo.app.runs;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.runs.progress.RunProgress;
import retazo.app.shared.NotFoundException;

/** Locks runs, and brings their states up to what their bags, cuts and open ones say. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class RunStates {

    private final RunRepository runs;
    private final BagRepository bags;
    private final PlannedCutRepository cuts;
    private final RunBook book;
    private final RunProgress progress;

    RunStates(RunRepository runs, BagRepository bags, PlannedCutRepository cuts, RunBook book, RunProgress progress) {
        this.runs = runs;
        this.bags = bags;
        this.cuts = cuts;
        this.book = book;
        this.progress = progress;
    }

    public RunEntity lock(long runId) {
        return runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
    }

    /** Locks several, always in the same order, so that nobody waits in a circle. */
    Map<Long, RunEntity> lockAll(Collection<Long> runIds) {
        Map<Long, RunEntity> locked = new LinkedHashMap<>();
        new TreeSet<>(runIds).forEach(id -> locked.put(id, lock(id)));
        return locked;
    }

    public void settle(long runId) {
        RunEntity run = lock(runId);
        cuts.flush();
        bags.flush();
        List<Bag> kept = book.bags(Set.of(runId)).getOrDefault(runId, List.of()).stream().filter(bag -> !bag.leftOut()).toList();
        boolean isOpen = !progress.open(Set.of(runId)).isEmpty();
        run.become(state(kept, isOpen));
    }

    /** @param asksMore whether bags that were asked are not made, and nobody dropped them */
    private static RunState state(List<Bag> kept, boolean asksMore) {
        if (kept.stream().allMatch(Bag::packed)) {
            return asksMore ? RunState.WAITING : kept.isEmpty() ? RunState.CANCELLED : RunState.PACKED;
        }
        if (kept.stream().allMatch(Bag::allCut)) {
            return RunState.CUT;
        }
        return kept.stream().anyMatch(bag -> bag.begun() || bag.packed()) ? RunState.CUTTING : RunState.CONFIRMED;
    }
}
