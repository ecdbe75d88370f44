package retazo.app.sales;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.MovementBook;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * Sells over the counter: what is sold is booked at once, and is a line of the open sale of who sells. A line that is taken back stays in
 * its sale, crossed out. Order of locks: the sale of the person last.
 */
@Service
public class Sales {

    private final SaleRepository sales;
    private final SaleLineRepository lines;
    private final SaleBooking booking;
    private final Entries entries;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Sales(
            SaleRepository sales, SaleLineRepository lines, SaleBooking booking, Entries entries, ApplicationEventPublisher events,
            Clock clock) {
        this.events = events;
        this.sales = sales;
        this.lines = lines;
        this.booking = booking;
        this.entries = entries;
        this.clock = clock;
    }

    /** A customer has paid, in the transaction in which that is written. */
    public record Paid(Sale sale) {
    }

    /** The lines of who sells, for the customer who is there; nothing where none is. */
    @Transactional(readOnly = true)
    public Sale open(long personId) {
        return sales.open(personId).map(sale -> sale(sale.id())).orElse(Sale.NOTHING);
    }

    private Sale sale(long id) {
        return new Sale(id, lines.findBySaleIdOrderByIdAsc(id).stream().map(SaleLineEntity::toLine).toList());
    }

    /** The sale of who sells that was paid last; empty where none was. */
    @Transactional(readOnly = true)
    public Optional<Long> lastPaid(long personId) {
        return sales.lastPaid(personId);
    }

    /** What was sold last in the shop, newest first. */
    @Transactional(readOnly = true)
    public List<SaleLine> last(int most) {
        return lines.findAllByOrderByAtDescIdDesc(Limit.of(most)).stream().map(SaleLineEntity::toLine).toList();
    }

    /** Cuts a length off a bolt and sells it; reserved cloth only where that is said. */
    @Transactional
    public Outcome<Long> sellLength(long boltId, Length length, boolean sellsReserved, Entry entry) {
        return sell(entry, "counter cut " + boltId + " " + length, within -> booking.length(boltId, length, sellsReserved, within));
    }

    /** Sells a bag that is on the shelf and not put aside. */
    @Transactional
    public Outcome<Long> sellBag(long bagId, Entry entry) {
        return sell(entry, "sell bag " + bagId, within -> booking.bag(bagId, Optional.empty(), within));
    }

    /** Gives a bag to whom it was put aside for. */
    @Transactional
    public Outcome<Long> giveBag(long bagId, String name, Entry entry) {
        return sell(entry, "give bag " + bagId + " " + name, within -> booking.bag(bagId, Optional.of(name), within));
    }

    /** Sells so many of something counted. */
    @Transactional
    public Outcome<Long> sellGood(long goodId, long count, Entry entry) {
        return sell(entry, "sell good " + goodId + " " + count, within -> booking.count(goodId, count, within));
    }

    /** What is sold is a line of the open sale, which begins with it where there is none. */
    private Outcome<Long> sell(Entry entry, String asked, Function<Entry, Outcome<Sold>> selling) {
        return once(entry, asked, within -> selling.apply(within).match(
                sold -> {
                    sales.begin(within.personId(), clock.instant());
                    SaleEntity sale = sales.lockOpen(within.personId()).orElseThrow();
                    return Outcome.done(lines.saveAndFlush(SaleLineEntity.of(sale.id(), within.clientId(), sold, clock.instant())).id());
                },
                Outcome::refused));
    }

    /** Takes a line back: what was sold is in stock again. */
    @Transactional
    public Outcome<Long> takeBack(long lineId, Entry entry) {
        return once(entry, "take back sale " + lineId, within -> {
            SaleLineEntity line = lines.lock(lineId).orElseThrow(() -> new NotFoundException("sale", lineId));
            return line.isTakenBack()
                    ? Outcome.refused(Problem.of("sale.taken-back"))
                    : booking.takeBack(line.toLine().sold(), line.entryId(), within)
                            .match(done -> Outcome.done(crossedOut(line)), Outcome::refused);
        });
    }

    /** A customer brings a bag back: it is on the shelf again, and the line of its sale is taken back. */
    @Transactional
    public Outcome<Long> bagReturned(long bagId, Entry entry) {
        return once(entry, "return bag " + bagId, within -> booking.bagReturned(bagId, within).match(
                done -> {
                    lines.findFirstByBagIdAndTakenBackAtIsNullOrderByIdDesc(bagId).ifPresent(this::crossedOut);
                    return Outcome.done(bagId);
                },
                Outcome::refused));
    }

    private long crossedOut(SaleLineEntity line) {
        line.takeBack(clock.instant());
        lines.flush();
        return line.id();
    }

    /** What was taken back elsewhere, such as in the book of its bolt, is taken back here too. */
    @EventListener
    void takenBack(MovementBook.TakenBack taken) {
        lines.findByEntryId(taken.entry()).filter(line -> !line.isTakenBack()).ifPresent(this::crossedOut);
    }

    /**
     * The customer has paid: the next line begins another sale.
     *
     * @param saleId the sale that was shown
     * @param lines  how many of its lines stood then
     * @return what it was; refused where it is done already, or more was sold or taken back since
     */
    @Transactional
    public Outcome<Sale> paid(long personId, long saleId, int lines) {
        Optional<SaleEntity> open = sales.lockOpen(personId).filter(sale -> sale.id() == saleId);
        Optional<Sale> shown = open.map(sale -> sale(sale.id())).filter(sale -> sale.standing().size() == lines);
        if (shown.isEmpty()) {
            return Outcome.refused(Problem.of("sale.not-as-shown"));
        }
        open.orElseThrow().done(clock.instant());
        sales.flush();
        events.publishEvent(new Paid(shown.get()));
        return Outcome.done(shown.get());
    }

    private Outcome<Long> once(Entry entry, String asked, Function<Entry, Outcome<Long>> step) {
        Outcome<Long> outcome = entries.once(entry, asked, step);
        if (!outcome.match(done -> true, problems -> false)) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
        return outcome;
    }
}
