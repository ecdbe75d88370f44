package retazo.app.runs;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import retazo.app.kits.Kit;
import retazo.app.runs.book.Run;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;

/** A new run as typed: a number of bags by the id of its kit; empty for none. */
record RunForm(@Nullable Map<Long, String> bags) {

    private static final int MOST_BAGS = 200;

    static RunForm empty() {
        return new RunForm(Map.of());
    }

    public String typed(long kitId) {
        return bags == null ? "" : bags.getOrDefault(kitId, "");
    }

    List<Run.Asked> read(FieldReader reader, List<Kit> kits) {
        List<Run.Asked> asked = new ArrayList<>();
        for (Kit kit : kits) {
            String text = typed(kit.id()).strip();
            if (!text.isEmpty() && !text.equals("0")) {
                asked.add(new Run.Asked(kit.id(), reader.number("bags." + kit.id(), text, 1, MOST_BAGS)));
            }
        }
        if (asked.isEmpty()) {
            reader.add(Problem.of("run.nothing-asked"));
        }
        return asked;
    }
}
