package retazo.app.today;

import java.util.List;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.runs.OpenNeeds;
import retazo.app.shared.Words;
import retazo.app.staff.Right;

/** Runs of which something that was asked could not be made yet, with what that needs. */
@Component
@Order(3)
class OpenMatters implements Matters {

    private final OpenNeeds needs;
    private final Words words;

    OpenMatters(OpenNeeds needs, Words words) {
        this.needs = needs;
        this.words = words;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.RUNS);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        return needs.all().stream().map(need -> Matter.of(
                Matter.Urgency.DECIDE, words.text("today.open", need.runId(), need.asked()),
                need.canBeMade() > 0
                        ? words.text("today.open.can", need.canBeMade())
                        : words.text("today.open.why", words.list(need.missing())),
                "/runs/" + need.runId(), words.text("today.open.go"), Right.RUNS)).toList();
    }
}
