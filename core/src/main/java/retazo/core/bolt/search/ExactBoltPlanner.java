package retazo.core.bolt.search;

import retazo.core.bolt.KitsPossible;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BagGroup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import retazo.core.measure.Length;

/**
 * Finds the very best plan, for requests within its reach: the best way to lay any numbers of lengths is worked out for each fabric
 * ({@link FabricTable}); fabrics are tied only by how many bags of each group are built, so all those numbers are looked through.
 */
final class ExactBoltPlanner implements BoltPlanner {

    private static final int MOST_NUMBERS = 400_000;
    private static final long MOST_WORK = 20_000_000;

    private final BoltRequest request;
    private final int[] most;
    private final GoodUnits goods;
    private final List<Tied> fabrics = new ArrayList<>();

    /** A fabric with its table, and which of its lengths each group takes; below zero for none. */
    private record Tied(String code, long[] lengths, int[] lengthOf, FabricTable table) {

        int[] numbers(int[] counts) {
            int[] numbers = new int[lengths.length];
            for (int group = 0; group < counts.length; group++) {
                if (lengthOf[group] >= 0) {
                    numbers[lengthOf[group]] += counts[group];
                }
            }
            return numbers;
        }
    }

    private ExactBoltPlanner(BoltRequest request, int[] most) {
        this.request = request;
        this.most = most;
        this.goods = GoodUnits.of(request);
    }

    /** A planner that has worked out all fabrics; empty where that would be too much. */
    static Optional<ExactBoltPlanner> of(BoltRequest request) {
        int[] most = request.groups().stream().mapToInt(group -> mostAlone(request, group)).toArray();
        if (FabricTable.places(most) > MOST_NUMBERS) {
            return Optional.empty();
        }
        ExactBoltPlanner planner = new ExactBoltPlanner(request, most);
        return planner.workedOut() ? Optional.of(planner) : Optional.empty();
    }

    /** How many bags of a group its bolts and goods give if no other group takes any. */
    static int mostAlone(BoltRequest request, BagGroup group) {
        int picked = group.picked().entrySet().stream()
                .mapToInt(need -> (int) Math.min(group.quantity(), request.free(need.getKey()) / need.getValue().value()))
                .min()
                .orElse(group.quantity());
        return Math.min(picked, mostOnBolts(request, group));
    }

    private static int mostOnBolts(BoltRequest request, BagGroup group) {
        return group.lengths().entrySet().stream()
                .mapToInt(need -> (int) Math.min(
                        group.quantity(), KitsPossible.cuts(request.bolts(need.getKey()), need.getValue()).value()))
                .min()
                .orElse(group.quantity());
    }

    private boolean workedOut() {
        RestCost cost = new RestCost(request.rests(), request.fabrics().values().stream().flatMap(List::stream).toList());
        long work = 0;
        for (String code : request.neededFabrics()) {
            long[] lengths = request.groups().stream().flatMap(group -> Optional.ofNullable(group.lengths().get(code)).stream())
                    .mapToLong(Length::ticks).distinct().toArray();
            int[] lengthOf = request.groups().stream().mapToInt(group -> indexOf(lengths, group.lengths().get(code))).toArray();
            int[] wanted = new int[lengths.length];
            for (int group = 0; group < most.length; group++) {
                if (lengthOf[group] >= 0) {
                    wanted[lengthOf[group]] += most[group];
                }
            }
            work += FabricTable.work(request.bolts(code), lengths, wanted, MOST_WORK - work + 1);
            if (work > MOST_WORK) {
                return false;
            }
            fabrics.add(new Tied(code, lengths, lengthOf, new FabricTable(request.bolts(code), lengths, wanted, cost)));
        }
        return true;
    }

    private static int indexOf(long[] lengths, @Nullable Length length) {
        for (int i = 0; length != null && i < lengths.length; i++) {
            if (lengths[i] == length.ticks()) {
                return i;
            }
        }
        return -1;
    }

    @Override
    public int bound() {
        return IntStream.of(best(counts -> IntStream.of(counts).sum())).sum();
    }

    /** The plan with the most bags, and of those the one with the best rests. */
    @Override
    public BoltPlan mostBags() {
        return plan(best(counts -> IntStream.of(counts).sum()));
    }

    /** The plan with as many as possible of the first group, then of the second, and so on, and with the best rests. */
    @Override
    public BoltPlan inOrderAsked() {
        return plan(best(counts -> {
            int place = 0;
            for (int group = 0; group < counts.length; group++) {
                place = place * (most[group] + 1) + counts[group];
            }
            return place;
        }));
    }

    /** The plan with the most bags of the groups whose turn comes first, then of the next, and so on, and with the best rests. */
    @Override
    public BoltPlan byPriority() {
        int[][] turns = BoltPlanner.turns(request);
        return plan(best(counts -> {
            int place = 0;
            for (int[] turn : turns) {
                place = place * (IntStream.of(turn).map(group -> most[group]).sum() + 1)
                        + IntStream.of(turn).map(group -> counts[group]).sum();
            }
            return place;
        }));
    }

    /** The numbers of bags with the highest worth that can be laid, and of those the ones that cost least. */
    private int[] best(ToIntFunction<int[]> worth) {
        int[] best = new int[most.length];
        int bestWorth = 0;
        long bestCost = 0;
        int[] counts = new int[most.length];
        while (next(counts)) {
            int now = worth.applyAsInt(counts);
            if (now >= bestWorth && goods.sufficeFor(counts)) {
                long cost = cost(counts);
                if (cost != FabricTable.NEVER && (now > bestWorth || cost < bestCost)) {
                    best = counts.clone();
                    bestWorth = now;
                    bestCost = cost;
                }
            }
        }
        return best;
    }

    /** Counts on; false after the last numbers. */
    private boolean next(int[] counts) {
        for (int group = counts.length - 1; group >= 0; group--) {
            if (counts[group] < most[group]) {
                counts[group]++;
                return true;
            }
            counts[group] = 0;
        }
        return false;
    }

    private long cost(int[] counts) {
        long sum = 0;
        for (Tied fabric : fabrics) {
            long cost = fabric.table().cost(fabric.numbers(counts));
            if (cost == FabricTable.NEVER) {
                return FabricTable.NEVER;
            }
            sum += cost;
        }
        return sum;
    }

    private BoltPlan plan(int[] counts) {
        PlanAssembly assembly = new PlanAssembly(request);
        Map<String, List<Integer>> boltOf = new HashMap<>();
        for (Tied fabric : fabrics) {
            List<int[]> sets = fabric.table().sets(fabric.numbers(counts)).stream().map(int[]::clone).toList();
            boltOf.put(fabric.code(), assembly.lengths(fabric.code(), counts).stream()
                    .map(length -> take(sets, indexOf(fabric.lengths(), length))).toList());
        }
        return assembly.plan(counts, boltOf);
    }

    /** The first bolt whose set still has a length; it has one less then. */
    private static int take(List<int[]> sets, int length) {
        for (int bolt = 0; bolt < sets.size(); bolt++) {
            if (sets.get(bolt)[length] > 0) {
                sets.get(bolt)[length]--;
                return bolt;
            }
        }
        throw new IllegalStateException("A length is cut from no bolt.");
    }
}
