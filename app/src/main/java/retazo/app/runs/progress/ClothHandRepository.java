package retazo.app.runs.progress;

import java.time.Instant;
import java.util.Collection;
import java.util.List;

import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

import retazo.app.runs.book.BagEntity;

/** Who cut lengths, and who has fetched bolts. */
interface ClothHandRepository extends Repository<BagEntity, Long> {

    /** Somebody who had to do with it. */
    interface Hand {

        long getId();

        long getPersonId();

        Instant getAt();
    }

    @Query(value = """
            SELECT planned_cut_id AS id, person_id AS "personId", at FROM cut_record
             WHERE planned_cut_id IN (:cutIds) AND outcome = 'GOOD' AND NOT undone""", nativeQuery = true)
    List<Hand> cut(Collection<Long> cutIds);

    @Query(value = """
            SELECT stock_item_id AS id, fetched_by AS "personId", fetched_at AS at FROM pull_tick
             WHERE stock_item_id IN (:boltIds) AND back_at IS NULL""", nativeQuery = true)
    List<Hand> fetched(Collection<Long> boltIds);
}
