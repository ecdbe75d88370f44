package retazo.app.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.staff.Right;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.app.stock.places.Places;
import retazo.core.measure.Length;

/** What Today says of runs of its own, and in which order. */
@Tag("slow")
@ExtendWith(TestShop.class)
class TodayServiceTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunDrafts drafts;

    TodayServiceTest(TestShop.Shop shop, RunDrafts drafts) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.drafts = drafts;
    }

    /**
     * Two bags take 40 1/2 in each of one bolt of 3 yd. A count of 1 3/4 yd, 63 in, leaves room for one: the other waits for 1 1/8 yd, and
     * stands before a draft.
     */
    @Test
    void what_stops_stands_first_with_the_cloth_it_needs_and_then_drafts() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        long kit = samples.kit(fabric);
        long run = samples.run(kit, 2);
        long draft = drafts.draft(List.of(new Run.Asked(kit, 1)), 1);
        Client owner = Client.of(shop, "marisol");
        owner.get("/stock/bolts/" + bolt);
        owner.post("/stock/bolts/" + bolt + "/count", Map.of("counted", "1 3/4 yd", "clientId", UUID.randomUUID().toString()));
        owner.get("/runs/" + run);
        owner.post("/runs/" + run + "/plan-again", Map.of());

        String today = owner.get("/").body().replaceAll("<[^>]+>", " ").replaceAll("\\s+", " ");

        assertThat(today).contains("Run " + run + " is stopped", "1 bag still needs cloth: 1 1/8 yd " + fabric.name(),
                "Decide about run " + draft + ",");
        assertThat(today.indexOf("Run " + run + " is stopped")).isLessThan(today.indexOf("Decide about run " + draft + ","));
    }

    /** One bolt that two runs cut from, and a complete bag: each once, for those whose work it is. */
    @Test
    void the_board_shows_each_its_own_work() {
        Fabric fabric = samples.fabric();
        long bolt = Samples.done(samples.bean(StockService.class).receive(
                new NewBolt(Samples.unique("B"), fabric.id(), "L1", "a first shelf", Length.ofInches(40), Length.ofYards(4, 1), true),
                Samples.entry()));
        Places places = samples.bean(Places.class);
        Samples.done(places.keep(Stream.concat(
                Stream.of("a first shelf"), places.inOrder().stream().filter(place -> !place.equals("a first shelf"))).toList()));
        long kit = samples.kit(fabric);
        long first = samples.run(kit, 1);
        long second = samples.run(kit, 1);
        FloorBoard board = samples.bean(FloorBoard.class);

        FloorBoard.BoltToCut toCut = bolts(board.of(Right.CUTTING::equals, underWay())).stream().filter(one -> one.boltId() == bolt)
                .findFirst()
                .orElseThrow();
        assertThat(toCut.runIds()).containsExactly(first, second);
        assertThat(toCut.cuts()).isEqualTo(2);
        assertThat(board.of(Right.CUTTING::equals, underWay()).bags()).isEmpty();
        FloorBoard.Floor before = board.of(Right.PACKING::equals, underWay());
        int complete = before.bags().size() + before.moreBags();
        samples.bean(RunBook.class).currentCuts(Set.of(first))
                .forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));

        FloorBoard.Floor packers = board.of(Right.PACKING::equals, underWay());
        assertThat(packers.bags().size() + packers.moreBags()).isEqualTo(complete + 1);
        assertThat(packers.bags()).extracting(FloorBoard.BagToPack::runId).doesNotContain(second);
        assertThat(packers.way()).isEmpty();
    }

    private UnderWay underWay() {
        return UnderWay.of(samples.bean(RunBook.class));
    }

    private static List<FloorBoard.BoltToCut> bolts(FloorBoard.Floor floor) {
        return floor.way().stream().flatMap(stop -> stop.bolts().stream()).toList();
    }
}
