package retazo.app.cutting.pull;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.cutting.pull.PullList.Line;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.places.Places;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Puts pull lists together. */
@Service
@Transactional(readOnly = true)
class PullLists {

    private final RunBook runs;
    private final RunTitles titles;
    private final StockService stock;
    private final FabricService fabrics;
    private final GoodService goods;
    private final Places places;
    private final OutOfPlace out;

    PullLists(
            RunBook runs, RunTitles titles, StockService stock, FabricService fabrics, GoodService goods, Places places, OutOfPlace out) {
        this.runs = runs;
        this.titles = titles;
        this.stock = stock;
        this.fabrics = fabrics;
        this.goods = goods;
        this.places = places;
        this.out = out;
    }

    /** What the chosen of the open runs need that is not cut or packed; all open runs where none is chosen. */
    PullList of(Collection<Long> chosen, LengthUnit unit) {
        List<Run> open = runs.open();
        Set<Long> ids = open.stream().map(Run::id).collect(Collectors.toSet());
        List<Bag> bags = runs.bags(ids).values().stream().flatMap(List::stream).filter(Bag::isOpen).toList();
        List<PlannedCut> cuts = bags.stream().flatMap(bag -> bag.lines().stream()).flatMap(line -> line.cut().stream())
                .filter(PlannedCut::isPlanned).distinct().toList();
        Set<Long> toFetch = Stream.concat(
                cuts.stream().map(PlannedCut::runId), bags.stream().filter(bag -> !bag.picks().isEmpty()).map(Bag::runId))
                .collect(Collectors.toSet());
        Set<Long> wanted = toFetch.stream().filter(id -> chosen.isEmpty() || chosen.contains(id)).collect(Collectors.toSet());
        OutOfPlace.Out away = out.now();
        List<Line> lines = new ArrayList<>(bolts(cuts.stream().filter(cut -> wanted.contains(cut.runId())).toList(), away, unit));
        lines.addAll(picks(bags.stream().filter(bag -> wanted.contains(bag.runId())).toList(), away));
        Comparator<Line> walk = Comparator.comparing(Line::place, places.walk()).thenComparing(Line::code);
        lines.sort(walk);
        Set<Long> needed = lines.stream().map(Line::itemId).collect(Collectors.toSet());
        List<Line> back = Stream.concat(
                awayBolts(away, needed).stream(), awayGoods(away, needed).stream()).sorted(walk).toList();
        Map<Long, RunTitles.RunTitle> asked = titles.of(open);
        return new PullList(
                open.stream().filter(run -> toFetch.contains(run.id())).sorted(Comparator.comparing(run -> run.precedence(false)))
                        .map(run -> new PullList.RunChoice(
                                run.id(), requireNonNull(asked.get(run.id())).asked(), wanted.contains(run.id())))
                        .toList(),
                byPlace(lines), back);
    }

    private static List<PullList.PlaceStop> byPlace(List<Line> lines) {
        Map<String, List<Line>> byPlace = lines.stream()
                .collect(Collectors.groupingBy(Line::place, LinkedHashMap::new, Collectors.toList()));
        return byPlace.entrySet().stream().map(entry -> new PullList.PlaceStop(entry.getKey(), entry.getValue())).toList();
    }

    private List<Line> bolts(List<PlannedCut> cuts, OutOfPlace.Out away, LengthUnit unit) {
        Map<Long, List<PlannedCut>> byBolt = cuts.stream().collect(Collectors.groupingBy(PlannedCut::boltId));
        Map<Long, Bolt> bolts = stock.boltsById(byBolt.keySet());
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        return byBolt.entrySet().stream().map(entry -> {
            Bolt bolt = requireNonNull(bolts.get(entry.getKey()));
            Length length = entry.getValue().stream().map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
            Map<Long, Long> byRun = entry.getValue().stream()
                    .collect(Collectors.groupingBy(PlannedCut::runId, TreeMap::new, Collectors.counting()));
            return line(bolt, requireNonNull(byId.get(bolt.fabricId())), Optional.of(LengthView.of(length, unit)),
                    byRun.entrySet().stream().map(run -> new PullList.Ticket(run.getKey(), bolt.id(), run.getValue())).toList(), away);
        }).toList();
    }

    private static Line line(
            Bolt bolt, Fabric fabric, Optional<LengthView> length, List<PullList.Ticket> tickets, OutOfPlace.Out away) {
        return new Line(
                bolt.id(), bolt.code(), Optional.of(fabric), Optional.empty(), bolt.place(), bolt.lot(), length,
                tickets.stream().mapToLong(PullList.Ticket::cuts).sum(), tickets, away.words(bolt.id()));
    }

    private List<Line> picks(List<Bag> bags, OutOfPlace.Out away) {
        Map<Long, Long> counts = bags.stream().flatMap(bag -> bag.picks().stream())
                .collect(Collectors.groupingBy(Bag.Pick::goodId, Collectors.summingLong(Bag.Pick::count)));
        Map<Long, Good> byId = goods.byIds(counts.keySet());
        Map<Long, GoodService.GoodCount> there = goods.counts(counts.keySet());
        return counts.entrySet().stream().map(entry -> line(
                requireNonNull(byId.get(entry.getKey())), requireNonNull(there.get(entry.getKey())).itemId(), entry.getValue(), away))
                .toList();
    }

    private static Line line(Good good, long itemId, long count, OutOfPlace.Out away) {
        return new Line(
                itemId, good.code(), Optional.empty(), Optional.of(good), "", "", Optional.empty(), count, List.of(), away.words(itemId));
    }

    private List<Line> awayBolts(OutOfPlace.Out away, Set<Long> needed) {
        Map<Long, Bolt> bolts = stock.boltsById(away.but(needed));
        Map<Long, Fabric> byId = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        return bolts.values().stream()
                .map(bolt -> line(bolt, requireNonNull(byId.get(bolt.fabricId())), Optional.empty(), List.of(), away)).toList();
    }

    private List<Line> awayGoods(OutOfPlace.Out away, Set<Long> needed) {
        Map<Long, Good> byItem = goods.byItems(away.but(needed));
        return byItem.entrySet().stream().map(entry -> line(entry.getValue(), entry.getKey(), 0, away)).toList();
    }
}
