package retazo.app.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
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
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.sales.LengthAsides;
import retazo.app.wishes.Wishes;
import retazo.core.measure.Length;

/** Today tells the counter whom to call. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CounterMattersTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final CounterMatters matters;

    CounterMattersTest(TestShop.Shop shop, CounterMatters matters) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.matters = matters;
    }

    private List<Matter> about(String name) {
        return matters.matters(UnderWay.of(samples.bean(RunBook.class))).stream()
                .filter(one -> one.what().contains(name)).toList();
    }

    @Test
    void who_waits_for_a_kit_is_called_once_it_is_on_the_shelf() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "3 yd");
        long kit = samples.kit(fabric);
        String name = Samples.unique("Wren ");
        samples.bean(Wishes.class).ask(UUID.randomUUID(), kit, 1, name, 1);
        assertThat(about(name)).isEmpty();

        pack(samples.run(kit, 1));

        assertThat(about(name)).singleElement().satisfies(one -> {
            assertThat(one.why()).isEqualTo("A bag of it is on the shelf now");
            assertThat(Client.of(shop, "ada").get(one.path()).body()).contains("Sell B");
        });
        assertThat(Client.of(shop, "nele").get("/").body()).doesNotContain(name);
    }

    private void pack(long run) {
        RunBook runs = samples.bean(RunBook.class);
        runs.currentCuts(Set.of(run)).forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
        Bag bag = runs.bags(Set.of(run)).getOrDefault(run, List.of()).get(0);
        PackingService packing = samples.bean(PackingService.class);
        bag.lines().forEach(line -> packing.tick(bag.id(), BagItem.line(line.id()), 1));
        Samples.done(packing.done(bag.id(), 1));
    }

    @Test
    void what_was_not_fetched_in_time_is_told_and_no_sooner() {
        LengthAsides asides = samples.bean(LengthAsides.class);
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        String late = Samples.unique("Late ");
        String soon = Samples.unique("Soon ");
        Samples.done(asides.putAside(bolt, Length.ofYards(1, 2), late, Optional.of(LocalDate.now().minusDays(1)), Samples.entry()));
        Samples.done(asides.putAside(bolt, Length.ofYards(1, 2), soon, Optional.of(LocalDate.now()), Samples.entry()));

        assertThat(about(late)).singleElement().satisfies(one -> assertThat(one.what()).contains("still put aside for"));
        assertThat(about(soon)).isEmpty();
    }
}
