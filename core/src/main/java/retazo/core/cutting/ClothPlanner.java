package retazo.core.cutting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.Grain;
import retazo.core.quilt.LongPieces;

/**
 * Plans a cloth with everything on it together, for the least length. Each size alone, as by hand, is worked out beside it and taken
 * where nothing is shorter, or where a plan does not stand the check. Stateless; steps are limited.
 *
 * <p>Long pieces lie as is shorter for them alone; then each that may lie the other way is tried that way, and stays so where
 * the whole cloth becomes shorter.
 */
public final class ClothPlanner {

    private final WorksheetPlanner worksheet = new WorksheetPlanner();
    private final CutPlanner planner = new CutPlanner();

    /** What was laid, with the rectangles it was laid from. */
    private record Laid(ClothLaying laying, CutPlan plan) {
    }

    /** Plans the cloth, or tells which pieces are wider than it. */
    public ClothPlanning plan(ClothRequest request) {
        return worksheet.plan(request).match(planned -> new ClothPlanning.Planned(together(request, planned.plan())), impossible -> impossible);
    }

    private ClothPlan together(ClothRequest request, ClothPlan alone) {
        Laid laid = shortest(request);
        if (!CutPlanCheck.faults(laid.laying().cutRequest(), laid.plan()).isEmpty()) {
            return alone;
        }
        LaidCloth cloth = laidCloth(request, laid);
        boolean shorter = cloth.length().value().isShorterThan(alone.exact().value());
        Figure<Length> exact = shorter
                ? Arithmetic.least(request.key() + ".exact", Label.of("cloth.exact"),
                        List.of(cloth.length(), alone.exact().named(request.key() + ".alone", Label.of("cloth.alone"))))
                : alone.exact();
        return new ClothPlan(alone.usableWidth(), alone.lines(), alone.squaring(), exact, Optional.of(cloth));
    }

    private Laid shortest(ClothRequest request) {
        List<LongPieces> longPieces = request.needs().stream()
                .map(need -> need.match(
                        pieces -> Optional.<LongPieces>empty(), one -> Optional.of(one.pieces()), binding -> Optional.<LongPieces>empty(),
                        backing -> Optional.<LongPieces>empty()))
                .flatMap(Optional::stream)
                .toList();
        boolean oneWay = request.print().isOneWay();
        Set<String> along = longPieces.stream()
                .filter(pieces -> pieces.laidOn(request.usableWidth(), oneWay).along())
                .map(LongPieces::key)
                .collect(Collectors.toSet());
        Laid best = laid(request, along);
        for (LongPieces pieces : longPieces) {
            boolean mayTurn = pieces.grain() == Grain.SHORTER && !oneWay && pieces.alongLength(request.usableWidth().value()).isPresent();
            if (mayTurn && !best.plan().isProved()) {
                Set<String> other = new HashSet<>(along);
                if (!other.remove(pieces.key())) {
                    other.add(pieces.key());
                }
                Laid tried = laid(request, other);
                if (tried.plan().length().isShorterThan(best.plan().length())) {
                    best = tried;
                    along = other;
                }
            }
        }
        return best;
    }

    private Laid laid(ClothRequest request, Set<String> along) {
        ClothLaying laying = new ClothLaying(request, along);
        return new Laid(laying, PlanMemory.SHARED.plan(laying.cutRequest(), planner));
    }

    private static LaidCloth laidCloth(ClothRequest request, Laid laid) {
        List<LaidCloth.Strip> strips = new ArrayList<>();
        for (CutStrip cut : laid.plan().strips()) {
            String key = request.key() + ".strip" + (strips.size() + 1);
            Figure<Count> times = Figure.given(key, Label.of("cloth.laidStrips"), new Count(cut.times()), Origin.craft("laid-together"));
            Figure<Length> height = Figure.given(key + ".height", Label.of("cloth.laidHeight"), cut.height(), Origin.craft("tallest-piece"));
            strips.add(new LaidCloth.Strip(cut, times, height, Arithmetic.product(key + ".length", Label.of("cloth.laidLength"), times, height)));
        }
        List<Figure<Length>> lengths = new ArrayList<>(strips.stream().map(LaidCloth.Strip::length).toList());
        if (!request.squaring().value().isZero()) {
            lengths.add(request.squaring());
        }
        return new LaidCloth(
                laid.laying().cutRequest(), laid.laying().parts(), strips, Arithmetic.sum(request.key() + ".together", Label.of("cloth.together"), lengths),
                laid.plan().bound().plus(request.squaring().value()));
    }
}
