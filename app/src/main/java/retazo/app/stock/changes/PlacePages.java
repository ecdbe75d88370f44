package retazo.app.stock.changes;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.find.BoltSearch;
import retazo.app.stock.places.Place;
import retazo.app.stock.places.Places;

/** What stands where. */
@Component
class PlacePages {

    private static final int BOLTS = 60;

    private final Places places;
    private final BoltSearch bolts;
    private final FabricService fabrics;
    private final Words words;

    PlacePages(Places places, BoltSearch bolts, FabricService fabrics, Words words) {
        this.places = places;
        this.bolts = bolts;
        this.fabrics = fabrics;
        this.words = words;
    }

    /** A place, and how many bolts stand there. */
    record PlaceView(Place place, long bolts) {
    }

    /** A bay with its places. */
    record BayView(String bay, List<PlaceView> places) {
    }

    /** A bolt that stands there. */
    record BoltLine(long id, String code, Fabric fabric, String lot, LengthView onHand) {
    }

    /** The page of one place. */
    record PlacePage(Place place, List<BoltLine> bolts, int number, boolean more) {

        List<Fabric> prints() {
            return bolts.stream().map(BoltLine::fabric).distinct().toList();
        }
    }

    /** All places in the order of the walk, those of a bay together. */
    @Transactional(readOnly = true)
    List<BayView> bays() {
        Map<String, Long> counts = bolts.countsByPlace();
        Map<String, List<PlaceView>> byBay = new LinkedHashMap<>();
        places.all().forEach(place -> byBay.computeIfAbsent(place.bay(), bay -> new ArrayList<>())
                .add(new PlaceView(place, counts.getOrDefault(place.name(), 0L))));
        return byBay.entrySet().stream().map(bay -> new BayView(bay.getKey(), bay.getValue())).toList();
    }

    @Transactional(readOnly = true)
    PlacePage at(Place place, int page) {
        Slice<Bolt> found = bolts.at(place.name(), page, BOLTS);
        Map<Long, Fabric> byId = fabrics.byIds(found.stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        return new PlacePage(
                place,
                found.map(bolt -> new BoltLine(
                        bolt.id(), bolt.code(), requireNonNull(byId.get(bolt.fabricId())), bolt.lot(),
                        LengthView.onHand(bolt.onHand(), words.sellingUnit()))).getContent(),
                page, found.hasNext());
    }
}
