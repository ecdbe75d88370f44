package retazo.core.cutting.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import retazo.core.measure.Length;

/** Turns what was laid in cells into places on the cloth, with what is left beside and below. */
final class StripAssembly {

    private final StripCells cells;
    private final Length usableWidth;

    StripAssembly(StripCells cells, Length usableWidth) {
        this.cells = cells;
        this.usableWidth = usableWidth;
    }

    /** Strips across the whole width. */
    CutStrip strip(StripSearch.Cut cut) {
        Placing placing = new Placing();
        placing.strip(cut.strip(), Length.ZERO, Length.ZERO);
        return new CutStrip(cut.times(), cells.along(cells.heights()[cut.strip().height()]), placing.pieces, placing.rests);
    }

    /** A settled strip with narrower strips beside it, one below the other. */
    CutStrip beside(FixedStrip fixed, List<StripPattern> levels) {
        Placing placing = new Placing();
        placing.pieces.add(new CutStrip.PlacedPiece(fixed.id(), Length.ZERO, Length.ZERO, fixed.width(), fixed.height(), false));
        Length y = Length.ZERO;
        for (StripPattern level : levels) {
            placing.strip(level, fixed.width(), y);
            y = y.plus(cells.along(cells.heights()[level.height()]));
        }
        placing.rest(fixed.width(), y, usableWidth.minus(fixed.width()), fixed.height().minus(y));
        return new CutStrip(1, fixed.height(), placing.pieces, placing.rests);
    }

    /** Settled strips with nothing beside them. */
    static CutStrip settled(FixedStrip fixed, Length usableWidth) {
        Length rest = usableWidth.minus(fixed.width());
        return new CutStrip(
                fixed.count(),
                fixed.height(),
                List.of(new CutStrip.PlacedPiece(fixed.id(), Length.ZERO, Length.ZERO, fixed.width(), fixed.height(), false)),
                rest.isZero() ? List.of() : List.of(new CutStrip.Rest(fixed.width(), Length.ZERO, rest, fixed.height())));
    }

    /** Places and rests of one strip as they come. */
    private final class Placing {

        private final List<CutStrip.PlacedPiece> pieces = new ArrayList<>();
        private final List<CutStrip.Rest> rests = new ArrayList<>();

        void strip(StripPattern strip, Length left, Length top) {
            Length height = cells.along(cells.heights()[strip.height()]);
            Length x = left;
            List<StripPattern.Column> columns = new ArrayList<>(strip.columns());
            columns.sort(Comparator.comparing(StripPattern.Column::along).thenComparing(StripPattern.Column::across).reversed());
            for (StripPattern.Column column : columns) {
                Length width = column.rows().stream().map(this::width).max(Comparator.naturalOrder()).orElseThrow();
                column(column, x, top, width, height);
                x = x.plus(width);
            }
            rest(x, top, usableWidth.minus(x), height);
        }

        private void column(StripPattern.Column column, Length left, Length top, Length width, Length height) {
            Length y = Length.ZERO;
            List<StripPattern.Row> rows = new ArrayList<>(column.rows());
            rows.sort(Comparator.comparing(StripPattern.Row::along).reversed());
            for (StripPattern.Row row : rows) {
                row(row, left, top.plus(y), width);
                y = y.plus(cells.along(row.along()));
            }
            rest(left, top.plus(y), width, height.minus(y));
        }

        private void row(StripPattern.Row row, Length left, Length top, Length width) {
            Length x = left;
            Length height = cells.along(row.along());
            List<StripCells.Way> ways = new ArrayList<>(row.ways());
            ways.sort(Comparator.comparing(StripCells.Way::along).thenComparing(StripCells.Way::across)
                    .thenComparing(StripCells.Way::piece).reversed());
            for (StripCells.Way way : ways) {
                Length across = cells.across(way);
                Length along = cells.along(way.along());
                pieces.add(new CutStrip.PlacedPiece(cells.piece(way.piece()).id(), x, top, across, along, way.turned()));
                rest(x, top.plus(along), across, height.minus(along));
                x = x.plus(across);
            }
            rest(x, top, left.plus(width).minus(x), height);
        }

        private Length width(StripPattern.Row row) {
            return row.ways().stream().map(cells::across).reduce(Length.ZERO, Length::plus);
        }

        void rest(Length x, Length y, Length width, Length height) {
            if (width.isPositive() && height.isPositive()) {
                rests.add(new CutStrip.Rest(x, y, width, height));
            }
        }
    }
}
