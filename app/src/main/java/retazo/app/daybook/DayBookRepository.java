package retazo.app.daybook;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.stock.MovementEntity;

/** Lines of the book, newest first. */
interface DayBookRepository extends Repository<MovementEntity, Long> {

    /** A line with what it is about. */
    interface Line {

        long getId();

        Instant getAt();

        String getReason();

        long getTicks();

        long getCount();

        String getPerson();

        long getItemId();

        String getKind();

        String getCode();

        String getName();

        long getGoodId();

        long getKitId();

        String getNote();
    }

    /** Things in stock in whose number, lot, place, code or name all that is looked for is. */
    @Query(value = """
            SELECT i.id FROM stock_item i LEFT JOIN fabric f ON f.id = i.fabric_id LEFT JOIN good g ON g.id = i.good_id
             WHERE lower(concat_ws(' ', i.code, i.lot, i.place, f.code, f.name, g.code, g.name))
                   LIKE ALL (string_to_array(:likes, chr(10)))
             ORDER BY i.id DESC""", nativeQuery = true)
    List<Long> itemsLike(String likes, Limit most);

    /**
     * Lines before one of them.
     *
     * @param person 0 for all people
     * @param reason empty for all reasons
     * @param items  ids with commas between; empty for all things
     */
    @Query(value = """
            SELECT m.id, m.at, m.reason, m.amount_ticks AS ticks, m.amount_count AS count, p.name AS person, i.id AS "itemId",
                   i.kind, i.code, coalesce(f.name, g.name, '') AS name, coalesce(i.good_id, 0) AS "goodId",
                   coalesce(i.kit_id, 0) AS "kitId", m.note
              FROM movement m JOIN stock_item i ON i.id = m.stock_item_id JOIN person p ON p.id = m.person_id
              LEFT JOIN fabric f ON f.id = i.fabric_id LEFT JOIN good g ON g.id = i.good_id
             WHERE m.id < :before AND m.at >= :since AND m.at < :until
               AND (:person = 0 OR m.person_id = :person) AND (:reason = '' OR m.reason = :reason)
               AND (:items = '' OR m.stock_item_id = ANY (CAST(string_to_array(:items, ',') AS bigint[])))
             ORDER BY m.id DESC""", nativeQuery = true)
    List<Line> before(
            long before, Instant since, Instant until, long person, String reason, String items, Limit most);
}
