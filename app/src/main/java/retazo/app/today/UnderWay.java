package retazo.app.today;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;

/**
 * What Today looks at, read once for all its parts.
 *
 * @param runs drafts, and those that are open
 * @param bags of the runs, by run
 */
record UnderWay(List<Run> runs, Map<Long, List<Bag>> bags) {

    static UnderWay of(RunBook book) {
        List<Run> runs = book.in(Arrays.stream(RunState.values()).filter(state -> state.isOpen() || state == RunState.DRAFT).toList());
        return new UnderWay(runs, book.bags(ids(runs)));
    }

    Set<Long> ids() {
        return ids(runs);
    }

    private static Set<Long> ids(List<Run> runs) {
        return runs.stream().map(Run::id).collect(Collectors.toSet());
    }

    /** Those that are confirmed. */
    List<Run> open() {
        return runs.stream().filter(run -> run.state().isOpen()).toList();
    }

    List<Bag> bagsOf(long runId) {
        return bags.getOrDefault(runId, List.of());
    }

    List<Bag> allBags() {
        return bags.values().stream().flatMap(List::stream).toList();
    }
}
