package retazo.app.runs.pages;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Puts runs together as their pages show them. */
@Service
@Transactional(readOnly = true)
class RunPages {

    private final RunBook runs;
    private final KitBook kits;
    private final RunTitles titles;
    private final StockService stock;
    private final PracticeService practice;
    private final Words words;

    RunPages(
            RunBook runs, KitBook kits, RunTitles titles, StockService stock, PracticeService practice,
            Words words) {
        this.runs = runs;
        this.kits = kits;
        this.titles = titles;
        this.stock = stock;
        this.practice = practice;
        this.words = words;
    }

    /** A bag in the list of a run. */
    record BagView(long id, int number, String kit, String state, String mark, long cut, int lines, List<String> waitsFor) {
    }

    /** A confirmed run; {@code planning} while it waits to be planned again. */
    record OpenPage(Run run, String asked, List<BagView> bags, List<BoltBar> bars, boolean anyWaits, boolean anyNotBegun, boolean planning,
            List<Fabric> prints) {
    }

    private Map<Long, Kit> kitsOf(Run run) {
        return kits.byIds(run.asked().stream().map(Run.Asked::kitId).toList());
    }

    Run run(long id) {
        return runs.run(id);
    }

    /** What a run asks for, in words. */
    String asked(Run run) {
        return titles.of(run).asked();
    }

    /** A bolt as an earlier plan had it. */
    record EarlierBolt(String code, String fabric, List<String> cuts) {
    }

    /** What an earlier plan of a run said. */
    record EarlierPlan(int version, List<EarlierBolt> bolts) {
    }

    EarlierPlan earlier(Run run, int version) {
        List<PlannedCut> cuts = runs.cutsOfPlan(run.id(), version);
        Map<Long, Bolt> bolts = stock.boltsById(cuts.stream().map(PlannedCut::boltId).collect(Collectors.toSet()));
        Map<Long, Fabric> fabricById = fabricsOf(kitsOf(run));
        Map<Long, List<PlannedCut>> byBolt = cuts.stream()
                .collect(Collectors.groupingBy(PlannedCut::boltId, LinkedHashMap::new, Collectors.toList()));
        return new EarlierPlan(version, byBolt.entrySet().stream()
                .map(entry -> {
                    Bolt bolt = requireNonNull(bolts.get(entry.getKey()));
                    return new EarlierBolt(
                            bolt.code(), requireNonNull(fabricById.get(bolt.fabricId())).name(), entry.getValue().stream()
                                    .map(cut -> words.text("run.earlier-cut", cut.bags().count(), cut.bags().toString(),
                                            LengthView.of(cut.length(), words.sellingUnit()).plain()))
                                    .toList());
                })
                .toList());
    }

    private static Map<Long, Fabric> fabricsOf(Map<Long, Kit> kits) {
        return kits.values().stream().flatMap(kit -> kit.cloths().stream()).distinct()
                .collect(Collectors.toMap(Fabric::id, fabric -> fabric));
    }

    OpenPage open(Run run, boolean planning) {
        List<Bag> bags = runs.bags(Set.of(run.id())).getOrDefault(run.id(), List.of());
        Map<Long, Kit> byId = kitsOf(run);
        Map<Long, Fabric> fabricById = fabricsOf(byId);
        return new OpenPage(
                run, titles.of(run).asked(),
                bags.stream().map(bag -> bagView(bag, byId, fabricById)).toList(),
                openBars(bags, fabricById),
                bags.stream().anyMatch(Bag::waits),
                bags.stream().anyMatch(bag -> bag.isOpen() && !bag.begun()), planning,
                List.copyOf(fabricById.values()));
    }

    private static String stateCode(Bag bag) {
        if (!bag.isOpen()) {
            return bag.packed() ? "packed" : "left-out";
        }
        if (bag.waits()) {
            return "waits";
        }
        return bag.allCut() ? "ready" : bag.begun() ? "begun" : "to-cut";
    }

    private BagView bagView(Bag bag, Map<Long, Kit> byId, Map<Long, Fabric> fabricById) {
        String state = words.text("bag.state." + stateCode(bag));
        String mark = bag.packed() ? "mark-done" : bag.waits() ? "mark-stop" : "";
        return new BagView(
                bag.id(), bag.number(), requireNonNull(byId.get(bag.kitId())).sizeName(), state, mark,
                bag.lines().stream().filter(Bag.ClothLine::isCut).count(), bag.lines().size(),
                bag.isOpen()
                        ? bag.lines().stream().filter(Bag.ClothLine::waits)
                                .map(line -> requireNonNull(fabricById.get(line.fabricId())).name())
                                .toList()
                        : List.of());
    }

    /**
     * Every bolt of the run with its cuts; those done are in front, and the bolt is drawn as it was before them, without what other runs
     * have reserved of it.
     */
    private List<BoltBar> openBars(List<Bag> bags, Map<Long, Fabric> fabricById) {
        Map<Long, List<PlannedCut>> byBolt = bags.stream().flatMap(bag -> bag.lines().stream()).flatMap(line -> line.cut().stream())
                .distinct()
                .sorted(Comparator.comparing(PlannedCut::boltId).thenComparing(PlannedCut::position))
                .collect(Collectors.groupingBy(PlannedCut::boltId, LinkedHashMap::new, Collectors.toList()));
        Map<Long, Bolt> bolts = stock.boltsById(byBolt.keySet());
        Map<Long, Length> before = new LinkedHashMap<>();
        byBolt.forEach((id, cuts) -> before.put(id, requireNonNull(bolts.get(id)).free().plus(sum(cuts))));
        BoltBar.Scale scale = BoltBar.Scale.of(List.copyOf(before.values()), practice.practice());
        return byBolt.entrySet().stream()
                .map(entry -> {
                    Bolt bolt = requireNonNull(bolts.get(entry.getKey()));
                    List<BoltBar.Piece> pieces = entry.getValue().stream()
                            .sorted(Comparator.comparing((PlannedCut cut) -> cut.state() != PlannedCut.State.CUT)
                                    .thenComparing(PlannedCut::position))
                            .map(cut -> new BoltBar.Piece(
                                    cut.bags().toString(), cut.length(), cut.state() == PlannedCut.State.CUT))
                            .toList();
                    return BoltBar.of(bolt, requireNonNull(fabricById.get(bolt.fabricId())), pieces, requireNonNull(before.get(bolt.id())),
                            scale);
                })
                .sorted(Comparator.comparing((BoltBar bar) -> bar.fabric().name()).thenComparing(BoltBar::code))
                .toList();
    }

    private static Length sum(List<PlannedCut> cuts) {
        return cuts.stream().map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
    }
}
