package retazo.core.quilt;

import java.util.List;
import retazo.core.block.BlockKey;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.measure.Count;

/**
 * Which kind of block stands in which place: the kinds in turn, along the diagonals, from row to row or from column to
 * column. One kind stands everywhere; two along the diagonals make a checkerboard.
 *
 * @param kinds one or more, the first at the top left
 */
public record PlaceRule(Cycle cycle, List<BlockKey> kinds) {

    public static final int MOST_KINDS = 12;

    /** From which place to which the kinds follow one another. */
    public enum Cycle {
        DIAGONALS,
        ROWS,
        COLUMNS
    }

    public PlaceRule {
        kinds = List.copyOf(kinds);
        if (kinds.isEmpty()) {
            throw new IllegalArgumentException("No kind of block stands anywhere.");
        }
    }

    public static PlaceRule uniform(BlockKey kind) {
        return new PlaceRule(Cycle.DIAGONALS, List.of(kind));
    }

    /** The kind at a place, column and row from 0. */
    public BlockKey at(int column, int row) {
        int step = switch (cycle) {
            case DIAGONALS -> column + row;
            case ROWS -> row;
            case COLUMNS -> column;
        };
        return kinds.get(step % kinds.size());
    }

    /**
     * How many blocks of a kind a layout takes.
     *
     * @param key of the resulting figure
     */
    Figure<Count> blocks(String key, Label label, BlockKey kind, Setting.Layout layout) {
        if (kinds.stream().allMatch(kind::equals)) {
            return layout.blocks();
        }
        return Arithmetic.formula(key, label, Operation.PLACES, List.of(layout.columns(), layout.rows()),
                () -> count(kind, layout.columns().value().value(), layout.rows().value().value()));
    }

    private Count count(BlockKey kind, long columns, long rows) {
        long count = 0;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                count += at(column, row).equals(kind) ? 1 : 0;
            }
        }
        return new Count(count);
    }

    /** The kinds, each once. */
    List<BlockKey> distinctKinds() {
        return kinds.stream().distinct().toList();
    }
}
