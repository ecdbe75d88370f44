package retazo.core.bolt.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;

/**
 * Plans runs that are too large to be looked through: begins with the numbers of bags of the {@link BagBound} and goes down from it, until
 * numbers are found that can be laid on the bolts of every fabric ({@link FabricFill}). Of one total those numbers are tried first that
 * the bound's prices allow and that are nearest to its own.
 */
final class BoundedBoltPlanner implements BoltPlanner {

    private static final long MOST_EXACT_WORK = 6_000_000;
    private static final int OF_AN_EARLIER_TURN = 1_000;

    private final BoltRequest request;
    private final Effort effort;
    private final List<FabricUnits> fabrics;
    private final List<FabricUnits> toBound;
    private final GoodUnits goods;
    private final int[] most;
    private final BagBound bound;
    private final Map<String, Optional<FabricFill>> known = new HashMap<>();

    BoundedBoltPlanner(BoltRequest request, Effort effort) {
        this.request = request;
        this.effort = effort;
        this.fabrics = request.neededFabrics().stream().map(code -> FabricUnits.toPlan(request, code)).toList();
        this.most = request.groups().stream().mapToInt(group -> ExactBoltPlanner.mostAlone(request, group)).toArray();
        this.toBound = request.neededFabrics().stream().map(code -> FabricUnits.toBound(request, code)).toList();
        this.goods = GoodUnits.of(request);
        this.bound = new BagBound(toBound, goods, most, IntStream.of(most).map(number -> 1).toArray());
    }

    @Override
    public int bound() {
        return bound.most();
    }

    /** The plan with the most bags that was found; never fewer than the order asked gives. */
    @Override
    public BoltPlan mostBags() {
        return plan(better(inOrder(), all()));
    }

    /** The plan with more bags than a number that was found while {@link Effort#goesOn}. */
    Optional<BoltPlan> moreThan(int bags) {
        return found(all(), bags).map(this::plan);
    }

    private Aim all() {
        return new Aim(bound, new int[most.length], most, bound.most());
    }

    /** As many as can be laid of the first group, then of the next beside it, and so on. */
    @Override
    public BoltPlan inOrderAsked() {
        return plan(inOrder());
    }

    /** Turn by turn: the bags of earlier turns stay as many, and as many of this one are found beside them as for the most bags. */
    @Override
    public BoltPlan byPriority() {
        int[] counts = new int[most.length];
        for (int[] turn : BoltPlanner.turns(request)) {
            int[] before = counts.clone();
            int[] asked = counts.clone();
            int[] worth = new int[most.length];
            Arrays.fill(worth, OF_AN_EARLIER_TURN);
            for (int group : turn) {
                asked[group] = most[group];
                worth[group] = 1;
            }
            BagBound ofTurn = new BagBound(toBound, goods, asked, worth);
            int earlier = IntStream.of(before).sum();
            counts = better(inOrder(before, turn), new Aim(ofTurn, before, asked, ofTurn.most() - earlier * OF_AN_EARLIER_TURN + earlier));
        }
        return plan(counts);
    }

    /**
     * What numbers are looked for.
     *
     * @param bound   of them
     * @param atLeast how many bags of each group there have to be
     * @param atMost  how many there may be
     * @param most    how many in all there can be
     */
    private record Aim(BagBound bound, int[] atLeast, int[] atMost, int most) {

        double[] near() {
            double[] near = bound.numbers();
            for (int group = 0; group < near.length; group++) {
                near[group] = Math.max(atLeast[group], near[group]);
            }
            return near;
        }
    }

    /** Numbers with more bags, if some are found, else the same. */
    private int[] better(int[] than, Aim aim) {
        return found(aim, IntStream.of(than).sum()).orElse(than);
    }

    private Optional<int[]> found(Aim aim, int moreThan) {
        for (int total = aim.most(); total > moreThan; total--) {
            List<int[]> numbers = numbers(aim, total);
            for (int steps : new int[] {effort.fewSteps(), effort.manySteps()}) {
                for (int[] counts : numbers) {
                    if (!effort.goesOn().getAsBoolean()) {
                        return Optional.empty();
                    }
                    if (IntStream.of(counts).sum() > moreThan && canBeLaid(counts, steps)) {
                        return Optional.of(counts);
                    }
                }
            }
        }
        return Optional.empty();
    }

    private int[] inOrder() {
        return inOrder(new int[most.length], IntStream.range(0, most.length).toArray());
    }

    /** Some groups one after the other, beside what there is. */
    private int[] inOrder(int[] before, int[] groups) {
        int[] counts = before.clone();
        for (int group : groups) {
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
            if (canBeLaid(tried, effort.fewSteps())) {
                enough = tried[group];
            } else {
                tooMany = tried[group];
            }
        }
        return enough;
    }

    /** Numbers of bags of each group that make up a total, those tried first that are nearest to the bound's. */
    private List<int[]> numbers(Aim aim, int total) {
        double[] near = aim.near();
        List<int[]> found = new ArrayList<>();
        collect(aim, total, near, 0, new int[most.length], found);
        if (found.isEmpty()) {
            found.add(lessOfTheLargest(aim, total, near));
        }
        return found.stream().sorted(Comparator.comparing(aim.bound()::overpriced).thenComparing(counts -> distance(counts, near)))
                .limit(effort.numbers()).toList();
    }

    private void collect(Aim aim, int left, double[] near, int group, int[] counts, List<int[]> found) {
        if (group == most.length) {
            if (left == 0) {
                found.add(counts.clone());
            }
            return;
        }
        int from = Math.max(aim.atLeast()[group], (int) Math.floor(near[group]) - effort.around());
        int to = Math.min(aim.atMost()[group], (int) Math.ceil(near[group]) + effort.around());
        for (int count = from; count <= Math.min(to, left); count++) {
            counts[group] = count;
            collect(aim, left - count, near, group + 1, counts, found);
        }
        counts[group] = 0;
    }

    /** Far below the bound: one bag less after the other, each of the group that takes the most cloth. */
    private int[] lessOfTheLargest(Aim aim, int total, double[] near) {
        int[] counts = Arrays.stream(near).mapToInt(number -> (int) number).toArray();
        int sum = Arrays.stream(counts).sum();
        while (sum > total) {
            int largest = -1;
            for (int group = 0; group < most.length; group++) {
                boolean mayHaveLess = counts[group] > aim.atLeast()[group];
                if (mayHaveLess && (largest < 0 || cloth(group) > cloth(largest))) {
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

    private static double distance(int[] counts, double[] near) {
        double distance = 0;
        for (int group = 0; group < counts.length; group++) {
            distance += Math.abs(counts[group] - near[group]);
        }
        return distance;
    }

    private boolean canBeLaid(int[] counts, int steps) {
        if (!goods.sufficeFor(counts)) {
            return false;
        }
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
            Optional<FabricFill> fill = FabricFill.lay(fabric, taken, steps, effort.goesOn());
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
        FabricFill fill = laid(fabric, counts, effort.manySteps()).orElseThrow();
        fill.polish(effort.polishWork(), cost, effort.goesOn());
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
