package retazo.app.today;

import java.util.Optional;
import retazo.app.runs.progress.BagBar;
import retazo.app.staff.Right;

/**
 * One thing that waits, where to go for it, and who may.
 *
 * @param bags how far the bags of its run are; absent where it is not about a run that is under way
 */
record Matter(Urgency urgency, String what, String why, String path, String action, Right right, Optional<BagBar> bags) {

    static Matter of(Urgency urgency, String what, String why, String path, String action, Right right) {
        return new Matter(urgency, what, why, path, action, right, Optional.empty());
    }

    Matter with(BagBar bar) {
        return new Matter(urgency, what, why, path, action, right, Optional.of(bar));
    }

    /** How a matter presses; in the order of urgency. */
    enum Urgency {
        STOPS,
        GO_ON,
        DECIDE
    }

    /** The same for one more reason. */
    Matter and(Matter other) {
        return new Matter(urgency, what, why + ". " + other.why, path, action, right, bags);
    }
}
