package retazo.app.packing;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Letters;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;

/** Puts one bag together as its page shows it. */
@Service
@Transactional(readOnly = true)
class PackingPages {

    private final RunBook book;
    private final BagTicks ticks;
    private final KitBook kits;
    private final FabricService fabrics;
    private final StockService stock;
    private final GoodService goods;
    private final Words words;

    PackingPages(
            RunBook book, BagTicks ticks, KitBook kits, FabricService fabrics, StockService stock, GoodService goods, Words words) {
        this.book = book;
        this.ticks = ticks;
        this.kits = kits;
        this.fabrics = fabrics;
        this.stock = stock;
        this.goods = goods;
        this.words = words;
    }

    /**
     * A line of a bag's list.
     *
     * @param into   what the length is cut into, in words; empty for one folded length
     * @param from   bolt and lot it was cut from, or why it is not there
     * @param ticked by whom and when, or empty
     */
    record LineView(long id, List<Letter> letters, Fabric fabric, LengthView length, String into, boolean cut, String from, String ticked) {
    }

    /** A role's letter in its fabric. */
    record Letter(String letter, Ink ink) {

        static List<Letter> of(Letters letters, Ink ink) {
            return letters.all().stream().map(letter -> new Letter(letter, ink)).toList();
        }
    }

    /** Something counted that is taken from the shelf. */
    record PickView(long id, List<Letter> letters, Good good, int count, String ticked) {
    }

    /** A bag against its list. */
    record BagPage(Bag bag, Kit kit, List<LineView> lines, List<PickView> picks, List<Fabric> prints) {

        public int all() {
            return lines.size() + picks.size();
        }

        public long ticked() {
            return Stream.concat(lines.stream().map(LineView::ticked), picks.stream().map(PickView::ticked))
                    .filter(ticked -> !ticked.isEmpty()).count();
        }

        /** Whether so many of something counted go into it: what its kit takes today may be another number. */
        boolean takes(Good good, long count) {
            return picks.stream().filter(pick -> pick.good().equals(good)).mapToLong(PickView::count).sum() == count;
        }

        public boolean complete() {
            return bag.allCut() && ticked() == all();
        }
    }

    BagPage bag(long bagId) {
        Bag bag = book.bag(bagId);
        Map<Long, Fabric> byId = fabrics.byIds(bag.lines().stream().map(Bag.ClothLine::fabricId).toList());
        Map<Long, Bolt> bolts = stock.boltsById(
                bag.lines().stream().flatMap(line -> line.cut().stream()).map(PlannedCut::boltId).collect(Collectors.toSet()));
        Map<BagItem, String> ticked = ticks.words(bag);
        List<LineView> lines = bag.lines().stream()
                .map(line -> new LineView(
                        line.id(),
                        Letter.of(line.letters(), Kit.ink(requireNonNull(byId.get(line.fabricId())))),
                        requireNonNull(byId.get(line.fabricId())),
                        LengthView.of(line.length(), words.sellingUnit()),
                        line.into().map(into -> ShopCutText.of(into, words)).orElse(""),
                        line.isCut(),
                        from(line, bolts),
                        ticked.getOrDefault(BagItem.line(line.id()), "")))
                .toList();
        return new BagPage(bag, kits.kit(bag.kitId()), lines, picks(bag, ticked), List.copyOf(byId.values()));
    }

    private List<PickView> picks(Bag bag, Map<BagItem, String> ticked) {
        Map<Long, Good> byId = goods.byIds(bag.picks().stream().map(Bag.Pick::goodId).toList());
        return bag.picks().stream()
                .map(pick -> {
                    Good good = requireNonNull(byId.get(pick.goodId()));
                    return new PickView(
                            pick.id(), Letter.of(pick.letters(), Kit.ink(good)), good, pick.count(),
                            ticked.getOrDefault(BagItem.pick(pick.id()), ""));
                })
                .toList();
    }

    private String from(Bag.ClothLine line, Map<Long, Bolt> bolts) {
        return line.cut().map(cut -> requireNonNull(bolts.get(cut.boltId())))
                .map(bolt -> words.text(line.isCut() ? "bag.cut-from" : "bag.to-cut-from", bolt.code(), bolt.lot()))
                .orElseGet(() -> words.text("bag.no-bolt"));
    }
}
