package retazo.app.stocktake;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.SliceImpl;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.LengthView;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.places.Places;

/** Puts the pages of a stocktake together. */
@Component
class StocktakePages {

    private static final int TAKES = 20;
    private static final int LINES = 60;

    private final StocktakeRepository takes;
    private final CountLineRepository lines;
    private final StockService stock;
    private final GoodService goods;
    private final FabricService fabrics;
    private final Places places;
    private final Notes notes;

    StocktakePages(
            StocktakeRepository takes, CountLineRepository lines, StockService stock, GoodService goods, FabricService fabrics,
            Places places, Notes notes) {
        this.takes = takes;
        this.lines = lines;
        this.stock = stock;
        this.goods = goods;
        this.fabrics = fabrics;
        this.places = places;
        this.notes = notes;
    }

    /** A place, with how many bolts the book has there and how many of them are counted. */
    record PlaceView(String place, long bolts, long counted) {

        public boolean isDone() {
            return counted >= bolts;
        }
    }

    /** A stocktake in the list of them. */
    record TakeView(long id, String state, String person, String when) {
    }

    /** Where one is begun, and those that were. */
    record AllPage(List<PlaceView> places, List<TakeView> takes, int number, boolean more) {
    }

    /** A stocktake with its places in the order of the walk. */
    record TakePage(long id, boolean open, String state, boolean blind, boolean withGoods, List<PlaceView> places, long counted,
            String when) {
    }

    /**
     * A line to be counted.
     *
     * @param lead    by which it is found
     * @param book    what the book says; null where who counts is not to see it
     * @param counted what was counted, empty for nothing yet
     * @param mark    of that count
     * @param by      who counted it and when
     * @param where   where the book has it, if that is elsewhere
     */
    record LineView(
            long id, String lead, String what, @Nullable Fabric fabric, @Nullable LengthView book, @Nullable Long pieces,
            @Nullable LengthView counted, @Nullable Long countedPieces, String mark, String by, String where) {

        public boolean isDone() {
            return counted != null || countedPieces != null;
        }
    }

    /** One place with its lines; {@code next} is the place after it, or null. */
    record PlacePage(long id, String place, boolean goods, boolean open, boolean blind, List<LineView> lines, @Nullable String next,
            int number, boolean more) {

        List<Fabric> prints() {
            return lines.stream().map(LineView::fabric).filter(Objects::nonNull).distinct().toList();
        }
    }

    /** Something that differs. */
    record DifferenceView(
            String path, String lead, String what, String book, String counted, String difference, String since, String by, String moved) {
    }

    /** What differs, and what nobody counted. */
    record DifferencesPage(
            long id, boolean open, String state, List<DifferenceView> differences, List<LineView> notCounted, boolean more, long counted) {

        public long booked() {
            return differences.stream().filter(one -> !one.difference().isEmpty()).count();
        }
    }

    @Transactional(readOnly = true)
    AllPage all(int page) {
        Slice<StocktakeEntity> found = takes.newest(PageRequest.of(page, TAKES));
        Map<Long, String> names = notes.names(found.stream().map(StocktakeEntity::personId).collect(Collectors.toSet()));
        return new AllPage(
                inOrder(takes.places(0)),
                found.map(take -> new TakeView(
                        take.id(), state(take), names.getOrDefault(take.personId(), ""), notes.when(take.begunAt()))).getContent(),
                page, found.hasNext());
    }

    /** Every place at which there is a bolt. */
    @Transactional(readOnly = true)
    List<String> allPlaces() {
        return takes.places(0).stream().map(StocktakeRepository.PlaceCount::getPlace).toList();
    }

    private String state(StocktakeEntity take) {
        return notes.text("stocktake.state." + take.state());
    }

    private List<PlaceView> inOrder(List<StocktakeRepository.PlaceCount> counts) {
        Comparator<String> walk = places.walk();
        return counts.stream().map(one -> new PlaceView(one.getPlace(), one.getBolts(), one.getCounted()))
                .sorted(Comparator.comparing(PlaceView::place, walk)).toList();
    }

    @Transactional(readOnly = true)
    TakePage take(StocktakeEntity take) {
        return new TakePage(
                take.id(), take.isOpen(), state(take), take.isBlind(), take.withGoods(), placesOf(take),
                lines.countByStocktakeId(take.id()),
                notes.when(take.begunAt()));
    }

    /** Its places in the order of the walk; one at which there is no bolt any more too. */
    private List<PlaceView> placesOf(StocktakeEntity take) {
        List<PlaceView> there = inOrder(takes.places(take.id())).stream().filter(one -> take.places().contains(one.place())).toList();
        Set<String> left = new HashSet<>(take.places());
        there.forEach(one -> left.remove(one.place()));
        List<PlaceView> all = new ArrayList<>(there);
        left.stream().sorted(places.walk()).forEach(place -> all.add(new PlaceView(place, 0, 0)));
        return all;
    }

    @Transactional(readOnly = true)
    PlacePage place(StocktakeEntity take, String place, int page) {
        Slice<LineView> found = linesAt(take, place, page);
        List<String> way = placesOf(take).stream().map(PlaceView::place).toList();
        int here = way.indexOf(place);
        return new PlacePage(
                take.id(), place, false, take.isOpen(), take.isBlind(), found.getContent(),
                here >= 0 && here + 1 < way.size() ? way.get(here + 1) : null, page, found.hasNext());
    }

    /** A page of what is to be counted at a place. */
    @Transactional(readOnly = true)
    Slice<LineView> linesAt(StocktakeEntity take, String place, int page) {
        Slice<Long> ids = takes.boltsAt(take.id(), place, PageRequest.of(page, LINES));
        return new SliceImpl<>(bolts(take, ids.getContent(), place), ids.getPageable(), ids.hasNext());
    }

    /** One bolt that somebody holds, wherever the book has it. */
    @Transactional(readOnly = true)
    PlacePage found(StocktakeEntity take, String place, Bolt bolt) {
        return new PlacePage(
                take.id(), place, false, take.isOpen(), take.isBlind(), bolts(take, List.of(bolt.id()), place), null, 0, false);
    }

    @Transactional(readOnly = true)
    PlacePage goods(StocktakeEntity take, int page) {
        Slice<Good> found = goods.page("", page, LINES);
        Map<Long, GoodService.GoodCount> counts = goods.counts(found.map(Good::id).getContent());
        Map<Long, CountLineEntity> counted = counted(take, counts.values().stream().map(GoodService.GoodCount::itemId).toList());
        Map<Long, String> names = names(counted.values());
        List<LineView> views = found.stream().map(good -> {
            GoodService.GoodCount count = requireNonNull(counts.get(good.id()));
            Optional<CountLineEntity> line = Optional.ofNullable(counted.get(count.itemId())).filter(one -> count.itemId() > 0);
            return new LineView(
                    good.id(), good.code(), good.name(), null, null, take.isBlind() ? null : count.onHand(), null,
                    line.map(one -> one.counted().pieces()).orElse(null), Stocktakes.mark(line), by(line, names), "");
        }).toList();
        return new PlacePage(take.id(), "", true, take.isOpen(), take.isBlind(), views, null, page, found.hasNext());
    }

    private Map<Long, CountLineEntity> counted(StocktakeEntity take, List<Long> itemIds) {
        return lines.findByStocktakeIdAndItemIdIn(take.id(), itemIds).stream()
                .collect(Collectors.toMap(CountLineEntity::itemId, Function.identity()));
    }

    private List<LineView> bolts(StocktakeEntity take, List<Long> ids, String place) {
        Map<Long, Bolt> bolts = stock.boltsById(ids);
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        Map<Long, CountLineEntity> counted = counted(take, ids);
        Map<Long, String> names = names(counted.values());
        return ids.stream().map(bolts::get).map(bolt -> {
            Optional<CountLineEntity> line = Optional.ofNullable(counted.get(bolt.id()));
            Fabric fabric = requireNonNull(byId.get(bolt.fabricId()));
            return new LineView(
                    bolt.id(), bolt.code(), notes.text("stocktake.bolt", fabric.name(), bolt.lot()), fabric,
                    take.isBlind() ? null : notes.length(bolt.onHand()), null,
                    line.map(one -> notes.length(one.counted().length())).orElse(null), null,
                    Stocktakes.mark(line), by(line, names), bolt.place().equals(place) ? "" : bolt.place());
        }).toList();
    }

    private Map<Long, String> names(Collection<CountLineEntity> counted) {
        return notes.names(counted.stream().map(CountLineEntity::personId).collect(Collectors.toSet()));
    }

    private String by(Optional<CountLineEntity> line, Map<Long, String> names) {
        return line.map(one -> notes.text("stocktake.by", names.getOrDefault(one.personId(), ""), notes.when(one.at()))).orElse("");
    }

    @Transactional(readOnly = true)
    DifferencesPage differences(StocktakeEntity take) {
        List<CountLineEntity> different = lines.different(take.id());
        Map<Long, Good> byItem = goods.byItems(different.stream().map(CountLineEntity::itemId).toList());
        Map<Long, Bolt> bolts = stock.boltsById(different.stream().map(CountLineEntity::itemId).toList());
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        Map<Long, GoodService.GoodCount> counts = goods.counts(byItem.values().stream().map(Good::id).toList());
        Map<Long, String> names = names(different);
        List<DifferenceView> views = different.stream().map(line -> {
            Good good = byItem.get(line.itemId());
            Bolt bolt = bolts.get(line.itemId());
            Amount now = good != null
                    ? Amount.of(requireNonNull(counts.get(good.id())).onHand())
                    : Amount.of(requireNonNull(bolt).onHand());
            Amount since = take.isOpen() ? now.less(line.book()) : Amount.NOTHING;
            return new DifferenceView(
                    good != null ? "/stock/goods/" + good.id() : "/stock/bolts/" + line.itemId(),
                    good != null ? good.code() : requireNonNull(bolt).code(),
                    good != null ? good.name() : requireNonNull(byId.get(requireNonNull(bolt).fabricId())).name(),
                    notes.said(line.book()), notes.said(line.counted()), notes.signed(line.difference()), notes.signed(since),
                    by(Optional.of(line), names),
                    line.isElsewhere() ? notes.text("stocktake.moved", line.bookPlace(), line.place()) : "");
        }).toList();
        Slice<Long> notCounted = take.isOpen() ? takes.notCounted(take.id(), PageRequest.of(0, LINES)) : new SliceImpl<>(List.of());
        return new DifferencesPage(
                take.id(), take.isOpen(), state(take), views, bolts(take, notCounted.getContent(), ""), notCounted.hasNext(),
                lines.countByStocktakeId(take.id()));
    }
}
