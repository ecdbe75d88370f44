package retazo.app.kits.index;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Finds kits by their names. */
interface KitTitleRepository extends Repository<KitTitleEntity, Long> {

    List<KitTitleEntity> findByIdIn(Collection<Long> ids);

    /** Kits in whose names, and in the colours that are seen in them, all of it is. */
    String SEEN = """
            SELECT t.* FROM kit_title t LEFT JOIN stock_item i ON i.kit_id = t.id
             WHERE NOT t.stands_in AND t.searched || ' ' || t.seen LIKE ALL (ARRAY(SELECT unnest(string_to_array(:likes, chr(10)))))
               AND""";

    @Query(value = SEEN + " t.ended = :ended ORDER BY lower(t.pattern), t.colourway, t.size_position, t.id", nativeQuery = true)
    Slice<KitTitleEntity> find(String likes, boolean ended, Pageable page);

    @Query(value = SEEN + """
             (NOT t.ended OR i.on_hand_count > 0)
             ORDER BY coalesce(i.on_hand_count, 0) = 0, lower(t.pattern), t.colourway, t.size_position, t.id""", nativeQuery = true)
    Slice<KitTitleEntity> shelfFirst(String likes, Pageable page);

    @Query(value = """
            SELECT t.* FROM kit_title t JOIN stock_item i ON i.kit_id = t.id
             WHERE t.searched LIKE ALL (string_to_array(:likes, chr(10)))
             ORDER BY lower(t.pattern), t.colourway, t.size_position, t.id""", nativeQuery = true)
    Slice<KitTitleEntity> onShelf(String likes, Pageable page);

    @Query(value = SEEN + """
             (:size = '' OR lower(t.size_name) = lower(:size))
               AND (:range = '' OR EXISTS (
                   SELECT FROM colourway_choice c JOIN fabric f ON f.id = c.fabric_id
                    WHERE c.colourway_id = t.colourway_id AND lower(f.range_name) = lower(:range)))
               AND (NOT (:onShelf OR t.ended) OR i.on_hand_count > 0)
               AND (t.ended OR NOT :lasts)
             ORDER BY lower(t.pattern), t.colourway, t.size_position, t.id
            OFFSET :from LIMIT :most""", nativeQuery = true)
    List<KitTitleEntity> filtered(String likes, String size, String range, boolean onShelf, boolean lasts, int from, int most);

    @Query(value = """
            SELECT t.* FROM kit_title t JOIN kit k ON k.id = t.id JOIN kit own ON own.id = :kitId
             WHERE t.pattern_id = (SELECT mine.pattern_id FROM kit_title mine WHERE mine.id = :kitId)
               AND k.size_key = own.size_key AND k.colourway_id <> own.colourway_id AND NOT t.stands_in AND NOT t.ended
             ORDER BY t.colourway, t.id LIMIT :most""", nativeQuery = true)
    List<KitTitleEntity> otherColours(long kitId, int most);

    @Query(value = """
            SELECT min(k.size_name) FROM kit k GROUP BY lower(k.size_name) ORDER BY count(*) DESC, min(k.size_name) LIMIT 40""",
            nativeQuery = true)
    List<String> sizeNames();

    @Query(value = """
            SELECT DISTINCT f.range_name FROM fabric f WHERE f.range_name <> '' ORDER BY f.range_name LIMIT 400""", nativeQuery = true)
    List<String> ranges();

    /** @param names pattern, size and colourway in small letters, one on a line each */
    @Query(value = """
            SELECT t.* FROM kit_title t
             WHERE t.searched = ANY (string_to_array(:names, chr(10))) AND NOT t.stands_in ORDER BY t.id""", nativeQuery = true)
    List<KitTitleEntity> named(String names);

    @Query(value = """
            SELECT t.* FROM kit_title t WHERE t.colourway_id = (SELECT k.colourway_id FROM kit k WHERE k.id = :kitId)
             ORDER BY t.size_position, t.id""", nativeQuery = true)
    List<KitTitleEntity> ofColourway(long kitId);
}
