package retazo.app.outbox;

import java.time.Clock;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Takes what is to go out. */
@Service
public class Outbox {

    private final OutgoingRepository outgoing;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Outbox(OutgoingRepository outgoing, ApplicationEventPublisher events, Clock clock) {
        this.outgoing = outgoing;
        this.events = events;
        this.clock = clock;
    }

    /** What goes out. */
    public enum Kind {
        /** A sale that is paid, to the till. */
        SALE,
        /** An order, to the supplier. */
        ORDER
    }

    /**
     * How far it is.
     *
     * @param answer  what the other side said when it arrived; else empty
     * @param tries   how often it was brought
     * @param trouble why it did not arrive the last time; empty where it was not tried yet or has arrived
     */
    public record Standing(boolean arrived, String answer, int tries, String trouble) {
    }

    /** Something was put here. */
    record Put() {
    }

    /** Writes it down in the transaction of what it tells of; it goes once that is sure. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void put(Kind kind, long about, String body) {
        outgoing.saveAndFlush(OutgoingEntity.of(kind, about, body, clock.instant()));
        events.publishEvent(new Put());
    }

    /** Empty for what never was to go out. */
    @Transactional(readOnly = true)
    public Optional<Standing> standing(Kind kind, long about) {
        return outgoing.findByKindAndAbout(kind, about).map(OutgoingEntity::toStanding);
    }
}
