package retazo.app.runs.progress;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Run;

/** Counts what there is to do in runs; reads no bag. */
@Service
@Transactional(readOnly = true)
public class RunProgress {

    private final BagProgressRepository progress;

    RunProgress(BagProgressRepository progress) {
        this.progress = progress;
    }

    /**
     * The bags of a run that were not left out.
     *
     * @param ready   all cut, and not packed
     * @param begun   with something cut, and all that is not cut planned
     * @param waiting for cloth
     */
    public record Bags(int all, int packed, int ready, int begun, int waiting) {

        public static final Bags NONE = new Bags(0, 0, 0, 0, 0);

        /** Those of which nothing is cut, and all is planned. */
        public int toCut() {
            return all - packed - ready - begun - waiting;
        }
    }

    /**
     * How many runs have something to do.
     *
     * @param drafts  that wait for an answer
     * @param waiting runs with bags that wait for cloth
     * @param ready   runs with bags whose lengths are all cut
     * @param toCut   runs with lengths to be cut
     */
    public record ToDo(int drafts, int waiting, int ready, int toCut) {
    }

    /** The bags of runs by the run; runs without bags are absent. */
    public Map<Long, Bags> bags(Collection<Long> runIds) {
        return progress.ofRuns(runIds).stream()
                .collect(Collectors.toMap(
                        BagProgressRepository.OfRun::getRunId, run -> new Bags(
                                run.getBags(), run.getPacked(), run.getReady(), run.getBegun(), run.getWaiting())));
    }

    /** What runs were asked for and is neither made nor dropped, in the order in which it was asked; runs without are absent. */
    public Map<Long, List<Run.Asked>> open(Collection<Long> runIds) {
        return progress.open(runIds).stream().collect(Collectors.groupingBy(
                BagProgressRepository.Open::getRunId,
                Collectors.mapping(open -> new Run.Asked(open.getKitId(), open.getBags()), Collectors.toList())));
    }

    public ToDo toDo() {
        BagProgressRepository.ToDo found = progress.toDo();
        return new ToDo(found.getDrafts(), found.getWaiting(), found.getReady(), found.getToCut());
    }
}
