package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** What one strip gives, in whole cells: columns side by side, each of rows one above the other, each of pieces side by side. */
final class StripPattern {

    /** Pieces side by side. */
    static final class Row {
        private final List<StripCells.Way> ways = new ArrayList<>();

        void add(StripCells.Way way) {
            ways.add(way);
        }

        List<StripCells.Way> ways() {
            return ways;
        }

        /** Of its tallest piece. */
        int along() {
            return ways.stream().mapToInt(StripCells.Way::along).max().orElse(0);
        }
    }

    /** Rows one above the other, none wider than the column. */
    static final class Column {
        private final int across;
        private final List<Row> rows = new ArrayList<>();

        Column(int across) {
            this.across = across;
        }

        void add(Row row) {
            rows.add(row);
        }

        int across() {
            return across;
        }

        List<Row> rows() {
            return rows;
        }

        int along() {
            return rows.stream().mapToInt(Row::along).sum();
        }
    }

    private final int height;
    private final List<Column> columns = new ArrayList<>();
    private final int[] counts;
    private boolean plain = true;

    /** @param height as an index into the heights of the cells */
    StripPattern(int height, int pieces) {
        this.height = height;
        this.counts = new int[pieces];
    }

    /**
     * A strip of one piece only, the way round that takes the least cloth for so many.
     *
     * <p>⌊U ÷ w⌋ to a strip of height h: as much cloth as ⌈count ÷ ⌊U ÷ w⌋⌉ · h.
     */
    static StripPattern alone(int piece, int count, StripCells cells) {
        return cells.ways().stream()
                .filter(way -> way.piece() == piece)
                .map(way -> alone(way, count, cells))
                .min(Comparator.comparing(strip -> (-Math.floorDiv(-count, strip.count(piece))) * (long) cells.heights()[strip.height()]))
                .orElseThrow();
    }

    /** A strip of one piece one way round, no more than needed. */
    static StripPattern alone(StripCells.Way way, int count, StripCells cells) {
        return sideBySide(cells.heightFor(way.along()), Collections.nCopies(Math.min(count, cells.width() / way.across()), way), cells);
    }

    /** Pieces side by side on one strip. */
    static StripPattern sideBySide(int height, List<StripCells.Way> ways, StripCells cells) {
        StripPattern strip = new StripPattern(height, cells.pieces());
        for (StripCells.Way way : ways) {
            Column column = new Column(way.across());
            Row row = new Row();
            row.add(way);
            column.add(row);
            strip.add(column);
        }
        return strip;
    }

    void add(Column column) {
        columns.add(column);
        plain &= column.rows().size() == 1;
        column.rows().forEach(row -> row.ways().forEach(way -> counts[way.piece()]++));
    }

    int height() {
        return height;
    }

    List<Column> columns() {
        return columns;
    }

    int count(int piece) {
        return counts[piece];
    }

    boolean isEmpty() {
        return columns.isEmpty();
    }

    /** Whether all pieces stand side by side. */
    boolean isPlain() {
        return plain;
    }

    /** How many different sizes it holds. */
    int sizes() {
        return (int) Arrays.stream(counts).filter(count -> count > 0).count();
    }

    /** Whether no piece is in it more often than it is needed. */
    boolean isWithin(int[] needed) {
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > needed[i]) {
                return false;
            }
        }
        return true;
    }

    /** How often it can be cut before some piece is there too often; it must hold some. */
    int timesWithin(int[] needed) {
        int times = Integer.MAX_VALUE;
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                times = Math.min(times, needed[i] / counts[i]);
            }
        }
        return times;
    }

    /** What pieces with these values make it worth. */
    long value(long[] values) {
        long value = 0;
        for (int i = 0; i < counts.length; i++) {
            value += counts[i] * values[i];
        }
        return value;
    }

    /** The same strip without the pieces that are not needed any more, no higher than it then has to be. */
    StripPattern trimmedTo(int[] needed, StripCells cells) {
        int[] left = needed.clone();
        List<Column> kept = new ArrayList<>();
        for (Column column : columns) {
            Column trimmed = new Column(column.across());
            for (Row row : column.rows()) {
                Row rest = new Row();
                row.ways().stream().filter(way -> left[way.piece()]-- > 0).forEach(rest::add);
                if (!rest.ways().isEmpty()) {
                    trimmed.add(rest);
                }
            }
            if (!trimmed.rows().isEmpty()) {
                kept.add(trimmed);
            }
        }
        int along = kept.stream().mapToInt(Column::along).max().orElse(0);
        StripPattern pattern = new StripPattern(cells.heightFor(along), counts.length);
        kept.forEach(pattern::add);
        return pattern;
    }

    /** Equal for strips of the same height that hold the same pieces, wherever they lie; to be asked when it is finished. */
    Held held() {
        return new Held(height, new Counts(counts));
    }

    /** How many of each piece, to find what holds or needs the same. */
    record Counts(int[] counts) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Counts same && Arrays.equals(counts, same.counts);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(counts);
        }
    }

    /** What a strip holds, and how high it is. */
    record Held(int height, Counts counts) {
    }
}
