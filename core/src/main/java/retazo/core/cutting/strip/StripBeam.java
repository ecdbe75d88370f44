package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * Covers what is needed with strips of a pool, following several beginnings at a time, for less length than is known.
 *
 * <p>Beam search: each beginning goes on with strips that hold the dearest piece it still needs, those first that cost least above their
 * worth; of beginnings that need the same the shorter one stays; then the ones that promise the least length go on. A beginning promises
 * its length and the worth of what it still needs at the relaxation's prices, and is left where that, rounded up to a sum of strip
 * heights, is no less than is known. Width, branches and steps are limited.
 */
final class StripBeam {

    private static final int MOST_BRANCHES = 12;
    private static final double SLACK = 1e-6;
    private static final int MOST_CELLS = 1_000_000;

    /** A strip with what it costs above its worth. */
    private record Choice(StripPattern strip, double loss) {
    }

    /** The strips taken last first, as a chain; and what is still needed is worth so much. */
    private record Beginning(int[] left, int along, double worth, Optional<StripPattern> last, Optional<Beginning> before)
            implements
                Comparable<Beginning> {

        /** What promises less length comes first. */
        @Override
        public int compareTo(Beginning other) {
            int shorter = Double.compare(promise(), other.promise());
            return shorter != 0 ? shorter : Arrays.compare(left, other.left);
        }

        double promise() {
            return along + worth;
        }
    }

    private final StripCells cells;
    private final double[] prices;
    private final List<List<Choice>> choices = new ArrayList<>();
    private final int[] dearestFirst;
    private final int width;

    /**
     * @param prices of one more of each piece in cells along the cloth, at which hardly a strip of the pool is worth more than it costs
     * @param width  how many beginnings go on at a time
     */
    StripBeam(StripCells cells, List<StripPattern> pool, double[] prices, int width) {
        this.cells = cells;
        this.prices = prices;
        this.width = width;
        List<Choice> all = pool.stream()
                .map(strip -> new Choice(strip, cells.heights()[strip.height()] - worth(strip::count)))
                .sorted(Comparator.comparingDouble(Choice::loss))
                .toList();
        for (int i = 0; i < prices.length; i++) {
            int piece = i;
            choices.add(all.stream().filter(choice -> choice.strip().count(piece) > 0).toList());
        }
        this.dearestFirst = IntStream.range(0, prices.length)
                .boxed()
                .sorted(Comparator.comparing((Integer piece) -> prices[piece]).reversed())
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private double worth(IntUnaryOperator counts) {
        double worth = 0;
        for (int piece = 0; piece < prices.length; piece++) {
            worth += prices[piece] * counts.applyAsInt(piece);
        }
        return worth;
    }

    /** Strips that are shorter together than so many cells; empty if none were found. */
    Optional<List<StripPattern>> shorterThan(long cellsAlong, int[] needed) {
        if (cellsAlong < 1 || cellsAlong > MOST_CELLS) {
            return Optional.empty();
        }
        int[] nextSum = new HeightSums(cells.heights()).next((int) cellsAlong);
        Optional<Beginning> shortest = Optional.empty();
        List<Beginning> beginnings = List.of(new Beginning(needed, 0, worth(piece -> needed[piece]), Optional.empty(), Optional.empty()));
        while (!beginnings.isEmpty()) {
            int limit = shortest.map(Beginning::along).orElse((int) cellsAlong);
            Map<StripPattern.Counts, Beginning> next = new HashMap<>();
            beginnings.forEach(one -> goOn(one, limit, nextSum, next));
            Optional<Beginning> before = shortest;
            shortest = Optional.ofNullable(next.get(new StripPattern.Counts(new int[prices.length]))).or(() -> before);
            beginnings = next.values().stream()
                    .filter(one -> dearest(one.left()) >= 0)
                    .sorted()
                    .limit(width)
                    .toList();
        }
        return shortest.map(StripBeam::strips);
    }

    private static List<StripPattern> strips(Beginning whole) {
        List<StripPattern> strips = new ArrayList<>();
        for (Optional<Beginning> at = Optional.of(whole); at.isPresent(); at = at.get().before()) {
            at.get().last().ifPresent(strips::add);
        }
        return strips;
    }

    private void goOn(Beginning from, int limit, int[] nextSum, Map<StripPattern.Counts, Beginning> next) {
        int branches = 0;
        for (Choice choice : choices.get(dearest(from.left()))) {
            StripPattern strip = choice.strip();
            if (from.promise() + choice.loss() >= limit + SLACK) {
                // What is left is worth no less than that without the strip, and those that follow lose more.
                return;
            }
            int[] left = new int[prices.length];
            double worth = 0;
            for (int k = 0; k < left.length; k++) {
                left[k] = Math.max(0, from.left()[k] - strip.count(k));
                worth += prices[k] * left[k];
            }
            int along = from.along() + cells.heights()[strip.height()];
            int least = (int) Math.ceil(worth - SLACK);
            if (least < nextSum.length && along + nextSum[least] < limit) {
                branches++;
                next.merge(
                        new StripPattern.Counts(left), new Beginning(left, along, worth, Optional.of(strip), Optional.of(from)),
                        (one, other) -> one.along() <= other.along() ? one : other);
            }
            if (branches == MOST_BRANCHES) {
                return;
            }
        }
    }

    /** The dearest piece that is left; -1 if none is. */
    private int dearest(int[] left) {
        for (int piece : dearestFirst) {
            if (left[piece] > 0) {
                return piece;
            }
        }
        return -1;
    }
}
