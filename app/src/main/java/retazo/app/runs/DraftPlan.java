package retazo.app.runs;

import java.util.List;
import java.util.stream.IntStream;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.Run;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.runs.plan.BoltPlans;
import retazo.app.runs.plan.GoodLimit;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.search.Shortage;

/**
 * What stock gives for a run that is not confirmed yet.
 *
 * @param works      the kits asked for, worked out, in the order asked
 * @param there      all bolts of their fabrics, and their goods
 * @param asked      likewise
 * @param answers    the plans
 * @param whole      whether all that is asked can be made
 * @param shortages  fabrics that limit
 * @param goods      counted stock that limits
 * @param allowed    how many bags of each kit the counted stock allows, those of the order asked among them
 */
public record DraftPlan(
        List<KitWork> works,
        List<Run.Asked> asked,
        BoltLayout.There there,
        BoltPlans.Answers answers,
        boolean whole,
        List<Shortage> shortages,
        List<GoodLimit.Shortage> goods,
        List<Integer> allowed) {

    /** Which of the answers a person takes. */
    public enum Answer {
        IN_ORDER,
        BY_PRIORITY,
        MOST_BAGS
    }

    /** All bolts of their fabrics. */
    public List<Bolt> bolts() {
        return there.bolts();
    }

    /** The answer that keeps the order asked. */
    public BoltPlan inOrder() {
        return answers.inOrder();
    }

    /** The answer with the most bags. */
    public BoltPlan mostBags() {
        return answers.mostBags();
    }

    public BoltPlan plan(Answer answer) {
        return switch (answer) {
            case MOST_BAGS -> answers.mostBags();
            case IN_ORDER -> answers.inOrder();
            case BY_PRIORITY -> answers.byPriority();
        };
    }

    /** How many bags an answer leaves out of each kit asked for, in the order asked. */
    public List<Integer> missing(Answer answer) {
        return IntStream.range(0, asked.size()).mapToObj(i -> asked.get(i).quantity() - plan(answer).built().get(i)).toList();
    }
}
