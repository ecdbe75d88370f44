package retazo.app.today;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.ShopUnit;
import retazo.app.staff.Right;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.places.Places;
import retazo.core.measure.Length;

/** What lies before the people of the floor today: the bolts to cut from as they are met on the way, and the bags that are complete. */
@Service
@Transactional(readOnly = true)
class FloorBoard {

    private static final int MOST_BOLTS = 12;
    private static final int MOST_BAGS = 12;

    private final RunBook runs;
    private final StockService stock;
    private final FabricService fabrics;
    private final Places places;
    private final KitIndex kits;
    private final ShopUnit unit;

    FloorBoard(RunBook runs, StockService stock, FabricService fabrics, Places places, KitIndex kits, ShopUnit unit) {
        this.runs = runs;
        this.stock = stock;
        this.fabrics = fabrics;
        this.places = places;
        this.kits = kits;
        this.unit = unit;
    }

    /** A place where one stops, and the bolts that are fetched there. */
    record Stop(String place, List<BoltToCut> bolts) {
    }

    /**
     * A bolt that is cut from.
     *
     * @param runIds the run whose turn comes first, first
     * @param begun  whether a cut of it is done already
     */
    record BoltToCut(long boltId, String code, Fabric fabric, int cuts, LengthView length, List<Long> runIds, boolean begun) {
    }

    /** A bag that only has to be packed. */
    record BagToPack(long bagId, String code, int number, long runId, KitTitle kit) {
    }

    /**
     * What a person may see of it.
     *
     * @param moreBolts how many bolts are left out
     * @param moreBags  likewise
     */
    record Floor(List<Stop> way, int moreBolts, List<BagToPack> bags, int moreBags) {

        /** How many bolts there are to cut from, with those that are left out. */
        public int boltCount() {
            return way.stream().mapToInt(stop -> stop.bolts().size()).sum() + moreBolts;
        }

        List<Fabric> prints() {
            return way.stream().flatMap(stop -> stop.bolts().stream()).map(BoltToCut::fabric).distinct().toList();
        }
    }

    /** @param may what somebody may do */
    Floor of(Predicate<Right> may, UnderWay underWay) {
        List<Run> open = underWay.open().stream().sorted(Comparator.comparing(run -> run.precedence(false))).toList();
        Set<Long> ids = open.stream().map(Run::id).collect(Collectors.toSet());
        List<At> bolts = may.test(Right.CUTTING) ? bolts(open, runs.currentCuts(ids)) : List.of();
        List<Bag> complete = may.test(Right.PACKING)
                ? underWay.allBags().stream()
                        .filter(bag -> bag.isOpen() && bag.allCut() && !bag.piecesLeft())
                        .sorted(Comparator.comparing(Bag::runId).thenComparing(Bag::number)).toList()
                : List.of();
        return new Floor(
                way(bolts.subList(0, Math.min(MOST_BOLTS, bolts.size()))), Math.max(0, bolts.size() - MOST_BOLTS),
                toPack(complete.subList(0, Math.min(MOST_BAGS, complete.size()))), Math.max(0, complete.size() - MOST_BAGS));
    }

    private record At(String place, BoltToCut bolt) {
    }

    private List<At> bolts(List<Run> inTurn, List<PlannedCut> cuts) {
        Map<Long, List<PlannedCut>> byBolt = cuts.stream().collect(Collectors.groupingBy(PlannedCut::boltId));
        byBolt.values().removeIf(ofBolt -> ofBolt.stream().noneMatch(PlannedCut::isPlanned));
        Map<Long, Bolt> bolts = stock.boltsById(byBolt.keySet());
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        return bolts.values().stream()
                .sorted(Comparator.comparing(Bolt::place, places.walk()).thenComparing(Bolt::code))
                .map(bolt -> new At(bolt.place(), toCut(
                        bolt, requireNonNull(byId.get(bolt.fabricId())), requireNonNull(byBolt.get(bolt.id())), inTurn)))
                .toList();
    }

    private BoltToCut toCut(Bolt bolt, Fabric fabric, List<PlannedCut> cuts, List<Run> inTurn) {
        List<PlannedCut> left = cuts.stream().filter(PlannedCut::isPlanned).toList();
        Set<Long> runIds = left.stream().map(PlannedCut::runId).collect(Collectors.toSet());
        return new BoltToCut(
                bolt.id(), bolt.code(), fabric, left.size(),
                LengthView.of(left.stream().map(PlannedCut::length).reduce(Length.ZERO, Length::plus), unit.sellingUnit()),
                inTurn.stream().map(Run::id).filter(runIds::contains).toList(), left.size() < cuts.size());
    }

    private static List<Stop> way(List<At> inWalkOrder) {
        Map<String, List<BoltToCut>> byPlace = inWalkOrder.stream().collect(
                Collectors.groupingBy(At::place, LinkedHashMap::new, Collectors.mapping(At::bolt, Collectors.toList())));
        return byPlace.entrySet().stream().map(stop -> new Stop(stop.getKey(), stop.getValue())).toList();
    }

    private List<BagToPack> toPack(List<Bag> bags) {
        Map<Long, KitTitle> titles = kits.titles(bags.stream().map(Bag::kitId).collect(Collectors.toSet()));
        return bags.stream()
                .map(bag -> new BagToPack(bag.id(), bag.code(), bag.number(), bag.runId(), requireNonNull(titles.get(bag.kitId()))))
                .toList();
    }
}
