package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.Run;
import retazo.core.bolt.promise.Allotment;
import retazo.core.bolt.promise.AllotmentRequest;
import retazo.core.bolt.promise.Allotter;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.promise.ClothNeed;
import retazo.core.bolt.promise.HeldCut;

/** What more a run could make with cloth that is kept for bags which come after its own, and what those would lose. */
@Component
public class Takings {

    private static final String NEW = "new-";

    private final PromisesBook promises;

    Takings(PromisesBook promises) {
        this.promises = promises;
    }

    /**
     * A run that wants more than free cloth gives.
     *
     * @param pieces  of a bag of each kit, in the order asked
     * @param plan    what free cloth gives
     * @param allowed how many bags of each kit counted stock allows
     */
    public record Wanted(Run run, List<List<BoltLayout.Piece>> pieces, BoltPlan plan, List<Integer> allowed) {
    }

    /**
     * What would come of it.
     *
     * @param gained how many bags more of each kit
     * @param losses bags that would lose cloth, and which fabrics of theirs, by run and number
     * @param runIds the runs that it touches
     */
    public record Taking(List<Integer> gained, List<Loss> losses, Set<Long> runIds) {

        public int bags() {
            return gained.stream().mapToInt(Integer::intValue).sum();
        }

        /** The fabrics that each bag would wait for, by its id. */
        public Map<Long, Set<Long>> lossesByBag() {
            return losses.stream().collect(Collectors.toMap(Loss::bagId, Loss::fabricIds));
        }
    }

    /** A bag that would wait for these fabrics. */
    public record Loss(long runId, long bagId, int bagNumber, Set<Long> fabricIds) {
    }

    /** Works it out; nothing is locked or kept. */
    @Transactional(readOnly = true)
    public Taking of(Wanted wanted) {
        Set<Long> fabrics = wanted.pieces().stream().flatMap(List::stream).map(BoltLayout.Piece::fabricId).collect(Collectors.toSet());
        Promises seen = promises.of(fabrics, wanted.run().id());
        AllotmentRequest before = seen.request(promises.shop());
        List<ClothNeed> missing = missing(wanted);
        Allotment allotment = Allotter.of(new AllotmentRequest(
                before.bolts(), Stream.concat(before.held().stream(), built(wanted).stream()).toList(),
                Stream.concat(before.homeless().stream(), missing.stream()).toList(), before.rests()));
        Map<String, List<ClothNeed>> byBag = missing.stream()
                .collect(Collectors.groupingBy(ClothNeed::bag, LinkedHashMap::new, Collectors.toList()));
        List<Integer> gained = new ArrayList<>();
        for (int group = 0; group < wanted.pieces().size(); group++) {
            String start = NEW + group + "-";
            gained.add((int) byBag.entrySet().stream().filter(bag -> bag.getKey().startsWith(start))
                    .filter(bag -> bag.getValue().stream().allMatch(need -> allotment.placed().containsKey(need.id()))).count());
        }
        Set<Long> touched = new TreeSet<>(seen.runIds());
        touched.add(wanted.run().id());
        return new Taking(gained, losses(seen, allotment), touched);
    }

    private static List<Loss> losses(Promises seen, Allotment allotment) {
        Set<String> waiting = allotment.waiting().stream().map(ClothNeed::id).collect(Collectors.toSet());
        Map<Long, Set<Long>> fabricsOf = new TreeMap<>();
        Map<Long, BagEntity> bags = new HashMap<>();
        seen.planned().stream().flatMap(cut -> cut.lines()).filter(line -> waiting.contains(Long.toString(line.id()))).forEach(line -> {
            fabricsOf.computeIfAbsent(line.bag().id(), id -> new TreeSet<>()).add(line.fabricId());
            bags.put(line.bag().id(), line.bag());
        });
        return fabricsOf.entrySet().stream()
                .map(bag -> {
                    BagEntity of = requireNonNull(bags.get(bag.getKey()));
                    return new Loss(of.runId(), of.id(), of.number(), bag.getValue());
                })
                .toList();
    }

    private static List<ClothNeed> missing(Wanted wanted) {
        List<ClothNeed> needs = new ArrayList<>();
        for (int group = 0; group < wanted.pieces().size(); group++) {
            for (int bag = wanted.plan().built().get(group); bag < wanted.allowed().get(group); bag++) {
                String name = NEW + group + "-" + bag;
                for (BoltLayout.Piece piece : wanted.pieces().get(group)) {
                    needs.add(need(wanted.run(), name, piece));
                }
            }
        }
        return needs;
    }

    private static List<HeldCut> built(Wanted wanted) {
        List<HeldCut> held = new ArrayList<>();
        for (BoltPlan.PlannedLength cut : wanted.plan().cuts()) {
            BoltLayout.Piece piece = wanted.pieces().get(cut.group()).stream()
                    .filter(one -> one.fabricId() == BoltLayout.fabricId(cut.fabricCode())).findFirst().orElseThrow();
            String bag = NEW + cut.group() + "-" + cut.bag();
            held.add(new HeldCut("cut-" + held.size(), cut.boltId(), cut.length(), List.of(need(wanted.run(), bag, piece))));
        }
        return held;
    }

    private static ClothNeed need(Run run, String bag, BoltLayout.Piece piece) {
        return new ClothNeed(
                bag + "/" + piece.fabricId(), bag, Long.toString(piece.fabricId()), piece.length(), piece.plannedWidth(),
                run.precedence(false), true);
    }
}
