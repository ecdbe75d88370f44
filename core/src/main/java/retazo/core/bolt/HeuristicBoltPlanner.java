package retazo.core.bolt;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import retazo.core.measure.Length;

/**
 * Chooses how many bags of each group, then lays each fabric by itself with {@link FabricPacker}. An honest heuristic:
 * what it builds can be cut, but a limit of steps may keep it from finding the very best.
 *
 * <p>Most bags: as many as can be laid of the group with the least cloth, then of the next, is a plan to start from. Then
 * totals from a bound downwards to that plan's; at each total a limited number of ways to make it up, those with the least
 * cloth first; the first total that can be laid wins, with the best score among its ways. That plan itself is the first way of its own
 * total that can be laid, so that nothing found is worse. In the order asked: the largest
 * number of the first group that can be laid, then of the next beside it. The work is limited by steps, not by time.
 */
public final class HeuristicBoltPlanner implements BoltPlanner {

    private static final int MOST_WAYS_PER_TOTAL = 400;
    private static final int MOST_GOOD_WAYS = 24;
    private static final int MOST_STEPS_PER_TOTAL = 20_000;

    @Override
    public BoltPlan mostBags(BoltRequest request) {
        return ExactBoltPlanner.of(request).map(ExactBoltPlanner::mostBags).orElseGet(() -> triedMostBags(request));
    }

    private static BoltPlan triedMostBags(BoltRequest request) {
        Attempt attempt = new Attempt(request);
        int[] most = IntStream.range(0, request.groups().size())
                .map(group -> ExactBoltPlanner.mostAlone(request, request.groups().get(group))).toArray();
        BoltPlan start = attempt.inOrder(attempt.thriftyFirst());
        for (int total = Math.min(IntStream.of(most).sum(), attempt.bound(most)); total >= Math.max(1, start.bagsBuilt()); total--) {
            Optional<BoltPlan> best = attempt.ways(total, most).stream()
                    .map(attempt::plan)
                    .flatMap(Optional::stream)
                    .limit(MOST_GOOD_WAYS)
                    .min(Comparator.comparing(BoltPlan::score));
            if (best.isPresent()) {
                return best.get();
            }
        }
        return start;
    }

    @Override
    public BoltPlan inOrderAsked(BoltRequest request) {
        return ExactBoltPlanner.of(request).map(ExactBoltPlanner::inOrderAsked).orElseGet(() -> triedInOrder(request));
    }

    private static BoltPlan triedInOrder(BoltRequest request) {
        return new Attempt(request).inOrder(IntStream.range(0, request.groups().size()).boxed().toList());
    }

    /** One request with what was found out about it so far. */
    private static final class Attempt {

        private final BoltRequest request;
        private final PlanAssembly assembly;
        private final List<String> fabrics;
        private final Map<String, FabricPacker> packers = new HashMap<>();
        private final Map<String, Optional<FabricPacker.Packing>> known = new HashMap<>();
        private final Map<String, Length> free = new HashMap<>();
        private int steps;

        Attempt(BoltRequest request) {
            this.request = request;
            this.assembly = new PlanAssembly(request);
            this.fabrics = List.copyOf(request.neededFabrics());
            fabrics.forEach(code -> {
                packers.put(code, new FabricPacker(request.bolts(code), request.rests()));
                free.put(code, request.bolts(code).stream().map(BoltStock::free).reduce(Length.ZERO, Length::plus));
            });
        }

        /** No plan has more bags: per fabric the shortest lengths first, until its cloth is used up. */
        int bound(int[] most) {
            return fabrics.stream().mapToInt(code -> bound(code, most)).min().orElse(IntStream.of(most).sum());
        }

        private int bound(String code, int[] most) {
            Length left = requireNonNull(free.get(code));
            int bags = 0;
            for (int group : groupsByLength(code)) {
                Length length = request.groups().get(group).lengths().getOrDefault(code, Length.ZERO);
                int fit = length.isZero() ? most[group] : (int) Math.min(most[group], left.wholeTimes(length).value());
                left = left.minus(length.times(fit));
                bags += fit;
            }
            return bags;
        }

        private List<Integer> groupsByLength(String code) {
            return IntStream.range(0, request.groups().size()).boxed()
                    .sorted(Comparator.comparing(
                            group -> request.groups().get(group).lengths().getOrDefault(code, Length.ZERO)))
                    .toList();
        }

        /** As many as possible of each group in this order; all of them at once where that can be laid. */
        BoltPlan inOrder(List<Integer> order) {
            int[] all = request.groups().stream().mapToInt(BagGroup::quantity).toArray();
            Optional<BoltPlan> whole = fitsBySum(all) ? plan(all) : Optional.empty();
            if (whole.isPresent()) {
                return whole.get();
            }
            int[] counts = new int[all.length];
            for (int group : order) {
                counts[group] = mostBeside(counts, group, all[group]);
            }
            return plan(counts).orElseThrow();
        }

        /** By halving: the largest number of a group that can be laid beside what the counts hold already. */
        private int mostBeside(int[] counts, int group, int most) {
            int[] tried = counts.clone();
            int enough = 0;
            int tooMany = most + 1;
            while (tooMany - enough > 1) {
                int middle = (enough + tooMany) / 2;
                tried[group] = middle;
                if (fitsBySum(tried) && plan(tried).isPresent()) {
                    enough = middle;
                } else {
                    tooMany = middle;
                }
            }
            return enough;
        }

        /** The groups with the least cloth in a bag first. */
        List<Integer> thriftyFirst() {
            return IntStream.range(0, request.groups().size()).boxed().sorted(Comparator.comparing(this::allCloth)).toList();
        }

        /** Ways to make up a total that no fabric forbids by its sum, those with the least cloth first. */
        List<int[]> ways(int total, int[] most) {
            List<int[]> ways = new ArrayList<>();
            steps = 0;
            collect(total, most, thriftyFirst(), 0, new int[most.length], ways);
            return ways;
        }

        private Length allCloth(int group) {
            return request.groups().get(group).lengths().values().stream().reduce(Length.ZERO, Length::plus);
        }

        private void collect(int left, int[] most, List<Integer> order, int next, int[] counts, List<int[]> ways) {
            steps++;
            if (ways.size() >= MOST_WAYS_PER_TOTAL || steps > MOST_STEPS_PER_TOTAL || !fitsBySum(counts)) {
                return;
            }
            if (next == order.size()) {
                if (left == 0) {
                    ways.add(counts.clone());
                }
                return;
            }
            int group = order.get(next);
            int others = order.subList(next + 1, order.size()).stream().mapToInt(other -> most[other]).sum();
            for (int count = Math.min(left, most[group]); count >= Math.max(0, left - others); count--) {
                counts[group] = count;
                collect(left - count, most, order, next + 1, counts, ways);
            }
            counts[group] = 0;
        }

        /** Whether no fabric is asked for more than all its bolts have together. */
        private boolean fitsBySum(int[] counts) {
            for (String code : fabrics) {
                Length left = requireNonNull(free.get(code));
                for (int group = 0; group < counts.length; group++) {
                    Length length = request.groups().get(group).lengths().get(code);
                    left = length == null ? left : left.minus(length.times(counts[group]));
                }
                if (left.isNegative()) {
                    return false;
                }
            }
            return true;
        }

        Optional<BoltPlan> plan(int[] counts) {
            Map<String, List<Integer>> boltOf = new HashMap<>();
            for (String code : fabrics) {
                List<Length> lengths = assembly.lengths(code, counts);
                Optional<FabricPacker.Packing> packing = known.computeIfAbsent(code + lengths,
                        key -> requireNonNull(packers.get(code)).pack(lengths));
                if (packing.isEmpty()) {
                    return Optional.empty();
                }
                boltOf.put(code, packing.get().boltOf());
            }
            return Optional.of(assembly.plan(counts, boltOf));
        }
    }
}
