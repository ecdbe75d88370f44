package retazo.core.cases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import retazo.core.measure.Length;
import tools.jackson.databind.JsonNode;

/** An object of a case file that notices keys nobody asked for, so that nothing is skipped in silence. */
final class CaseObject {

    private final JsonNode node;
    private final TreeSet<String> unread = new TreeSet<>();

    CaseObject(JsonNode node) {
        this.node = node;
        unread.addAll(node.propertyNames());
    }

    JsonNode get(String key) {
        unread.remove(key);
        if (!node.has(key)) {
            throw new AssertionError("The key '" + key + "' is missing in " + node);
        }
        return node.get(key);
    }

    boolean has(String key) {
        return node.has(key);
    }

    String text(String key) {
        return get(key).asString();
    }

    Optional<String> optionalText(String key) {
        JsonNode value = get(key);
        return value.isNull() ? Optional.empty() : Optional.of(value.asString());
    }

    int number(String key) {
        return get(key).asInt();
    }

    boolean flag(String key) {
        return get(key).asBoolean();
    }

    Length length(String key) {
        return Length.parse(text(key));
    }

    List<Length> lengths(String key) {
        return get(key).valueStream().map(value -> Length.parse(value.asString())).toList();
    }

    CaseObject object(String key) {
        return new CaseObject(get(key));
    }

    Optional<CaseObject> optionalObject(String key) {
        JsonNode value = get(key);
        return value.isNull() ? Optional.empty() : Optional.of(new CaseObject(value));
    }

    List<CaseObject> objects(String key) {
        return get(key).valueStream().map(CaseObject::new).toList();
    }

    void requireAllRead() {
        if (!unread.isEmpty()) {
            throw new AssertionError("Nobody reads " + unread + " of " + node);
        }
    }

    /** The expected values as the runner compares them: nested maps and lists of plain texts. */
    static Object plain(JsonNode node) {
        if (node.isObject()) {
            Map<String, Object> map = new LinkedHashMap<>();
            node.propertyStream().forEach(entry -> map.put(entry.getKey(), plain(entry.getValue())));
            return map;
        }
        if (node.isArray()) {
            return node.valueStream().map(CaseObject::plain).toList();
        }
        return node.isNull() ? "none" : node.asString();
    }
}
