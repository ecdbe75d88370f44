package retazo.app.stock;

import java.time.Clock;
import java.util.List;

import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import retazo.core.measure.Length;

/** Bolts that somebody should look at, since they turned out longer than the book said; until somebody has. */
@Service
@Transactional(readOnly = true)
public class BoltLooks {

    private static final int MOST = 50;

    private final BoltLookRepository looks;
    private final Clock clock;

    BoltLooks(BoltLookRepository looks, Clock clock) {
        this.looks = looks;
        this.clock = clock;
    }

    /** A bolt that was longer by so much. */
    public record Look(long boltId, Length longer) {
    }

    /** Written down with the movement. */
    @EventListener
    @Transactional
    void mark(Look look) {
        looks.saveAndFlush(BoltLookEntity.of(look.boltId(), look.longer(), clock.instant()));
    }

    /** What waits for a look, the oldest first. */
    public List<Look> open() {
        return looks.findByLookedAtIsNullOrderByIdAsc(Limit.of(MOST)).stream().map(BoltLookEntity::toLook).toList();
    }

    /** The same of one bolt. */
    public List<Look> openOf(long boltId) {
        return looks.findByBoltIdAndLookedAtIsNullOrderByIdAsc(boltId).stream().map(BoltLookEntity::toLook).toList();
    }

    /** Somebody has looked at a bolt. */
    @Transactional
    public void looked(long boltId, long personId) {
        looks.findByBoltIdAndLookedAtIsNullOrderByIdAsc(boltId).forEach(look -> look.looked(personId, clock.instant()));
    }
}
