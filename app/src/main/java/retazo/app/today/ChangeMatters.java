package retazo.app.today;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.ChangeView;
import retazo.app.runs.changes.ChangeWords;
import retazo.app.shared.Words;
import retazo.app.staff.Right;

/** What became of runs when they were planned again, until somebody has read it. */
@Component
@Order(2)
class ChangeMatters implements Matters {

    private final ChangeBook changes;
    private final ChangeWords changeWords;
    private final Words words;

    ChangeMatters(ChangeBook changes, ChangeWords changeWords, Words words) {
        this.changes = changes;
        this.changeWords = changeWords;
        this.words = words;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.RUNS);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        Map<Long, List<ChangeView>> byRun = changeWords.of(changes.unseen()).stream()
                .collect(Collectors.groupingBy(ChangeView::runId, LinkedHashMap::new, Collectors.toList()));
        return byRun.entrySet().stream().map(run -> Matter.of(
                run.getValue().stream().anyMatch(ChangeView::stops) ? Matter.Urgency.STOPS : Matter.Urgency.DECIDE,
                words.text("today.changed", run.getKey()),
                run.getValue().stream().map(view -> words.text("today.changed.why", view.after(), String.join("; ", view.became())))
                        .collect(Collectors.joining("; ")),
                "/runs/" + run.getKey(), words.text("today.changed.go"), Right.RUNS)).toList();
    }
}
