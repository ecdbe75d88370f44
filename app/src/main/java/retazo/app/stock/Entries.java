package retazo.app.stock;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.LongFunction;
import org.springframework.stereotype.Component;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/**
 * Lets each entry be booked once. The id that a form sends belongs to its content and its person: sent again it is answered with what came
 * of it, before any rule is asked; sent with anything else it is refused. What was refused is not kept, so that it can be sent again. All
 * in the transaction of whoever asks.
 */
@Component
public class Entries {

    private static final int LONGEST = 400;
    private static final int DIGEST = 40;

    private final EntryRepository entries;
    private final Clock clock;

    Entries(EntryRepository entries, Clock clock) {
        this.entries = entries;
        this.clock = clock;
    }

    /**
     * How what is booked is answered.
     *
     * @param result number of what was booked; empty where nothing was, and the id stays free
     * @param again  the answer when it was booked before
     * @param other  the answer when the id was used for something else
     */
    public record Answers<R>(Function<R, Optional<Long>> result, LongFunction<R> again, Function<Problem, R> other) {
    }

    private static final Answers<Outcome<Long>> OUTCOMES = new Answers<>(
            outcome -> outcome.match(Optional::of, problems -> Optional.empty()), Outcome::done, Outcome::refused);

    /**
     * Books under an entry once.
     *
     * @param asked   all that the form says, in a fixed order
     * @param booking given the entry to book with; what it books may ask again to be booked under it, and then is a part of this
     */
    public Outcome<Long> once(Entry entry, String asked, Function<Entry, Outcome<Long>> booking) {
        return once(entry, asked, OUTCOMES, booking);
    }

    /** The same with answers of another kind. */
    public <R> R once(Entry entry, String asked, Answers<R> answers, Function<Entry, R> booking) {
        if (entry.isPart()) {
            return booking.apply(entry);
        }
        String kept = kept(asked);
        if (entries.claim(entry.clientId(), entry.personId(), kept, clock.instant()) == 0) {
            EntryEntity before = entries.findByClientId(entry.clientId()).orElseThrow();
            return before.isOf(entry.personId(), kept)
                    ? answers.again().apply(before.result())
                    : answers.other().apply(Problem.of("entry.of-something-else"));
        }
        R answer = booking.apply(entry.part());
        answers.result().apply(answer).ifPresentOrElse(
                result -> entries.keep(entry.clientId(), result), () -> entries.letGo(entry.clientId()));
        return answer;
    }

    /** What was asked, as far as its column goes; a longer one ends in a digest of all of it. */
    private static String kept(String asked) {
        return asked.length() <= LONGEST
                ? asked
                : asked.substring(0, LONGEST - DIGEST) + " " + UUID.nameUUIDFromBytes(asked.getBytes(StandardCharsets.UTF_8));
    }
}
