package retazo.app.cutting.stacks;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagNumbers;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PacketBook;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;

/** The tickets of pieces that are not all cut. */
@Service
@Transactional(readOnly = true)
public class OpenPieces {

    private final RunBook runs;
    private final PacketBook packets;
    private final PieceJobs jobs;
    private final KitIndex kits;
    private final FabricService fabrics;
    private final GoodService goods;

    OpenPieces(RunBook runs, PacketBook packets, PieceJobs jobs, KitIndex kits, FabricService fabrics, GoodService goods) {
        this.runs = runs;
        this.packets = packets;
        this.jobs = jobs;
        this.kits = kits;
        this.fabrics = fabrics;
        this.goods = goods;
    }

    /**
     * A ticket.
     *
     * @param fabric that the pieces are cut from; empty for precuts
     * @param good   likewise
     * @param isCut  whether the length is cut off its bolt, so that its pieces can be cut
     * @param begun  whether a stack of it was cut
     */
    public record ListedPieces(
            long runId, String path, String kit, BagNumbers bags, Optional<Fabric> fabric, Optional<Good> good, boolean isCut,
            boolean begun) {

        public String name() {
            return fabric.map(Fabric::name).or(() -> good.map(Good::name)).orElseThrow();
        }
    }

    /** Those of open runs by the run, what can be cut now first. */
    public Map<Long, List<ListedPieces>> of(Set<Long> runIds) {
        List<Bag> bags = runs.bags(runIds).values().stream().flatMap(List::stream).filter(bag -> !bag.leftOut()).toList();
        Map<Long, List<PacketBook.Source>> sources = packets.sources(bags.stream().map(Bag::id).toList()).stream()
                .collect(Collectors.groupingBy(PacketBook.Source::bagId));
        Map<PieceSource, Set<Integer>> numbers = new LinkedHashMap<>();
        Map<PieceSource, Job> found = new LinkedHashMap<>();
        for (Bag bag : bags) {
            for (PacketBook.Source from : sources.getOrDefault(bag.id(), List.of())) {
                job(bag, from).ifPresent(job -> {
                    numbers.computeIfAbsent(job.source(), source -> new TreeSet<>()).add(bag.number());
                    found.put(job.source(), job);
                });
            }
        }
        jobs.done(runIds).forEach(found::remove);
        return listed(found, numbers, jobs.begun(runIds));
    }

    /** The ids of the bags of a run of which pieces are still to be cut. */
    Set<Long> bagsWithPiecesLeft(long runId) {
        List<Bag> bags = runs.bags(Set.of(runId)).getOrDefault(runId, List.of());
        Map<Long, Bag> byId = bags.stream().collect(Collectors.toMap(Bag::id, bag -> bag));
        Set<PieceSource> done = jobs.done(Set.of(runId));
        return packets.sources(byId.keySet()).stream()
                .filter(from -> !job(requireNonNull(byId.get(from.bagId())), from).map(job -> done.contains(job.source())).orElse(false))
                .map(PacketBook.Source::bagId).collect(Collectors.toSet());
    }

    private record Job(PieceSource source, long kitId, Optional<Long> fabricId, Optional<Long> goodId, boolean isCut) {
    }

    /** Empty while a length has no bolt. */
    private static Optional<Job> job(Bag bag, PacketBook.Source from) {
        if (from.goodId() != null) {
            return Optional.of(new Job(
                    PieceSource.ofPrecut(bag.runId(), bag.kitId(), from.goodId()), bag.kitId(), Optional.empty(),
                    Optional.of(from.goodId()), true));
        }
        return bag.lines().stream().filter(line -> from.isFabric(line.fabricId())).flatMap(line -> line.cut().stream()).findFirst()
                .map(cut -> new Job(
                        PieceSource.ofCut(bag.runId(), cut.id()), bag.kitId(), Optional.of(cut.fabricId()), Optional.empty(),
                        cut.state() == PlannedCut.State.CUT));
    }

    private Map<Long, List<ListedPieces>> listed(
            Map<PieceSource, Job> found, Map<PieceSource, Set<Integer>> numbers, Set<PieceSource> begun) {
        Map<Long, KitTitle> titles = kits.titles(found.values().stream().map(Job::kitId).collect(Collectors.toSet()));
        Map<Long, Fabric> cloths = fabrics.byIds(found.values().stream().flatMap(job -> job.fabricId().stream()).distinct().toList());
        Map<Long, Good> precuts = goods.byIds(found.values().stream().flatMap(job -> job.goodId().stream()).distinct().toList());
        Map<Long, List<ListedPieces>> byRun = new LinkedHashMap<>();
        for (Job job : found.values()) {
            byRun.computeIfAbsent(job.source().runId(), run -> new ArrayList<>()).add(new ListedPieces(
                    job.source().runId(), PieceWork.Of.path(job.source()), requireNonNull(titles.get(job.kitId())).size(),
                    new BagNumbers(List.copyOf(requireNonNull(numbers.get(job.source())))),
                    job.fabricId().map(cloths::get), job.goodId().map(precuts::get), job.isCut(), begun.contains(job.source())));
        }
        byRun.values().forEach(list -> list.sort(java.util.Comparator.comparing((ListedPieces one) -> !one.isCut())
                .thenComparing(one -> !one.begun()).thenComparing(ListedPieces::name)));
        return byRun;
    }
}
