package retazo.app.stock.bulk;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.StockItemEntity;

/** Lines of stock and of its book, many in one statement; what is on hand follows as ever by the book's trigger. */
interface BulkRepository extends Repository<StockItemEntity, Long> {

    /** @param codes one on a line */
    @Query(value = "SELECT code FROM stock_item WHERE code = ANY (string_to_array(:codes, chr(10)))", nativeQuery = true)
    List<String> taken(String codes);

    /** What has a number. */
    interface OfCode {

        String getCode();

        long getId();
    }

    /** @param codes one on a line */
    @Query(value = "SELECT code, id FROM stock_item WHERE code = ANY (string_to_array(:codes, chr(10)))", nativeQuery = true)
    List<OfCode> idsOf(String codes);

    /**
     * Bolts, and a line of the book for each.
     *
     * @param bolts a JSON array of objects with the names of these columns
     */
    @Modifying
    @Query(value = """
            WITH b AS (
                SELECT * FROM jsonb_to_recordset(CAST(:bolts AS jsonb))
                       AS b(code varchar, fabric bigint, lot varchar, place varchar, width bigint, measured boolean, length bigint)),
            i AS (
                INSERT INTO stock_item (version, kind, code, fabric_id, lot, place, usable_width_ticks, measured_at, created_at)
                SELECT 0, 'BOLT', b.code, b.fabric, b.lot, b.place, b.width, CASE WHEN b.measured THEN CAST(:now AS timestamptz) END, :now
                  FROM b RETURNING id, code)
            INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id, note)
            SELECT i.id, b.length, 'RECEIVED', :person, :now, gen_random_uuid(), :entry, '' FROM b JOIN i ON i.code = b.code
             ORDER BY i.id""", nativeQuery = true)
    void receive(String bolts, long person, UUID entry, Instant now);

    /** A bolt of each fabric that came under an entry. */
    @Query("""
            SELECT min(i.id) FROM StockItemEntity i
             WHERE i.fabricId IS NOT NULL AND i.id IN (SELECT m.stockItemId FROM MovementEntity m WHERE m.groupId = :entry)
             GROUP BY i.fabricId""")
    List<Long> oneOfEachFabric(UUID entry);

    /** Locks all that an entry touched, in the order of ids. */
    @Query(value = """
            SELECT i.id FROM stock_item i WHERE i.id IN (SELECT m.stock_item_id FROM movement m WHERE m.group_id = :entry)
             ORDER BY i.id FOR UPDATE""", nativeQuery = true)
    List<Long> lockOf(UUID entry);

    /** The first thing of an entry on which something newer was booked, or of which something is promised. */
    @Query(value = """
            SELECT i.code FROM movement m JOIN stock_item i ON i.id = m.stock_item_id
             WHERE m.group_id = :entry
               AND (EXISTS (SELECT FROM movement n WHERE n.stock_item_id = m.stock_item_id AND n.id > m.id)
                    OR EXISTS (SELECT FROM reservation r WHERE r.stock_item_id = m.stock_item_id))
             ORDER BY i.code LIMIT 1""", nativeQuery = true)
    Optional<String> firstInUse(UUID entry);

    /** Takes back the lines of an entry on the items from one id to another. */
    @Modifying
    @Query(value = """
            INSERT INTO movement (stock_item_id, amount_ticks, amount_count, reason, person_id, at, client_id, reverses_id, group_id, note)
            SELECT m.stock_item_id, -m.amount_ticks, -m.amount_count, 'REVERSAL', :person, :now, gen_random_uuid(), m.id, :entry,
                   CASE WHEN i.kind = 'BOLT' THEN :was || i.code ELSE '' END
              FROM movement m JOIN stock_item i ON i.id = m.stock_item_id
             WHERE m.group_id = :wrong AND m.stock_item_id BETWEEN :first AND :last
             ORDER BY m.stock_item_id""", nativeQuery = true)
    void reverse(UUID wrong, long first, long last, long person, UUID entry, Instant now, String was);
}
