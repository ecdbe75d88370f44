package retazo.app.cutting.pull;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.app.stock.places.Places;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** What is fetched for runs, and in which order. One bag of a sample kit takes 40 1/2 in of its fabric. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PullListTest {

    private final Samples samples;
    private final PullLists lists;
    private final PullTicks ticks;
    private final Places places;
    private final RunBook runs;

    PullListTest(TestShop.Shop shop, PullLists lists, PullTicks ticks, Places places, RunBook runs) {
        this.samples = new Samples(shop);
        this.lists = lists;
        this.ticks = ticks;
        this.places = places;
        this.runs = runs;
    }

    /**
     * Two runs of one and two bags share a bolt of 4 yd at aisle 10, another run takes one at aisle 2. The shared bolt stands once, with
     * 3 × 40 1/2 in = 3 3/8 yd in three cuts; aisle 2 comes first, until the owner walks the other way.
     */
    @Test
    void a_bolt_stands_once_and_places_come_in_walk_order() {
        String aisle = Samples.unique("aisle ") + " no ";
        Fabric shared = samples.fabric();
        Fabric other = samples.fabric();
        long far = bolt(shared, aisle + "10", "4 yd");
        long near = bolt(other, aisle + "2", "2 yd");
        long kit = samples.kit(shared);
        long first = samples.run(kit, 1);
        long second = samples.run(kit, 2);
        long third = samples.run(samples.kit(other), 1);

        List<PullList.Line> lines = lines(first, second, third);

        assertThat(lines).extracting(PullList.Line::itemId).containsExactly(near, far);
        assertThat(lines.get(1).length().orElseThrow().plain()).isEqualTo("3 3/8 yd");
        assertThat(lines.get(1).tickets())
                .containsExactly(new PullList.Ticket(first, far, 1), new PullList.Ticket(second, far, 2));
        assertThat(lines(third)).extracting(PullList.Line::itemId).containsExactly(near);

        List<String> way = new ArrayList<>(places.inOrder());
        way.remove(aisle + "10");
        way.add(way.indexOf(aisle + "2"), aisle + "10");
        Samples.done(places.keep(way));

        assertThat(lines(first, second, third)).extracting(PullList.Line::itemId).containsExactly(far, near);
    }

    @Test
    void an_order_that_misses_a_place_is_refused_and_changes_nothing() {
        samples.bolt(samples.fabric(), "1 yd");
        List<String> before = places.inOrder();

        List<String> problems = places.keep(before.subList(1, before.size()))
                .match(done -> List.of(), found -> found.stream().map(Problem::code).toList());

        assertThat(problems).containsExactly("places.meanwhile");
        assertThat(places.inOrder()).isEqualTo(before);
    }

    /** Two cutters press at once: it is fetched once. When its cuts are done it stands under what is put back, then nowhere. */
    @Test
    void what_is_fetched_is_fetched_once_and_put_back_at_the_end() throws Exception {
        Fabric fabric = samples.fabric();
        long bolt = bolt(fabric, Samples.unique("rack "), "2 yd");
        long run = samples.run(samples.kit(fabric), 1);
        assertThat(lines(run).get(0).isOut()).isFalse();

        ExecutorService hands = Executors.newFixedThreadPool(2);
        List<Callable<Boolean>> both = List.of(() -> fetch(bolt, 1), () -> fetch(bolt, 2));
        for (var pressed : hands.invokeAll(both)) {
            assertThat(pressed.get()).isTrue();
        }
        hands.shutdown();

        assertThat(ticks.out().stream().filter(tick -> tick.itemId() == bolt)).hasSize(1);
        assertThat(lines(run).get(0).isOut()).isTrue();
        PlannedCut cut = runs.currentCuts(Set.of(run)).get(0);
        assertThat(samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1)).isTrue();
        assertThat(lines(run)).isEmpty();
        assertThat(back()).contains(bolt);

        ticks.putBack(bolt, 2);
        ticks.putBack(bolt, 2);

        assertThat(back()).doesNotContain(bolt);
    }

    private boolean fetch(long bolt, long person) {
        ticks.fetch(bolt, person);
        return true;
    }

    private List<PullList.Line> lines(Long... runIds) {
        return lists.of(List.of(runIds), LengthUnit.YARD).places().stream().flatMap(stop -> stop.lines().stream()).toList();
    }

    private Stream<Long> back() {
        return lists.of(List.of(), LengthUnit.YARD).back().stream().map(PullList.Line::itemId);
    }

    private long bolt(Fabric fabric, String place, String length) {
        return Samples.done(samples.bean(StockService.class).receive(
                new NewBolt(Samples.unique("B"), fabric.id(), "L1", place, Length.ofInches(40), Length.parse(length), true),
                Samples.entry()));
    }
}
