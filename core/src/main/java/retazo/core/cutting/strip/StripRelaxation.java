package retazo.core.cutting.strip;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;

/**
 * The least length of strips when strips may be taken in parts: it leads the search to good strips, and no plan is shorter.
 *
 * <p>Column generation (Gilmore and Gomory): the covering program names what one more of each piece would cost, the tables find
 * the strip that is worth most at these prices, until none is worth more than its height. The bound is exact whatever the program's
 * rounding: prices are whole numbers of a 1024th of a tick, the best strip at these prices is found in whole numbers, and prices
 * reduced until no strip is worth more than its height add up to no more than any plan is long (Farley's bound).
 */
final class StripRelaxation {

    /** Prices are whole numbers of this part of a tick. */
    static final long PRICE_UNITS = 1_024;
    private static final double TICKS_PER_INCH = 609_600;
    private static final int MOST_ROUNDS = 60;
    private static final double WORTHWHILE = 1 + 1e-9;

    private final StripCells cells;
    private final int[] needed;
    private final int[] rows;
    private final CoveringProgram program;
    private final List<StripPattern> pool = new ArrayList<>();
    private final Set<StripPattern.Held> held = new HashSet<>();
    private final StripTables tables;
    private long[] prices;
    private BigInteger worth = BigInteger.ZERO;
    private BigInteger dearest = BigInteger.ONE;

    /** @param needed how many of each piece; those of none are left out */
    StripRelaxation(StripCells cells, int[] needed) {
        this.cells = cells;
        this.needed = needed.clone();
        this.rows = IntStream.range(0, needed.length).filter(i -> needed[i] > 0).toArray();
        this.tables = new StripTables(cells);
        double[] demands = new double[rows.length];
        double[] covers = new double[rows.length];
        double[] costs = new double[rows.length];
        for (int row = 0; row < rows.length; row++) {
            StripPattern alone = StripPattern.alone(rows[row], needed[rows[row]], cells);
            pool.add(alone);
            held.add(alone.held());
            demands[row] = needed[rows[row]];
            covers[row] = alone.count(rows[row]);
            costs[row] = cost(alone);
        }
        this.program = new CoveringProgram(demands, covers, costs);
        this.prices = new long[needed.length];
    }

    /** All pieces of a request, generated: the bound and the search both start from it. Joined strips are not looked at. */
    static StripRelaxation of(CutRequest request) {
        StripCells cells = new StripCells(request);
        StripRelaxation relaxation = new StripRelaxation(cells, cells.counts());
        relaxation.generate();
        return relaxation;
    }

    StripCells cells() {
        return cells;
    }

    private double cost(StripPattern strip) {
        return cells.along(cells.heights()[strip.height()]).ticks() / TICKS_PER_INCH;
    }

    /** A strip that may be taken, if the program does not have it. */
    void offer(StripPattern strip) {
        if (held.add(strip.held())) {
            pool.add(strip);
            double[] column = new double[rows.length];
            for (int row = 0; row < rows.length; row++) {
                column[row] = strip.count(rows[row]);
            }
            program.add(column, cost(strip));
        }
    }

    /** Solves with the strips that are there. */
    void solve() {
        program.solve();
        double[] exact = program.prices();
        prices = new long[needed.length];
        for (int row = 0; row < rows.length; row++) {
            prices[rows[row]] = (long) (exact[row] * TICKS_PER_INCH * PRICE_UNITS);
        }
    }

    /** Solves and adds strips until none would help, with rows alone first, then with stacks; rounds of either kind are limited. */
    void generate() {
        solve();
        for (int round = 0; round < MOST_ROUNDS && offerRows(); round++) {
            solve();
        }
        for (int round = 0; cells.stacks() && round < MOST_ROUNDS && offerStacked(); round++) {
            solve();
        }
    }

    /**
     * Adds strips that are not the best, but near: of each height those of one row that cost no more than so much above their worth, some
     * of them, and the dearest stacked one.
     *
     * @param loss in ticks
     */
    void offerNear(long loss, int mostOfHeight) {
        tables.fillRows(prices);
        for (int height = 0; height < cells.heights().length; height++) {
            tables.nearRows(height, cells.width(), priceOf(height) - loss * PRICE_UNITS, prices, mostOfHeight).forEach(this::offer);
        }
        if (cells.stacks()) {
            StripTables.Strips strips = tables.strips(tables.stacks(cells.widths()), cells.width());
            for (int height = 0; height < cells.heights().length; height++) {
                offer(strips.patternOf(height));
            }
        }
        cells.ways().stream()
                .filter(way -> needed[way.piece()] > 0)
                .map(way -> StripPattern.alone(way, needed[way.piece()], cells))
                .forEach(this::offer);
    }

    private boolean offerRows() {
        tables.fillRows(prices);
        boolean offered = false;
        for (int height = 0; height < cells.heights().length; height++) {
            if (isWorthwhile(tables.rowValue(height, cells.width()), height)) {
                offer(tables.rowPattern(height, cells.width()));
                offered = true;
            }
        }
        return offered;
    }

    private boolean offerStacked() {
        tables.fillRows(prices);
        StripTables.Strips strips = tables.strips(tables.stacks(cells.widths()), cells.width());
        boolean offered = false;
        for (int height = 0; height < cells.heights().length; height++) {
            if (isWorthwhile(strips.value(height), height)) {
                offer(strips.patternOf(height));
                offered = true;
            }
        }
        return offered;
    }

    boolean isWorthwhile(long value, int height) {
        return value > priceOf(height) * WORTHWHILE;
    }

    private long priceOf(int height) {
        return cells.along(cells.heights()[height]).ticks() * PRICE_UNITS;
    }

    /**
     * Works out the bound with columns of every width.
     *
     * @param free what is there without any cost, for pieces to come from
     */
    void bound(List<Free> free) {
        tables.fillRows(prices);
        int[] widths = tables.telling();
        StripTables.Stacks stacks = tables.stacks(widths);
        StripTables.Strips strips = tables.strips(stacks, cells.width());
        dearest = BigInteger.valueOf(PRICE_UNITS);
        BigInteger height = BigInteger.ONE;
        for (int i = 0; i < cells.heights().length; i++) {
            BigInteger value = BigInteger.valueOf(strips.value(i));
            BigInteger ticks = BigInteger.valueOf(cells.along(cells.heights()[i]).ticks());
            if (value.multiply(height).compareTo(dearest.multiply(ticks)) > 0) {
                dearest = value;
                height = ticks;
            }
        }
        worth = BigInteger.ZERO;
        for (int row : rows) {
            worth = worth.add(BigInteger.valueOf(prices[row]).multiply(BigInteger.valueOf(needed[row])));
        }
        for (Free one : free) {
            worth = worth.subtract(BigInteger.valueOf(one.value(tables, strips)).multiply(BigInteger.valueOf(one.times())));
        }
        worth = worth.max(BigInteger.ZERO).multiply(height);
    }

    /** Length in ticks that no plan is below. */
    long boundTicks() {
        BigInteger[] parts = worth.divideAndRemainder(dearest);
        return parts[0].longValueExact() + (parts[1].signum() > 0 ? 1 : 0);
    }

    /** What all that is needed is worth, in cells along the cloth. */
    long worthCells() {
        double worth = 0;
        for (int row : rows) {
            worth += (double) prices[row] * needed[row];
        }
        return (long) (worth / PRICE_UNITS / cells.along(1).ticks());
    }

    long[] prices() {
        return prices.clone();
    }

    List<StripPattern> pool() {
        return pool;
    }

    /** How often the solution takes a strip of the pool. */
    double level(int strip) {
        return program.level(strip);
    }

    StripTables tables() {
        return tables;
    }

    /** A rectangle beside a settled strip, so many times. */
    record Free(int across, int along, int times) {

        /** The most that strips of its width, one below the other, are worth. */
        long value(StripTables tables, StripTables.Strips strips) {
            return tables.stackedStrips(strips, across, along);
        }
    }
}
