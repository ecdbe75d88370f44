package retazo.app.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.practice.PracticeFixture;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;

/** Who packs a bag, who closes it, and where what it lacks lies. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SecondLookTest {

    private static final long CUTTER = 3;
    private static final long PACKER = 4;
    private static final long OWNER = 1;

    private final TestShop.Shop shop;
    private final Samples samples;
    private final PackingService packing;
    private final RunBook runs;

    SecondLookTest(TestShop.Shop shop, PackingService packing, RunBook runs) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.packing = packing;
        this.runs = runs;
    }

    /** Set so under Practice, whoever put something in is refused, and somebody else closes the bag; else anybody does. */
    @Test
    void a_bag_is_closed_by_a_second_pair_of_eyes_where_the_shop_wants_that() {
        PracticeFixture practice = PracticeFixture.kept(shop);
        try {
            practice.closeBySomebodyElse();
            Bag bag = cutBag();
            tick(bag);

            assertThat(code(packing.done(bag.id(), PACKER))).isEqualTo("pack.second-look");
            assertThat(runs.bag(bag.id()).packed()).isFalse();
            assertThat(code(packing.done(bag.id(), OWNER))).isEqualTo("done");
        } finally {
            practice.putBack();
        }
        Bag another = cutBag();
        tick(another);
        assertThat(code(packing.done(another.id(), PACKER))).isEqualTo("done");
    }

    /** Before it is cut the page names the bolt and its place, or who fetched it; then with whom the length is. */
    @Test
    void the_page_of_a_bag_says_where_its_cloth_lies() {
        Bag bag = bag();
        PlannedCut cut = bag.lines().get(0).cut().orElseThrow();
        Client packer = Client.of(shop, "tomas");
        assertThat(text(packer, bag)).contains("bay 9");

        Client cutter = Client.of(shop, "nele");
        cutter.get("/cutting/pull");
        cutter.post("/cutting/pull/" + cut.boltId(), Map.of("fetched", "true"));
        assertThat(text(packer, bag)).contains("fetched by Nele");

        assertThat(samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), CUTTER)).isTrue();
        assertThat(text(packer, bag)).contains("with Nele").doesNotContain("fetched by");
    }

    private static String text(Client packer, Bag bag) {
        return packer.get("/packing/bags/" + bag.id()).body().replaceAll("<[^>]+>", " ").replaceAll("\\s+", " ");
    }

    private Bag bag() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "2 yd");
        long run = samples.run(samples.kit(fabric), 1);
        return runs.bags(Set.of(run)).get(run).get(0);
    }

    private Bag cutBag() {
        Bag bag = bag();
        bag.lines().forEach(line -> samples.bean(CutService.class).confirm(line.cut().orElseThrow().id(), UUID.randomUUID(), CUTTER));
        return runs.bag(bag.id());
    }

    private void tick(Bag bag) {
        bag.lines().forEach(line -> Samples.done(packing.tick(bag.id(), BagItem.line(line.id()), PACKER)));
    }

    private static String code(Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
