package retazo.app.search;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.staff.Right;
import retazo.app.stock.places.Place;
import retazo.app.stock.places.Places;

/** Places by what stands on their label, or by words of their names. */
@Component
@Order(4)
class FindsPlaces implements Finds {

    private final Places places;

    FindsPlaces(Places places) {
        this.places = places;
    }

    @Override
    public Right right() {
        return Right.STOCK;
    }

    @Override
    public Hits find(String typed) {
        Optional<Place> named = places.named(typed);
        List<Place> found = named.map(List::of).orElseGet(() -> places.all().stream().filter(place -> hasAll(place, typed)).toList());
        return new Hits(
                "places",
                found.stream().limit(Hits.SHOWN).map(place -> new Hit(place.name(), place.code(), "/stock/places/" + place.code()))
                        .toList(),
                found.size() > Hits.SHOWN ? "/stock/places" : "");
    }

    private static boolean hasAll(Place place, String typed) {
        String name = place.name().toLowerCase(Locale.ROOT);
        return Stream.of(typed.toLowerCase(Locale.ROOT).strip().split("\\s+")).allMatch(name::contains);
    }
}
