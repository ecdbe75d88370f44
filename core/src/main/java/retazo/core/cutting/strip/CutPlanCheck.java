package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.measure.Length;

/**
 * Proves a plan from its request alone: every piece there as often as asked and in its size, turned only where it may be, inside the
 * cloth, none over another, every strip cut apart by straight cuts from edge to edge, rests that are really free, long strips long
 * enough with their joins, and no shorter than the bound it states. It knows nothing of how the plan was found.
 */
public final class CutPlanCheck {

    private record Area(Length x, Length y, Length width, Length height) {
        Length right() {
            return x.plus(width);
        }

        Length bottom() {
            return y.plus(height);
        }

        boolean overlaps(Area other) {
            return x.isShorterThan(other.right()) && other.x.isShorterThan(right())
                    && y.isShorterThan(other.bottom()) && other.y.isShorterThan(bottom());
        }

        boolean isInside(Length outerWidth, Length outerHeight) {
            return !x.isNegative() && !y.isNegative() && width.isPositive() && height.isPositive()
                    && !right().isLongerThan(outerWidth) && !bottom().isLongerThan(outerHeight);
        }
    }

    private final CutRequest request;
    private final List<String> faults = new ArrayList<>();

    private CutPlanCheck(CutRequest request) {
        this.request = request;
    }

    /** What is wrong with a plan, in words for who mends it; empty for a good one. */
    public static List<String> faults(CutRequest request, CutPlan plan) {
        CutPlanCheck check = new CutPlanCheck(request);
        for (CutStrip strip : plan.strips()) {
            check.strip(strip);
        }
        check.pieces(plan);
        check.fixed(plan);
        check.joined(plan);
        if (plan.bound().isLongerThan(plan.length())) {
            check.faults.add("The bound " + plan.bound() + " is above the length " + plan.length());
        }
        return List.copyOf(check.faults);
    }

    /**
     * What is wrong with pieces that come from a left-over: each must lie on it like on a strip, and with what is still asked for they
     * must be all that was asked for.
     *
     * @param whole what was asked for
     * @param rest  what is asked for without them
     */
    public static List<String> faultsOfLeftOver(CutRequest whole, CutRequest rest, LeftOver.Cut cut) {
        CutPlanCheck check = new CutPlanCheck(new CutRequest(cut.from().width(), List.of(), List.of(), List.of(), Optional.empty()));
        check.strip(new CutStrip(1, cut.from().height(), cut.pieces(), List.of()));
        Map<String, Integer> before = counts(whole);
        Map<String, Integer> left = counts(rest);
        for (CutStrip.PlacedPiece placed : cut.pieces()) {
            left.merge(placed.id(), 1, Integer::sum);
            whole.pieces().stream().filter(piece -> piece.id().equals(placed.id()) && !isItself(placed, piece))
                    .forEach(piece -> check.faults.add("The piece " + piece + " is cut as " + placed));
            whole.fixed().stream().filter(strip -> strip.id().equals(placed.id()) && !isItself(placed, strip))
                    .forEach(strip -> check.faults.add("The strip " + strip + " is cut as " + placed));
        }
        before.forEach((id, count) -> {
            if (!left.getOrDefault(id, 0).equals(count)) {
                check.faults.add("Of '" + id + "' there are " + left.getOrDefault(id, 0) + ", not " + count);
            }
        });
        whole.joined().forEach(joined -> check.joinedFrom(joined, rest, cut));
        return List.copyOf(check.faults);
    }

    private static boolean isItself(CutStrip.PlacedPiece placed, FixedStrip strip) {
        return placed.width().equals(strip.width()) && placed.height().equals(strip.height());
    }

    private static Map<String, Integer> counts(CutRequest request) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        request.pieces().forEach(piece -> counts.put(piece.id(), piece.count()));
        request.fixed().forEach(strip -> counts.put(strip.id(), strip.count()));
        return counts;
    }

    private void joinedFrom(JoinedStrip joined, CutRequest rest, LeftOver.Cut cut) {
        Length reach = rest.joined().stream().filter(one -> one.id().equals(joined.id())).findFirst()
                .map(JoinedStrip::length).orElse(joined.join());
        for (CutStrip.PlacedPiece part : cut.pieces()) {
            if (part.id().equals(joined.id())) {
                reach = reach.plus(part.width().minus(joined.join()));
                if (!part.height().equals(joined.height())) {
                    faults.add("A part of " + joined + " is " + part.height() + " high");
                }
            }
        }
        if (reach.isShorterThan(joined.length())) {
            faults.add("Of " + joined + " there are only " + reach);
        }
    }

    private void strip(CutStrip strip) {
        if (strip.times() < 1 || !strip.height().isPositive()) {
            faults.add("A strip of " + strip.height() + ", " + strip.times() + " times");
        }
        List<Area> pieces = strip.pieces().stream()
                .map(piece -> new Area(piece.x(), piece.y(), piece.width(), piece.height())).toList();
        List<Area> all = Stream.concat(
                pieces.stream(), strip.rests().stream().map(rest -> new Area(rest.x(), rest.y(), rest.width(), rest.height()))).toList();
        for (int i = 0; i < all.size(); i++) {
            if (!all.get(i).isInside(request.usableWidth(), strip.height())) {
                faults.add("Outside a strip of " + strip.height() + ": " + all.get(i));
            }
            for (int j = 0; j < i; j++) {
                if (all.get(i).overlaps(all.get(j))) {
                    faults.add("One over the other: " + all.get(j) + " and " + all.get(i));
                }
            }
        }
        long sizes = strip.pieces().stream().map(CutStrip.PlacedPiece::id)
                .filter(id -> request.pieces().stream().anyMatch(piece -> piece.id().equals(id))).distinct().count();
        boolean plain = strip.pieces().stream()
                .allMatch(piece -> request.fixed().stream().noneMatch(fixed -> fixed.id().equals(piece.id())));
        if (plain && request.mostSizes().map(most -> sizes > most).orElse(false)) {
            faults.add("A strip of " + strip.height() + " holds " + sizes + " sizes");
        }
        if (!isCutApart(new Area(Length.ZERO, Length.ZERO, request.usableWidth(), strip.height()), pieces)) {
            faults.add("No straight cuts from edge to edge give the pieces of " + strip);
        }
    }

    /** Whether straight cuts from edge to edge, each of one part at a time, leave every piece whole. */
    private static boolean isCutApart(Area part, List<Area> pieces) {
        if (pieces.size() < 2) {
            return true;
        }
        for (Area piece : pieces) {
            for (boolean upright : new boolean[] {true, false}) {
                Length cut = upright ? piece.right() : piece.bottom();
                List<Area> before = pieces.stream().filter(one -> !(upright ? one.right() : one.bottom()).isLongerThan(cut)).toList();
                List<Area> after = pieces.stream().filter(one -> !(upright ? one.x() : one.y()).isShorterThan(cut)).toList();
                if (before.size() + after.size() == pieces.size() && !after.isEmpty()) {
                    return isCutApart(part, before) && isCutApart(part, after);
                }
            }
        }
        return false;
    }

    private void pieces(CutPlan plan) {
        Map<String, Long> counts = new LinkedHashMap<>();
        Map<String, LaidPiece> byId = new LinkedHashMap<>();
        request.pieces().forEach(piece -> byId.put(piece.id(), piece));
        plan.strips().forEach(strip -> strip.pieces().forEach(placed -> {
            counts.merge(placed.id(), (long) strip.times(), Long::sum);
            LaidPiece piece = byId.get(placed.id());
            if (piece != null && !isItself(placed, piece)) {
                faults.add("The piece " + piece + " is cut as " + placed);
            }
        }));
        for (LaidPiece piece : request.pieces()) {
            if (counts.getOrDefault(piece.id(), 0L) != piece.count()) {
                faults.add("Of " + piece + " there are " + counts.getOrDefault(piece.id(), 0L));
            }
        }
        counts.keySet().stream().filter(id -> !isAsked(id)).forEach(id -> faults.add("Nobody asked for '" + id + "'"));
    }

    private boolean isAsked(String id) {
        return Stream.of(request.pieces().stream().map(LaidPiece::id), request.fixed().stream().map(FixedStrip::id),
                request.joined().stream().map(JoinedStrip::id)).flatMap(ids -> ids).anyMatch(id::equals);
    }

    private static boolean isItself(CutStrip.PlacedPiece placed, LaidPiece piece) {
        return placed.turned()
                ? piece.mayTurn() && placed.width().equals(piece.height()) && placed.height().equals(piece.width())
                : placed.width().equals(piece.width()) && placed.height().equals(piece.height());
    }

    private void fixed(CutPlan plan) {
        for (FixedStrip fixed : request.fixed()) {
            long there = plan.strips().stream()
                    .filter(strip -> strip.pieces().stream().anyMatch(piece -> piece.id().equals(fixed.id())
                            && piece.width().equals(fixed.width()) && piece.height().equals(fixed.height())))
                    .mapToLong(CutStrip::times)
                    .sum();
            if (there != fixed.count()) {
                faults.add("Of " + fixed + " there are " + there);
            }
        }
    }

    private void joined(CutPlan plan) {
        for (JoinedStrip joined : request.joined()) {
            Length reach = joined.join();
            for (CutStrip strip : plan.strips()) {
                for (CutStrip.PlacedPiece part : strip.pieces()) {
                    if (part.id().equals(joined.id())) {
                        reach = reach.plus(part.width().minus(joined.join()).times(strip.times()));
                        if (!part.height().equals(joined.height())) {
                            faults.add("A part of " + joined + " is " + part.height() + " high");
                        }
                    }
                }
            }
            if (reach.isShorterThan(joined.length())) {
                faults.add("Of " + joined + " there are only " + reach);
            }
        }
    }
}
