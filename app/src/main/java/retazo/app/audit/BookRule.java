package retazo.app.audit;

/**
 * What must hold between the movement book and what was done. Each is asked of the database for what breaks it, by a text that finds it
 * again; a movement stands as long as no other takes it back.
 */
enum BookRule {
    ON_HAND("""
            SELECT i.code FROM stock_item i
              LEFT JOIN (SELECT stock_item_id, sum(amount_ticks) AS ticks, sum(amount_count) AS count
                           FROM movement GROUP BY stock_item_id) m
                ON m.stock_item_id = i.id
             WHERE (i.on_hand_ticks, i.on_hand_count) <> (coalesce(m.ticks, 0), coalesce(m.count, 0))"""),

    CUT_WITHOUT_MOVEMENT("""
            SELECT 'cut ' || r.id || ' of run ' || r.run_id FROM cut_record r
             WHERE r.outcome = 'GOOD' AND NOT r.undone AND NOT EXISTS (
                   SELECT FROM movement m
                    WHERE m.group_id = r.client_id AND m.stock_item_id = r.stock_item_id AND m.reason = 'CUT_FOR_RUN'
                      AND m.amount_ticks = -r.real_ticks AND NOT EXISTS (SELECT FROM movement back WHERE back.reverses_id = m.id))"""),

    MOVEMENT_WITHOUT_CUT("""
            SELECT 'movement ' || m.id FROM movement m
             WHERE m.reason = 'CUT_FOR_RUN' AND NOT EXISTS (SELECT FROM movement back WHERE back.reverses_id = m.id)
               AND NOT EXISTS (SELECT FROM cut_record r WHERE r.client_id = m.group_id AND r.outcome = 'GOOD' AND NOT r.undone)"""),

    PLAN_AND_CUTS("""
            SELECT 'planned cut ' || c.id || ' of run ' || c.run_id FROM planned_cut c
             WHERE (c.state = 'CUT') <> EXISTS (
                   SELECT FROM cut_record r WHERE r.planned_cut_id = c.id AND r.outcome = 'GOOD' AND NOT r.undone)"""),

    BAG_WITHOUT_MOVEMENT("""
            SELECT 'bag ' || b.number || ' of run ' || b.run_id FROM bag b
             WHERE b.state = 'PACKED' AND b.found_entry IS NULL AND NOT EXISTS (
                   SELECT FROM movement m JOIN stock_item i ON i.id = m.stock_item_id AND i.kit_id = b.kit_id
                    WHERE m.group_id = b.packed_entry AND m.reason = 'PACKED' AND m.amount_count = 1)"""),

    MOVEMENT_WITHOUT_BAG("""
            SELECT 'movement ' || m.id FROM movement m JOIN stock_item i ON i.id = m.stock_item_id
             WHERE m.reason = 'PACKED' AND NOT EXISTS (SELECT FROM bag b WHERE b.packed_entry = m.group_id AND b.state = 'PACKED')
               AND (SELECT count(*) FROM movement k
                     WHERE k.stock_item_id = i.id AND k.reason = 'PACKED'
                       AND NOT EXISTS (SELECT FROM bag b WHERE b.packed_entry = k.group_id AND b.state = 'PACKED'))
                   > (SELECT coalesce(-sum(k.amount_count), 0) FROM movement k
                       WHERE k.stock_item_id = i.id AND k.reason = 'BAG_OPENED')"""),

    FOUND_BAGS("""
            SELECT 'bags of kit ' || coalesce(bags.kit_id, book.kit_id) || ', found with ' || coalesce(bags.entry, book.entry)
              FROM (SELECT b.found_entry AS entry, b.kit_id, count(*) FILTER (WHERE b.state = 'PACKED') AS count
                      FROM bag b WHERE b.found_entry IS NOT NULL GROUP BY 1, 2) bags
              FULL JOIN (SELECT m.group_id AS entry, i.kit_id, sum(m.amount_count + coalesce(back.amount_count, 0)) AS count
                           FROM movement m JOIN stock_item i ON i.id = m.stock_item_id AND i.kit_id IS NOT NULL
                           LEFT JOIN movement back ON back.reverses_id = m.id
                          WHERE m.reason = 'RECEIVED' GROUP BY 1, 2) book
                ON book.entry = bags.entry AND book.kit_id = bags.kit_id
             WHERE bags.count IS DISTINCT FROM book.count"""),

    PICKED("""
            SELECT g.code
              FROM good g
              LEFT JOIN (SELECT p.good_id, sum(p.count) AS count FROM bag_pick p JOIN bag b ON b.id = p.bag_id AND b.state = 'PACKED'
                          GROUP BY p.good_id) bags ON bags.good_id = g.id
              LEFT JOIN (SELECT i.good_id, -sum(m.amount_count) AS count
                           FROM movement m JOIN stock_item i ON i.id = m.stock_item_id
                          WHERE m.reason IN ('PICKED', 'BAG_OPENED') GROUP BY i.good_id) book ON book.good_id = g.id
             WHERE coalesce(bags.count, 0) <> coalesce(book.count, 0)"""),

    OPENED_PACKS("""
            SELECT 'packs opened or closed with ' || m.group_id
              FROM movement m JOIN stock_item i ON i.id = m.stock_item_id JOIN good g ON g.id = i.good_id
             WHERE m.reason IN ('PACK_OPENED', 'PACK_CLOSED')
             GROUP BY m.group_id HAVING sum(m.amount_count * g.per_unit) <> 0"""),

    SALE_WITHOUT_MOVEMENT("""
            SELECT e.asked FROM entry e
             WHERE e.result IS NOT NULL AND e.asked ~ '^(kit|good|take|counter|sell bag|open bag) '
               AND NOT EXISTS (SELECT FROM movement m WHERE m.group_id = e.client_id)"""),

    MOVEMENT_WITHOUT_ENTRY("""
            SELECT 'movement ' || m.id FROM movement m WHERE NOT EXISTS (SELECT FROM entry e WHERE e.client_id = m.group_id)""");

    private final String broken;

    BookRule(String broken) {
        this.broken = broken;
    }

    /** The query for what breaks it: one column of text. */
    String broken() {
        return broken;
    }
}
