package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Finds whole strips for pieces that are needed: dives from the relaxation. Strips that it takes whole are settled; of the rest the
 * one it takes the greatest part of; then it is solved again for what is still needed, with strips laid for just that. Dives that
 * turn aside once follow, then a {@link StripBeam} for what the relaxation does not surely take, while there is a bound to be reached.
 * The number of dives, rounds and beginnings is limited, not the time.
 */
final class StripSearch {

    private static final int MOST_ROUNDS = 4;
    private static final int MOST_HEIGHTS = 6;
    /** How many of each strip that the relaxation takes whole are left to the beam. */
    private static final int[] KEPT_OPEN = {1, 3};
    /** Strips for the beam may cost this share of what the known cuts cost above the relaxation. */
    private static final int NEAR_SHARE = 4;
    private static final double WHOLE = 1 - 1e-6;

    /** How much is tried: less where a strip takes more work, as the number of ways round times that of heights. */
    private enum Effort {
        THOROUGH(60, 4, 4, 60, 20, true),
        USUAL(200, 6, 4, 60, 30, true),
        SHORT(400, 2, 4, 20, 12, false),
        SCANT(Integer.MAX_VALUE, 1, 1, 10, 3, false);

        private final int mostWork;
        private final int dives;
        private final int searches;
        private final int beamWidth;
        private final int mostNear;
        private final boolean stepwise;

        Effort(int mostWork, int dives, int searches, int beamWidth, int mostNear, boolean stepwise) {
            this.mostWork = mostWork;
            this.dives = dives;
            this.searches = searches;
            this.beamWidth = beamWidth;
            this.mostNear = mostNear;
            this.stepwise = stepwise;
        }

        static Effort of(StripCells cells) {
            int work = cells.ways().size() * cells.heights().length;
            return Stream.of(values()).filter(effort -> work <= effort.mostWork).findFirst().orElse(SCANT);
        }
    }

    /** A strip, so many times. */
    record Cut(StripPattern strip, int times) {
    }

    private final StripCells cells;
    private final HeightSums sums;
    private final List<StripPattern> pool;
    private final Optional<Integer> mostSizes;

    /** @param pool strips found before; more are added */
    StripSearch(StripCells cells, List<StripPattern> pool, Optional<Integer> mostSizes) {
        this.cells = cells;
        this.sums = new HeightSums(cells.heights());
        this.mostSizes = mostSizes;
        this.pool = new ArrayList<>(pool.stream().filter(this::isAllowed).toList());
    }

    /** The shortest cuts found; each piece alone where nothing is shorter. With cuts as long as the bound, in cells, it stops. */
    List<Cut> shortest(int[] needed, long boundCells) {
        Effort effort = Effort.of(cells);
        List<Cut> best = eachAlone(needed);
        for (int i = 0; i < effort.dives && length(best) > boundCells; i++) {
            best = dive(needed, i / 2 - 1, i % 2 == 0, effort.stepwise, best);
        }
        for (int i = 0; i < effort.searches && length(best) > boundCells; i++) {
            best = searched(needed, best, KEPT_OPEN[i / 2], i % 2 == 0, effort);
        }
        return length(best) > boundCells && Arrays.stream(needed).sum() <= FewPieces.MOST ? fewPieces(needed, best) : best;
    }

    private List<Cut> fewPieces(int[] needed, List<Cut> known) {
        List<StripPattern> shorter = new FewPieces(cells, needed, length(known), mostSizes.orElse(Integer.MAX_VALUE)).shorter();
        int[] left = needed.clone();
        List<Cut> cuts = new ArrayList<>();
        shorter.forEach(strip -> take(strip, 1, left, cuts));
        return shorter.isEmpty() ? known : cuts;
    }

    /** The shorter one; of two as long the one with fewer different strips. */
    private List<Cut> shorter(List<Cut> known, List<Cut> other) {
        int shorter = Long.compare(length(other), length(known));
        return shorter < 0 || shorter == 0 && other.size() < known.size() ? other : known;
    }

    private List<Cut> eachAlone(int[] needed) {
        int[] left = needed.clone();
        List<Cut> cuts = new ArrayList<>();
        for (int piece = 0; piece < needed.length; piece++) {
            while (left[piece] > 0) {
                StripPattern strip = StripPattern.alone(piece, left[piece], cells);
                take(strip, strip.timesWithin(left), left, cuts);
            }
        }
        return cuts;
    }

    /** The best cuts found by trying all ways to cover what the relaxation does not surely take, if they are shorter. */
    private List<Cut> searched(int[] needed, List<Cut> known, int keptOpen, boolean stacked, Effort effort) {
        StripRelaxation relaxation = new StripRelaxation(cells, needed);
        pool.stream().filter(strip -> stacked || strip.isPlain()).forEach(relaxation::offer);
        relaxation.solve();
        long above = Math.max(1, (length(known) - relaxation.worthCells()) / NEAR_SHARE);
        relaxation.offerNear(cells.along(1).ticks() * above, effort.mostNear);
        int[] left = needed.clone();
        List<Cut> cuts = new ArrayList<>();
        for (int i = 0; i < relaxation.pool().size(); i++) {
            int sure = (int) (relaxation.level(i) + 1 - WHOLE) - keptOpen;
            StripPattern strip = relaxation.pool().get(i);
            int times = sure < 1 ? 0 : Math.min(sure, strip.timesWithin(left));
            if (times > 0) {
                take(strip, times, left, cuts);
            }
        }
        double[] prices = Arrays.stream(relaxation.prices())
                .mapToDouble(price -> (double) price / StripRelaxation.PRICE_UNITS / cells.along(1).ticks()).toArray();
        Optional<List<StripPattern>> shorter = new StripBeam(cells, relaxation.pool().stream().filter(this::isAllowed).toList(), prices,
                effort.beamWidth)
                .shorterThan(length(known) - length(cuts), left);
        if (shorter.isEmpty()) {
            return known;
        }
        for (StripPattern strip : shorter.get()) {
            take(strip.isWithin(left) ? strip : strip.trimmedTo(left, cells), 1, left, cuts);
        }
        return cuts;
    }

    long length(List<Cut> cuts) {
        return cuts.stream().mapToLong(cut -> (long) cells.heights()[cut.strip().height()] * cut.times()).sum();
    }

    /**
     * What a dive finds, if it is no longer than what is known; given up where what it took and what the rest is worth are longer.
     *
     * @param aside at which step the second best strip is taken; -1 for never
     */
    private List<Cut> dive(int[] needed, int aside, boolean stacked, boolean stepwise, List<Cut> known) {
        int[] left = needed.clone();
        List<Cut> cuts = new ArrayList<>();
        for (int step = 0; Arrays.stream(left).anyMatch(count -> count > 0); step++) {
            StripRelaxation relaxation = relaxed(left, stacked);
            if (sums.atLeast(length(cuts) + relaxation.worthCells()) > length(known)) {
                return known;
            }
            if (!takeWhole(relaxation, left, cuts, stepwise)) {
                take(greatestPart(relaxation, left, step == aside ? 1 : 0), 1, left, cuts);
            }
        }
        return shorter(known, cuts);
    }

    private StripRelaxation relaxed(int[] left, boolean stacked) {
        StripRelaxation relaxation = new StripRelaxation(cells, left);
        pool.stream().filter(strip -> strip.isWithin(left) && (stacked || strip.isPlain())).forEach(relaxation::offer);
        relaxation.solve();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            long[] prices = relaxation.prices();
            relaxation.tables().fillRows(prices);
            StripTables.Stacks stacks = relaxation.tables().stacks(cells.widths());
            StripTables.Strips atMost = relaxation.tables().strips(stacks, cells.width());
            StripBuilder builder = new StripBuilder(cells, relaxation.tables(), prices, mostSizes);
            boolean offered = false;
            for (int height : dearest(relaxation, atMost)) {
                StripPattern strip = builder.strip(height, cells.width(), left, stacked);
                if (!strip.isEmpty() && relaxation.isWorthwhile(strip.value(prices), height)) {
                    relaxation.offer(strip);
                    pool.add(strip);
                    offered = true;
                }
            }
            if (!offered) {
                break;
            }
            relaxation.solve();
        }
        return relaxation;
    }

    /** The heights whose strips may be worth more than they cost, those worth most for it first, a few. */
    private List<Integer> dearest(StripRelaxation relaxation, StripTables.Strips atMost) {
        return IntStream.range(0, cells.heights().length)
                .filter(height -> relaxation.isWorthwhile(atMost.value(height), height))
                .boxed()
                .sorted(Comparator.comparing((Integer height) -> (double) atMost.value(height) / cells.heights()[height]).reversed())
                .limit(MOST_HEIGHTS)
                .toList();
    }

    private boolean isAllowed(StripPattern strip) {
        return mostSizes.map(most -> strip.sizes() <= most).orElse(true);
    }

    /** Takes what the relaxation takes whole: all of it, or only the strips that take the most length, so that the rest is thought over. */
    private boolean takeWhole(StripRelaxation relaxation, int[] left, List<Cut> cuts, boolean onlyLongest) {
        List<Cut> whole = new ArrayList<>();
        for (int i = 0; i < relaxation.pool().size(); i++) {
            int times = (int) (relaxation.level(i) + 1 - WHOLE);
            if (times >= 1) {
                whole.add(new Cut(relaxation.pool().get(i), times));
            }
        }
        whole.sort(Comparator.comparing((Cut cut) -> length(List.of(cut))).reversed());
        boolean taken = false;
        for (Cut cut : whole) {
            int times = Math.min(cut.times(), cut.strip().timesWithin(left));
            if (times >= 1 && !(taken && onlyLongest)) {
                take(cut.strip(), times, left, cuts);
                taken = true;
            }
        }
        return taken;
    }

    private StripPattern greatestPart(StripRelaxation relaxation, int[] left, int passed) {
        List<StripPattern> strips = new ArrayList<>();
        List<Double> parts = new ArrayList<>();
        for (int i = 0; i < relaxation.pool().size(); i++) {
            if (relaxation.level(i) > 1e-9) {
                int at = 0;
                while (at < parts.size() && parts.get(at) >= relaxation.level(i)) {
                    at++;
                }
                parts.add(at, relaxation.level(i));
                strips.add(at, relaxation.pool().get(i));
            }
        }
        return strips.get(Math.min(passed, strips.size() - 1)).trimmedTo(left, cells);
    }

    private static void take(StripPattern strip, int times, int[] left, List<Cut> cuts) {
        for (int piece = 0; piece < left.length; piece++) {
            left[piece] -= strip.count(piece) * times;
        }
        for (int i = 0; i < cuts.size(); i++) {
            if (cuts.get(i).strip() == strip) {
                cuts.set(i, new Cut(strip, cuts.get(i).times() + times));
                return;
            }
        }
        cuts.add(new Cut(strip, times));
    }
}
