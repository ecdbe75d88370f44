package retazo.bench;

import java.util.ArrayList;
import java.util.List;
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
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/** Cutting plans of one fabric with 12 piece sizes and 2,000 pieces in eighths of an inch, all of which may turn: another each time. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CuttingBenchmark {

    private static final int REQUESTS = 40;
    private static final int SIZES = 12;
    private static final int PIECES = 2_000;

    private final List<CutRequest> requests = new ArrayList<>();
    private int next;

    public CuttingBenchmark() {
        for (int seed = 0; seed < REQUESTS; seed++) {
            requests.add(request(new Random(seed)));
        }
    }

    @Benchmark
    public CutPlan oneFabric() {
        next = (next + 1) % REQUESTS;
        return new CutPlanner().plan(requests.get(next));
    }

    static CutRequest request(Random random) {
        List<LaidPiece> pieces = new ArrayList<>();
        int left = PIECES;
        for (int i = 0; i < SIZES; i++) {
            int count = i == SIZES - 1 ? left : 90 + random.nextInt(90);
            left -= count;
            pieces.add(new LaidPiece(
                    "P" + i, Length.ofInches(12 + random.nextInt(90), 8), Length.ofInches(12 + random.nextInt(90), 8), count, true));
        }
        return CutRequest.of(Length.ofInches(42), pieces);
    }
}
