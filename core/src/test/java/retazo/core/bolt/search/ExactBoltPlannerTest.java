package retazo.core.bolt.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanCheck;
import retazo.core.bolt.BoltPlanScore;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** The best plan against trying every bolt for every length of every bag. */
class ExactBoltPlannerTest {

    private static final RestRule RESTS = new RestRule(Length.ofInches(18), Length.ofInches(2));

    @Property(tries = 200)
    void no_plan_is_better_than_the_one_found(@ForAll Random random) {
        Map<String, List<BoltStock>> fabrics = new HashMap<>();
        for (int fabric = 0; fabric < 1 + random.nextInt(2); fabric++) {
            List<BoltStock> bolts = new ArrayList<>();
            for (int bolt = 0; bolt < 1 + random.nextInt(3); bolt++) {
                bolts.add(new BoltStock("f" + fabric + "b" + bolt, Length.ofInches(random.nextInt(90)), Length.ofInches(40), false,
                        Length.ofInches(random.nextInt(3) * 3)));
            }
            fabrics.put("F" + fabric, bolts);
        }
        List<BagGroup> groups = new ArrayList<>();
        for (int group = 0; group < 1 + random.nextInt(3); group++) {
            Map<String, Length> lengths = new HashMap<>();
            fabrics.keySet().stream().sorted().filter(code -> random.nextInt(4) > 0)
                    .forEach(code -> lengths.put(code, Length.ofInches(12 + random.nextInt(30))));
            Map<String, Count> picked = random.nextInt(3) == 0 ? Map.of("pack", new Count(1 + random.nextInt(2))) : Map.of();
            groups.add(new BagGroup("g" + group, random.nextInt(3), lengths, picked, random.nextInt(2)));
        }
        BoltRequest request = new BoltRequest(fabrics, groups, RESTS, Map.of("pack", new Count(random.nextInt(4))));

        ExactBoltPlanner planner = ExactBoltPlanner.of(request).orElseThrow();
        BoltPlan most = planner.mostBags();
        BoltPlan inOrder = planner.inOrderAsked();
        BoltPlan byPriority = planner.byPriority();

        assertThat(BoltPlanCheck.faults(request, most)).isEmpty();
        assertThat(BoltPlanCheck.faults(request, byPriority)).isEmpty();
        assertThat(BoltPlanCheck.faults(request, inOrder)).isEmpty();
        List<Built> all = all(request);
        assertThat(most.score()).isEqualTo(all.stream().map(Built::score).min(BoltPlanScore::compareTo).orElseThrow());
        List<Integer> first = all.stream().map(Built::counts).max(ExactBoltPlannerTest::inOrder).orElseThrow();
        assertThat(inOrder.built()).isEqualTo(first);
        assertThat(inOrder.score()).isEqualTo(
                all.stream().filter(built -> built.counts().equals(first)).map(Built::score).min(BoltPlanScore::compareTo).orElseThrow());
        List<Integer> byTurn = all.stream().map(built -> byTurn(request, built.counts())).max(ExactBoltPlannerTest::inOrder).orElseThrow();
        assertThat(byTurn(request, byPriority.built())).isEqualTo(byTurn);
        assertThat(byPriority.score()).isEqualTo(all.stream().filter(built -> byTurn(request, built.counts()).equals(byTurn))
                .map(Built::score).min(BoltPlanScore::compareTo).orElseThrow());
    }

    /** How many bags of the first turn, and of the second. */
    private static List<Integer> byTurn(BoltRequest request, List<Integer> counts) {
        return IntStream.range(0, 2).map(turn -> IntStream.range(0, counts.size())
                .filter(group -> request.groups().get(group).turn() == turn).map(counts::get).sum()).boxed().toList();
    }

    /** Sixty bags of six sizes are more than it takes on. */
    @Test
    void what_would_be_too_much_is_left_to_others() {
        List<BagGroup> groups = new ArrayList<>();
        for (int group = 0; group < 6; group++) {
            groups.add(new BagGroup("g" + group, 10, Map.of("F", Length.ofInches(20 + group))));
        }
        BoltRequest request = new BoltRequest(
                Map.of("F", List.of(new BoltStock("b", Length.ofInches(3000), Length.ofInches(40), false))), groups, RESTS);

        assertThat(ExactBoltPlanner.of(request)).isEqualTo(Optional.empty());
    }

    /** Numbers of bags that can be laid, with the best score of a way to lay them. */
    private record Built(List<Integer> counts, BoltPlanScore score) {
    }

    private static int inOrder(List<Integer> one, List<Integer> other) {
        for (int i = 0; i < one.size(); i++) {
            if (!one.get(i).equals(other.get(i))) {
                return Integer.compare(one.get(i), other.get(i));
            }
        }
        return 0;
    }

    private static List<Built> all(BoltRequest request) {
        List<Built> all = new ArrayList<>();
        counts(request, 0, new ArrayList<>(), all);
        return all;
    }

    private static void counts(BoltRequest request, int group, List<Integer> counts, List<Built> all) {
        if (group == request.groups().size()) {
            long packs = IntStream.range(0, group)
                    .mapToLong(i -> counts.get(i) * request.groups().get(i).picked().getOrDefault("pack", new Count(0)).value()).sum();
            if (packs > request.goods().get("pack").value()) {
                return;
            }
            score(request, counts).ifPresent(score -> all.add(new Built(List.copyOf(counts), score)));
            return;
        }
        for (int count = 0; count <= request.groups().get(group).quantity(); count++) {
            counts.add(count);
            counts(request, group + 1, counts, all);
            counts.remove(counts.size() - 1);
        }
    }

    private static Optional<BoltPlanScore> score(BoltRequest request, List<Integer> counts) {
        int bags = counts.stream().mapToInt(Integer::intValue).sum();
        BoltPlanScore sum = new BoltPlanScore(bags, 0, Length.ZERO, 0);
        for (String code : request.neededFabrics()) {
            List<Length> lengths = new ArrayList<>();
            for (int group = 0; group < counts.size(); group++) {
                Length length = request.groups().get(group).lengths().get(code);
                for (int bag = 0; length != null && bag < counts.get(group); bag++) {
                    lengths.add(length);
                }
            }
            List<BoltPlanScore> found = new ArrayList<>();
            lay(request.bolts(code), lengths, 0, new Length[request.bolts(code).size()], found);
            Optional<BoltPlanScore> best = found.stream().min(BoltPlanScore::compareTo);
            if (best.isEmpty()) {
                return Optional.empty();
            }
            sum = new BoltPlanScore(bags, sum.orphans() + best.get().orphans(), sum.orphanLength().plus(best.get().orphanLength()),
                    sum.boltsOpened() + best.get().boltsOpened());
        }
        return Optional.of(sum);
    }

    private static void lay(List<BoltStock> bolts, List<Length> lengths, int next, Length[] used, List<BoltPlanScore> found) {
        if (next == lengths.size()) {
            found.add(rests(bolts, used));
            return;
        }
        for (int bolt = 0; bolt < used.length; bolt++) {
            Length before = used[bolt];
            Length now = (before == null ? Length.ZERO : before).plus(lengths.get(next));
            if (!now.plus(bolts.get(bolt).tolerance()).isLongerThan(bolts.get(bolt).free())) {
                used[bolt] = now;
                lay(bolts, lengths, next + 1, used, found);
                used[bolt] = before;
            }
        }
    }

    private static BoltPlanScore rests(List<BoltStock> bolts, Length[] used) {
        int orphans = 0;
        int opened = 0;
        Length orphaned = Length.ZERO;
        for (int bolt = 0; bolt < used.length; bolt++) {
            if (used[bolt] != null) {
                Length rest = bolts.get(bolt).free().minus(used[bolt]);
                opened++;
                boolean orphan = rest.isLongerThan(RESTS.nothing()) && rest.isShorterThan(RESTS.shortestRemnant());
                orphans += orphan ? 1 : 0;
                orphaned = orphan ? orphaned.plus(rest) : orphaned;
            }
        }
        return new BoltPlanScore(0, orphans, orphaned, opened);
    }
}
