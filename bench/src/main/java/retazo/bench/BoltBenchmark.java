package retazo.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.HeuristicBoltPlanner;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;

/** Forty bags of three kits on six fabrics of twenty bolts each, which do not suffice for all. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class BoltBenchmark {

    private static final long SEED = 40;

    private final BoltRequest request = request();
    private final HeuristicBoltPlanner planner = new HeuristicBoltPlanner();

    @Benchmark
    public BoltPlan mostBags() {
        return planner.mostBags(request);
    }

    @Benchmark
    public BoltPlan inOrderAsked() {
        return planner.inOrderAsked(request);
    }

    private static BoltRequest request() {
        Random random = new Random(SEED);
        Map<String, List<BoltStock>> fabrics = new LinkedHashMap<>();
        Map<String, Length> small = new LinkedHashMap<>();
        Map<String, Length> middle = new LinkedHashMap<>();
        Map<String, Length> large = new LinkedHashMap<>();
        for (int fabric = 0; fabric < 6; fabric++) {
            String code = "F" + fabric;
            List<BoltStock> bolts = new ArrayList<>();
            for (int bolt = 0; bolt < 20; bolt++) {
                bolts.add(new BoltStock(code + "-" + bolt, eighths(20 + random.nextInt(200)), Length.ofInches(40), bolt % 3 == 0));
            }
            fabrics.put(code, bolts);
            small.put(code, eighths(6 + random.nextInt(10)));
            middle.put(code, eighths(14 + random.nextInt(20)));
            large.put(code, eighths(30 + random.nextInt(40)));
        }
        return new BoltRequest(
                fabrics,
                List.of(new BagGroup("large", 16, large), new BagGroup("middle", 12, middle), new BagGroup("small", 12, small)),
                new RestRule(Length.ofYards(1, 2), Length.ofInches(2)));
    }

    private static Length eighths(int eighthsOfAYard) {
        return Length.ofYards(eighthsOfAYard, 8);
    }
}
