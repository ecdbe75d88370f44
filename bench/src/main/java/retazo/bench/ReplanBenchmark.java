package retazo.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.AuxCounters;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.promise.Allotment;
import retazo.core.bolt.promise.AllotmentRequest;
import retazo.core.bolt.promise.Allotter;
import retazo.core.bolt.promise.ClothNeed;
import retazo.core.bolt.promise.HeldCut;
import retazo.core.bolt.promise.Precedence;
import retazo.core.bolt.promise.Priority;
import retazo.core.measure.Length;

/**
 * Ten runs of twenty bags cut one length each of six fabrics from bolts that they share, and one bolt is lost. Each bolt has a little left,
 * and of each fabric lies one more bolt that nobody has.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class ReplanBenchmark {

    private static final long SEED = 11;
    private static final int CUTS_OF_A_BOLT = 8;

    private final AllotmentRequest request = request();

    /** What became of the cuts, each time alike. */
    @State(Scope.Thread)
    @AuxCounters(AuxCounters.Type.EVENTS)
    public static class Cuts {

        public long letGo;
        public long placed;
        public long waiting;
    }

    @Benchmark
    public Allotment oneLostBolt(Cuts cuts) {
        Allotment allotment = Allotter.of(request);
        cuts.letGo = allotment.letGo().size();
        cuts.placed = allotment.placed().size();
        cuts.waiting = allotment.waiting().size();
        return allotment;
    }

    private static AllotmentRequest request() {
        Random random = new Random(SEED);
        Map<String, List<BoltStock>> bolts = new TreeMap<>();
        List<HeldCut> held = new ArrayList<>();
        for (int fabric = 0; fabric < 6; fabric++) {
            String code = "F" + fabric;
            List<BoltStock> ofFabric = new ArrayList<>();
            Length used = Length.ZERO;
            for (int bag = 0; bag < 200; bag++) {
                String bolt = code + "-" + bag / CUTS_OF_A_BOLT;
                Length length = Length.ofYards(4 + random.nextInt(9), 8);
                held.add(cut(code, bag, bolt, length));
                used = used.plus(length);
                if (bag % CUTS_OF_A_BOLT == CUTS_OF_A_BOLT - 1) {
                    ofFabric.add(bolt(bolt, used.plus(Length.ofYards(random.nextInt(9), 8))));
                    used = Length.ZERO;
                }
            }
            ofFabric.add(bolt(code + "-spare", Length.ofYards(4, 1)));
            bolts.put(code, ofFabric);
        }
        bolts.computeIfPresent("F0", (code, all) -> all.stream()
                .map(bolt -> bolt.id().equals("F0-3") ? bolt.withFree(Length.ZERO) : bolt).toList());
        return new AllotmentRequest(bolts, held, List.of(), new RestRule(Length.ofYards(1, 2), Length.ofInches(2)));
    }

    private static BoltStock bolt(String id, Length free) {
        return new BoltStock(id, free, Length.ofInches(40), true);
    }

    private static HeldCut cut(String code, int bag, String bolt, Length length) {
        int run = bag / 20;
        Precedence precedence = new Precedence(false, Priority.USUAL, Optional.empty(), Instant.ofEpochSecond(run), run);
        return new HeldCut(
                code + "/" + bag, bolt, length,
                List.of(new ClothNeed("n" + code + bag, "bag" + bag, code, length, Length.ofInches(40), precedence, true)));
    }
}
