package retazo.app.runs.plan;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;

/** Which bags of runs are begun: a length of theirs is cut, or pieces of their precuts are. */
@Component
class BegunBags {

    private final RunBook runs;
    private final PieceJobs jobs;

    BegunBags(RunBook runs, PieceJobs jobs) {
        this.runs = runs;
        this.jobs = jobs;
    }

    /** The ids of the begun bags of runs. */
    Set<Long> of(Set<Long> runIds) {
        Set<PieceSource> precuts = jobs.begun(runIds);
        return runs.bags(runIds).values().stream().flatMap(List::stream)
                .filter(bag -> bag.begun() || bag.picks().stream()
                        .anyMatch(pick -> precuts.contains(PieceSource.ofPrecut(bag.runId(), bag.kitId(), pick.goodId()))))
                .map(Bag::id).collect(Collectors.toSet());
    }
}
