package retazo.app.shared;

import java.util.List;
import retazo.core.measure.Problem;

/** Something that was kept cannot be read by the rules of today; it becomes a page that says what and why. */
public class UnreadableException extends RuntimeException {

    private final transient List<Problem> problems;
    private final String what;

    public UnreadableException(String what, List<Problem> problems) {
        super(what + " cannot be read: " + problems);
        this.what = what;
        this.problems = List.copyOf(problems);
    }

    /** What it is, as its list calls it. */
    public String what() {
        return what;
    }

    public List<Problem> problems() {
        return problems;
    }
}
