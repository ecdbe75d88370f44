package retazo.app.stock.changes;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.places.Place;
import retazo.app.stock.places.Places;
import retazo.core.measure.Problem;

/** Calls a place otherwise, or puts two together that are one; each bolt's book says who did. */
@Component
class PlaceNames {

    private final Places places;
    private final PlacedRepository placed;
    private final BoltChanges changes;
    private final Entries entries;

    PlaceNames(Places places, PlacedRepository placed, BoltChanges changes, Entries entries) {
        this.places = places;
        this.placed = placed;
        this.changes = changes;
        this.entries = entries;
    }

    /**
     * Gives a place another name; the code on its label stays. Refused while a stocktake counts there, and, at {@code name}, where another
     * place is called that.
     *
     * @param joined that the place which is called that is the same one: all bolts go there, and this one is no more
     * @return the number of the place where the bolts are then
     */
    @Transactional
    Outcome<Long> call(Place place, String name, boolean joined, Entry entry) {
        return entries.once(entry, "call place " + place.number() + " " + name + (joined ? " with" : ""), within -> {
            Optional<Place> other = places.called(name).filter(one -> one.number() != place.number());
            if (!placed.counted(List.of(place.name(), name)).isEmpty()) {
                return Outcome.refused(Problem.at("name", "place.counted"));
            }
            if (other.isPresent() && !joined) {
                return Outcome.refused(Problem.at("name", "place.is-another", other.get().name(), other.get().code()));
            }
            Place there = other.orElseGet(() -> places.rename(place, name));
            placed.lock(place.name()).forEach(bolt -> changes.move(bolt, there.name(), within));
            if (other.isPresent()) {
                places.drop(place);
            }
            return Outcome.done((long) there.number());
        });
    }
}
