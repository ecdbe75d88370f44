package retazo.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
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
import retazo.core.bolt.RestRule;
import retazo.core.bolt.search.BoltPlanner;
import retazo.core.measure.Length;

/**
 * Forty bags of three kits on six fabrics of twenty bolts each, which do not suffice for all; and two hundred bags of five kits on twelve
 * fabrics of sixty bolts each, which nearly do.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class BoltBenchmark {

    private static final long SEED = 40;

    private final BoltRequest request = request();
    private final BoltRequest large = large();

    @Benchmark
    public BoltPlan mostBags() {
        return BoltPlanner.of(request).mostBags();
    }

    @Benchmark
    public BoltPlan inOrderAsked() {
        return BoltPlanner.of(request).inOrderAsked();
    }

    @Benchmark
    public BoltPlan mostOfTwoHundred() {
        return BoltPlanner.of(large).mostBags();
    }

    @Benchmark
    public BoltPlan twoHundredInOrder() {
        return BoltPlanner.of(large).inOrderAsked();
    }

    private static BoltRequest large() {
        Random random = new Random(SEED);
        List<Map<String, Length>> lengths = new ArrayList<>();
        for (int kit = 0; kit < 5; kit++) {
            lengths.add(new LinkedHashMap<>());
        }
        Map<String, List<BoltStock>> fabrics = new LinkedHashMap<>();
        for (int fabric = 0; fabric < 12; fabric++) {
            String code = "F" + fabric;
            int first = 3 + random.nextInt(10);
            int eighths = 0;
            for (int kit = 0; kit < 5; kit++) {
                lengths.get(kit).put(code, eighths(first + kit * (2 + random.nextInt(3))));
                eighths += 40 * (first + kit * 3);
            }
            List<BoltStock> bolts = new ArrayList<>();
            for (int bolt = 0; bolt < 60; bolt++) {
                bolts.add(new BoltStock(
                        code + "-" + bolt, eighths(eighths / 90 + random.nextInt(eighths / 80)), Length.ofInches(40), bolt % 3 == 0));
            }
            fabrics.put(code, bolts);
        }
        return new BoltRequest(
                fabrics, IntStream.range(0, 5).mapToObj(kit -> new BagGroup("kit" + kit, 40, lengths.get(kit))).toList(),
                new RestRule(Length.ofYards(1, 2), Length.ofInches(2)));
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
