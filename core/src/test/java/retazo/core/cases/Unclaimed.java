package retazo.core.cases;

import java.util.List;
import java.util.Optional;
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
            unit("half-square triangles four at a time", "hst", "four-at-a-time"),
            unit("half-square triangles eight at a time", "hst", "eight-at-a-time"),
            unit("half-square triangles from triangles", "hst", "triangles"),
            unit("half triangles", "half-triangle", null),
            unit("quarter triangles", "quarter-triangle", null),
            unit("hourglass", "hourglass", "triangles"),
            unit("goose by flip", "goose", "flip"),
            unit("goose four at a time", "goose", "four-at-a-time"),
            unit("clipped corners", "clipped", null),
            unit("square in a square", "square-in-square", null),
            unit("strip sets", "strip-set", null),
            unit("wedges turned", "wedge", "turned"),
            unit("wedges one way", "wedge", "one-way"),
            new Feature("settings", "sashes", input -> layout(input, "straight") && input.optionalText("sash").isPresent()),
            new Feature("settings", "on point", input -> layout(input, "on-point")),
            new Feature("finishing", "mitred borders and cornerstones", input -> input.objects("borders").stream()
                    .anyMatch(border -> !border.text("corners").equals("butted"))),
            new Feature("places", "all rules", input -> true),
            new Feature("strips", "the least cloth", input -> true),
            new Feature("precuts", "cutting diagrams", input -> true),
            new Feature("bolts", "the best score proved", input -> true));

    private Unclaimed() {
    }

    private static Feature unit(String name, String unit, String method) {
        return new Feature("units", name, input -> input.text("unit").equals(unit)
                && input.optionalText("method").equals(Optional.ofNullable(method)));
    }

    private static boolean layout(CaseObject input, String layout) {
        return input.text("layout").equals(layout);
    }
}
