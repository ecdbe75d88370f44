package retazo.bench;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import retazo.core.block.BlockKey;
import retazo.core.block.CellGrid;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.AtHand;
import retazo.core.kit.ClothAtHand;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Needs;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Sashing;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** A drafted pattern at several sizes: pieces, cloth planned together and lengths, every figure with its arithmetic. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class QuiltBenchmark {

    private final ShopPractice practice = ShopPractice.customary();
    private final QuiltDesign design = design();
    private final QuiltDesign onPoint = onPoint();

    @Benchmark
    public void patternAtThreeSizes(Blackhole results) {
        for (QuiltSize size : design.sizes()) {
            QuiltPlan plan = new QuiltPlanner(practice).plan(design, size);
            results.consume(new Needs(practice, Instructions.OURS).byRole(design, plan));
        }
    }

    /** From the typed cells to the drawn quilt and its pieces, as one redraw of the page asks for them. */
    @Benchmark
    public void redrawOfTwelveByTwelve(Blackhole results) {
        QuiltDesign redrawn = large();
        QuiltSize size = redrawn.sizes().get(0);
        results.consume(new QuiltPlanner(practice).plan(redrawn, size));
        results.consume(size.match(
                grid -> QuiltDrawing.of(redrawn.drawing().orElseThrow(), grid, Length.ofInches(1, 4)), printed -> null));
    }

    /** All figures of a pattern on point at six sizes: layout, places, pieces, borders, lengths of every role. */
    @Benchmark
    public void sixSizesOnPoint(Blackhole results) {
        for (QuiltSize size : onPoint.sizes()) {
            QuiltPlan plan = new QuiltPlanner(practice).plan(onPoint, size);
            results.consume(new Needs(practice, Instructions.OURS).byRole(onPoint, plan));
        }
    }

    /** The largest sizes from two lengths of cloth. */
    @Benchmark
    public void fromTheCloth(Blackhole results) {
        results.consume(new ClothAtHand(Map.of(new RoleKey("night"), cloth("night", 3), new RoleKey("lantern"), cloth("lantern", 2)))
                .largest(onPoint, onPoint.grids().get(2), practice));
    }

    private AtHand cloth(String role, int yards) {
        return new AtHand.Cloth(
                new KitFabric(role, practice.figure(PracticeMeasure.USABLE_WIDTH), PrintKind.ALL_OVER), Length.ofYards(yards, 1));
    }

    private static QuiltDesign onPoint() {
        QuiltDesign plain = design();
        Drawing drawing = plain.drawing().orElseThrow();
        Setting setting = new Setting.OnPoint(
                new Edges.Triangles(new RoleKey("fog"), new RoleKey("fog")),
                Optional.of(new Sashing(new RoleKey("quay"), Length.ofInches(2), true, Optional.empty())));
        return QuiltDesign.drawn(
                plain.roles(),
                List.of(size("cradle", 2, 3, 3), size("crib", 3, 4, 3), size("throw", 4, 5, 4), size("twin", 4, 6, 4),
                        size("full", 5, 6, 4),
                        size("queen", 6, 6, 5)),
                drawing.with(new Composition(CycleRule.quarterTurns(drawing.blocks().get(0).key()), setting, drawing.finishing())));
    }

    private static QuiltDesign design() {
        List<Role> roles = List.of(role("night", "A"), role("lantern", "B"), role("fog", "C"), role("quay", "D"), role("back", "E"));
        List<Length> lines = Collections.nCopies(4, Length.ofInches(3));
        List<List<String>> cells = List.of(
                List.of("C", "B", "B", "A"), List.of("C", "C/B", "B/A", "A"), List.of("B", "B/A", "A", "A/C"),
                List.of("A", "A", "A/C", "C"));
        return drawn(roles, lines, cells, List.of(size("crib", 3, 4, 3), size("throw", 4, 5, 4), size("twin", 5, 7, 4)));
    }

    /** A block of sixteen units of many kinds, 12 × 12 of them: what is worked out anew after one change of a drawing. */
    private static QuiltDesign large() {
        List<Role> roles = List.of(role("night", "A"), role("lantern", "B"), role("fog", "C"), role("quay", "D"), role("back", "E"));
        List<List<String>> cells = List.of(
                List.of("hourglass A, B", "A/B", "square-in-square A, C", "three-patch A, B, C"),
                List.of("half-square:four-at-a-time A, C", "clipped A, B top-left:1", "four-patch A, B, B, A", "ring A, B, C"),
                List.of("strip-set A 1, B 2", "wedge A, B", "half-rectangle A, C", "slashed A 1, B"),
                List.of("nine-patch A, B, A, B, C, B, A, B, A", "A\\B", "half-square:triangles B, C", "C"));
        return drawn(roles, Collections.nCopies(4, Length.ofInches(3)), cells, List.of(size("large", 12, 12, 4)));
    }

    private static QuiltDesign drawn(List<Role> roles, List<Length> lines, List<List<String>> cells, List<QuiltSize> sizes) {
        CellGrid.Names names = new CellGrid.Names(
                Map.of("A", new RoleKey("night"), "B", new RoleKey("lantern"), "C", new RoleKey("fog")), Map.of());
        BlockKey key = new BlockKey("block");
        return QuiltDesign.drawn(roles, sizes, Drawing.of(
                List.of(new BlockKind(key, "block", Block.of(lines, lines, CellGrid.read(cells, names).cells()))),
                Composition.straight(PlaceRule.uniform(key), Finishing.of(
                        List.of(BorderDesign.butted(new RoleKey("quay"))), Optional.of(new RoleKey("night")),
                        Optional.of(new RoleKey("back"))))));
    }

    private static Role role(String name, String letter) {
        return Role.of(new RoleKey(name), letter, name);
    }

    private static QuiltSize size(String name, int columns, int rows, int border) {
        return QuiltSize.Grid.of(new SizeKey(name), name, columns, rows, List.of(Length.ofInches(border)));
    }
}
