package retazo.app.outbox;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import retazo.app.TestShop;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;

/** What cannot be carried for a fault of ours waits and holds up nothing else. */
@Tag("slow")
@ExtendWith(TestShop.class)
class BrokenCarrierTest {

    private static final AtomicLong ABOUT = new AtomicLong(-1);

    private final OutgoingRepository outgoing;
    private final TransactionTemplate transaction;
    private final Words words;
    private final JdbcClient database;
    private final Outbox outbox;

    BrokenCarrierTest(OutgoingRepository outgoing, TransactionTemplate transaction, Words words, JdbcClient database, Outbox outbox) {
        this.outgoing = outgoing;
        this.transaction = transaction;
        this.words = words;
        this.database = database;
        this.outbox = outbox;
    }

    private record Played(Outbox.Kind kind, boolean breaks) implements Carrier {

        @Override
        public Outcome<String> carry(UUID key, long about, String body) {
            if (breaks) {
                throw new IllegalStateException("It broke.");
            }
            return Outcome.done("taken");
        }
    }

    /** Due tomorrow, so that only a worker who lives the day after sees it. */
    private long put(Outbox.Kind kind) {
        long about = ABOUT.getAndDecrement();
        database.sql("""
                INSERT INTO outgoing (key, kind, about, body, put_at, next_at)
                VALUES (gen_random_uuid(), :kind, :about, 'played', now(), now() + interval '1 day')""")
                .param("kind", kind.name()).param("about", about).update();
        return about;
    }

    @Test
    void what_breaks_is_told_and_what_comes_behind_it_goes() {
        long broken = put(Outbox.Kind.SALE);
        long behind = put(Outbox.Kind.ORDER);
        OutboxWork later = new OutboxWork(
                outgoing, List.of(new Played(Outbox.Kind.SALE, true), new Played(Outbox.Kind.ORDER, false)), transaction, words,
                Clock.offset(Clock.systemUTC(), Duration.ofDays(2)));

        later.workOff();

        assertThat(outbox.standing(Outbox.Kind.SALE, broken)).get()
                .isEqualTo(new Outbox.Standing(false, "", 1, "Something broke on our side."));
        assertThat(outbox.standing(Outbox.Kind.ORDER, behind)).get().isEqualTo(new Outbox.Standing(true, "taken", 1, ""));
        later.stop();
    }
}
