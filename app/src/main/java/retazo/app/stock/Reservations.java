package retazo.app.stock;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import retazo.core.measure.Length;

/** What is reserved of stock, and who is told when it is no longer there. */
@Component
class Reservations {

    private final ReservationRepository reservations;
    private final ApplicationEventPublisher events;

    Reservations(ReservationRepository reservations, ApplicationEventPublisher events) {
        this.reservations = reservations;
        this.events = events;
    }

    void reserve(List<Promise> promises) {
        reservations.saveAllAndFlush(promises.stream().map(ReservationEntity::of).toList());
    }

    void release(Collection<String> owners) {
        if (!owners.isEmpty()) {
            reservations.deleteByOwnerIn(owners);
        }
    }

    /** The cloth that is reserved on each of these bolts; a bolt on which none is, is absent. */
    Map<Long, Length> cloth(Collection<Long> boltIds) {
        return reservations.findByStockItemIdIn(boltIds).stream()
                .collect(Collectors.toMap(ReservationEntity::stockItemId, ReservationEntity::length, Length::plus));
    }

    /** How much of an item is reserved, in the unit in which it is counted. */
    long count(long itemId) {
        return reservations.findByStockItemIdIn(List.of(itemId)).stream().mapToLong(ReservationEntity::count).sum();
    }

    /** A bolt had more than the book said: somebody should look. */
    void tellThatWasLonger(long boltId, Length longer) {
        events.publishEvent(new BoltLooks.Look(boltId, longer));
    }

    /** After cloth came: whoever waits for it can go on. */
    void tellThatCame(StockItemEntity item) {
        if (item.isBolt()) {
            events.publishEvent(new ClothCame(item.id(), item.fabricId()));
        }
    }

    /** After cloth went: whoever reserved more of the bolt than is left must plan again. */
    void tellIfGone(StockItemEntity item, Reason reason) {
        if (item.isBolt() && cloth(Set.of(item.id())).getOrDefault(item.id(), Length.ZERO).isLongerThan(item.onHand())) {
            events.publishEvent(new ReservedClothTaken(item.id(), reason));
        }
    }
}
