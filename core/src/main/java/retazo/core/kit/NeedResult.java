package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import retazo.core.measure.Problem;

/** What some roles take together: a need, nothing, or why what was chosen for them does not serve. */
record NeedResult(Optional<Need> need, List<Problem> problems) {

    static final NeedResult NOTHING = new NeedResult(Optional.empty(), List.of());

    NeedResult {
        problems = List.copyOf(problems);
    }

    static NeedResult of(Need need) {
        return new NeedResult(Optional.of(need), List.of());
    }

    static NeedResult impossible(List<Problem> problems) {
        return new NeedResult(Optional.empty(), problems);
    }
}
