package retazo.app.daybook;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.app.stock.Reason;

/**
 * What is asked of the book, as typed.
 *
 * @param since  the first day; empty for since the shop began
 * @param until  the last day; empty for until now
 * @param person the id of whoever booked; empty for all
 * @param reason the name of a {@link Reason}; empty for all
 * @param words  of the thing
 */
record BookQuestion(
        @Nullable String since, @Nullable String until, @Nullable String person, @Nullable String reason, @Nullable String words) {

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    Optional<LocalDate> since(FieldReader reader) {
        return reader.day("since", since);
    }

    Optional<LocalDate> until(FieldReader reader) {
        return reader.day("until", until);
    }

    /** 0 for all. */
    long personId() {
        return text(person).matches("\\d{1,18}") ? Long.parseLong(text(person)) : 0;
    }

    Optional<Reason> asked() {
        return Stream.of(Reason.values()).filter(one -> one.name().equals(text(reason))).findFirst();
    }

    String looked() {
        return text(words);
    }
}
