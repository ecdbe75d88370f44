package retazo.app.runs.plan;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;

/** Which bags of a run are begun: a length of theirs is cut, or pieces of their precuts are. */
@Component
class BegunBags {

    private final RunBook runs;
    private final PieceJobs jobs;

    BegunBags(RunBook runs, PieceJobs jobs) {
        this.runs = runs;
        this.jobs = jobs;
    }

    /** The ids of the begun bags. */
    Set<Long> of(long runId) {
        Set<PieceSource> precuts = jobs.begun(Set.of(runId));
        return runs.bags(Set.of(runId)).getOrDefault(runId, List.of()).stream()
                .filter(bag -> bag.begun() || bag.picks().stream()
                        .anyMatch(pick -> precuts.contains(PieceSource.ofPrecut(runId, bag.kitId(), pick.goodId()))))
                .map(Bag::id).collect(Collectors.toSet());
    }
}
