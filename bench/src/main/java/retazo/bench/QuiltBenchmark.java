package retazo.bench;

import java.util.Collections;
import java.util.List;
import java.util.Map;
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
import org.openjdk.jmh.infra.Blackhole;
import retazo.core.block.Block;
import retazo.core.block.CellGrid;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Needs;
import retazo.core.measure.Length;
import retazo.core.quilt.BorderCorners;
import retazo.core.quilt.BorderDesign;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.QuiltPlanner;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.Setting;
import retazo.core.quilt.SizeKey;

/** A drafted pattern at three sizes: pieces, cloth plans and lengths, every figure with its arithmetic. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class QuiltBenchmark {

    private final ShopPractice practice = ShopPractice.customary();
    private final QuiltDesign design = design();

    @Benchmark
    public void patternAtThreeSizes(Blackhole results) {
        for (QuiltSize size : design.sizes()) {
            QuiltPlan plan = new QuiltPlanner(practice).plan(design, size);
            results.consume(new Needs(practice).byRole(design, plan));
        }
    }

    private static QuiltDesign design() {
        List<Role> roles = List.of(role("night", "A"), role("lantern", "B"), role("fog", "C"), role("quay", "D"), role("back", "E"));
        List<Length> lines = Collections.nCopies(4, Length.ofInches(3));
        List<List<String>> cells = List.of(
                List.of("C", "B", "B", "A"), List.of("C", "C/B", "B/A", "A"), List.of("B", "B/A", "A", "A/C"), List.of("A", "A", "A/C", "C"));
        Block block = new Block(lines, lines, CellGrid.read(cells, Map.of(
                "A", new RoleKey("night"), "B", new RoleKey("lantern"), "C", new RoleKey("fog"))).cells());
        return new QuiltDesign(
                roles, block, new Setting.Straight(), List.of(new BorderDesign(new RoleKey("quay"), BorderCorners.BUTTED)),
                new RoleKey("night"), new RoleKey("back"), List.of(size("crib", 3, 4, 3), size("throw", 4, 5, 4), size("twin", 5, 7, 4)));
    }

    private static Role role(String name, String letter) {
        return new Role(new RoleKey(name), letter, name);
    }

    private static QuiltSize size(String name, int columns, int rows, int border) {
        return new QuiltSize.Grid(new SizeKey(name), name, columns, rows, List.of(Length.ofInches(border)));
    }
}
