package retazo.app.orders;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.orders.Purchase.State;
import retazo.app.shared.Moments;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/**
 * Writes orders and sends them. A supplier has one order at a time that is being written, and a fabric one line in it. Each step locks its
 * order.
 */
@Service
@Transactional
public class Purchases {

    private final PurchaseRepository purchases;
    private final PurchaseLineRepository lines;
    private final PurchaseBook book;
    private final Suppliers suppliers;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Purchases(
            PurchaseRepository purchases, PurchaseLineRepository lines, PurchaseBook book, Suppliers suppliers,
            ApplicationEventPublisher events, Clock clock) {
        this.purchases = purchases;
        this.lines = lines;
        this.book = book;
        this.suppliers = suppliers;
        this.events = events;
        this.clock = clock;
    }

    /** An order went out, in the transaction that sends it. */
    public record Sent(Purchase purchase, Supplier supplier) {
    }

    /**
     * Puts lines into the order that is being written to a supplier; begins one where there is none. A fabric that stands in it already has
     * as many bolts as are asked for now.
     *
     * @return the order
     */
    public long write(String supplier, Collection<NewLine> wanted, long personId) {
        Supplier known = suppliers.known(supplier);
        purchases.begin(known.id(), personId, clock.instant());
        PurchaseEntity purchase = purchases.lockWritten(known.id()).orElseThrow();
        wanted.forEach(line -> put(purchase.id(), line));
        return purchase.id();
    }

    private void put(long purchaseId, NewLine wanted) {
        Optional<PurchaseLineEntity> there = lines.findByPurchaseIdAndFabricId(purchaseId, wanted.fabricId());
        there.ifPresent(line -> line.become(wanted));
        lines.saveAndFlush(there.orElseGet(() -> PurchaseLineEntity.of(purchaseId, wanted)));
    }

    /**
     * Changes what is being written: its lines as they are wanted, and the note for the supplier.
     *
     * @param seen the {@link Purchase#mark} of what was shown; refused where somebody else changed it since
     */
    public Outcome<Long> change(long id, List<NewLine> wanted, String note, String seen) {
        return written(id, purchase -> {
            if (!book.purchase(id).mark().equals(seen)) {
                return Outcome.refused(Problem.of("order.changed"));
            }
            List<PurchaseLineEntity> there = lines.findByPurchaseIdInOrderByPurchaseIdAscIdAsc(List.of(id));
            there.stream().filter(line -> wanted.stream().noneMatch(one -> one.fabricId() == line.fabricId())).forEach(lines::delete);
            lines.flush();
            wanted.forEach(line -> put(id, line));
            purchase.note(note);
            return Outcome.done(id);
        });
    }

    /** Changes it and sends it, both or neither. */
    public Outcome<Long> changeAndSend(long id, List<NewLine> wanted, String note, String seen, long personId) {
        return change(id, wanted, note, seen).then(done -> send(id, personId));
    }

    /** Sends it: its lines stay as they are, and its cloth is on its way. */
    public Outcome<Long> send(long id, long personId) {
        return written(id, purchase -> {
            Purchase shown = book.purchase(id);
            if (shown.lines().isEmpty()) {
                return Outcome.refused(Problem.of("order.empty"));
            }
            Supplier supplier = suppliers.supplier(purchase.supplierId());
            LocalDate today = Moments.today(clock);
            purchase.send(personId, clock.instant(), today.plusDays(supplier.leadDays()));
            purchases.flush();
            events.publishEvent(new Sent(book.purchase(id), supplier));
            return Outcome.done(id);
        });
    }

    /** Throws away what is being written. */
    public Outcome<Long> drop(long id) {
        return written(id, purchase -> {
            purchase.become(State.DROPPED);
            return Outcome.done(id);
        });
    }

    /** The supplier says on which day its cloth will be there. */
    public Outcome<Long> expect(long id, LocalDate day) {
        PurchaseEntity purchase = lock(id);
        if (purchase.state() != State.SENT) {
            return Outcome.refused(Problem.of("order.not-under-way"));
        }
        purchase.expect(day);
        return Outcome.done(id);
    }

    /** The rest of a line is not wanted any more; with it the order ends where nothing else is to come. */
    public Outcome<Long> cancelRest(long id, long lineId) {
        PurchaseEntity purchase = lock(id);
        if (purchase.state() != State.SENT) {
            return Outcome.refused(Problem.of("order.not-under-way"));
        }
        lines.findById(lineId).filter(line -> line.purchaseId() == id).orElseThrow(() -> new NotFoundException("line", lineId)).cancel();
        lines.flush();
        settle(id);
        return Outcome.done(id);
    }

    /** Holds an order for the rest of the transaction; false where no cloth of it can come. */
    boolean lockUnderWay(long id) {
        return lock(id).state() == State.SENT;
    }

    /** After something came or was taken back: an order of which nothing is to come has ended, one of which something is goes on. */
    void settle(long id) {
        PurchaseEntity purchase = lock(id);
        boolean open = book.purchase(id).lines().stream().anyMatch(line -> line.open().isPositive());
        if (purchase.state() == State.SENT && !open) {
            purchase.become(State.ENDED);
        } else if (purchase.state() == State.ENDED && open) {
            purchase.become(State.SENT);
        }
        purchases.flush();
    }

    private Outcome<Long> written(long id, Function<PurchaseEntity, Outcome<Long>> step) {
        PurchaseEntity purchase = lock(id);
        return purchase.state() == State.WRITTEN ? step.apply(purchase) : Outcome.refused(Problem.of("order.not-written"));
    }

    private PurchaseEntity lock(long id) {
        return purchases.lock(id).orElseThrow(() -> new NotFoundException("order", id));
    }
}
