package retazo.app.cutting.pull;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Remembers what is off its place: fetched by somebody, until it is put back. */
@Service
class PullTicks {

    private final PullTickRepository ticks;
    private final Clock clock;

    PullTicks(PullTickRepository ticks, Clock clock) {
        this.ticks = ticks;
        this.clock = clock;
    }

    /** Something is fetched; fetched twice it stays with whoever was first. */
    @Transactional
    public void fetch(long itemId, long personId) {
        ticks.fetch(itemId, personId, clock.instant());
    }

    /** It stands at its place again. */
    @Transactional
    public void putBack(long itemId, long personId) {
        ticks.findByItemIdAndBackAtIsNull(itemId).ifPresent(tick -> tick.putBack(personId, clock.instant()));
    }

    @Transactional(readOnly = true)
    public List<PullTickEntity> out() {
        return ticks.findByBackAtIsNull();
    }
}
