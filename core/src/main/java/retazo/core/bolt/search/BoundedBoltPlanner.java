package retazo.core.bolt.search;

import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.BoltPlan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Plans runs that are too large to be looked through: begins with the numbers of bags of the {@link BagBound} and goes down from it, until
 * numbers are found that can be laid on the bolts of every fabric ({@link FabricFill}). Of one total those numbers are tried first that
 * the bound's prices allow and that are nearest to its own.
 */
final class BoundedBoltPlanner implements BoltPlanner {

    private static final int MOST_TRIED = 24;
    private static final int FEW_STEPS = 3_000;
    private static final int MANY_STEPS = 12_000;
    private static final long POLISH_WORK = 12_000_000;
    private static final int AROUND = 2;
    private static final long MOST_EXACT_WORK = 6_000_000;

    private final BoltRequest request;
    private final List<FabricUnits> fabrics;
    private final int[] most;
    private final BagBound bound;
    private final long[] worth;
    private final Map<String, Optional<FabricFill>> known = new HashMap<>();

    BoundedBoltPlanner(BoltRequest request) {
        this.request = request;
        this.fabrics = request.neededFabrics().stream().map(code -> FabricUnits.toPlan(request, code)).toList();
        this.most = request.groups().stream().mapToInt(group -> ExactBoltPlanner.mostAlone(request, group)).toArray();
        List<FabricUnits> toBound = request.neededFabrics().stream().map(code -> FabricUnits.toBound(request, code)).toList();
        this.bound = new BagBound(toBound, most);
        this.worth = IntStream.range(0, toBound.size())
                .mapToLong(fabric -> new PricedSets(toBound.get(fabric), prices(fabric)).worth()).toArray();
    }

    private long[] prices(int fabric) {
        return IntStream.range(0, most.length).mapToLong(group -> bound.price(fabric, group)).toArray();
    }

    @Override
    public int bound() {
        return bound.bags();
    }

    /** The plan with the most bags that was found; never fewer than the order asked gives. */
    @Override
    public BoltPlan mostBags() {
        int[] inOrder = inOrder();
        for (int total = bound.bags(); total > Arrays.stream(inOrder).sum(); total--) {
            List<int[]> numbers = numbers(total);
            for (int steps : new int[] {FEW_STEPS, MANY_STEPS}) {
                for (int[] counts : numbers) {
                    if (canBeLaid(counts, steps)) {
                        return plan(counts);
                    }
                }
            }
        }
        return plan(inOrder);
    }

    /** As many as can be laid of the first group, then of the next beside it, and so on. */
    @Override
    public BoltPlan inOrderAsked() {
        return plan(inOrder());
    }

    private int[] inOrder() {
        int[] counts = new int[most.length];
        for (int group = 0; group < most.length; group++) {
            counts[group] = mostBeside(counts, group);
        }
        return counts;
    }

    /** By halving. */
    private int mostBeside(int[] counts, int group) {
        int[] tried = counts.clone();
        int enough = 0;
        int tooMany = most[group] + 1;
        while (tooMany - enough > 1) {
            tried[group] = (enough + tooMany) / 2;
            if (canBeLaid(tried, FEW_STEPS)) {
                enough = tried[group];
            } else {
                tooMany = tried[group];
            }
        }
        return enough;
    }

    /** Numbers of bags of each group that make up a total, those tried first that are nearest to the bound's. */
    private List<int[]> numbers(int total) {
        double[] near = bound.numbers();
        List<int[]> found = new ArrayList<>();
        collect(total, near, 0, new int[most.length], found);
        if (found.isEmpty()) {
            found.add(lessOfTheLargest(total, near));
        }
        return found.stream().sorted(Comparator.comparing(this::overpriced).thenComparing(counts -> distance(counts, near)))
                .limit(MOST_TRIED).toList();
    }

    private void collect(int left, double[] near, int group, int[] counts, List<int[]> found) {
        if (group == most.length) {
            if (left == 0) {
                found.add(counts.clone());
            }
            return;
        }
        int from = Math.max(0, (int) Math.floor(near[group]) - AROUND);
        int to = Math.min(most[group], (int) Math.ceil(near[group]) + AROUND);
        for (int count = from; count <= Math.min(to, left); count++) {
            counts[group] = count;
            collect(left - count, near, group + 1, counts, found);
        }
        counts[group] = 0;
    }

    /** Far below the bound: one bag less after the other, each of the group that takes the most cloth. */
    private int[] lessOfTheLargest(int total, double[] near) {
        int[] counts = Arrays.stream(near).mapToInt(number -> (int) number).toArray();
        int sum = Arrays.stream(counts).sum();
        while (sum > total) {
            int largest = -1;
            for (int group = 0; group < most.length; group++) {
                if (counts[group] > 0 && (largest < 0 || cloth(group) > cloth(largest))) {
                    largest = group;
                }
            }
            counts[largest]--;
            sum--;
        }
        return counts;
    }

    private long cloth(int group) {
        return request.groups().get(group).lengths().values().stream().mapToLong(length -> length.ticks()).sum();
    }

    /** By how much numbers are beyond what bolts are worth at the bound's prices: those cannot be laid. */
    private long overpriced(int[] counts) {
        long over = 0;
        for (int fabric = 0; fabric < worth.length; fabric++) {
            long price = 0;
            for (int group = 0; group < most.length; group++) {
                price += counts[group] * bound.price(fabric, group);
            }
            over += Math.max(0, price - worth[fabric]);
        }
        return over;
    }

    private static double distance(int[] counts, double[] near) {
        double distance = 0;
        for (int group = 0; group < counts.length; group++) {
            distance += Math.abs(counts[group] - near[group]);
        }
        return distance;
    }

    private boolean canBeLaid(int[] counts, int steps) {
        for (FabricUnits fabric : fabrics) {
            if (fabric.taken(counts) > fabric.all()) {
                return false;
            }
        }
        return fabrics.stream().allMatch(fabric -> laid(fabric, counts, steps).isPresent());
    }

    private Optional<FabricFill> laid(FabricUnits fabric, int[] counts, int steps) {
        int[] taken = counts.clone();
        for (int group = 0; group < taken.length; group++) {
            taken[group] = fabric.lengths()[group] == 0 ? 0 : taken[group];
        }
        String asked = fabric.code() + Arrays.toString(taken);
        String tried = asked + steps;
        if (!known.containsKey(asked) && !known.containsKey(tried)) {
            Optional<FabricFill> fill = FabricFill.lay(fabric, taken, steps);
            known.put(fill.isPresent() ? asked : tried, fill);
        }
        return known.getOrDefault(asked, Optional.empty());
    }

    private BoltPlan plan(int[] counts) {
        PlanAssembly assembly = new PlanAssembly(request);
        RestCost cost = new RestCost(request.rests(), request.fabrics().values().stream().flatMap(List::stream).toList());
        Map<String, List<Integer>> boltOf = new HashMap<>();
        for (FabricUnits fabric : fabrics) {
            int[][] sets = exactly(fabric, counts, cost).orElseGet(() -> polished(fabric, counts, cost));
            boltOf.put(fabric.code(), assembly.boltOf(fabric, sets, counts));
        }
        return assembly.plan(counts, boltOf);
    }

    private int[][] polished(FabricUnits fabric, int[] counts, RestCost cost) {
        FabricFill fill = laid(fabric, counts, MANY_STEPS).orElseThrow();
        fill.polish(POLISH_WORK, cost);
        return fill.sets();
    }

    /** The best rests that there are, for a fabric with few enough lengths and bolts. */
    private Optional<int[][]> exactly(FabricUnits fabric, int[] counts, RestCost cost) {
        int[] takers = IntStream.range(0, most.length).filter(group -> fabric.lengths()[group] > 0 && counts[group] > 0).toArray();
        long[] lengths = IntStream.of(takers).mapToLong(group -> fabric.ticks()[group]).toArray();
        int[] numbers = IntStream.of(takers).map(group -> counts[group]).toArray();
        List<BoltStock> bolts = request.bolts(fabric.code());
        if (FabricTable.work(bolts, lengths, numbers, MOST_EXACT_WORK) >= MOST_EXACT_WORK) {
            return Optional.empty();
        }
        int[][] sets = new int[bolts.size()][most.length];
        List<int[]> best = new FabricTable(bolts, lengths, numbers, cost).sets(numbers);
        for (int bolt = 0; bolt < sets.length; bolt++) {
            for (int i = 0; i < takers.length; i++) {
                sets[bolt][takers[i]] = best.get(bolt)[i];
            }
        }
        return Optional.of(sets);
    }
}
