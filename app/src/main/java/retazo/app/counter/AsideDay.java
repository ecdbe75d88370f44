package retazo.app.counter;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Problem;

/** The day until which something is put aside, as typed. */
final class AsideDay {

    private AsideDay() {
    }

    /** Empty for nothing typed, or with a problem in the reader. */
    static Optional<LocalDate> read(String typed, FieldReader reader) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(typed.strip()));
        } catch (DateTimeParseException notADay) {
            reader.add(Problem.at("until", "counter.day"));
            return Optional.empty();
        }
    }
}
