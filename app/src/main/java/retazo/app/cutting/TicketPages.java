package retazo.app.cutting;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
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
import retazo.app.practice.PracticeService;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.shared.LengthView;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.RestRule;
import retazo.core.cloth.Role;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Puts tickets together as the cutting pages show them. */
@Service
@Transactional(readOnly = true)
class TicketPages {

    private static final int CAUTIONS = 5;

    private final RunService runs;
    private final CutRecordRepository records;
    private final StockService stock;
    private final GoodService goods;
    private final FabricService fabrics;
    private final KitService kits;
    private final StaffService staff;
    private final PracticeService practice;
    private final Words words;
    private final Clock clock;

    TicketPages(
            RunService runs, CutRecordRepository records, StockService stock, GoodService goods, FabricService fabrics, KitService kits,
            StaffService staff, PracticeService practice, Words words, Clock clock) {
        this.runs = runs;
        this.records = records;
        this.stock = stock;
        this.goods = goods;
        this.fabrics = fabrics;
        this.kits = kits;
        this.staff = staff;
        this.practice = practice;
        this.words = words;
        this.clock = clock;
    }

    /** A ticket in the list: a bolt to fetch and what is cut from it. */
    record ListedTicket(long runId, long boltId, String boltCode, String place, String lot, Fabric fabric, long left, long all,
            LengthView length) {
    }

    /** The open tickets of a run, in the order of the shelf. */
    record RunTickets(long runId, String asked, List<ListedTicket> tickets) {
    }

    /**
     * A cut on the ticket.
     *
     * @param pieces whether the shop cuts its pieces too, by a sheet of their own
     * @param into   what it is then cut into, in words; empty for one folded length
     * @param keep   left-overs that are kept of it, in words; empty for none
     */
    record CutView(
            long id, String bags, String kit, String letters, String roles, LengthView length, LengthView inches, boolean done,
            long x, long width, boolean pieces, String into, String keep) {
    }

    /** The last step taken on this bolt, which can be taken back. */
    record LastStep(LengthView length, String what, String who, String when, boolean canUndo) {
    }

    /**
     * A ticket at its step.
     *
     * @param step    number of the cut to be made, from 1; one more than all when nothing is left to cut
     * @param now     the cut to be made
     * @param then    the one after it
     * @param caution one of the reminders of safe work, in turn
     */
    record Ticket(
            long runId, int planVersion, Bolt bolt, Fabric fabric, LengthView usableWidth, int step, List<CutView> cuts,
            Optional<CutView> now, Optional<CutView> then, LengthView rest, String restWord, boolean restOrphan, long restX,
            long restWidth, Optional<LastStep> last, String caution) {
    }

    List<RunTickets> openTickets() {
        List<Run> open = runs.all().stream().filter(run -> run.state().isOpen()).toList();
        Map<Long, List<PlannedCut>> byRun = runs.currentCuts(open.stream().map(Run::id).collect(Collectors.toSet())).stream()
                .collect(Collectors.groupingBy(PlannedCut::runId));
        Map<Long, Kit> byId = kits
                .byIds(open.stream().flatMap(run -> run.asked().stream()).map(Run.Asked::kitId).collect(Collectors.toSet()));
        return open.stream()
                .sorted(Comparator.comparing(Run::id))
                .map(run -> new RunTickets(
                        run.id(),
                        run.asked().stream()
                                .map(asked -> asked.quantity() + " " + requireNonNull(byId.get(asked.kitId())).sizeName())
                                .collect(Collectors.joining(", ")),
                        tickets(run, byRun.getOrDefault(run.id(), List.of()))))
                .filter(run -> !run.tickets().isEmpty())
                .toList();
    }

    private List<ListedTicket> tickets(Run run, List<PlannedCut> cuts) {
        Map<Long, List<PlannedCut>> byBolt = cuts.stream()
                .collect(Collectors.groupingBy(PlannedCut::boltId, LinkedHashMap::new, Collectors.toList()));
        Map<Long, Bolt> bolts = stock.boltsById(byBolt.keySet());
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).toList());
        LengthUnit unit = practice.practice().sellingUnit();
        return byBolt.entrySet().stream()
                .map(entry -> {
                    Bolt bolt = requireNonNull(bolts.get(entry.getKey()));
                    List<PlannedCut> left = entry.getValue().stream().filter(TicketPages::isPlanned).toList();
                    Length length = left.stream().map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
                    return new ListedTicket(
                            run.id(), bolt.id(), bolt.code(), bolt.place(), bolt.lot(), requireNonNull(byId.get(bolt.fabricId())),
                            left.size(),
                            entry.getValue().size(), LengthView.of(length, unit));
                })
                .filter(ticket -> ticket.left() > 0)
                .sorted(Comparator.comparing(ListedTicket::place).thenComparing(ListedTicket::boltCode))
                .toList();
    }

    private static boolean isPlanned(PlannedCut cut) {
        return cut.state() == PlannedCut.State.PLANNED;
    }

    Ticket ticket(long runId, long boltId) {
        Run run = runs.run(runId);
        Bolt bolt = stock.bolt(boltId);
        List<PlannedCut> cuts = new ArrayList<>(runs.currentCuts(Set.of(runId)).stream().filter(cut -> cut.boltId() == boltId).toList());
        cuts.sort(Comparator.comparing(TicketPages::isPlanned).thenComparing(PlannedCut::position));
        Length done = sum(cuts, false);
        Length left = sum(cuts, true);
        Length rest = bolt.onHand().minus(left).atLeast(Length.ZERO);
        Length all = bolt.onHand().plus(done).atLeast(Length.ofInches(1));
        List<CutView> views = views(cuts, all);
        int step = (int) cuts.stream().filter(cut -> !isPlanned(cut)).count() + 1;
        RestRule.Kind kind = RestRule.of(practice.practice()).kindOf(rest);
        LengthUnit unit = practice.practice().sellingUnit();
        return new Ticket(
                runId, run.planVersion(), bolt, fabrics.fabric(bolt.fabricId()), LengthView.cut(bolt.usableWidth()), step, views,
                at(views, step - 1), at(views, step), LengthView.onHand(rest, unit), words.text("rest." + kind),
                kind == RestRule.Kind.ORPHAN,
                permille(done.plus(left), all), permille(rest, all), last(runId, boltId, unit),
                words.text("caution." + (step == 1 ? 0 : (step - 1) % CAUTIONS)));
    }

    private static Length sum(List<PlannedCut> cuts, boolean planned) {
        return cuts.stream().filter(cut -> isPlanned(cut) == planned).map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
    }

    private static long permille(Length part, Length all) {
        return part.ticks() * 1000 / all.ticks();
    }

    private static Optional<CutView> at(List<CutView> views, int index) {
        return index < views.size() ? Optional.of(views.get(index)) : Optional.empty();
    }

    private List<CutView> views(List<PlannedCut> cuts, Length all) {
        Map<Long, Kit> byId = kits.byIds(cuts.stream().map(PlannedCut::kitId).collect(Collectors.toSet()));
        Map<Long, List<Bag.LeftOver>> kept = runs.leftOvers(
                cuts.stream().flatMap(cut -> cut.targets().stream()).map(PlannedCut.Target::bagLineId).toList());
        List<CutView> views = new ArrayList<>();
        Length at = Length.ZERO;
        for (PlannedCut cut : cuts) {
            Kit kit = requireNonNull(byId.get(cut.kitId()));
            views.add(new CutView(
                    cut.id(), cut.bags(), kit.sizeName(), cut.letters(), roleNames(kit, cut.letters()),
                    LengthView.of(cut.length(), practice.practice().sellingUnit()), LengthView.cut(cut.length()), !isPlanned(cut),
                    permille(at, all), permille(cut.length(), all), kit.isCutByTheShop(),
                    cut.into().map(into -> ShopCutText.toCut(into, words)).orElse(""), keep(kept, cut)));
            at = at.plus(cut.length());
        }
        return views;
    }

    private String keep(Map<Long, List<Bag.LeftOver>> kept, PlannedCut cut) {
        return cut.targets().stream()
                .flatMap(target -> kept.getOrDefault(target.bagLineId(), List.of()).stream())
                .map(left -> left.count() + " × " + goods.good(left.goodId()).name())
                .collect(Collectors.joining(", "));
    }

    private static String roleNames(Kit kit, String letters) {
        Set<String> wanted = Set.of(letters.split(" "));
        return kit.pattern().design().roles().stream()
                .filter(role -> wanted.contains(role.letter()))
                .map(Role::name)
                .collect(Collectors.joining(", "));
    }

    private Optional<LastStep> last(long runId, long boltId, LengthUnit unit) {
        return records.newest(runId, boltId).map(record -> {
            PlannedCut cut = runs.plannedCut(record.plannedCutId());
            return new LastStep(
                    LengthView.of(record.real(), unit),
                    words.text("cut." + record.outcome(), cut.bags()),
                    staff.names(Set.of(record.personId())).getOrDefault(record.personId(), ""),
                    Moments.near(record.at(), clock.instant()),
                    !cut.bagClosed());
        });
    }
}
