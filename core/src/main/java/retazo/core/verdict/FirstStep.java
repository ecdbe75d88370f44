package retazo.core.verdict;

import java.util.List;
import retazo.core.explain.Label;

/** The first step in which two ways of working differ. */
final class FirstStep {

    private FirstStep() {
    }

    /** Strips that are of another height or number, or are left out; else what comes after: squaring, then margin and rounding. */
    static Label between(LengthWork.Worked here, LengthWork.Worked there) {
        List<LengthWork.Strips> ours = here.strips();
        List<LengthWork.Strips> theirs = there.strips();
        for (int i = 0; i < ours.size(); i++) {
            LengthWork.Strips our = ours.get(i);
            if (i >= theirs.size() || !theirs.get(i).use().equals(our.use()) || !theirs.get(i).label().equals(our.label())) {
                return Label.of("step.left-out", our.use().place().name(), our.use().number(), our.label(), our.length());
            }
            LengthWork.Strips their = theirs.get(i);
            if (our.strips() != their.strips() || !our.height().equals(their.height())) {
                return Label.of(
                        "step.strips", our.use().place().name(), our.use().number(), our.label(), our.strips(), our.height(),
                        their.strips(),
                        their.height());
            }
        }
        return here.exact().equals(there.exact())
                ? Label.of("step.rounding", here.total(), there.total())
                : Label.of("step.sum", here.exact(), there.exact());
    }
}
