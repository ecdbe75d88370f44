package retazo.app.runs.pages;

import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.runs.book.Run;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.bolt.promise.Priority;
import retazo.core.measure.Problem;

/** When a run has its turn, as typed; empty is usual, and no day. */
record TurnForm(@Nullable String priority, @Nullable String neededOn) {

    Run.Turn read(FieldReader reader) {
        String pressing = Typed.text(priority);
        Optional<Priority> chosen = Arrays.stream(Priority.values()).filter(one -> one.name().equals(pressing)).findFirst();
        if (chosen.isEmpty() && !pressing.isEmpty()) {
            reader.add(Problem.at("priority", "choice.missing"));
        }
        return new Run.Turn(chosen.orElse(Priority.USUAL), reader.day("neededOn", neededOn), Optional.empty());
    }
}
