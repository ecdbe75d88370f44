package retazo.core.cases;

import java.util.List;
import java.util.function.Predicate;

/** The one list of what the core cannot do yet, by topic and feature; each entry claims the cases that need it. */
final class Unclaimed {

    /** A feature that waits to be built. */
    record Feature(String topic, String name, Predicate<CaseObject> needs) {

        boolean claims(String caseTopic, CaseObject input) {
            return topic.equals(caseTopic) && needs.test(input);
        }

        @Override
        public String toString() {
            return topic + ": " + name;
        }
    }

    static final List<Feature> FEATURES = List.of(
            new Feature("bolts", "the best score proved", input -> true));

    private Unclaimed() {
    }
}
