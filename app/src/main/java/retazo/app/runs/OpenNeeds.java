package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.runs.progress.RunProgress;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.measure.LengthUnit;

/** What runs were asked for and is not made yet, and what it needs. */
@Service
@Transactional(readOnly = true)
public class OpenNeeds {

    private static final int MOST_RUNS = 8;

    private final RunBook book;
    private final RunProgress progress;
    private final RunTitles titles;
    private final DraftPlans plans;
    private final Words words;

    OpenNeeds(RunBook book, RunProgress progress, RunTitles titles, DraftPlans plans, Words words) {
        this.book = book;
        this.progress = progress;
        this.titles = titles;
        this.plans = plans;
        this.words = words;
    }

    /**
     * What is open of a run.
     *
     * @param asked     in words
     * @param canBeMade how many bags of it free cloth gives now
     * @param missing   what there is not enough of: {@code 1 1/4 yd Gull grey}
     */
    public record OpenNeed(long runId, String asked, int canBeMade, List<String> missing) {
    }

    /** Of the runs that have something open, those that come first. */
    public List<OpenNeed> all() {
        List<Run> runs = book.open();
        Map<Long, List<Run.Asked>> open = progress.open(runs.stream().map(Run::id).toList());
        List<Run> first = runs.stream().filter(run -> open.containsKey(run.id()))
                .sorted(Comparator.comparing(run -> run.precedence(false))).limit(MOST_RUNS)
                .map(run -> run.asking(requireNonNull(open.get(run.id())))).toList();
        if (first.isEmpty()) {
            return List.of();
        }
        Map<Long, RunTitles.RunTitle> asked = titles.of(first);
        LengthUnit unit = words.sellingUnit();
        List<DraftPlan> found = plans.plans(first);
        return IntStream.range(0, first.size())
                .mapToObj(i -> need(first.get(i), requireNonNull(asked.get(first.get(i).id())).asked(), found.get(i), unit)).toList();
    }

    private OpenNeed need(Run run, String asked, DraftPlan plan, LengthUnit unit) {
        Map<Long, Fabric> fabrics = plan.works().stream().flatMap(work -> work.kit().cloths().stream()).distinct()
                .collect(Collectors.toMap(Fabric::id, fabric -> fabric));
        Stream<String> cloth = plan.shortages().stream()
                .map(shortage -> LengthView.of(shortage.missing(), unit).plain() + " "
                        + requireNonNull(fabrics.get(BoltLayout.fabricId(shortage.fabricCode()))).name());
        Stream<String> goods = plan.goods().stream().map(shortage -> shortage.missing() + " " + shortage.good().name());
        return new OpenNeed(run.id(), asked, plan.inOrder().bagsBuilt(), Stream.concat(cloth, goods).toList());
    }
}
