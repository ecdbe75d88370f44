package retazo.app.today;

import retazo.app.staff.Right;

/** One thing that waits, where to go for it, and who may. */
record Matter(Urgency urgency, String what, String why, String path, String action, Right right) {

    /** How a matter presses; in the order of urgency. */
    enum Urgency {
        STOPS,
        GO_ON,
        BEGIN,
        DECIDE
    }

    /** The same for one more reason. */
    Matter and(Matter other) {
        return new Matter(urgency, what, why + ". " + other.why, path, action, right);
    }
}
