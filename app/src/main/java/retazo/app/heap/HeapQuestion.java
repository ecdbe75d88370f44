package retazo.app.heap;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.util.MultiValueMap;

/**
 * Which heap, as asked.
 *
 * @param place   where it lies: a place, or a bay with all of its places; empty for anywhere
 * @param fabric  texts that name fabrics; none for all
 * @param whole   whether bolts that nobody cut from are in it too
 * @param largest whether the largest quilts come first, else those that use most
 */
record HeapQuestion(String place, List<String> fabric, boolean whole, boolean largest) {

    private static final int MOST_FABRICS = 24;
    private static final int SPARE = 2;

    HeapQuestion {
        fabric = List.copyOf(fabric);
    }

    static HeapQuestion of(MultiValueMap<String, String> asked) {
        return new HeapQuestion(
                Objects.requireNonNullElse(asked.getFirst("place"), "").strip(),
                Objects.requireNonNullElse(asked.get("fabric"), List.<String>of()).stream().map(String::strip)
                        .filter(text -> !text.isEmpty()).distinct().limit(MOST_FABRICS).toList(),
                asked.containsKey("whole"), "size".equals(asked.getFirst("order")));
    }

    /** Its fabrics with empty fields behind them for more. */
    public List<String> fields() {
        List<String> fields = new ArrayList<>(fabric);
        while (fields.size() < MOST_FABRICS && fields.size() < fabric.size() + SPARE) {
            fields.add("");
        }
        return fields;
    }
}
