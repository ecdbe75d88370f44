package retazo.app.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.core.measure.Length;

/** Fifty people cut, take back, measure and put aside on ten bolts at once, over the counter's own pages, while one takes stock of them. */
@Tag("slow")
@ExtendWith(TestShop.class)
class ManyHandsTest {

    private static final int HANDS = 50;
    private static final int STEPS = Integer.getInteger("retazo.hands.steps", 6);
    private static final Pattern TOLD = Pattern.compile("role=\"(?:alert|status)\"[^>]*>([^<]+)<");

    private static final Pattern OFFERED = Pattern.compile("name=\"movement\" value=\"(\\d+)\"");

    private final TestShop.Shop shop;
    private final Samples samples;
    private final JdbcClient database;
    private final Map<String, Integer> told = new ConcurrentHashMap<>();

    ManyHandsTest(TestShop.Shop shop, JdbcClient database) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.database = database;
    }

    @Test
    void fifty_hands_on_ten_bolts_keep_the_sums_and_hear_plain_sentences() throws Exception {
        Fabric fabric = samples.fabric();
        String place = Samples.unique("hall ");
        List<Long> bolts = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            bolts.add(Samples.done(samples.bean(StockService.class).receive(
                    new NewBolt(Samples.unique("H"), fabric.id(), "L1", place, Length.ofInches(40), Length.ofYards(20, 1), true),
                    Samples.entry())));
        }
        ExecutorService hands = Executors.newFixedThreadPool(HANDS + 1);
        List<Future<?>> all = new ArrayList<>();
        List<Client> clients = new ArrayList<>();
        for (int hand = 0; hand < HANDS; hand++) {
            clients.add(Client.of(shop, hand % 2 == 0 ? "ada" : "marisol"));
        }
        for (int hand = 0; hand < HANDS; hand++) {
            int number = hand;
            all.add(hands.submit(() -> work(number, clients.get(number), bolts)));
        }
        Future<Long> take = hands.submit(() -> takeStock(Client.of(shop, "marisol"), place, bolts));
        for (Future<?> one : all) {
            one.get(5, TimeUnit.MINUTES);
        }
        hands.shutdown();

        for (long bolt : bolts) {
            Map<String, Object> sums = database.sql("""
                    SELECT i.on_hand_ticks AS there, sum(m.amount_ticks) AS booked, min(i.on_hand_ticks) AS least
                      FROM stock_item i JOIN movement m ON m.stock_item_id = i.id WHERE i.id = :bolt GROUP BY i.id""")
                    .param("bolt", bolt).query().singleRow();
            assertThat(((Number) sums.get("there")).longValue()).isEqualTo(((Number) sums.get("booked")).longValue()).isNotNegative();
            assertThat(running(bolt)).allMatch(balance -> balance >= 0);
        }
        for (long bolt : bolts) {
            assertThat(corrected(take.get(), bolt)).containsExactly(true);
        }
        assertThat(told.keySet()).isNotEmpty()
                .allSatisfy(sentence -> assertThat(sentence).matches("[A-Z‘'“\\d].*[.)!?”’]").doesNotContain("xception", "null", "SQL"));
    }

    /** What was on hand after each line of its book. */
    private List<Long> running(long bolt) {
        return database.sql("SELECT sum(amount_ticks) OVER (ORDER BY id) FROM movement WHERE stock_item_id = :bolt ORDER BY id")
                .param("bolt", bolt).query(Long.class).list();
    }

    /** Counts 30 yd on each bolt, more than there can be, and books it while the others go on. */
    private static long takeStock(Client client, String place, List<Long> bolts) {
        String at = client.post("/stock/stocktake", Map.of("place", place)).uri().getPath();
        for (long bolt : bolts) {
            assertThat(client.post(at + "/bolts/" + bolt, Map.of("place", place, "counted", "30 yd")).body()).contains("is counted");
        }
        assertThat(client.post(at + "/book", Map.of()).body()).contains("in the book");
        return Long.parseLong(at.substring(at.lastIndexOf('/') + 1));
    }

    /** Whether what a stocktake booked on a bolt is what was counted less what the book said at one moment; a line for each booking. */
    private List<Boolean> corrected(long take, long bolt) {
        return database.sql("""
                SELECT m.amount_ticks = c.counted_ticks - c.book_ticks AND c.book_ticks IN (
                           SELECT sum(b.amount_ticks) OVER (ORDER BY b.id) FROM movement b WHERE b.stock_item_id = :bolt AND b.id < m.id)
                  FROM movement m JOIN count_line c ON c.stock_item_id = m.stock_item_id AND c.stocktake_id = :take
                 WHERE m.stock_item_id = :bolt AND m.note = :note""")
                .param("bolt", bolt).param("take", take).param("note", "stocktake " + take).query(Boolean.class).list();
    }

    /** Takes back what the page of the bolt offers. */
    private static String undo(Client client, long bolt, String once) {
        String page = client.get("/stock/bolts/" + bolt).body();
        Matcher offered = OFFERED.matcher(page);
        return offered.find()
                ? client.post("/stock/bolts/" + bolt + "/undo", Map.of("movement", offered.group(1), "clientId", once)).body()
                : page;
    }

    private void work(int number, Client client, List<Long> bolts) {
        Random random = new Random(number);
        for (int step = 0; step < STEPS; step++) {
            long bolt = bolts.get(random.nextInt(bolts.size()));
            String once = UUID.randomUUID().toString();
            String body = switch (random.nextInt(6)) {
                case 0 -> undo(client, bolt, once);
                case 1 -> client.post("/counter/lengths", Map.of(
                        "boltId", "" + bolt, "length", "1/2", "name", "Hand " + number, "clientId", once)).body();
                case 2 -> number % 2 == 0
                        ? client.get("/stock/bolts/" + bolt).body()
                        : client.post("/stock/bolts/" + bolt + "/count", Map.of(
                                "counted", 5 + random.nextInt(15) + "", "clientId", once)).body();
                default -> client.post("/counter/cut", Map.of(
                        "boltId", "" + bolt, "length", (1 + random.nextInt(12)) + "/8", "clientId", once)).body();
            };
            assertThat(body).doesNotContain("Something broke on our side");
            Matcher sentence = TOLD.matcher(body);
            while (sentence.find()) {
                if (!sentence.group(1).isBlank()) {
                    told.merge(sentence.group(1).strip(), 1, Integer::sum);
                }
            }
        }
    }
}
