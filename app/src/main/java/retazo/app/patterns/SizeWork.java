package retazo.app.patterns;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.QuiltPlanner;
import retazo.core.quilt.QuiltSize;

/** One size of a pattern worked out by the core, with all its figures to be found by their keys. */
record SizeWork(QuiltPlan plan, Needs.Result needs) {

    static SizeWork of(QuiltDesign design, QuiltSize size, ShopPractice practice) {
        QuiltPlan plan = new QuiltPlanner(practice).plan(design, size);
        return new SizeWork(plan, new Needs(practice).byRole(design, plan));
    }

    Optional<Figure<?>> figure(String key) {
        Map<String, Figure<?>> figures = new LinkedHashMap<>();
        roots().forEach(root -> collect(root, figures));
        return Optional.ofNullable(figures.get(key));
    }

    private Stream<Figure<?>> roots() {
        Stream<Figure<?>> ofQuilt = Stream.of(
                plan.layout().blocks(), plan.layout().width(), plan.layout().height(), plan.finishedWidth(), plan.finishedHeight());
        Stream<Figure<?>> ofPieces = plan.pieces().stream().flatMap(piece -> Stream.of(piece.count(), piece.width(), piece.height()));
        Stream<Figure<?>> ofCloth = needs.byFabric().values().stream()
                .map(Need::amount)
                .flatMap(amount -> amount.<Stream<Figure<?>>>match(cloth -> Stream.of(cloth.sell(), cloth.plan().exact())));
        return Stream.of(ofQuilt, ofPieces, ofCloth).flatMap(figures -> figures);
    }

    private static void collect(Figure<?> figure, Map<String, Figure<?>> figures) {
        if (figures.putIfAbsent(figure.key(), figure) == null) {
            List<Figure<?>> operands = figure.operands();
            operands.forEach(operand -> collect(operand, figures));
        }
    }
}
