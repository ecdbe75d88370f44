package retazo.core.quilt.size;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.Use;

/** What the paper of a pattern prints for its makers: how much of each role each size takes. As printed, not checked. */
public record SizeTable(List<Row> rows) {

    public static final int MOST_ROWS = 60;

    /** No printed length is longer. */
    public static final Length LONGEST = Length.ofYards(60, 1);

    public SizeTable {
        rows = List.copyOf(rows);
    }

    /** Without the cells of other sizes than these. */
    public SizeTable withSizes(Set<SizeKey> kept) {
        return new SizeTable(rows.stream().map(row -> new Row(row.role(), row.use(), row.cells().entrySet().stream()
                .filter(cell -> kept.contains(cell.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)))).toList());
    }

    /**
     * The length that is printed for a role at a size, all its rows together; empty where a row of it has none or is met by
     * precuts alone.
     */
    public Optional<Length> printedLength(RoleKey role, SizeKey size) {
        List<Row> ofRole = rows.stream().filter(row -> row.role().equals(role) && row.cells().containsKey(size)).toList();
        List<Length> lengths = ofRole.stream()
                .flatMap(row -> requireNonNull(row.cells().get(size)).stream()
                        .flatMap(amount -> amount.match(cloth -> Stream.of(cloth.length()), precuts -> Stream.<Length>empty()))
                        .limit(1))
                .toList();
        return lengths.isEmpty() || lengths.size() < ofRole.size() ? Optional.empty() : lengths.stream().reduce(Length::plus);
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
