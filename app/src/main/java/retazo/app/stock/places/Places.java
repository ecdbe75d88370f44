package retazo.app.stock.places;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** The way through the shop: the owner's order, and after it what nobody gave a number, as a person reads the names. */
@Service
public class Places {

    private final PlaceRepository places;

    Places(PlaceRepository places) {
        this.places = places;
    }

    /** All places, in the order in which one walks past them. */
    @Transactional(readOnly = true)
    public List<String> inOrder() {
        return all().stream().map(Place::name).toList();
    }

    /** The same with their numbers. */
    @Transactional(readOnly = true)
    public List<Place> all() {
        return places.findAll().stream()
                .sorted(Comparator.comparing((PlaceEntity place) -> place.walk().orElse(Integer.MAX_VALUE))
                        .thenComparing(PlaceEntity::name, NaturalOrder.OF_NAMES))
                .map(PlaceEntity::toPlace).toList();
    }

    /** The place that a text names: its code as it is scanned, or its whole name. */
    @Transactional(readOnly = true)
    public Optional<Place> named(String text) {
        return places.findByNumber(Place.numberIn(text)).or(() -> places.findById(text.strip())).map(PlaceEntity::toPlace);
    }

    /** The place of this whole name. */
    @Transactional(readOnly = true)
    public Optional<Place> called(String name) {
        return places.findById(name).map(PlaceEntity::toPlace);
    }

    /** Gives a place a name that no other has; its number stays. What stands there is moved by the caller. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Place rename(Place place, String name) {
        places.rename(place.number(), name);
        return new Place(name, place.number());
    }

    /** Forgets a place at which nothing is noted any more. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void drop(Place place) {
        places.drop(place.number());
    }

    /** Orders the names of places that way; what has no place comes last. */
    public Comparator<String> walk() {
        List<String> inOrder = inOrder();
        Map<String, Integer> at = IntStream.range(0, inOrder.size()).boxed().collect(Collectors.toMap(inOrder::get, Function.identity()));
        return Comparator.comparing((String place) -> at.getOrDefault(place, Integer.MAX_VALUE)).thenComparing(NaturalOrder.OF_NAMES);
    }

    /**
     * Keeps an order.
     *
     * @param wanted all places, each once; refused where there are others by now
     */
    @Transactional
    public Outcome<Integer> keep(List<String> wanted) {
        Map<String, PlaceEntity> known = places.findAll().stream().collect(Collectors.toMap(PlaceEntity::name, Function.identity()));
        if (wanted.size() != known.size() || !known.keySet().equals(new HashSet<>(wanted))) {
            return Outcome.refused(Problem.of("places.meanwhile"));
        }
        for (int i = 0; i < wanted.size(); i++) {
            requireNonNull(known.get(wanted.get(i))).comesAt(i + 1);
        }
        places.flush();
        return Outcome.done(wanted.size());
    }
}
