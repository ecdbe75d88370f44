package retazo.app.opening;

import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import retazo.app.shared.Outcome;
import retazo.app.staff.Right;
import retazo.app.stock.Entry;

/** What a list is of. */
abstract class ListKind {

    private final Name name;
    private final Right right;
    private final List<Column> columns;

    ListKind(Name name, Right right, List<Column> columns) {
        this.name = name;
        this.right = right;
        this.columns = columns;
    }

    /** Their names, as addresses have them and as they are kept. */
    enum Name {
        FABRICS,
        BOLTS,
        GOODS,
        KITS,
        PEOPLE
    }

    final Name name() {
        return name;
    }

    /** Who may read, book and save such lists. */
    final Right right() {
        return right;
    }

    final List<Column> columns() {
        return columns;
    }

    /** Reads all lines; blank ones are not among them. */
    abstract Checked check(List<Row> rows);

    /**
     * Takes back what a booked list brought, whole or not at all.
     *
     * @param booked the entry of the list
     * @param entry  under which it is taken back, by whoever asked for it
     */
    abstract Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry);

    /**
     * How many labels belong to what a list brought; they are printed at {@code labels} of its feature by the id of its entry.
     *
     * @param lines of the list
     */
    int labels(UUID entry, int lines) {
        return 0;
    }

    /** All that there is of it, line by line in the order of the columns, so that it can be read as a list again. */
    abstract void save(Consumer<List<String>> line);
}
