package retazo.app.cloth;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.kit.Instructions;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/**
 * One size of a pattern worked out by the core, with all its figures to be found by their keys. A size that is only printed
 * has no needs before its roles have fabrics: its table is shown as it is.
 *
 * @param anyWay what roles would be sold as whose print is planned to stay upright, if it lay any way
 */
public record SizeWork(QuiltPlan plan, Needs.Result needs, Map<RoleKey, Length> anyWay) {

    /** How a shop plans: by its practice, by whose instructions, some roles from other sources, and who plans. */
    public record Planned(ShopPractice practice, Instructions instructions, Map<RoleKey, RoleSource> sources, Planners planners) {
    }

    public static SizeWork of(QuiltDesign design, QuiltSize size, Planned planned) {
        QuiltPlan drawn = new QuiltPlanner(planned.practice()).plan(design, size);
        QuiltPlan plan = drawn.upright(role -> design.role(role).plannedPrint());
        Needs needs = new Needs(planned.practice(), planned.instructions(), planned.planners());
        return plan.way() == Way.SIZE_TABLE
                ? new SizeWork(plan, new Needs.Result(Map.of(), List.of()), Map.of())
                : new SizeWork(plan, needs.byRole(design, plan, planned.sources()), needs.soldAnyWay(design, drawn));
    }

    /** What a cutter should know of the pieces, and of how they lie on the cloth. */
    public List<Problem> warnings() {
        Stream<Problem> ofCloth = needs.byFabric().values().stream()
                .flatMap(need -> need.cloth().stream())
                .flatMap(cloth -> cloth.plan().warnings().stream());
        return Stream.concat(plan.warnings().stream(), ofCloth).toList();
    }

    public Optional<Figure<?>> figure(String key) {
        return Optional.ofNullable(figures().get(key));
    }

    /** Every figure of the size by its key. */
    public Map<String, Figure<?>> figures() {
        Map<String, Figure<?>> figures = new LinkedHashMap<>();
        roots().forEach(root -> collect(root, figures));
        return figures;
    }

    private Stream<Figure<?>> roots() {
        Stream<Figure<?>> ofQuilt = Stream.of(
                plan.layout().stream().flatMap(layout -> Stream.of(layout.blocks(), layout.width().quoted(), layout.height().quoted())),
                plan.finished().stream().flatMap(finished -> Stream.of(finished.width(), finished.height())))
                .flatMap(figures -> figures);
        Stream<Figure<?>> ofPieces = plan.pieces().stream()
                .flatMap(piece -> Stream.concat(Stream.of(piece.count()), piece.shape().measured().stream()));
        Stream<Figure<?>> ofCloth = needs.byFabric().values().stream()
                .flatMap(need -> Stream.of(need.sold(), need.exact(), need.picked()).flatMap(Optional::stream));
        return Stream.of(ofQuilt, ofPieces, ofCloth).flatMap(figures -> figures);
    }

    private static void collect(Figure<?> figure, Map<String, Figure<?>> figures) {
        if (figures.putIfAbsent(figure.key(), figure) == null) {
            List<Figure<?>> operands = figure.operands();
            operands.forEach(operand -> collect(operand, figures));
        }
    }
}
