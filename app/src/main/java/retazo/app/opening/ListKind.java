package retazo.app.opening;

import java.util.List;
import java.util.function.Consumer;
import retazo.app.shared.Outcome;
import retazo.app.staff.Right;
import retazo.app.stock.Entry;

/** What a list is of. */
interface ListKind {

    /** Their names, as addresses have them and as they are kept. */
    enum Name {
        FABRICS,
        BOLTS,
        GOODS,
        PEOPLE
    }

    Name name();

    /** Who may read, book and save such lists. */
    Right right();

    List<Column> columns();

    /** Reads all lines; blank ones are not among them. */
    Checked check(List<Row> rows);

    /**
     * Takes back what a booked list brought, whole or not at all.
     *
     * @param booked of the list
     */
    Outcome<Long> takeBack(List<Row> rows, Entry booked, Entry entry);

    /** All that there is of it, line by line in the order of the columns, so that it can be read as a list again. */
    void save(Consumer<List<String>> line);
}
