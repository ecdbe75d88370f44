package retazo.app.packing;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitService;
import retazo.app.kits.ShopCutText;
import retazo.app.pictures.Ink;
import retazo.app.practice.PracticeService;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.LengthUnit;

/** Puts bags together as the packing pages show them. */
@Service
@Transactional(readOnly = true)
class PackingPages {

    private final RunService runs;
    private final PackTickRepository ticks;
    private final PickTickRepository pickTicks;
    private final GoodService goods;
    private final KitService kits;
    private final FabricService fabrics;
    private final StockService stock;
    private final StaffService staff;
    private final PracticeService practice;
    private final Words words;
    private final Clock clock;

    PackingPages(
            RunService runs, PackTickRepository ticks, PickTickRepository pickTicks, GoodService goods, KitService kits,
            FabricService fabrics, StockService stock, StaffService staff,
            PracticeService practice, Words words, Clock clock) {
        this.runs = runs;
        this.ticks = ticks;
        this.pickTicks = pickTicks;
        this.goods = goods;
        this.kits = kits;
        this.fabrics = fabrics;
        this.stock = stock;
        this.staff = staff;
        this.practice = practice;
        this.words = words;
        this.clock = clock;
    }

    /** A bag in the list. */
    record ListedBag(long id, long runId, int number, String kit, boolean ready, long cut, int lines, String missing) {
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
    }

    /** Something counted that is taken from the shelf. */
    record PickView(long id, List<Letter> letters, Good good, int count, String ticked) {
    }

    /** A bag against its list. */
    record BagPage(
            long id, long runId, int number, Kit kit, List<LineView> lines, List<PickView> picks, long all, long ticked, boolean complete,
            boolean packed, boolean open,
            List<Fabric> prints) {
    }

    /** The open bags, those that are all cut first. */
    List<ListedBag> openBags() {
        Set<Long> open = runs.all().stream().filter(run -> run.state().isOpen()).map(Run::id).collect(Collectors.toSet());
        List<Bag> bags = runs.bags(open).values().stream().flatMap(List::stream).filter(Bag::isOpen)
                .filter(bag -> bag.begun() || bag.lines().isEmpty()).toList();
        Map<Long, Kit> byId = kits.byIds(bags.stream().map(Bag::kitId).collect(Collectors.toSet()));
        return bags.stream()
                .map(bag -> new ListedBag(
                        bag.id(), bag.runId(), bag.number(), requireNonNull(byId.get(bag.kitId())).name(), bag.allCut(),
                        bag.lines().stream().filter(Bag.Line::isCut).count(), bag.lines().size(), missing(bag, byId.get(bag.kitId()))))
                .sorted(Comparator.comparing((ListedBag bag) -> !bag.ready()).thenComparing(ListedBag::runId)
                        .thenComparing(ListedBag::number))
                .toList();
    }

    private static String missing(Bag bag, Kit kit) {
        Map<Long, String> names = kit.fabrics().values().stream().distinct().collect(Collectors.toMap(Fabric::id, Fabric::name));
        return bag.lines().stream()
                .filter(line -> !line.isCut())
                .map(line -> names.get(line.fabricId()) + (line.waits() ? " (no bolt)" : ""))
                .collect(Collectors.joining(", "));
    }

    BagPage bag(long bagId) {
        Bag bag = runs.bag(bagId);
        Kit kit = kits.kit(bag.kitId());
        Map<Long, Fabric> byId = fabrics.byIds(bag.lines().stream().map(Bag.Line::fabricId).toList());
        Map<Long, PackTickEntity> tickOf = ticks.findByBagLineIdIn(bag.lines().stream().map(Bag.Line::id).toList()).stream()
                .collect(Collectors.toMap(PackTickEntity::bagLineId, tick -> tick));
        Map<Long, String> people = staff.names(tickOf.values().stream().map(PackTickEntity::personId).collect(Collectors.toSet()));
        LengthUnit unit = practice.practice().sellingUnit();
        List<LineView> lines = bag.lines().stream()
                .map(line -> new LineView(
                        line.id(),
                        java.util.Arrays.stream(line.letters().split(" "))
                                .map(letter -> new Letter(letter, Kit.ink(requireNonNull(byId.get(line.fabricId())))))
                                .toList(),
                        requireNonNull(byId.get(line.fabricId())),
                        LengthView.of(line.length(), unit),
                        line.into().map(into -> ShopCutText.of(into, words)).orElse(""),
                        line.isCut(),
                        from(line),
                        ticked(tickOf.get(line.id()), people)))
                .toList();
        List<PickView> picks = picks(bag);
        long ticked = lines.stream().filter(line -> !line.ticked().isEmpty()).count()
                + picks.stream().filter(pick -> !pick.ticked().isEmpty()).count();
        long all = lines.size() + picks.size();
        return new BagPage(
                bag.id(), bag.runId(), bag.number(), kit, lines, picks, all, ticked, bag.allCut() && ticked == all, bag.packed(),
                bag.isOpen(), List.copyOf(byId.values()));
    }

    private List<PickView> picks(Bag bag) {
        Map<Long, Good> byId = goods.byIds(bag.picks().stream().map(Bag.Pick::goodId).toList());
        Map<Long, PickTickEntity> tickOf = pickTicks.findByBagPickIdIn(bag.picks().stream().map(Bag.Pick::id).toList()).stream()
                .collect(Collectors.toMap(PickTickEntity::bagPickId, tick -> tick));
        Map<Long, String> people = staff.names(tickOf.values().stream().map(PickTickEntity::personId).collect(Collectors.toSet()));
        return bag.picks().stream()
                .map(pick -> new PickView(
                        pick.id(),
                        java.util.Arrays.stream(pick.letters().split(" "))
                                .filter(letter -> !letter.isEmpty())
                                .map(letter -> new Letter(letter, Kit.ink(requireNonNull(byId.get(pick.goodId())))))
                                .toList(),
                        requireNonNull(byId.get(pick.goodId())), pick.count(),
                        Optional.ofNullable(tickOf.get(pick.id()))
                                .map(tick -> people.getOrDefault(tick.personId(), "") + ", " + Moments.near(tick.at(), clock.instant()))
                                .orElse("")))
                .toList();
    }

    private String from(Bag.Line line) {
        if (line.waits()) {
            return "waits: no bolt has it";
        }
        retazo.app.stock.Bolt bolt = stock.bolt(line.cut().orElseThrow().boltId());
        return line.isCut() ? "bolt " + bolt.code() + ", lot " + bolt.lot() : "still to be cut, bolt " + bolt.code();
    }

    private String ticked(@org.jspecify.annotations.Nullable PackTickEntity tick, Map<Long, String> people) {
        return tick == null ? "" : people.getOrDefault(tick.personId(), "") + ", " + Moments.near(tick.at(), clock.instant());
    }
}
