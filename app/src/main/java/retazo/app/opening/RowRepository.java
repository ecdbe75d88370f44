package retazo.app.opening;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The lines of lists and what is wrong in them, many in one statement. */
interface RowRepository extends Repository<OpeningListEntity, Long> {

    /** A line as it is kept; its cells are a JSON object. */
    interface Kept {

        int getLine();

        String getCells();
    }

    /** A fault as it is kept. */
    interface KeptFault {

        int getLine();

        String getPlace();

        String getSentence();
    }

    /** Adds lines, or writes others over them. */
    @Modifying
    @Query(value = """
            INSERT INTO opening_row (list_id, line, cells)
            SELECT :list, r.line, r.cells FROM jsonb_to_recordset(CAST(:rows AS jsonb)) AS r(line integer, cells jsonb)
            ON CONFLICT (list_id, line) DO UPDATE SET cells = EXCLUDED.cells""", nativeQuery = true)
    void write(long list, String rows);

    @Query(value = "SELECT line, cells FROM opening_row WHERE list_id = :list AND line > :after ORDER BY line", nativeQuery = true)
    List<Kept> after(long list, int after, Limit most);

    /** Lines in which something is wrong. */
    @Query(value = """
            SELECT r.line, r.cells FROM opening_row r
             WHERE r.list_id = :list AND r.line > :after
               AND EXISTS (SELECT FROM opening_fault f WHERE f.list_id = r.list_id AND f.line = r.line)
             ORDER BY r.line""", nativeQuery = true)
    List<Kept> wrongAfter(long list, int after, Limit most);

    @Query(value = "SELECT count(*) FROM opening_row WHERE list_id = :list", nativeQuery = true)
    int count(long list);

    @Query(value = "SELECT coalesce(max(line), 0) FROM opening_row WHERE list_id = :list", nativeQuery = true)
    int last(long list);

    @Modifying
    @Query(value = "DELETE FROM opening_row WHERE list_id = :list", nativeQuery = true)
    void clear(long list);

    @Modifying
    @Query(value = "DELETE FROM opening_row WHERE list_id = :list AND line IN :lines", nativeQuery = true)
    void drop(long list, Collection<Integer> lines);

    @Modifying
    @Query(value = """
            INSERT INTO opening_fault (list_id, line, place, sentence)
            SELECT :list, f.line, f.place, f.sentence
              FROM jsonb_to_recordset(CAST(:faults AS jsonb)) AS f(line integer, place varchar, sentence varchar)""", nativeQuery = true)
    void writeFaults(long list, String faults);

    @Modifying
    @Query(value = "DELETE FROM opening_fault WHERE list_id = :list", nativeQuery = true)
    void clearFaults(long list);

    @Query(value = "SELECT line, place, sentence FROM opening_fault WHERE list_id = :list AND line IN :lines ORDER BY id",
            nativeQuery = true)
    List<KeptFault> faults(long list, Collection<Integer> lines);

    @Query(value = "SELECT count(DISTINCT line) FROM opening_fault WHERE list_id = :list", nativeQuery = true)
    int wrongLines(long list);
}
