package retazo.core.precut;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import retazo.core.cloth.SheetSize;
import retazo.core.cutting.strip.FewestPatterns;
import retazo.core.cutting.strip.LaidPiece;
import retazo.core.measure.Length;

/** Works out how many whole sets one sheet gives, and by which diagram. Stateless. */
public final class SheetPlanner implements SheetPlans {

    private static final int MOST_KINDS_IN_PAIRS = 6;
    /** What pinked edges and a sheet that is not true may take. */
    private static final Length SHORT_BY = Length.ofInches(1, 4);

    @Override
    public SetsPerSheet setsPerSheet(SheetRequest request) {
        SetsPerSheet most = most(request);
        Length shorter = request.width().isShorterThan(request.height()) ? request.width() : request.height();
        boolean needsAll = most.sets() > 0
                && (!shorter.isLongerThan(SHORT_BY) || most(request.smallerBy(SHORT_BY)).sets() < most.sets());
        return new SetsPerSheet(most.sets(), most.bound(), most.diagram(), needsAll);
    }

    @Override
    public Optional<SheetPlan> fewest(SheetRequest request) {
        List<Way> ways = ways(request);
        List<int[]> patterns = ways.stream().map(Way::counts).toList();
        int[] needed = request.set().stream().mapToInt(LaidPiece::count).toArray();
        for (int kind = 0; kind < needed.length; kind++) {
            int wanted = kind;
            if (patterns.stream().noneMatch(counts -> counts[wanted] > 0)) {
                return Optional.empty();
            }
        }
        FewestPatterns.Choice choice = FewestPatterns.choose(patterns, needed);
        List<SheetPlan.Cut> diagrams = new ArrayList<>();
        for (int i = 0; i < patterns.size(); i++) {
            if (choice.times().get(i) > 0) {
                diagrams.add(new SheetPlan.Cut(ways.get(i).diagram(), choice.times().get(i)));
            }
        }
        diagrams.sort(Comparator.comparing(SheetPlan.Cut::times).reversed());
        SheetPlan plan = new SheetPlan(request, diagrams, SheetCuts.isLimited(request) ? byArea(request) : choice.bound());
        List<SheetPlan> plans = new ArrayList<>(List.of(plan));
        if (SheetCuts.isLimited(request) && plan.sheets() > plan.bound()) {
            plans.add(new SheetPlan(request, SheetStrips.fewest(request), plan.bound()));
        }
        return plans.stream().filter(one -> SheetPlanCheck.faults(one).isEmpty()).min(Comparator.comparing(SheetPlan::sheets));
    }

    /** The area of all pieces in sheets: what no choice of diagrams beats, though not all were looked at. */
    private static int byArea(SheetRequest request) {
        BigInteger all = request.set().stream()
                .map(piece -> area(piece.width(), piece.height()).multiply(BigInteger.valueOf(piece.count())))
                .reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger[] sheets = all.divideAndRemainder(area(request.width(), request.height()));
        return sheets[0].intValueExact() + sheets[1].signum();
    }

    private static BigInteger area(Length one, Length other) {
        return BigInteger.valueOf(one.ticks()).multiply(BigInteger.valueOf(other.ticks()));
    }

    /** What one sheet can give, by how many of each kind. */
    private record Way(int[] counts, CutDiagram diagram) {
    }

    /**
     * All kinds together, and where not all of that can be looked at, each kind and each two kinds by themselves, which then can
     * be more.
     */
    private static List<Way> ways(SheetRequest request) {
        int kinds = request.set().size();
        List<List<Integer>> groups = new ArrayList<>();
        groups.add(IntStream.range(0, kinds).boxed().toList());
        for (int one = 0; one < kinds && kinds > 1 && SheetCuts.isLimited(request); one++) {
            groups.add(List.of(one));
            for (int other = 0; other < one && kinds > 2 && kinds <= MOST_KINDS_IN_PAIRS; other++) {
                groups.add(List.of(other, one));
            }
        }
        List<Way> ways = new ArrayList<>();
        for (List<Integer> group : groups) {
            SheetRequest of = new SheetRequest(request.width(), request.height(), group.stream().map(request.set()::get).toList());
            SheetCuts cuts = new SheetCuts(of, SheetCuts.mostOfEach(of));
            cuts.fullest().stream().filter(counts -> Arrays.stream(counts).sum() > 0).forEach(counts -> {
                int[] all = new int[kinds];
                IntStream.range(0, counts.length).forEach(i -> all[group.get(i)] = counts[i]);
                if (ways.stream().noneMatch(way -> holds(way.counts(), all))) {
                    ways.add(new Way(all, cuts.diagram(counts).orElseThrow()));
                }
            });
        }
        return ways;
    }

    private static boolean holds(int[] counts, int[] others) {
        return IntStream.range(0, counts.length).allMatch(kind -> counts[kind] >= others[kind]);
    }

    private static SetsPerSheet most(SheetRequest request) {
        int byArea = SheetCuts.setsByArea(request);
        int limit = SheetCuts.mostSets(request);
        int bound = limit < byArea ? byArea : 0;
        Optional<SetsPerSheet> more = limit < byArea ? moreInStrips(request, limit, byArea) : Optional.empty();
        if (more.isPresent()) {
            return more.get();
        }
        if (limit > 0) {
            SheetCuts cuts = new SheetCuts(request, limit);
            for (int sets = limit; sets > 0; sets--) {
                Optional<CutDiagram> diagram = cuts.sets(sets);
                if (diagram.isPresent()) {
                    return new SetsPerSheet(sets, Math.max(sets, bound), diagram, false);
                }
            }
        }
        return new SetsPerSheet(0, bound, Optional.empty(), false);
    }

    /** More sets than can be looked at in every way, cut in strips: the range between what was found and what was not is halved. */
    private static Optional<SetsPerSheet> moreInStrips(SheetRequest request, int limit, int byArea) {
        SheetSize sheet = SheetSize.of(request.width(), request.height());
        if (request.set().stream().anyMatch(piece -> !sheet.holds(piece.width(), piece.height()))) {
            return Optional.empty();
        }
        Optional<SetsPerSheet> found = Optional.empty();
        int tooMany = byArea + 1;
        int enough = limit;
        while (enough + 1 < tooMany) {
            int tried = (enough + tooMany) / 2;
            Optional<CutDiagram> diagram = inStrips(request, tried);
            if (diagram.isPresent()) {
                enough = tried;
                found = Optional.of(new SetsPerSheet(tried, byArea, diagram, false));
            } else {
                tooMany = tried;
            }
        }
        return found;
    }

    /** So many sets of one sheet cut in strips. */
    private static Optional<CutDiagram> inStrips(SheetRequest request, int sets) {
        List<LaidPiece> all = request.set().stream()
                .map(piece -> new LaidPiece(piece.id(), piece.width(), piece.height(), Math.multiplyExact(piece.count(), sets),
                        piece.mayTurn()))
                .toList();
        List<SheetPlan.Cut> cuts = SheetStrips.fewest(new SheetRequest(request.width(), request.height(), all));
        return cuts.size() == 1 && cuts.get(0).times() == 1 ? Optional.of(cuts.get(0).diagram()) : Optional.empty();
    }
}
