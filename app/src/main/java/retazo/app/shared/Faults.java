package retazo.app.shared;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import retazo.core.measure.Problem;

/** What is wrong with a form, as sentences by field; templates ask for the one of their field. */
public record Faults(Map<String, String> byField) {

    public static final Faults NONE = new Faults(Map.of());

    public Faults {
        byField = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(byField));
    }

    /** The first problem of each place, in words. */
    public static Faults of(List<Problem> problems, Words words) {
        Map<String, String> byField = new LinkedHashMap<>();
        problems.forEach(problem -> byField.putIfAbsent(problem.place(), words.of(problem)));
        return new Faults(byField);
    }

    /** These and others; of two at one field the first. */
    public Faults with(Faults others) {
        Map<String, String> all = new LinkedHashMap<>(byField);
        others.byField.forEach(all::putIfAbsent);
        return new Faults(all);
    }

    public boolean any() {
        return !byField.isEmpty();
    }

    /** The sentence of a field, or null where it has no fault; a field of a row may be named as its form sends it. */
    public @Nullable String at(String field) {
        return byField.get(field.replace("[", ".").replace("]", ""));
    }

    /** A field with its fault, if it has one; a field of a row may be named as its form sends it. */
    public Field field(String name) {
        return new Field(name, at(name) != null);
    }

    /**
     * A field as its form names it.
     *
     * @param hasFault whether a sentence stands below it
     */
    public record Field(String name, boolean hasFault) {

        /** The id of that sentence. */
        public String faultId() {
            return "fault-" + name;
        }
    }

    public int count() {
        return byField.size();
    }
}
