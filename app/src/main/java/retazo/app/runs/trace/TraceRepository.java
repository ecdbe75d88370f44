package retazo.app.runs.trace;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import retazo.app.runs.book.BagEntity;

/** Follows cloth through the records of cuts. */
interface TraceRepository extends Repository<BagEntity, Long> {

    /** A bag with cloth of a lot. */
    interface OfLot {

        long getBagId();

        long getRunId();

        int getNumber();

        long getKitId();

        String getState();

        @Nullable
        Instant getSoldAt();

        String getBolts();

        long getTicks();
    }

    /** The bags that were cut from the bolts of a fabric's lot and not taken apart, the newest first. */
    @Query(value = """
            SELECT b.id AS "bagId", b.run_id AS "runId", b.number AS number, b.kit_id AS "kitId", b.state AS state, b.sold_at AS "soldAt",
                   string_agg(DISTINCT i.code, ', ' ORDER BY i.code) AS bolts, sum(l.length_ticks) AS ticks
              FROM stock_item i
              JOIN planned_cut c ON c.stock_item_id = i.id AND c.state = 'CUT'
              JOIN LATERAL (SELECT c.bag_line_id UNION ALL SELECT w.bag_line_id FROM planned_cut_with w WHERE w.planned_cut_id = c.id) s
                ON true
              JOIN bag_line l ON l.id = s.bag_line_id
              JOIN bag b ON b.id = l.bag_id AND b.state <> 'LEFT_OUT'
             WHERE i.fabric_id = :fabricId AND i.lot = :lot
             GROUP BY b.id ORDER BY b.id DESC LIMIT :most""", nativeQuery = true)
    List<OfLot> ofLot(long fabricId, String lot, int most);

    /** What became of the cloth of a fabric in a run, in ticks. */
    interface OfRun {

        long getFabricId();

        long getCut();

        long getFlawed();

        long getWasted();

        long getRemnants();

        long getSold();
    }

    /** By fabric, of what was recorded at the tickets of a run and not taken back. */
    @Query(value = """
            SELECT i.fabric_id AS "fabricId",
                   coalesce(-sum(m.amount_ticks) FILTER (WHERE m.reason = 'CUT_FOR_RUN'), 0) AS cut,
                   coalesce(-sum(m.amount_ticks) FILTER (WHERE m.reason = 'FLAW'), 0) AS flawed,
                   coalesce(-sum(m.amount_ticks) FILTER (WHERE m.reason = 'WASTE'), 0) AS wasted,
                   coalesce(sum(m.amount_ticks) FILTER (WHERE m.reason = 'SPLIT' AND m.amount_ticks > 0), 0) AS remnants,
                   coalesce(sum((SELECT -sum(s.amount_ticks) FROM movement s
                                  WHERE s.stock_item_id = m.stock_item_id AND s.reason = 'SOLD_BY_LENGTH'
                                    AND NOT EXISTS (SELECT FROM movement back WHERE back.reverses_id = s.id)))
                            FILTER (WHERE m.reason = 'SPLIT' AND m.amount_ticks > 0), 0) AS sold
              FROM cut_record r JOIN movement m ON m.group_id = r.client_id JOIN stock_item i ON i.id = m.stock_item_id
             WHERE r.run_id = :runId AND NOT r.undone AND i.fabric_id IS NOT NULL
             GROUP BY i.fabric_id""", nativeQuery = true)
    List<OfRun> ofRun(long runId);

    /** A step that somebody recorded. */
    interface Step {

        long getPersonId();

        Instant getAt();
    }

    /** The cuts of a run that were not taken back. */
    @Query(value = """
            SELECT person_id AS "personId", at FROM cut_record WHERE run_id = :runId AND NOT undone ORDER BY at""", nativeQuery = true)
    List<Step> cuts(long runId);

    /** What was put into the bags of a run. */
    @Query(value = """
            SELECT t.person_id AS "personId", t.at AS at
              FROM bag_tick t
              LEFT JOIN bag_line l ON l.id = t.bag_line_id
              LEFT JOIN bag_pick p ON p.id = t.bag_pick_id
              LEFT JOIN bag_packet k ON k.id = t.bag_packet_id
              JOIN bag b ON b.id = coalesce(l.bag_id, p.bag_id, k.bag_id)
             WHERE b.run_id = :runId ORDER BY t.at""", nativeQuery = true)
    List<Step> ticks(long runId);
}
