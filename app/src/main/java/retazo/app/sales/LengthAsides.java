package retazo.app.sales;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.Promise;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * Lengths that are put aside for somebody: cloth of a bolt that is reserved, and cut when it is fetched. Order of locks: what is put aside,
 * then its bolt.
 */
@Service
public class LengthAsides {

    private final LengthAsideRepository asides;
    private final StockService stock;
    private final Sales sales;
    private final Entries entries;
    private final Clock clock;

    LengthAsides(LengthAsideRepository asides, StockService stock, Sales sales, Entries entries, Clock clock) {
        this.asides = asides;
        this.stock = stock;
        this.sales = sales;
        this.entries = entries;
        this.clock = clock;
    }

    /** Those that wait to be fetched, first what is kept the shortest. */
    @Transactional(readOnly = true)
    public List<LengthAside> waiting(int most) {
        return asides.waiting(Limit.of(most)).stream().map(LengthAsideEntity::toAside).toList();
    }

    /**
     * Puts a length of a bolt aside; refused where so much of it is not free.
     *
     * @return its number
     */
    @Transactional
    public Outcome<Long> putAside(long boltId, Length length, String name, Optional<LocalDate> until, Entry entry) {
        return entries.once(entry, "length aside " + boltId + " " + length + " " + name, within -> {
            Bolt bolt = stock.lockBolts(List.of(boltId)).stream().findFirst().orElseThrow(() -> new NotFoundException("bolt", boltId));
            if (length.isLongerThan(bolt.free())) {
                return Outcome.refused(Problem.of("counter.not-free", bolt.code(), bolt.free()));
            }
            LengthAside kept = asides.saveAndFlush(LengthAsideEntity.of(
                    new LengthAside(0, boltId, length, name, until), within.clientId(), within.personId(), clock.instant())).toAside();
            stock.reserve(List.of(new Promise(boltId, length, kept.owner())));
            return Outcome.done(kept.id());
        });
    }

    /** It is fetched: cut, and a line of the open sale. Where its cloth is gone it is refused, and stays put aside. */
    @Transactional
    public Outcome<Long> give(long id, Entry entry) {
        Outcome<Long> outcome = entries.once(
                entry, "give length " + id,
                within -> ended(id).then(aside -> sales.sellLength(aside.boltId(), aside.length(), false, within)));
        if (!outcome.match(done -> true, problems -> false)) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
        return outcome;
    }

    /** Nobody fetches it: its cloth is free again. */
    @Transactional
    public Outcome<Long> letGo(long id) {
        return ended(id).then(aside -> Outcome.done(id));
    }

    private Outcome<LengthAside> ended(long id) {
        LengthAsideEntity found = asides.lock(id).orElseThrow(() -> new NotFoundException("length put aside", id));
        if (found.isEnded()) {
            return Outcome.refused(Problem.of("counter.aside-ended"));
        }
        LengthAside aside = found.toAside();
        stock.lockBolts(List.of(aside.boltId()));
        found.end(clock.instant());
        asides.flush();
        stock.release(List.of(aside.owner()));
        return Outcome.done(aside);
    }
}
