package retazo.app.stock;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Moments;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.staff.StaffService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Writes the movement book, and keeps what is reserved. Every change locks its stock items first, in the order of ids. */
@Service
public class StockService {

    private final StockItemRepository items;
    private final MovementRepository movements;
    private final Reservations reservations;
    private final StaffService staff;
    private final MovementBook book;
    private final Entries entries;
    private final Clock clock;

    StockService(
            StockItemRepository items,
            MovementRepository movements,
            Reservations reservations,
            StaffService staff,
            MovementBook book,
            Entries entries,
            Clock clock) {
        this.items = items;
        this.movements = movements;
        this.reservations = reservations;
        this.staff = staff;
        this.book = book;
        this.entries = entries;
        this.clock = clock;
    }

    /** The bolts of these fabrics, empty ones too, by code. */
    @Transactional(readOnly = true)
    public List<Bolt> boltsOf(Collection<Long> fabricIds) {
        return toBolts(items.boltsOf(fabricIds));
    }

    /** The ids of fabrics of which one bolt has a free length, those with the longest bolts first. */
    @Transactional(readOnly = true)
    public List<Long> fabricsWithFree(Length length, int most) {
        return items.fabricsWithFree(length.ticks(), most);
    }

    @Transactional(readOnly = true)
    public Bolt bolt(long id) {
        return toBolts(List.of(boltEntity(id))).get(0);
    }

    @Transactional(readOnly = true)
    public Map<Long, Bolt> boltsById(Collection<Long> ids) {
        return toBolts(items.findAllById(ids).stream().filter(StockItemEntity::isBolt).toList()).stream()
                .collect(Collectors.toMap(Bolt::id, bolt -> bolt));
    }

    /** The bolt that an entry made of a length of another; empty where it made none. */
    @Transactional(readOnly = true)
    public Optional<Bolt> remnantOf(UUID entry) {
        return movements.findByGroupIdOrderByIdAsc(entry).stream()
                .filter(line -> line.reason() == Reason.SPLIT && line.amount().isPositive())
                .map(line -> bolt(line.stockItemId())).findFirst();
    }

    @Transactional(readOnly = true)
    public Optional<Bolt> boltByCode(String code) {
        return items.findByCode(code.strip()).filter(StockItemEntity::isBolt).map(item -> toBolts(List.of(item)).get(0));
    }

    /** Locks bolts for the rest of the transaction and gives their state after waiting for others. */
    @Transactional
    public List<Bolt> lockBolts(Collection<Long> ids) {
        return toBolts(items.lockAll(ids).stream().map(book::fresh).toList());
    }

    /** Receives a bolt; received twice with the same entry, it is there once. */
    @Transactional
    public Outcome<Long> receive(NewBolt bolt, Entry entry) {
        return entries.once(entry, "receive " + bolt, within -> receiveNew(bolt, within));
    }

    private Outcome<Long> receiveNew(NewBolt bolt, Entry entry) {
        if (items.existsByCode(bolt.code())) {
            return Outcome.refused(Problem.at("code", "bolt.code-taken", bolt.code()));
        }
        Instant now = clock.instant();
        StockItemEntity item = items.saveAndFlush(StockItemEntity.bolt(bolt, null, bolt.measured() ? now : null, now));
        book.write(MovementEntity.cloth(item.id(), bolt.length(), Reason.RECEIVED, entry, entry.clientId(), now));
        reservations.tellThatCame(item);
        return Outcome.done(item.id());
    }

    /**
     * Takes a length off a bolt. Refused when the book has less, naming what is left and who took from it last.
     *
     * @param reason one that takes away
     */
    @Transactional
    public Outcome<Long> take(long boltId, Length length, Reason reason, Entry entry) {
        return entries.once(entry, asked("take", boltId, length, reason), within -> takeOff(boltId, length, reason, within));
    }

    private Outcome<Long> takeOff(long boltId, Length length, Reason reason, Entry entry) {
        StockItemEntity bolt = book.lock(boltId);
        if (length.isLongerThan(bolt.onHand())) {
            return Outcome.refused(notEnough(bolt, length));
        }
        MovementEntity taken = book.write(MovementEntity.cloth(boltId, length.negated(), reason, entry, entry.clientId(), clock.instant()));
        tellIfReservedClothIsGone(boltId, reason);
        return Outcome.done(taken.id());
    }

    /** Takes a length off a bolt that was longer than the book says: the correction and the cut as one step. */
    @Transactional
    public Outcome<Long> takeFromLonger(long boltId, Length length, Reason reason, Entry entry) {
        return entries.once(entry, asked("take from longer", boltId, length, reason), within -> {
            Length missing = length.minus(book.lock(boltId).onHand());
            if (missing.isPositive()) {
                book.write(MovementEntity.cloth(
                        boltId, missing, Reason.CORRECTION, within.noted("the bolt was longer; have a look"), within.clientIdOf(1),
                        clock.instant()));
                reservations.tellThatWasLonger(boltId, missing);
            }
            return takeOff(boltId, length, reason, within);
        });
    }

    /**
     * Takes a length off a bolt and keeps it as a bolt of its own: same fabric, lot, place and width, parent named.
     *
     * @return the new bolt
     */
    @Transactional
    public Outcome<Long> splitOff(long boltId, Length length, Entry entry) {
        return entries.once(entry, asked("split off", boltId, length, Reason.SPLIT), within -> split(boltId, length, within));
    }

    private Outcome<Long> split(long boltId, Length length, Entry entry) {
        StockItemEntity bolt = book.lock(boltId);
        return takeOff(boltId, length, Reason.SPLIT, entry).match(
                taken -> {
                    Instant now = clock.instant();
                    StockItemEntity remnant = items.saveAndFlush(
                            StockItemEntity.bolt(bolt.remnant(nextCode(bolt.code() + "-"), length), boltId, now, now));
                    book.write(MovementEntity.cloth(remnant.id(), length, Reason.SPLIT, entry, entry.clientIdOf(1), now));
                    return Outcome.done(remnant.id());
                },
                Outcome::refused);
    }

    /**
     * A length that was cut from a bolt comes back, as a remnant of it; part of an entry that somebody else books.
     *
     * @param step of the entry
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Bolt comeBack(long boltId, Length length, Reason reason, Entry entry, int step) {
        StockItemEntity bolt = book.lock(boltId);
        Instant now = clock.instant();
        StockItemEntity remnant = items.saveAndFlush(
                StockItemEntity.bolt(bolt.remnant(nextCode(bolt.code() + "-"), length), boltId, now, now));
        book.write(MovementEntity.cloth(remnant.id(), length, reason, entry, entry.clientIdOf(step), now));
        reservations.tellThatCame(remnant);
        return bolt(remnant.id());
    }

    /** Makes a bolt of its own of a length in front. */
    @Transactional
    public Outcome<Long> putAside(long boltId, Length front, Entry entry) {
        return entries.once(entry, asked("aside", boltId, front), within -> aside(boltId, front, within));
    }

    private Outcome<Long> aside(long boltId, Length front, Entry entry) {
        StockItemEntity bolt = book.lock(boltId);
        if (!front.isShorterThan(bolt.onHand())) {
            return Outcome.refused(notEnough(bolt, front));
        }
        split(boltId, front, entry);
        tellIfReservedClothIsGone(boltId, Reason.SPLIT);
        return Outcome.done(boltId);
    }

    /**
     * Cuts a flaw out of a bolt: the good length before it becomes a bolt of its own if it is worth keeping, else it is
     * lost with the flaw.
     *
     * @param good before the flaw, zero or more
     * @param flaw above zero
     */
    @Transactional
    public Outcome<Long> cutOutFlaw(long boltId, Length good, Length flaw, boolean keepGood, Entry entry) {
        return entries.once(
                entry, asked("flaw", boltId, good, flaw, keepGood), within -> withoutFlaw(boltId, good, flaw, keepGood, within));
    }

    private Outcome<Long> withoutFlaw(long boltId, Length good, Length flaw, boolean keepGood, Entry entry) {
        StockItemEntity bolt = book.lock(boltId);
        boolean splits = keepGood && good.isPositive();
        if (good.plus(flaw).isLongerThan(bolt.onHand())) {
            return Outcome.refused(notEnough(bolt, good.plus(flaw)));
        }
        if (splits) {
            split(boltId, good, entry);
        }
        Length lost = splits ? flaw : good.plus(flaw);
        book.write(MovementEntity.cloth(boltId, lost.negated(), Reason.FLAW, entry, entry.clientIdOf(splits ? 2 : 0), clock.instant()));
        tellIfReservedClothIsGone(boltId, Reason.FLAW);
        return Outcome.done(boltId);
    }

    /** Books what a bolt really measures; a difference is a correction. */
    @Transactional
    public Outcome<Bolt> correct(long boltId, Length counted, Entry entry) {
        return entries.once(entry, asked("count", boltId, counted), within -> {
            StockItemEntity bolt = book.lock(boltId);
            if (bolt.neverCame()) {
                return Outcome.<Long>refused(Problem.of("stock.never-came"));
            }
            Length difference = counted.minus(bolt.onHand());
            if (!difference.isZero()) {
                book.write(MovementEntity.cloth(boltId, difference, Reason.CORRECTION, within, within.clientId(), clock.instant()));
            }
            bolt.measured(clock.instant());
            items.flush();
            tellIfReservedClothIsGone(boltId, Reason.CORRECTION);
            if (difference.isPositive()) {
                reservations.tellThatCame(bolt);
            }
            return Outcome.done(boltId);
        }).match(id -> Outcome.done(bolt(boltId)), Outcome::refused);
    }

    /**
     * Books by how much a bolt differed from the book when it was counted, whatever was booked since; it was measured then.
     *
     * @param difference may be zero
     */
    @Transactional
    public Outcome<Long> counted(long boltId, Length difference, Instant when, Entry entry) {
        return entries.once(entry, asked("counted", boltId, difference), within -> {
            StockItemEntity bolt = book.lock(boltId);
            if (!difference.isZero()) {
                book.write(MovementEntity.cloth(boltId, difference, Reason.CORRECTION, within, within.clientId(), clock.instant()));
            }
            bolt.measured(when);
            items.flush();
            tellIfReservedClothIsGone(boltId, Reason.CORRECTION);
            if (difference.isPositive()) {
                reservations.tellThatCame(bolt);
            }
            return Outcome.done(boltId);
        });
    }

    /**
     * Takes back all movements of one entry by reversing ones, newest first; only while nothing newer was booked on any of
     * their items. Of counted things that came with it, as many must still be free, whatever was booked since.
     *
     * @param wrongEntry the client id of the entry
     */
    @Transactional
    public Outcome<Long> reverse(UUID wrongEntry, Entry entry) {
        return entries.once(entry, asked("take back", wrongEntry), within -> {
            Outcome<Long> outcome = takeBack(movements.findByGroupIdOrderByIdAsc(wrongEntry), within);
            outcome.match(done -> {
                book.tellTakenBack(wrongEntry);
                return done;
            }, problems -> 0L);
            return outcome;
        });
    }

    private Outcome<Long> takeBack(List<MovementEntity> wrong, Entry entry) {
        if (wrong.isEmpty()) {
            return Outcome.refused(Problem.of("stock.nothing-to-undo"));
        }
        Set<Long> itemIds = wrong.stream().map(MovementEntity::stockItemId).collect(Collectors.toCollection(HashSet::new));
        items.lockAll(itemIds).forEach(book::fresh);
        Set<Long> ofEntry = wrong.stream().map(MovementEntity::id).collect(Collectors.toSet());
        for (long itemId : itemIds) {
            if (items.findById(itemId).orElseThrow().isGood()) {
                if (isUsed(itemId, wrong)) {
                    return Outcome.refused(Problem.of("stock.left-over-used"));
                }
                continue;
            }
            MovementEntity newest = movements.findFirstByStockItemIdOrderByIdDesc(itemId).orElseThrow();
            if (!ofEntry.contains(newest.id())) {
                return Outcome.refused(Problem.of("stock.not-the-newest"));
            }
        }
        for (int i = wrong.size() - 1; i >= 0; i--) {
            UUID clientId = entry.clientIdOf(wrong.size() - 1 - i);
            book.write(MovementEntity.reversing(wrong.get(i), noted(wrong.get(i), entry), clientId, clock.instant()));
        }
        freeNumbers(wrong);
        for (long itemId : itemIds) {
            tellIfReservedClothIsGone(itemId, Reason.REVERSAL);
            reservations.tellThatCame(items.findById(itemId).orElseThrow());
        }
        return Outcome.done(wrong.get(0).stockItemId());
    }

    /** A bolt that never came is remembered by the number that it had. */
    private Entry noted(MovementEntity wrong, Entry entry) {
        StockItemEntity item = items.findById(wrong.stockItemId()).orElseThrow();
        return wrong.reason() == Reason.RECEIVED && item.isBolt() ? entry.noted("was bolt " + item.code()) : entry;
    }

    private void freeNumbers(List<MovementEntity> wrong) {
        List<Long> received = wrong.stream().filter(line -> line.reason() == Reason.RECEIVED).map(MovementEntity::stockItemId).toList();
        if (!received.isEmpty()) {
            items.freeNumbers(received);
            received.forEach(id -> book.fresh(items.findById(id).orElseThrow()));
            book.tellNeverCame(received);
        }
    }

    private boolean isUsed(long itemId, List<MovementEntity> wrong) {
        long came = wrong.stream().filter(movement -> movement.stockItemId() == itemId).mapToLong(MovementEntity::amountCount).sum();
        return items.findById(itemId).orElseThrow().onHandCount() - reservations.count(itemId) < came;
    }

    /** Takes back one line of the book that stands alone, such as a counter cut; of a list that was received, this bolt alone. */
    @Transactional
    public Outcome<Long> reverseLine(long movementId, Entry entry) {
        MovementEntity wrong = movements.findById(movementId).orElseThrow(() -> new NotFoundException("movement", movementId));
        if (wrong.reason() == Reason.RECEIVED) {
            return entries.once(entry, asked("take back line", movementId), within -> takeBack(List.of(wrong), within));
        }
        return wrong.reason().standsAlone()
                ? reverse(wrong.groupId(), entry)
                : Outcome.refused(Problem.of("stock.not-from-here"));
    }

    /** Keeps what a bolt's tag says; the caller holds its lock. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keepFacts(long boltId, Bolt.Facts facts) {
        boltEntity(boltId).keep(facts);
        items.flush();
    }

    /** Reserves cloth; the caller holds the locks of {@link #lockBolts}. */
    @Transactional
    public void reserve(List<Promise> promises) {
        reservations.reserve(promises);
    }

    @Transactional
    public void release(Collection<String> owners) {
        reservations.release(owners);
    }

    /** The newest lines of an item's book, newest first. */
    @Transactional(readOnly = true)
    public List<Movement> linesOf(long stockItemId, int most) {
        StockItemEntity item = items.findById(stockItemId).orElseThrow(() -> new NotFoundException("stock item", stockItemId));
        return new BookPage(item, movements.findByStockItemIdOrderByIdDesc(
                stockItemId, org.springframework.data.domain.Limit.of(most)))
                .lines(ids -> staff.names(ids));
    }

    /** The next free code with this start: {@code 0417-2} after {@code 0417-1}. */
    @Transactional(readOnly = true)
    public String nextCode(String stem) {
        int most = items.highestNumber(stem);
        return stem.isEmpty() ? "%04d".formatted(most + 1) : stem + (most + 1);
    }

    /** All that a form asks of a bolt, so that it is known again. */
    private static String asked(Object... parts) {
        return Stream.of(parts).map(String::valueOf).collect(Collectors.joining(" "));
    }

    private Problem notEnough(StockItemEntity bolt, Length asked) {
        MovementEntity last = movements.findFirstByStockItemIdOrderByIdDesc(bolt.id()).orElseThrow();
        String person = staff.names(Set.of(last.personId())).getOrDefault(last.personId(), "");
        return Problem.of(
                "stock.not-enough", bolt.code(), asked, bolt.onHand(), person, Moments.clock(last.at()),
                last.amount().isNegative() ? last.amount().negated() : last.amount());
    }

    private void tellIfReservedClothIsGone(long itemId, Reason reason) {
        reservations.tellIfGone(items.findById(itemId).orElseThrow(), reason);
    }

    private StockItemEntity boltEntity(long id) {
        return items.findById(id).filter(StockItemEntity::isBolt).orElseThrow(() -> new NotFoundException("bolt", id));
    }

    private List<Bolt> toBolts(List<StockItemEntity> bolts) {
        List<Long> ids = bolts.stream().map(StockItemEntity::id).toList();
        Map<Long, Length> reserved = reservations.cloth(ids);
        Map<Long, String> parents = items.findAllById(bolts.stream().flatMap(bolt -> bolt.parentId().stream()).toList()).stream()
                .collect(Collectors.toMap(StockItemEntity::id, StockItemEntity::code));
        return bolts.stream()
                .map(item -> new Bolt(
                        item.id(), item.code(), item.fabricId(), item.lot(), item.place(), item.usableWidth(), item.onHand(),
                        reserved.getOrDefault(item.id(), Length.ZERO), item.isStarted(), item.measuredAt(),
                        item.parentId().map(parents::get)))
                .toList();
    }
}
