package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** What each page asks of the database is bounded, and does not grow with what the shop has. */
@Tag("slow")
@ExtendWith(TestShop.class)
class StatementsTest {

    /** The rail, who is signed in, the practice: on every page. */
    private static final int MOST = 34;

    /** Today works out what open runs need, from their kits and all their cloth. */
    private static final int MOST_OF_SEVERAL = 76;
    private static final List<String> LISTS = List.of(
            "/", "/patterns", "/kits", "/kits/new", "/runs", "/runs/new", "/cutting", "/packing", "/shelf", "/stock", "/stock/goods",
            "/stock/pick?words=a&precuts=true", "/counter", "/counter?words=throw+blue", "/counter/answer?words=green", "/stock/receive",
            "/practice", "/practice/keys", "/practice/people",
            "/practice/prices", "/cutting/pull", "/practice/places", "/practice/labels", "/stock/lists", "/stock/book", "/stock/places",
            "/stock/stocktake", "/stock/buying", "/stock/buying/orders", "/stock/buying/leaving");

    private final TestShop.Shop shop;
    private final Samples samples;
    private final Client owner;
    private final Statistics statistics;

    StatementsTest(TestShop.Shop shop, EntityManagerFactory entities) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.owner = Client.of(shop, "marisol");
        this.statistics = entities.unwrap(SessionFactory.class).getStatistics();
    }

    /** The least of three visits, after one that fills what is kept: others, who work off what is to be done, ask the database too. */
    private long statements(String path) {
        samples.plannedAgain();
        owner.get(path);
        return LongStream.generate(() -> statementsOfOneVisit(path)).limit(3).min().orElseThrow();
    }

    private long statementsOfOneVisit(String path) {
        statistics.setStatisticsEnabled(true);
        long before = statistics.getPrepareStatementCount();
        assertThat(owner.get(path).statusCode()).as(path).isEqualTo(200);
        long after = statistics.getPrepareStatementCount();
        statistics.setStatisticsEnabled(false);
        return after - before;
    }

    private Map<String, Long> statements(List<String> paths) {
        Map<String, Long> counts = new LinkedHashMap<>();
        paths.forEach(path -> counts.put(path, statements(path)));
        return counts;
    }

    @Test
    void lists_ask_no_more_of_the_database_when_there_is_more() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "40 yd");
        samples.run(samples.kit(fabric), 1);
        samples.openRun(samples.kit(fabric), 40);
        lose(samples.fabric());
        Map<String, Long> few = statements(LISTS);
        List<Long> kits = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Fabric another = samples.fabric();
            samples.bolt(another, "40 yd");
            kits.add(samples.kit(another));
            samples.run(kits.get(i), 6);
            samples.openRun(samples.kit(another), 40);
            lose(samples.fabric());
        }

        Map<String, Long> many = statements(LISTS);

        assertThat(many).isEqualTo(few);
        assertThat(many)
                .allSatisfy((path, count) -> assertThat(count).as(path).isLessThanOrEqualTo(
                        path.equals("/") || path.startsWith("/counter") || path.startsWith("/stock/buying") ? MOST_OF_SEVERAL : MOST));
    }

    @Test
    void the_page_of_one_thing_asks_a_bounded_number() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "40 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 10);

        Map<String, Long> counts = statements(List.of(
                "/patterns/1", "/patterns/1/sizes", "/patterns/1/cloth", "/patterns/1/quilt", "/kits/" + kit, "/kits/" + kit + "/cloth",
                "/runs/" + run, "/cutting/" + run + "/" + bolt, "/stock/bolts/" + bolt));

        assertThat(counts).allSatisfy((path, count) -> assertThat(count).as(path).isLessThanOrEqualTo(MOST));
    }

    /** A run of which a bag lost its cloth, and nobody has read it. */
    private void lose(Fabric fabric) {
        long bolt = samples.bolt(fabric, "41 in");
        samples.run(samples.kit(fabric), 1);
        Samples.done(samples.bean(StockService.class).take(bolt, Length.ofInches(9), Reason.SOLD_BY_LENGTH, Samples.entry()));
        samples.plannedAgain();
    }
}
