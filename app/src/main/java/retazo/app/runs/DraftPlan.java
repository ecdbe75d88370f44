package retazo.app.runs;

import java.util.List;
import java.util.stream.IntStream;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.Run;
import retazo.app.runs.plan.GoodLimit;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.search.Shortage;

/**
 * What stock gives for a run that is not confirmed yet.
 *
 * @param works      the kits asked for, worked out, in the order asked
 * @param bolts      all bolts of their fabrics
 * @param asked      likewise
 * @param mostBags   the answer with the most bags
 * @param inOrder    the answer that keeps the order asked
 * @param whole      whether all that is asked can be made
 * @param shortages  fabrics that limit
 * @param goods      counted stock that limits
 * @param allowed    how many bags of each kit the counted stock allows
 * @param bound      no plan has more bags
 */
public record DraftPlan(
        List<KitWork> works,
        List<Run.Asked> asked,
        List<Bolt> bolts,
        BoltPlan mostBags,
        BoltPlan inOrder,
        boolean whole,
        List<Shortage> shortages,
        List<GoodLimit.Shortage> goods,
        List<Integer> allowed,
        int bound) {

    /** Which of the two answers a person takes. */
    public enum Answer {
        MOST_BAGS,
        IN_ORDER
    }

    public BoltPlan plan(Answer answer) {
        return switch (answer) {
            case MOST_BAGS -> mostBags;
            case IN_ORDER -> inOrder;
        };
    }

    /** How many bags an answer leaves out of each kit asked for, in the order asked. */
    public List<Integer> missing(Answer answer) {
        return IntStream.range(0, asked.size()).mapToObj(i -> asked.get(i).quantity() - plan(answer).built().get(i)).toList();
    }
}
