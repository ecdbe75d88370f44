package retazo.core.quilt;

import java.util.List;
import java.util.Map;
import retazo.core.block.RoleKey;
import retazo.core.measure.Length;

/** What the paper of a pattern prints for its makers: how much of each role each size takes. As printed, not checked. */
public record SizeTable(List<Row> rows) {

    public static final int MOST_ROWS = 60;

    /** No printed length is longer. */
    public static final Length LONGEST = Length.ofYards(60, 1);

    public SizeTable {
        rows = List.copyOf(rows);
    }

    /**
     * One row.
     *
     * @param use   what the role is used for in this row
     * @param cells the ways of meeting the need of each size, the first one preferred; a size without need is left out
     */
    public record Row(RoleKey role, Use use, Map<SizeKey, List<PrintedAmount>> cells) {
        public Row {
            cells = Map.copyOf(cells);
        }
    }
}
