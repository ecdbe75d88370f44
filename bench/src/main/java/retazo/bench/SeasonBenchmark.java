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
import retazo.core.bolt.BoltStock;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.season.Season;
import retazo.core.season.SeasonKit;
import retazo.core.season.SeasonPlan;

/** Two hundred kits of five fabrics each, out of a hundred and fifty fabrics of one to four bolts. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SeasonBenchmark {

    private static final int KITS = 200;
    private static final int FABRICS = 150;
    private static final int ROLES = 5;

    private final Season season = season();

    private static Season season() {
        Random chance = new Random(18);
        Map<String, List<BoltStock>> cloths = new LinkedHashMap<>();
        for (int fabric = 0; fabric < FABRICS; fabric++) {
            List<BoltStock> bolts = new ArrayList<>();
            int count = 1 + chance.nextInt(4);
            for (int bolt = 0; bolt < count; bolt++) {
                bolts.add(new BoltStock(fabric + "-" + bolt, Length.ofInches(72 + chance.nextInt(468)), Length.ofInches(40), false));
            }
            cloths.put("F" + fabric, bolts);
        }
        List<SeasonKit> kits = new ArrayList<>();
        for (int kit = 0; kit < KITS; kit++) {
            Map<String, Length> lengths = new LinkedHashMap<>();
            for (int role = 0; role < ROLES; role++) {
                lengths.put("F" + chance.nextInt(FABRICS), Length.ofInches(9 + chance.nextInt(90)));
            }
            kits.add(new SeasonKit("K" + kit, 4_000 + chance.nextInt(16_000), new Count(0), new Count(40), lengths, Map.of()));
        }
        return new Season(kits, cloths, Map.of());
    }

    @Benchmark
    public SeasonPlan mostWorth() {
        return SeasonPlan.best(season, SeasonPlan.Aim.WORTH);
    }

    @Benchmark
    public SeasonPlan mostEven() {
        return SeasonPlan.best(season, SeasonPlan.Aim.EVEN);
    }

    /** Tells how near the bound what was found is. */
    public static void main(String[] arguments) {
        SeasonPlan plan = new SeasonBenchmark().mostWorth();
        System.out.println("worth " + plan.worth() + " of at most " + plan.bound());
    }
}
