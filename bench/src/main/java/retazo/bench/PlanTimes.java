package retazo.bench;

import java.lang.management.ManagementFactory;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutRequest;

/** Processor time of one cutting plan, warm: median and 99th percentile over seeded cloths, each planned several times. */
final class PlanTimes {

    private static final int WARM_UP_ROUNDS = 3;
    private static final int ROUNDS = 5;
    private static final int CLOTHS = 40;
    private static final double NANOS_PER_MILLI = 1e6;

    private PlanTimes() {
    }

    static void print() {
        print("12 sizes, 2,000 pieces that may turn", PlanTimes::twelveSizes);
        print("12 to 14 sizes, 1,000 to 3,000 pieces", PlanTimes::larger);
    }

    private static void print(String what, IntFunction<CutRequest> cloth) {
        List<CutRequest> requests = IntStream.range(0, CLOTHS).mapToObj(cloth).toList();
        for (int round = 0; round < WARM_UP_ROUNDS; round++) {
            requests.forEach(PlanTimes::nanos);
        }
        long[] nanos = IntStream.range(0, ROUNDS).boxed().flatMap(round -> requests.stream()).mapToLong(PlanTimes::nanos).sorted()
                .toArray();
        System.out.printf("%s: median %.1f ms, p99 %.1f ms, mean %.1f ms%n", what, nanos[nanos.length / 2] / NANOS_PER_MILLI,
                nanos[nanos.length * 99 / 100] / NANOS_PER_MILLI, Arrays.stream(nanos).average().orElseThrow() / NANOS_PER_MILLI);
    }

    private static long nanos(CutRequest request) {
        long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        new CutPlanner().plan(request);
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before;
    }

    private static CutRequest twelveSizes(int seed) {
        return CuttingBenchmark.request(new Random(seed));
    }

    private static CutRequest larger(int seed) {
        Random random = new Random(seed);
        return PlanStatistics.cloth(random, 12 + random.nextInt(3), 1_000 + random.nextInt(2_000));
    }
}
