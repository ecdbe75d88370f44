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
import retazo.app.fabrics.Fabric;
import retazo.app.shared.Moments;
import retazo.core.measure.Length;
import tools.jackson.databind.json.JsonMapper;

/**
 * Half a year of the demo shop's counter: bolts that were sold up yard by yard, each sale paid. It comes before everything else in the
 * book. Its bolts are out of the way of the numbers that a shop counts up.
 */
@Component
class DemoPast {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int WEEKS = 26;
    private static final int WEEKS_OF_A_BOLT = 4;
    private static final int SALES_OF_A_WEEK = 2;

    private final EntityManager entities;
    private final Clock clock;

    DemoPast(EntityManager entities, Clock clock) {
        this.entities = entities;
        this.clock = clock;
    }

    private record Row(Map<String, Object> bolt, List<Map<String, Object>> sales) {
    }

    void fill(List<Fabric> fabrics, long receiver, long counter) {
        LocalDate monday = Moments.today(clock)
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(WEEKS);
        List<Map<String, Object>> bolts = new ArrayList<>();
        List<Map<String, Object>> sales = new ArrayList<>();
        for (int i = 0; i < fabrics.size(); i++) {
            for (int first = 0; first < WEEKS; first += WEEKS_OF_A_BOLT) {
                Row row = soldUp(fabrics.get(i), i, first, monday);
                bolts.add(row.bolt());
                sales.addAll(row.sales());
            }
        }
        receive(JSON.writeValueAsString(bolts), receiver);
        sell(JSON.writeValueAsString(sales), counter);
    }

    /** A bolt with what was sold of it in its weeks: more of some fabrics, and more of all before the holidays of autumn. */
    private static Row soldUp(Fabric fabric, int number, int first, LocalDate monday) {
        String code = "P" + fabric.code() + first;
        List<Map<String, Object>> sales = new ArrayList<>();
        long eighths = 0;
        for (int week = first; week < Math.min(WEEKS, first + WEEKS_OF_A_BOLT); week++) {
            for (int sale = 0; sale < SALES_OF_A_WEEK; sale++) {
                long length = 2 + (number * 5L + week * 7L + sale * 11L) % 9 + (week > 17 && week < 23 ? 6 : 0) + (number % 3 == 0 ? 4 : 0);
                eighths += length;
                Length sold = Length.ofYards(length, 8);
                Map<String, Object> line = new LinkedHashMap<>();
                line.put("bolt", code);
                line.put("ticks", sold.ticks());
                line.put("entry", UUID.randomUUID().toString());
                line.put("price", fabric.prices().price().orElseThrow().of(sold).minor());
                LocalDate day = monday.plusDays(week * 7L + (number + sale * 3L + week) % 6);
                line.put("at", at(day, LocalTime.of(9 + number % 8, sale * 20, number)));
                sales.add(line);
            }
        }
        Map<String, Object> bolt = new LinkedHashMap<>();
        bolt.put("code", code);
        bolt.put("entry", UUID.randomUUID().toString());
        bolt.put("fabric", fabric.id());
        bolt.put("lot", "P" + first);
        bolt.put("width", fabric.usableWidth().orElse(Length.ofInches(40)).ticks());
        bolt.put("ticks", Length.ofYards(eighths, 8).ticks());
        bolt.put("at", at(monday.plusWeeks(first).minusDays(1), LocalTime.of(8, 0)));
        return new Row(bolt, sales);
    }

    private static String at(LocalDate day, LocalTime time) {
        return day.atTime(time).atZone(ZoneId.systemDefault()).toOffsetDateTime().toString();
    }

    private void receive(String bolts, long person) {
        entities.createNativeQuery("""
                INSERT INTO stock_item (version, kind, code, fabric_id, lot, place, usable_width_ticks, measured_at, created_at)
                SELECT 0, 'BOLT', b.code, b.fabric, b.lot, '', b.width, b.at, b.at
                  FROM jsonb_to_recordset(CAST(:bolts AS jsonb))
                       AS b(code varchar, fabric bigint, lot varchar, width bigint, at timestamptz)
                 ORDER BY b.code""")
                .setParameter("bolts", bolts).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO entry (client_id, person_id, asked, at)
                SELECT CAST(b.entry AS uuid), :person, 'past', b.at
                  FROM jsonb_to_recordset(CAST(:bolts AS jsonb)) AS b(entry varchar, at timestamptz)""")
                .setParameter("bolts", bolts).setParameter("person", person).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id, note)
                SELECT i.id, b.ticks, 'RECEIVED', :person, b.at, CAST(b.entry AS uuid), CAST(b.entry AS uuid), ''
                  FROM jsonb_to_recordset(CAST(:bolts AS jsonb)) AS b(code varchar, ticks bigint, entry varchar, at timestamptz)
                  JOIN stock_item i ON i.code = b.code
                 ORDER BY b.at, i.id""")
                .setParameter("bolts", bolts).setParameter("person", person).executeUpdate();
    }

    private void sell(String sales, long person) {
        entities.createNativeQuery("""
                INSERT INTO entry (client_id, person_id, asked, at)
                SELECT CAST(s.entry AS uuid), :person, 'past', s.at
                  FROM jsonb_to_recordset(CAST(:sales AS jsonb)) AS s(entry varchar, at timestamptz)""")
                .setParameter("sales", sales).setParameter("person", person).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO movement (stock_item_id, amount_ticks, reason, person_id, at, client_id, group_id, note)
                SELECT i.id, -s.ticks, 'SOLD_BY_LENGTH', :person, s.at, CAST(s.entry AS uuid), CAST(s.entry AS uuid), ''
                  FROM jsonb_to_recordset(CAST(:sales AS jsonb)) AS s(bolt varchar, ticks bigint, entry varchar, at timestamptz)
                  JOIN stock_item i ON i.code = s.bolt
                 ORDER BY s.at, i.id""")
                .setParameter("sales", sales).setParameter("person", person).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO sale (person_id, begun_at, done_at)
                SELECT DISTINCT CAST(:person AS bigint), s.at, s.at + interval '3 minutes'
                  FROM jsonb_to_recordset(CAST(:sales AS jsonb)) AS s(at timestamptz) ORDER BY s.at""")
                .setParameter("sales", sales).setParameter("person", person).executeUpdate();
        entities.createNativeQuery("""
                INSERT INTO sale_line (sale_id, entry_id, stock_item_id, length_ticks, price_minor, price_currency, at)
                SELECT o.id, CAST(s.entry AS uuid), i.id, s.ticks, s.price, 'USD', s.at
                  FROM jsonb_to_recordset(CAST(:sales AS jsonb))
                       AS s(bolt varchar, ticks bigint, entry varchar, price bigint, at timestamptz)
                  JOIN sale o ON o.person_id = :person AND o.begun_at = s.at
                  JOIN stock_item i ON i.code = s.bolt
                 ORDER BY s.at, i.id""")
                .setParameter("sales", sales).setParameter("person", person).executeUpdate();
    }
}
