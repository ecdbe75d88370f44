package retazo.app.stock.goods;

import java.time.Clock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.PickText;
import retazo.app.shared.Words;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.MovementBook;
import retazo.app.stock.MovementEntity;
import retazo.app.stock.Reason;
import retazo.app.stock.ReservationEntity;
import retazo.app.stock.ReservationRepository;
import retazo.app.stock.StockItemEntity;
import retazo.app.stock.StockItemRepository;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;
import retazo.core.prints.PrintValue;

/** Counted stock, in the same movement book as the bolts. */
@Service
public class GoodService {

    private final GoodRepository goods;
    private final StockItemRepository items;
    private final Entries entries;
    private final ReservationRepository reservations;
    private final MovementBook book;
    private final Clock clock;
    private final Words words;

    GoodService(
            GoodRepository goods, StockItemRepository items, Entries entries, ReservationRepository reservations,
            MovementBook book, Clock clock, Words words) {
        this.goods = goods;
        this.items = items;
        this.entries = entries;
        this.reservations = reservations;
        this.book = book;
        this.clock = clock;
        this.words = words;
    }

    /**
     * What is there of a good.
     *
     * @param itemId   its place in stock
     * @param reserved for runs
     */
    public record GoodCount(long itemId, long onHand, long reserved) {

        /** What is not reserved; never below zero. */
        public long free() {
            return Math.max(0, onHand - reserved);
        }
    }

    /** One page of the goods whose code or name has these words in it, by name, and whether there are more; pages count from 0. */
    @Transactional(readOnly = true)
    public Slice<Good> page(String words, int page, int size) {
        return goods.search(false, words.strip(), PageRequest.of(page, size)).map(GoodEntity::toGood);
    }

    /** The first precuts by name whose code or name has these words in it. */
    @Transactional(readOnly = true)
    public List<Good> firstPrecuts(String words, int most) {
        return goods.search(true, words.strip(), PageRequest.of(0, most)).map(GoodEntity::toGood).getContent();
    }

    /** All kinds of precuts that the shop keeps, by name. */
    @Transactional(readOnly = true)
    public List<Good> precuts() {
        return goods.precuts().stream().map(GoodEntity::toGood).toList();
    }

    /** All precuts of one piece that the shop keeps, bought or cut off its bolts, by name. */
    @Transactional(readOnly = true)
    public List<Good> singles() {
        return goods.singles().stream().map(GoodEntity::toGood).toList();
    }

    /** The precuts that texts name, by the text: by its code, as it was picked, or by a name that only one has. */
    @Transactional(readOnly = true)
    public Map<String, Good> precutsNamed(Collection<String> texts) {
        return PickText.named(
                texts, (codes, names) -> goods.precutsNamed(codes, names).stream().map(GoodEntity::toGood).toList(), Good::code,
                Good::name);
    }

    @Transactional(readOnly = true)
    public Good good(long id) {
        return goods.findById(id).map(GoodEntity::toGood).orElseThrow(() -> new NotFoundException("good", id));
    }

    @Transactional(readOnly = true)
    public Map<Long, Good> byIds(Collection<Long> ids) {
        return goods.findAllById(ids).stream().map(GoodEntity::toGood).collect(Collectors.toMap(Good::id, good -> good));
    }

    /** Goods by their places in stock; what is no good is left out. */
    @Transactional(readOnly = true)
    public Map<Long, Good> byItems(Collection<Long> itemIds) {
        Map<Long, Long> goodOf = items.findAllById(itemIds).stream().filter(StockItemEntity::isGood)
                .collect(Collectors.toMap(StockItemEntity::id, StockItemEntity::goodId));
        Map<Long, Good> byId = byIds(goodOf.values());
        return goodOf.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, entry -> byId.get(entry.getValue())));
    }

    /** The copies of a pattern as stock; made at the first time they are asked for. */
    @Transactional
    public Good copiesOf(long patternId, String patternName) {
        return goods.findByPatternId(patternId)
                .map(GoodEntity::toGood)
                .orElseGet(() -> keep(NewGood.of(
                        new GoodKind.PatternCopy(patternId), freeCode("COPY-" + patternId), words.text("good.name.copy", patternName))));
    }

    /** The copies of patterns as stock, by the id of the pattern; a pattern that none were asked of is absent. */
    @Transactional(readOnly = true)
    public Map<Long, Good> existingCopiesOf(Collection<Long> patternIds) {
        return goods.findByPatternIdIn(patternIds).stream().map(GoodEntity::toGood)
                .collect(Collectors.toMap(good -> good.copiesOf().orElseThrow(), good -> good));
    }

    /** The left-overs of a fabric, each size once, gone or there. */
    @Transactional(readOnly = true)
    public List<Good> leftOversOf(long fabricId) {
        return goods.findByFabricIdAndLeftWidthNotNullOrderByIdAsc(fabricId).stream().map(GoodEntity::toGood).toList();
    }

    /** Left-overs of one size as stock; made at the first time they are asked for. */
    @Transactional
    public Good leftOver(GoodKind.LeftPiece piece, String fabricName, Colour colour) {
        return goods.findByFabricIdAndLeftWidthAndLeftHeight(piece.fabricId(), piece.width(), piece.height())
                .map(GoodEntity::toGood)
                .orElseGet(() -> keep(NewGood.of(
                        piece, freeCode("LEFT-" + goods.nextLeftOver()),
                        words.text("good.name.left-over", fabricName, piece.height().toString(), piece.width().toString()), colour)));
    }

    /**
     * Quarters or eighths of a fabric that the shop cuts itself, as small as the narrowest cloth that any of them was cut from.
     *
     * @param usableWidth of the cloth that some are now cut from
     */
    @Transactional
    public Good quartersOf(Fabric fabric, PrecutKind kind, Length usableWidth) {
        SheetSize size = kind.cutFrom(usableWidth).orElseThrow();
        Optional<GoodEntity> known = goods.findShopCut(fabric.id(), kind);
        if (known.isEmpty()) {
            String code = freeCode((kind == PrecutKind.FAT_QUARTER ? "Q4-" : "Q8-") + fabric.id());
            GoodKind.ShopCut quarters = new GoodKind.ShopCut(fabric.id(), kind, Optional.of(size));
            return keep(NewGood.of(quarters, code, words.text("good.name." + kind.code(), fabric.name()), fabric.groundColour()));
        }
        GoodEntity good = known.get();
        if (good.toGood().measured().map(smallest -> smallest.holds(size.length(), size.width())).orElse(true)) {
            good.measured(Optional.of(size));
        }
        return goods.saveAndFlush(good).toGood();
    }

    /** What came loose out of packs, each print once, gone or there. */
    @Transactional(readOnly = true)
    public List<Good> looseOf(long packId) {
        return goods.findByPackIdOrderByIdAsc(packId).stream().map(GoodEntity::toGood).toList();
    }

    /** Loose pieces of a print of a pack as stock, made now; each costs its part of the pack. */
    @Transactional
    public Good loose(Good pack, String print, PrintValue value) {
        GoodKind.Loose loose = new GoodKind.Loose(pack.id(), pack.precut().orElseThrow(), pack.measured(), print, value);
        GoodEntity kept = GoodEntity.of(NewGood.of(
                loose, freeCode("LOOSE-" + pack.id() + "-" + (goods.findByPackIdOrderByIdAsc(pack.id()).size() + 1)),
                print.isEmpty() ? words.text("good.name.loose", pack.name()) : words.text("good.name.loose-print", print, pack.name()),
                pack.colour()));
        kept.price(new Prices<>(Optional.empty(), pack.prices().cost().map(cost -> cost.share(1, pack.perUnit()))));
        return goods.saveAndFlush(kept).toGood();
    }

    /** What a kit may take along beside its cloth, by name. */
    @Transactional(readOnly = true)
    public List<Good> notions() {
        return goods.findNotions().stream().map(GoodEntity::toGood).toList();
    }

    private Good keep(NewGood good) {
        return goods.saveAndFlush(GoodEntity.of(good)).toGood();
    }

    /** A code that nothing has yet: the one wished for, or the same with the next number behind it. */
    private String freeCode(String wished) {
        return Stream.iterate(1, number -> number + 1)
                .map(number -> number == 1 ? wished : wished + "-" + number)
                .filter(code -> goods.findByCode(code).isEmpty()).findFirst().orElseThrow();
    }

    @Transactional(readOnly = true)
    public Optional<Good> byCode(String code) {
        return goods.findByCode(code).map(GoodEntity::toGood);
    }

    /** Goods by these codes; what nothing has is absent. */
    @Transactional(readOnly = true)
    public Map<String, Good> byCodes(Collection<String> codes) {
        return goods.findByCodeIn(codes).stream().map(GoodEntity::toGood).collect(Collectors.toMap(Good::code, good -> good));
    }

    @Transactional
    public Outcome<Good> add(NewGood good) {
        return goods.findByCode(good.code()).isPresent()
                ? Outcome.refused(Problem.at("code", "good.code-taken", good.code()))
                : Outcome.done(keep(good));
    }

    /** The prints in one pack, as far as somebody wrote them down. */
    @Transactional(readOnly = true)
    public List<BundlePrint> prints(long goodId) {
        return goods.findById(goodId).orElseThrow(() -> new NotFoundException("good", goodId)).prints();
    }

    /** The prints of several, by their ids; what nobody wrote down is absent. */
    @Transactional(readOnly = true)
    public Map<Long, List<BundlePrint>> printsOf(Collection<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : goods.withPrints(ids).stream().collect(Collectors.toMap(entity -> entity.toGood().id(), GoodEntity::prints));
    }

    /** Keeps which prints are in one pack. */
    @Transactional
    public void print(long goodId, List<BundlePrint> prints) {
        GoodEntity good = goods.findById(goodId).orElseThrow(() -> new NotFoundException("good", goodId));
        good.print(prints);
        goods.saveAndFlush(good);
    }

    /** Keeps what one is sold for and costs. */
    @Transactional
    public Good price(long goodId, Prices<Money> prices) {
        GoodEntity good = goods.findById(goodId).orElseThrow(() -> new NotFoundException("good", goodId));
        good.price(prices);
        return goods.saveAndFlush(good).toGood();
    }

    /** Keeps how large one strip, square or quarter really is; empty for as it is sold. */
    @Transactional
    public Outcome<Good> measured(long goodId, Optional<SheetSize> size) {
        GoodEntity good = goods.findById(goodId).orElseThrow(() -> new NotFoundException("good", goodId));
        if (good.toGood().precut().isEmpty()) {
            return Outcome.refused(Problem.of("good.no-precut"));
        }
        if (size.isEmpty() && good.toGood().precut().get() == PrecutKind.OWN) {
            return Outcome.refused(Problem.at("sheet", "good.own-needs-measure"));
        }
        good.measured(size);
        return Outcome.done(goods.saveAndFlush(good).toGood());
    }

    /** What is there of goods, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, GoodCount> counts(Collection<Long> goodIds) {
        Map<Long, StockItemEntity> itemOf = items.findByGoodIdIn(goodIds).stream()
                .collect(Collectors.toMap(StockItemEntity::goodId, item -> item));
        Map<Long, Long> reserved = reservations
                .findByStockItemIdIn(itemOf.values().stream().map(StockItemEntity::id).toList()).stream()
                .collect(Collectors.toMap(ReservationEntity::stockItemId, ReservationEntity::count, Long::sum));
        Map<Long, GoodCount> counts = new LinkedHashMap<>();
        for (Long id : goodIds) {
            StockItemEntity item = itemOf.get(id);
            counts.put(id, item == null
                    ? new GoodCount(0, 0, 0)
                    : new GoodCount(item.id(), item.onHandCount(), reserved.getOrDefault(item.id(), 0L)));
        }
        return counts;
    }

    /** Adds to a good, or takes from it with a count below zero; booked twice with the same entry, it is booked once. */
    @Transactional
    public Outcome<Long> move(long goodId, long count, Reason reason, Entry entry) {
        return entries.once(
                entry, "good " + goodId + " " + count + " " + reason, within -> book(goodId, count, reason, within, within.clientId()));
    }

    private Outcome<Long> book(long goodId, long count, Reason reason, Entry entry, UUID clientId) {
        StockItemEntity item = locked(goodId);
        if (item.onHandCount() + count < 0) {
            return Outcome.refused(Problem.of("good.not-enough", good(goodId).name(), item.onHandCount()));
        }
        book.write(MovementEntity.pieces(item.id(), count, reason, entry, clientId, clock.instant()));
        return Outcome.done(book.fresh(item).onHandCount());
    }

    /** The same as a further step of an entry, whose id stands for all its steps together. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Outcome<Long> moveWith(long goodId, long count, Reason reason, Entry entry, int step) {
        return book(goodId, count, reason, entry, entry.clientIdOf(step));
    }

    /** Books what was counted; a difference is a correction. */
    @Transactional
    public Outcome<Long> correct(long goodId, long counted, Entry entry) {
        return entries.once(entry, "count good " + goodId + " " + counted, within -> {
            StockItemEntity item = locked(goodId);
            long difference = counted - item.onHandCount();
            return difference == 0
                    ? Outcome.done(item.onHandCount())
                    : book(goodId, difference, Reason.CORRECTION, within, within.clientId());
        });
    }

    /** Locks goods for the rest of the transaction and gives what is there. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Map<Long, GoodCount> lock(Collection<Long> goodIds) {
        goodIds.stream().sorted().forEach(this::locked);
        return counts(goodIds);
    }

    /** Reserves so many of a good for somebody; the caller holds its lock. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reserve(long goodId, long count, String owner) {
        reservations.saveAndFlush(ReservationEntity.ofCount(locked(goodId).id(), count, owner));
    }

    private StockItemEntity locked(long goodId) {
        if (items.findByGoodId(goodId).isEmpty() && goods.existsById(goodId)) {
            items.addGood(goodId, "GOOD-" + goodId, clock.instant());
        }
        return book.lock(items.findByGoodId(goodId).orElseThrow(() -> new NotFoundException("good", goodId)).id());
    }
}
