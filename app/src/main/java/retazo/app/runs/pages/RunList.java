package retazo.app.runs.pages;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.BagBar;
import retazo.app.runs.progress.RunProgress;
import retazo.app.runs.progress.RunTitles;

/** Puts the list of runs together, a page at a time. */
@Service
@Transactional(readOnly = true)
class RunList {

    private static final int RUNS_ON_A_PAGE = 30;

    private final RunBook runs;
    private final RunProgress progress;
    private final RunTitles titles;

    RunList(RunBook runs, RunProgress progress, RunTitles titles) {
        this.runs = runs;
        this.progress = progress;
        this.titles = titles;
    }

    /**
     * A run in the list.
     *
     * @param open bags that were asked and are neither made nor dropped
     */
    record ListedRun(Run run, RunTitles.RunTitle title, RunProgress.Bags bags, int open, BagBar bar) {

        static ListedRun of(Run run, RunTitles.RunTitle title, RunProgress.Bags bags, int open) {
            return new ListedRun(run, title, bags, open, BagBar.of(bags, open));
        }

        /** What was asked, made or open, without what was dropped. */
        public int all() {
            return bags.all() + open;
        }
    }

    /**
     * A page of the runs, newest first.
     *
     * @param number of the page, from 0
     * @param more   whether another page follows
     */
    record ListPage(List<ListedRun> runs, int number, boolean more) {
    }

    ListPage page(int number) {
        Slice<Run> found = runs.page(number, RUNS_ON_A_PAGE);
        Map<Long, RunProgress.Bags> bags = progress.bags(found.map(Run::id).getContent());
        Map<Long, RunTitles.RunTitle> words = titles.of(found.getContent());
        Map<Long, List<Run.Asked>> open = progress.open(found.map(Run::id).getContent());
        return new ListPage(
                found.stream()
                        .map(run -> ListedRun.of(
                                run, requireNonNull(words.get(run.id())), bags.getOrDefault(run.id(), RunProgress.Bags.NONE),
                                sum(open.getOrDefault(run.id(), List.of()))))
                        .toList(),
                number, found.hasNext());
    }

    private static int sum(List<Run.Asked> open) {
        return open.stream().mapToInt(Run.Asked::quantity).sum();
    }
}
