package retazo.app.runs;

import java.util.List;
import java.util.Map;
import retazo.app.kits.KitWork;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.Shortage;

/**
 * What stock gives for a run that is not confirmed yet.
 *
 * @param works      the kits asked for, worked out, in the order asked
 * @param bolts      all bolts of their fabrics
 * @param layout     what was asked of the planner
 * @param mostBags   the answer with the most bags
 * @param inOrder    the answer that keeps the order asked
 * @param whole      whether all that is asked can be made
 * @param shortages  what limits
 */
record DraftPlan(
        List<KitWork> works,
        List<Bolt> bolts,
        BoltLayout layout,
        BoltPlan mostBags,
        BoltPlan inOrder,
        boolean whole,
        List<Shortage> shortages) {

    /** Which of the two answers a person takes. */
    enum Answer {
        MOST_BAGS,
        IN_ORDER
    }

    BoltPlan plan(Answer answer) {
        return switch (answer) {
            case MOST_BAGS -> mostBags;
            case IN_ORDER -> inOrder;
        };
    }

    /** How many bags of each kit an answer leaves out, by the name of its group. */
    Map<String, Integer> missing(Answer answer) {
        return layout.missing(plan(answer));
    }
}
