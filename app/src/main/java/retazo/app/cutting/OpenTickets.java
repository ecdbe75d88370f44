package retazo.app.cutting;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.cutting.stacks.OpenPieces;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.shared.ShopUnit;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.places.Places;
import retazo.core.bolt.promise.Precedence;
import retazo.core.measure.Length;

/** Puts the list of open tickets together. */
@Service
@Transactional(readOnly = true)
class OpenTickets {

    private final RunBook runs;
    private final StockService stock;
    private final FabricService fabrics;
    private final OpenPieces pieces;
    private final RunTitles titles;
    private final Places places;
    private final ShopUnit unit;

    OpenTickets(RunBook runs, StockService stock, FabricService fabrics, OpenPieces pieces, RunTitles titles, Places places,
            ShopUnit unit) {
        this.runs = runs;
        this.stock = stock;
        this.fabrics = fabrics;
        this.pieces = pieces;
        this.titles = titles;
        this.places = places;
        this.unit = unit;
    }

    /** A ticket in the list: a bolt to fetch and what is cut from it. */
    record ListedTicket(long runId, long boltId, String boltCode, String place, String lot, Fabric fabric, long left, long all,
            LengthView length) {
    }

    /** The open tickets of a run, in the order of the shelf. */
    record RunTickets(long runId, Precedence turn, String asked, List<ListedTicket> tickets, List<OpenPieces.ListedPieces> pieces) {
    }

    /** All that waits to be cut. */
    record ListPage(List<RunTickets> runs) {

        List<Fabric> prints() {
            return runs.stream().flatMap(run -> Stream.concat(
                    run.tickets().stream().map(ListedTicket::fabric), run.pieces().stream().flatMap(one -> one.fabric().stream())))
                    .distinct().toList();
        }
    }

    /** The open tickets by run, the oldest run first. */
    ListPage all() {
        List<Run> open = runs.open();
        Map<Long, List<PlannedCut>> byRun = runs.currentCuts(open.stream().map(Run::id).collect(Collectors.toSet())).stream()
                .collect(Collectors.groupingBy(PlannedCut::runId));
        Map<Long, RunTitles.RunTitle> askedFor = titles.of(open);
        Map<Long, Bolt> bolts = stock.boltsById(
                byRun.values().stream().flatMap(List::stream).map(PlannedCut::boltId).collect(Collectors.toSet()));
        Map<Long, Fabric> fabricById = fabrics.byIds(bolts.values().stream().map(Bolt::fabricId).collect(Collectors.toSet()));
        Map<Long, List<OpenPieces.ListedPieces>> toPieces = pieces.of(open.stream().map(Run::id).collect(Collectors.toSet()));
        Comparator<String> walk = places.walk();
        return new ListPage(open.stream()
                .sorted(Comparator.comparing(Run::id))
                .map(run -> new RunTickets(
                        run.id(), run.precedence(false),
                        requireNonNull(askedFor.get(run.id())).asked(),
                        tickets(run, byRun.getOrDefault(run.id(), List.of()), bolts, fabricById, walk),
                        toPieces.getOrDefault(run.id(), List.of())))
                .filter(run -> !run.tickets().isEmpty() || !run.pieces().isEmpty())
                .toList());
    }

    /** The ticket that comes after one that is done: of its run in walk order, else of the run whose turn is next. */
    Optional<ListedTicket> next(long runId, long boltId) {
        return inTurn().stream().filter(ticket -> ticket.runId() != runId || ticket.boltId() != boltId)
                .min(Comparator.comparing(ticket -> ticket.runId() != runId));
    }

    /** The ticket of a bolt by its number, of the run whose turn comes first. */
    Optional<ListedTicket> ofBolt(String code) {
        return inTurn().stream().filter(ticket -> ticket.boltCode().equalsIgnoreCase(code.strip())).findFirst();
    }

    /** Where the pieces of a bag are cut; those whose length is cut off, first. Empty where none are open. */
    Optional<String> piecesOf(long bagId) {
        return runs.find(bagId).flatMap(bag -> pieces.of(Set.of(bag.runId())).getOrDefault(bag.runId(), List.of()).stream()
                .filter(one -> one.bags().all().contains(bag.number()))
                .min(Comparator.comparing((OpenPieces.ListedPieces one) -> !one.isCut()))
                .map(OpenPieces.ListedPieces::path));
    }

    private List<ListedTicket> inTurn() {
        return all().runs().stream().sorted(Comparator.comparing(RunTickets::turn)).flatMap(run -> run.tickets().stream()).toList();
    }

    private List<ListedTicket> tickets(Run run, List<PlannedCut> cuts, Map<Long, Bolt> bolts, Map<Long, Fabric> byId,
            Comparator<String> walk) {
        Map<Long, List<PlannedCut>> byBolt = cuts.stream()
                .collect(Collectors.groupingBy(PlannedCut::boltId, LinkedHashMap::new, Collectors.toList()));
        return byBolt.entrySet().stream()
                .map(entry -> {
                    Bolt bolt = requireNonNull(bolts.get(entry.getKey()));
                    List<PlannedCut> left = entry.getValue().stream().filter(PlannedCut::isPlanned).toList();
                    Length length = left.stream().map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
                    return new ListedTicket(
                            run.id(), bolt.id(), bolt.code(), bolt.place(), bolt.lot(), requireNonNull(byId.get(bolt.fabricId())),
                            left.size(),
                            entry.getValue().size(), LengthView.of(length, unit.sellingUnit()));
                })
                .filter(ticket -> ticket.left() > 0)
                .sorted(Comparator.comparing(ListedTicket::place, walk).thenComparing(ListedTicket::boltCode))
                .toList();
    }
}
