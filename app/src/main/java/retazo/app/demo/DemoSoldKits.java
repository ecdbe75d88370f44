package retazo.app.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.KitPrices;
import retazo.app.shared.Moments;
import retazo.core.measure.Money;
import tools.jackson.databind.json.JsonMapper;

/**
 * Half a year of kits of the demo shop: packed before Retazo came, each bag sold in some week since. It comes before everything else in
 * the book of a kit, and its runs and bags are out of the way of the numbers that a shop counts up.
 */
@Component
class DemoSoldKits {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int WEEKS = 26;
    private static final long OUT_OF_THE_WAY = 900_000;
    private static final int MOST_BAGS = 100;

    private final EntityManager entities;
    private final KitBook kits;
    private final KitPrices prices;
    private final Clock clock;

    DemoSoldKits(EntityManager entities, KitBook kits, KitPrices prices, Clock clock) {
        this.entities = entities;
        this.kits = kits;
        this.prices = prices;
        this.clock = clock;
    }

    /** Of kits that were just made. */
    void fill(List<Long> kitIds) {
        List<Kit> made = kits.inOrder(kitIds);
        KitPrices.Told told = prices.of(made);
        LocalDate monday = Moments.today(clock).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(WEEKS);
        List<Map<String, Object>> runs = new ArrayList<>();
        List<Map<String, Object>> bags = new ArrayList<>();
        for (Kit kit : made) {
            List<Map<String, Object>> sold = sold(kit, monday, told.amount(kit).map(Money::minor).orElse(0L));
            String found = UUID.randomUUID().toString();
            Map<String, Object> run = new LinkedHashMap<>();
            run.put("id", OUT_OF_THE_WAY + kit.id());
            run.put("kit", kit.id());
            run.put("count", sold.size());
            run.put("entry", found);
            run.put("at", at(monday.minusDays(1), LocalTime.of(8, 0)));
            runs.add(run);
            sold.forEach(bag -> bag.put("found", found));
            bags.addAll(sold);
        }
        pack(JSON.writeValueAsString(runs), JSON.writeValueAsString(bags));
        sell(JSON.writeValueAsString(bags));
    }

    /** Some sell every week, some now and then, all of them better before the holidays of autumn. */
    private static List<Map<String, Object>> sold(Kit kit, LocalDate monday, long price) {
        List<Map<String, Object>> sold = new ArrayList<>();
        for (int week = 0; week < WEEKS; week++) {
            long count = Math.max(0, (kit.id() * 7 + week * 5L) % 4 - kit.id() % 3 + (week > 17 && week < 23 ? 1 : 0));
            for (int i = 0; i < count && sold.size() < MOST_BAGS; i++) {
                Map<String, Object> bag = new LinkedHashMap<>();
                bag.put("id", OUT_OF_THE_WAY + kit.id() * MOST_BAGS + sold.size());
                bag.put("run", OUT_OF_THE_WAY + kit.id());
                bag.put("number", sold.size() + 1);
                bag.put("kit", kit.id());
                bag.put("entry", UUID.randomUUID().toString());
                bag.put("price", price);
                LocalDate day = monday.plusDays(week * 7L + (kit.id() + week + i * 2L) % 6);
                bag.put("at", at(day, LocalTime.of(10 + i, (int) (kit.id() % 50), week)));
                sold.add(bag);
            }
        }
        return sold;
    }

    private static String at(LocalDate day, LocalTime time) {
        return day.atTime(time).atZone(ZoneId.systemDefault()).toOffsetDateTime().toString();
    }

    private void pack(String runs, String bags) {
        entities.createNativeQuery(
                """
                INSERT INTO kit_run (id, state, plan_version, person_id, created_at, confirmed_at, found) OVERRIDING SYSTEM VALUE
                SELECT r.id, 'PACKED', 1, p.id, r.at, r.at, true
                  FROM jsonb_to_recordset(CAST(:runs AS jsonb)) AS r(id bigint, at timestamptz), person p
                 WHERE p.sign_in_name = 'marisol'""")
                .setParameter("runs", runs).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO entry (client_id, person_id, asked, at)
                SELECT CAST(r.entry AS uuid), p.id, 'past', r.at
                  FROM jsonb_to_recordset(CAST(:runs AS jsonb)) AS r(entry varchar, at timestamptz), person p
                 WHERE p.sign_in_name = 'marisol'""")
                .setParameter("runs", runs).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO stock_item (version, kind, code, kit_id, created_at)
                SELECT 0, 'KIT', 'KIT-' || r.kit, r.kit, r.at
                  FROM jsonb_to_recordset(CAST(:runs AS jsonb)) AS r(kit bigint, at timestamptz)""")
                .setParameter("runs", runs).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO movement (stock_item_id, amount_count, reason, person_id, at, client_id, group_id, note)
                SELECT i.id, r.count, 'RECEIVED', p.id, r.at, CAST(r.entry AS uuid), CAST(r.entry AS uuid), ''
                  FROM jsonb_to_recordset(CAST(:runs AS jsonb)) AS r(kit bigint, count bigint, entry varchar, at timestamptz)
                  JOIN stock_item i ON i.kit_id = r.kit JOIN person p ON p.sign_in_name = 'marisol'
                 WHERE r.count > 0 ORDER BY i.id""")
                .setParameter("runs", runs).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO bag (id, run_id, number, kit_id, state, packed_at, packed_by, found_entry, sold_at, sold_by)
                       OVERRIDING SYSTEM VALUE
                SELECT b.id, b.run, b.number, b.kit, 'PACKED', r.created_at, r.person_id, CAST(b.found AS uuid), b.at, p.id
                  FROM jsonb_to_recordset(CAST(:bags AS jsonb))
                       AS b(id bigint, run bigint, number integer, kit bigint, found varchar, at timestamptz)
                  JOIN kit_run r ON r.id = b.run JOIN person p ON p.sign_in_name = 'ada'""")
                .setParameter("bags", bags).executeUpdate();
    }

    private void sell(String bags) {
        entities.createNativeQuery(
                """
                INSERT INTO entry (client_id, person_id, asked, at)
                SELECT CAST(b.entry AS uuid), p.id, 'past', b.at
                  FROM jsonb_to_recordset(CAST(:bags AS jsonb)) AS b(entry varchar, at timestamptz), person p
                 WHERE p.sign_in_name = 'ada'""")
                .setParameter("bags", bags).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO movement (stock_item_id, amount_count, reason, person_id, at, client_id, group_id, note)
                SELECT i.id, -1, 'KIT_SOLD', p.id, b.at, CAST(b.entry AS uuid), CAST(b.entry AS uuid), ''
                  FROM jsonb_to_recordset(CAST(:bags AS jsonb)) AS b(kit bigint, entry varchar, at timestamptz)
                  JOIN stock_item i ON i.kit_id = b.kit JOIN person p ON p.sign_in_name = 'ada'
                 ORDER BY b.at, i.id""")
                .setParameter("bags", bags).executeUpdate();
        entities.createNativeQuery("""
                WITH s AS (
                    INSERT INTO sale (person_id, begun_at, done_at)
                    SELECT DISTINCT p.id, b.at, b.at + interval '3 minutes'
                      FROM jsonb_to_recordset(CAST(:bags AS jsonb)) AS b(at timestamptz), person p WHERE p.sign_in_name = 'ada'
                    RETURNING id, begun_at)
                INSERT INTO sale_line (sale_id, entry_id, stock_item_id, bag_id, price_minor, price_currency, at)
                SELECT s.id, CAST(b.entry AS uuid), i.id, b.id, nullif(b.price, 0), CASE WHEN b.price > 0 THEN 'USD' END, b.at
                  FROM jsonb_to_recordset(CAST(:bags AS jsonb))
                       AS b(id bigint, kit bigint, entry varchar, price bigint, at timestamptz)
                  JOIN s ON s.begun_at = b.at JOIN stock_item i ON i.kit_id = b.kit""")
                .setParameter("bags", bags).executeUpdate();
    }
}
