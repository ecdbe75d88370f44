package retazo.app.runs;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import retazo.app.runs.book.Run;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;

/** A new run as typed: a number of bags by the id of its kit; empty for none. */
record RunForm(@Nullable UUID clientId, @Nullable Map<Long, String> bags) {

    private static final int MOST_BAGS = 200;

    UUID entryId() {
        return clientId == null ? UUID.randomUUID() : clientId;
    }

    public String typed(long kitId) {
        return bags == null ? "" : bags.getOrDefault(kitId, "");
    }

    /** The kits for which something was typed, by their ids. */
    List<Long> typedIds() {
        return bags == null ? List.of() : bags.keySet().stream().filter(id -> !typed(id).isBlank()).sorted().toList();
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
