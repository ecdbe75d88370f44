package retazo.core.bolt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.core.measure.Length;

/**
 * Lays lengths of one fabric on its bolts. Tries several ways and keeps the best: longest first where the rest is
 * shortest (best fit decreasing); each bolt filled to the shortest or a sellable rest (minimum bin slack); and, when
 * neither finds room, a search of all ways within a limit of steps.
 */
public final class FabricPacker {

    private static final int MOST_SEARCH_STEPS = 20_000;
    private static final int MOST_FILL_STEPS = 4_000;

    private final List<BoltStock> bolts;
    private final RestRule rule;

    public FabricPacker(List<BoltStock> bolts, RestRule rule) {
        this.bolts = bolts;
        this.rule = rule;
    }

    /**
     * A way to lay all lengths.
     *
     * @param boltOf index of the bolt of each length, in the order of the lengths asked
     */
    public record Packing(List<Integer> boltOf, int orphans, Length orphanLength, int boltsOpened) {
        private static final Comparator<Packing> BETTER_FIRST = Comparator.comparing(Packing::orphans)
                .thenComparing(Packing::orphanLength)
                .thenComparing(Packing::boltsOpened);
    }

    /** The best way found to lay all lengths, longest first; absent when none was found. */
    public Optional<Packing> pack(List<Length> longestFirst) {
        Length asked = longestFirst.stream().reduce(Length.ZERO, Length::plus);
        Length free = bolts.stream().map(BoltStock::toPlan).reduce(Length.ZERO, Length::plus);
        if (asked.isLongerThan(free)) {
            return Optional.empty();
        }
        List<Integer> shortBoltsFirst = order(Comparator.comparing(index -> bolts.get(index).toPlan()));
        List<Integer> longBoltsFirst = order(Comparator.comparing((Integer index) -> bolts.get(index).toPlan()).reversed());
        List<Integer> startedFirst = order(Comparator.comparing((Integer index) -> !bolts.get(index).started())
                .thenComparing(index -> bolts.get(index).toPlan()));
        List<Packing> found = new ArrayList<>();
        bestFit(longestFirst).ifPresent(found::add);
        fillEach(longestFirst, startedFirst).ifPresent(found::add);
        fillEach(longestFirst, shortBoltsFirst).ifPresent(found::add);
        fillEach(longestFirst, longBoltsFirst).ifPresent(found::add);
        if (found.isEmpty()) {
            new Search(longestFirst).run().ifPresent(found::add);
        }
        return found.stream().min(Packing.BETTER_FIRST);
    }

    private List<Integer> order(Comparator<Integer> by) {
        List<Integer> indexes = new ArrayList<>();
        for (int i = 0; i < bolts.size(); i++) {
            indexes.add(i);
        }
        indexes.sort(by);
        return indexes;
    }

    private List<Length> allToPlan() {
        return bolts.stream().map(BoltStock::toPlan).collect(Collectors.toCollection(ArrayList::new));
    }

    private Packing packing(List<Integer> boltOf, List<Length> rests) {
        int orphans = 0;
        Length orphanLength = Length.ZERO;
        Set<Integer> opened = new HashSet<>(boltOf);
        for (int bolt : opened) {
            Length rest = rests.get(bolt).plus(bolts.get(bolt).free().minus(bolts.get(bolt).toPlan()));
            if (rule.kindOf(rest) == RestRule.Kind.ORPHAN) {
                orphans++;
                orphanLength = orphanLength.plus(rest);
            }
        }
        return new Packing(List.copyOf(boltOf), orphans, orphanLength, opened.size());
    }

    /** Each length on the bolt whose rest is then shortest. */
    private Optional<Packing> bestFit(List<Length> longestFirst) {
        List<Length> rests = allToPlan();
        List<Integer> boltOf = new ArrayList<>();
        for (Length length : longestFirst) {
            int best = -1;
            for (int bolt = 0; bolt < rests.size(); bolt++) {
                boolean fits = !length.isLongerThan(rests.get(bolt));
                if (fits && (best < 0 || rests.get(bolt).isShorterThan(rests.get(best)))) {
                    best = bolt;
                }
            }
            if (best < 0) {
                return Optional.empty();
            }
            rests.set(best, rests.get(best).minus(length));
            boltOf.add(best);
        }
        return Optional.of(packing(boltOf, rests));
    }

    /** Each bolt in turn filled as well as it can be from the lengths that are left. */
    private Optional<Packing> fillEach(List<Length> longestFirst, List<Integer> order) {
        List<Length> rests = allToPlan();
        Integer[] boltOf = new Integer[longestFirst.size()];
        int left = longestFirst.size();
        for (int bolt : order) {
            if (left == 0) {
                break;
            }
            for (int index : new Fill(longestFirst, boltOf, rests.get(bolt)).best()) {
                boltOf[index] = bolt;
                rests.set(bolt, rests.get(bolt).minus(longestFirst.get(index)));
                left--;
            }
        }
        return left > 0 ? Optional.empty() : Optional.of(packing(List.of(boltOf), rests));
    }

    /** The set of open lengths that leaves one bolt with no orphan if possible, and then the shortest rest. */
    private final class Fill {

        private final List<Length> lengths;
        private final Integer[] taken;
        private final Length free;
        private List<Integer> best = List.of();
        private Length bestRest;
        private int steps;

        Fill(List<Length> lengths, Integer[] taken, Length free) {
            this.lengths = lengths;
            this.taken = taken;
            this.free = free;
            this.bestRest = free;
        }

        List<Integer> best() {
            search(0, free, new ArrayList<>());
            return best;
        }

        private void search(int from, Length rest, List<Integer> chosen) {
            if (!chosen.isEmpty() && isBetter(rest)) {
                best = List.copyOf(chosen);
                bestRest = rest;
            }
            Length tried = null;
            for (int index = from; index < lengths.size() && steps < MOST_FILL_STEPS && !bestRest.isZero(); index++) {
                Length length = lengths.get(index);
                if (taken[index] == null && !length.isLongerThan(rest) && !length.equals(tried)) {
                    steps++;
                    tried = length;
                    chosen.add(index);
                    search(index + 1, rest.minus(length), chosen);
                    chosen.remove(chosen.size() - 1);
                }
            }
        }

        private boolean isBetter(Length rest) {
            boolean orphan = rule.kindOf(rest) == RestRule.Kind.ORPHAN;
            boolean bestIsOrphan = rule.kindOf(bestRest) == RestRule.Kind.ORPHAN;
            if (best.isEmpty() || orphan != bestIsOrphan) {
                return best.isEmpty() || !orphan;
            }
            return rest.isShorterThan(bestRest);
        }
    }

    /** Depth first over all lengths, longest first, never twice into bolts with equal rests. */
    private final class Search {

        private final List<Length> lengths;
        private final List<Length> rests = allToPlan();
        private final List<Integer> boltOf = new ArrayList<>();
        private int steps;

        Search(List<Length> lengths) {
            this.lengths = lengths;
        }

        Optional<Packing> run() {
            return place(0) ? Optional.of(packing(boltOf, rests)) : Optional.empty();
        }

        private boolean place(int next) {
            if (next == lengths.size()) {
                return true;
            }
            Length length = lengths.get(next);
            Set<Length> triedRests = new HashSet<>();
            for (int bolt = 0; bolt < rests.size() && steps < MOST_SEARCH_STEPS; bolt++) {
                Length rest = rests.get(bolt);
                if (!length.isLongerThan(rest) && triedRests.add(rest)) {
                    steps++;
                    rests.set(bolt, rest.minus(length));
                    boltOf.add(bolt);
                    if (place(next + 1)) {
                        return true;
                    }
                    boltOf.remove(boltOf.size() - 1);
                    rests.set(bolt, rest);
                }
            }
            return false;
        }
    }
}
