package retazo.app.runs;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.changes.RunChange;
import retazo.app.runs.progress.RunProgress;
import retazo.app.stock.StockService;

/** When cloth comes: says of a run how many of its open bags could be taken up now. */
@Component
class OpenWake {

    private final RunBook book;
    private final RunProgress progress;
    private final DraftPlans plans;
    private final StockService stock;
    private final ChangeBook changes;
    private final Clock clock;

    OpenWake(RunBook book, RunProgress progress, DraftPlans plans, StockService stock, ChangeBook changes, Clock clock) {
        this.book = book;
        this.progress = progress;
        this.plans = plans;
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    @Transactional
    void tell(long runId, Happened happened) {
        List<Run.Asked> open = progress.open(Set.of(runId)).getOrDefault(runId, List.of());
        if (open.isEmpty()) {
            return;
        }
        Run run = book.run(runId);
        DraftPlan plan = plans.plan(run.asking(open));
        int bags = plan.inOrder().bagsBuilt();
        if (bags > 0 && takes(plan, happened.boltId()) && !isTold(runId, bags)) {
            changes.keep(RunChange.canTakeUp(runId, clock.instant(), happened, run.planVersion(), bags));
        }
    }

    private boolean takes(DraftPlan plan, Optional<Long> boltId) {
        return boltId.map(id -> stock.bolt(id).fabricId())
                .map(fabric -> plan.works().stream().flatMap(work -> work.kit().cloths().stream()).map(Fabric::id).anyMatch(fabric::equals))
                .orElse(true);
    }

    private boolean isTold(long runId, int bags) {
        return changes.of(runId).stream().filter(change -> !change.seen() && change.openBags() > 0).findFirst()
                .filter(change -> change.openBags() == bags).isPresent();
    }
}
