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

    @Query(value = """
            SELECT t.* FROM kit_title t WHERE NOT t.stands_in AND t.searched LIKE ALL (string_to_array(:likes, chr(10)))
             ORDER BY lower(t.pattern), t.colourway, t.size_position, t.id""", nativeQuery = true)
    Slice<KitTitleEntity> find(String likes, Pageable page);

    @Query(value = """
            SELECT t.* FROM kit_title t JOIN stock_item i ON i.kit_id = t.id
             WHERE t.searched LIKE ALL (string_to_array(:likes, chr(10)))
             ORDER BY lower(t.pattern), t.colourway, t.size_position, t.id""", nativeQuery = true)
    Slice<KitTitleEntity> onShelf(String likes, Pageable page);

    @Query(value = """
            SELECT t.* FROM kit_title t WHERE t.colourway_id = (SELECT k.colourway_id FROM kit k WHERE k.id = :kitId)
             ORDER BY t.size_position, t.id""", nativeQuery = true)
    List<KitTitleEntity> ofColourway(long kitId);
}
