package retazo.app.runs.pages;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import retazo.app.runs.book.Run;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.measure.Problem;

/**
 * A new run as typed.
 *
 * @param bags  a number of bags by the id of its kit; empty for none
 * @param order the ids of kits in the order in which a number was typed for them
 */
record RunForm(
        @Nullable UUID clientId, @Nullable Map<Long, String> bags, @Nullable String order, @Nullable String priority,
        @Nullable String neededOn) {

    private static final int MOST_BAGS = 200;

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }

    public String typed(long kitId) {
        return bags == null ? "" : bags.getOrDefault(kitId, "");
    }

    /** The ids of the kits for which something was typed, in the order in which it was. */
    List<Long> typedIds() {
        List<String> first = List.of(Typed.text(order).split(","));
        return bags == null
                ? List.of()
                : bags.keySet().stream().filter(id -> !typed(id).isBlank())
                        .sorted(Comparator
                                .comparing((Long id) -> first.contains(id.toString()) ? first.indexOf(id.toString()) : first.size())
                                .thenComparing(Comparator.naturalOrder()))
                        .toList();
    }

    /** When it has its turn. */
    public TurnForm turn() {
        return new TurnForm(priority, neededOn);
    }

    /** The order as it is sent along. */
    public String orderSent() {
        return typedIds().stream().map(String::valueOf).collect(Collectors.joining(","));
    }

    /** @param known the kits that there are */
    List<Run.Asked> read(FieldReader reader, Set<Long> known) {
        List<Run.Asked> asked = new ArrayList<>();
        for (long kit : typedIds()) {
            String text = typed(kit).strip();
            if (!text.equals("0") && known.contains(kit)) {
                asked.add(new Run.Asked(kit, reader.number("bags." + kit, text, 1, MOST_BAGS)));
            }
        }
        if (asked.isEmpty()) {
            reader.add(Problem.of("run.nothing-asked"));
        }
        return asked;
    }
}
