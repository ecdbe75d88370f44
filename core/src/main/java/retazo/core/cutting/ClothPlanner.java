package retazo.core.cutting;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutPlanCheck;
import retazo.core.cutting.strip.CutPlanner;
import retazo.core.cutting.strip.CutPlans;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.cutting.strip.LeftOverCuts;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.Grain;
import retazo.core.quilt.setting.LongPieces;

/**
 * Plans a cloth with everything on it together, for the least length. Each size alone, as by hand, is worked out beside it and taken
 * where nothing is shorter, or where a plan does not stand the check. Stateless; steps are limited.
 *
 * <p>Long pieces lie as is shorter for them alone; then each that may lie the other way is tried that way, and stays so where
 * the whole cloth becomes shorter. Left-overs that are at hand are taken last.
 */
public final class ClothPlanner {

    private final WorksheetPlanner worksheet = new WorksheetPlanner();
    private final CutPlans plans;

    /** Plans each time it is asked. */
    public ClothPlanner() {
        this(new CutPlanner());
    }

    /** @param plans whom to ask how the rectangles are laid */
    public ClothPlanner(CutPlans plans) {
        this.plans = plans;
    }

    /**
     * What was laid.
     *
     * @param laying  with the rectangles it was laid from
     * @param request what is on the cloth
     * @param taken   what comes from left-overs instead
     */
    private record Laid(ClothLaying laying, CutRequest request, CutPlan plan, List<LeftOver.Cut> taken) {
        int takenPieces() {
            return taken.stream().mapToInt(cut -> cut.pieces().size()).sum();
        }
    }

    /** Plans the cloth, or tells which pieces are wider than it. */
    public ClothPlanning plan(ClothRequest request) {
        return worksheet.plan(request).match(planned -> new ClothPlanning.Planned(together(request, planned.plan())),
                impossible -> impossible);
    }

    private ClothPlan together(ClothRequest request, ClothPlan alone) {
        Laid laid = spared(request, shortest(request));
        if (!CutPlanCheck.faults(laid.request(), laid.plan()).isEmpty()) {
            return alone;
        }
        LaidCloth cloth = LaidCloth.of(
                request.key(), laid.request(), laid.laying().parts(), laid.taken(), laid.plan(), request.squaring());
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
        Set<String> along = longPieces.stream()
                .filter(pieces -> pieces.laidOn(request.usableWidth()).along())
                .map(LongPieces::key)
                .collect(Collectors.toSet());
        Laid best = laid(request, along);
        for (LongPieces pieces : longPieces) {
            boolean mayTurn = pieces.grain() == Grain.SHORTER && pieces.alongLength(request.usableWidth().value()).isPresent();
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
        return new Laid(laying, laying.cutRequest(), plan(laying.cutRequest()), List.of());
    }

    private CutPlan plan(CutRequest request) {
        boolean empty = request.pieces().isEmpty() && request.fixed().isEmpty() && request.joined().isEmpty();
        return empty ? new CutPlan(List.of(), Length.ZERO) : plans.plan(request);
    }

    /** The same with pieces from left-overs, one after the other as long as each makes the cloth shorter. */
    private Laid spared(ClothRequest request, Laid laid) {
        Laid best = laid;
        for (LeftOver leftOver : request.atHand()) {
            boolean spares = true;
            for (int i = 0; i < leftOver.count() && spares; i++) {
                Laid without = best;
                best = LeftOverCuts.ways(without.request(), leftOver, request.print().mayTurn()).stream()
                        .filter(way -> CutPlanCheck.faultsOfLeftOver(without.request(), way.rest(), way.cut()).isEmpty())
                        .map(way -> new Laid(
                                without.laying(), way.rest(), plan(way.rest()),
                                Stream.concat(without.taken().stream(), Stream.of(way.cut())).toList()))
                        .filter(spared -> spared.plan().length().isShorterThan(without.plan().length()))
                        .min(Comparator.comparing((Laid spared) -> spared.plan().length()).thenComparing(spared -> -spared.takenPieces()))
                        .orElse(without);
                spares = best != without;
            }
        }
        return best;
    }
}
