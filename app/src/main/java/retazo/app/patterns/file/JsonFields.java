package retazo.app.patterns.file;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import retazo.core.measure.Length;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.measure.TypedLength;
import retazo.core.measure.VisibleText;
import tools.jackson.databind.JsonNode;

/**
 * The fields of one object of a pattern file. What is missing, of another kind, out of its limits or not known is told by
 * its path, all of it at once; a value that cannot be read comes back as its empty one.
 */
final class JsonFields {

    private static final int SHOWN = 40;

    private final JsonNode node;
    private final String path;
    private final List<Problem> problems;
    private final Set<String> unread;

    private JsonFields(JsonNode node, String path, List<Problem> problems) {
        this.node = node;
        this.path = path;
        this.problems = problems;
        this.unread = node.isObject() ? new TreeSet<>(node.propertyNames()) : new TreeSet<>();
        if (!node.isObject()) {
            add(path, "file.not-an-object");
        }
    }

    static JsonFields of(JsonNode root, List<Problem> problems) {
        return new JsonFields(root, "", problems);
    }

    String path(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    String path() {
        return path;
    }

    void add(String place, String code, Object... arguments) {
        problems.add(Problem.at(place, code, arguments));
    }

    private Optional<JsonNode> get(String name) {
        unread.remove(name);
        JsonNode value = node.isObject() ? node.get(name) : null;
        return value == null || value.isNull() ? Optional.empty() : Optional.of(value);
    }

    boolean has(String name) {
        return get(name).isPresent();
    }

    /** A text, stripped; empty with a problem where it is missing. */
    String text(String name, int most) {
        if (!has(name)) {
            add(path(name), "file.missing");
            return "";
        }
        return optionalText(name, most);
    }

    String optionalText(String name, int most) {
        Optional<JsonNode> value = get(name);
        return value.map(found -> text(found, path(name), most)).orElse("");
    }

    private String text(JsonNode value, String place, int most) {
        if (!value.isString()) {
            add(place, "file.not-a-text");
            return "";
        }
        String text = VisibleText.of(value.asString());
        if (text.length() > most) {
            add(place, "text.too-long", text.length(), most);
            return "";
        }
        if (VisibleText.hasControls(text)) {
            add(place, "text.control");
            return "";
        }
        return text;
    }

    /** A whole number within limits, both inclusive; the least with a problem where it is missing or is none. */
    int number(String name, int least, int most) {
        Optional<JsonNode> value = get(name);
        if (value.isEmpty()) {
            add(path(name), "file.missing");
            return least;
        }
        return number(value.get(), path(name), least, most);
    }

    int optionalNumber(String name, int least, int most, int otherwise) {
        return get(name).map(value -> number(value, path(name), least, most)).orElse(otherwise);
    }

    private int number(JsonNode value, String place, int least, int most) {
        if (!value.isIntegralNumber() || !value.canConvertToInt() || value.asInt() < least || value.asInt() > most) {
            add(place, least == most ? "file.one-number" : "file.number", shortened(value.toString()), least, most);
            return least;
        }
        return value.asInt();
    }

    boolean flag(String name) {
        Optional<JsonNode> value = get(name);
        value.filter(found -> !found.isBoolean()).ifPresent(found -> add(path(name), "file.not-a-flag"));
        return value.filter(JsonNode::isBoolean).map(JsonNode::asBoolean).orElse(false);
    }

    /** A length as it is typed, zero or more. */
    Length length(String name) {
        String text = text(name, 60);
        return text.isEmpty() ? Length.ZERO : length(text, path(name));
    }

    Optional<Length> optionalLength(String name) {
        return has(name) ? Optional.of(length(name)) : Optional.empty();
    }

    private Length length(String text, String place) {
        return LengthText.read(text, LengthUnit.INCH).match(
                TypedLength::length,
                fault -> {
                    problems.add(fault.movedTo(place));
                    return Length.ZERO;
                });
    }

    List<Length> lengths(String name, int most) {
        List<Length> lengths = new ArrayList<>();
        List<JsonNode> values = list(name, most);
        for (int i = 0; i < values.size(); i++) {
            String place = path(name) + "[" + i + "]";
            String text = text(values.get(i), place, 60);
            lengths.add(text.isEmpty() ? Length.ZERO : length(text, place));
        }
        return lengths;
    }

    List<String> texts(String name, int most, int longest) {
        List<String> texts = new ArrayList<>();
        List<JsonNode> values = list(name, most);
        for (int i = 0; i < values.size(); i++) {
            texts.add(text(values.get(i), path(name) + "[" + i + "]", longest));
        }
        return texts;
    }

    /** Whole numbers within limits, both inclusive. */
    List<Integer> numbers(String name, int most, int least, int largest) {
        List<Integer> numbers = new ArrayList<>();
        List<JsonNode> values = list(name, most);
        for (int i = 0; i < values.size(); i++) {
            numbers.add(number(values.get(i), path(name) + "[" + i + "]", least, largest));
        }
        return numbers;
    }

    /** An object of texts by free keys. */
    Map<String, String> textByKey(String name, int longest) {
        Map<String, String> texts = new LinkedHashMap<>();
        members(name).forEach((key, value) -> texts.put(key, text(value, path(name) + "." + shortened(key), longest)));
        return texts;
    }

    /** An object of whole numbers by free keys. */
    Map<String, Integer> numberByKey(String name, int most) {
        Map<String, Integer> numbers = new LinkedHashMap<>();
        members(name).forEach((key, value) -> numbers.put(key, number(value, path(name) + "." + shortened(key), 0, most)));
        return numbers;
    }

    private Map<String, JsonNode> members(String name) {
        Map<String, JsonNode> members = new LinkedHashMap<>();
        get(name).ifPresent(value -> {
            if (value.isObject() && value.size() <= 200) {
                value.propertyStream().forEach(entry -> members.put(entry.getKey(), entry.getValue()));
            } else {
                add(path(name), "file.not-an-object");
            }
        });
        return members;
    }

    private List<JsonNode> list(String name, int most) {
        Optional<JsonNode> value = get(name);
        if (value.isEmpty()) {
            return List.of();
        }
        if (!value.get().isArray() || value.get().size() > most) {
            add(path(name), "file.list", most);
            return List.of();
        }
        return value.get().valueStream().toList();
    }

    /** The objects of a list, each read by itself. */
    <T> List<T> objects(String name, int most, Function<JsonFields, T> read) {
        List<T> objects = new ArrayList<>();
        List<JsonNode> values = list(name, most);
        for (int i = 0; i < values.size(); i++) {
            JsonFields fields = new JsonFields(values.get(i), path(name) + "[" + i + "]", problems);
            objects.add(read.apply(fields));
            fields.nothingElse();
        }
        return objects;
    }

    <T> Optional<T> object(String name, Function<JsonFields, T> read) {
        return get(name).map(value -> {
            JsonFields fields = new JsonFields(value, path(name), problems);
            T object = read.apply(fields);
            fields.nothingElse();
            return object;
        });
    }

    /** One of a few words; the first with a problem where it is none of them. */
    <E> E choice(String name, Map<String, E> choices) {
        String text = text(name, 40);
        if (!text.isEmpty() && !choices.containsKey(text)) {
            add(path(name), "file.choice", shortened(text), String.join(", ", choices.keySet()));
        }
        return choices.getOrDefault(text, choices.values().iterator().next());
    }

    /** A key that names something in the pattern; empty with a problem where it is none. */
    <K> Optional<K> key(String name, Function<String, K> make) {
        String text = text(name, 60);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        return key(text, path(name), make);
    }

    <K> List<K> keys(String name, int most, Function<String, K> make) {
        List<String> texts = texts(name, most, 60);
        return Stream.iterate(0, i -> i < texts.size(), i -> i + 1)
                .flatMap(i -> key(texts.get(i), path(name) + "[" + i + "]", make).stream())
                .toList();
    }

    private <K> Optional<K> key(String text, String place, Function<String, K> make) {
        if (!text.matches("[A-Za-z0-9-]{1,20}")) {
            add(place, "file.key", shortened(text));
            return Optional.empty();
        }
        return Optional.of(make.apply(text));
    }

    /** Tells of fields that nobody asked for. */
    void nothingElse() {
        unread.stream().limit(20).forEach(name -> add(path(shortened(name)), "file.unknown-field"));
    }

    private static String shortened(String text) {
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
