package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
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
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.trace.Traces;
import retazo.app.stock.Bolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Where cloth went. One bag of a sample kit takes 40 1/2 in of its fabric. */
@Tag("slow")
@ExtendWith(TestShop.class)
class TracesTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunBook runs;
    private final Traces traces;

    TracesTest(TestShop.Shop shop, RunBook runs, Traces traces) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
        this.traces = traces;
    }

    /**
     * Three bags of a lot: one packed and sold, one packed, one cut; then a flaw of 2 in behind 6 in of good cloth is cut out of the
     * bolt at a fourth. The lot leads to the three bags; of the run 162 in are planned, 121 1/2 in cut, 2 in lost, and 6 in a remnant,
     * of which 4 in are sold since.
     */
    @Test
    void a_lot_leads_to_its_bags_and_a_run_to_what_became_of_its_cloth() {
        Fabric fabric = samples.fabric();
        StockService stock = samples.bean(StockService.class);
        samples.bolt(fabric, "6 yd");
        long run = samples.run(samples.kit(fabric), 4);
        List<Bag> bags = runs.bags(Set.of(run)).getOrDefault(run, List.of());
        bags.subList(0, 3).forEach(bag -> cut(bag.lines().get(0).cut().orElseThrow()));
        bags.subList(0, 2).forEach(this::pack);
        Samples.done(samples.bean(BagShelf.class).sell(bags.get(0).id(), Samples.entry()));
        PlannedCut fourth = bags.get(3).lines().get(0).cut().orElseThrow();
        flaw(fourth);
        Bolt remnant = stock.boltsOf(List.of(fabric.id())).stream().filter(bolt -> bolt.parentCode().isPresent()).findFirst().orElseThrow();
        Samples.done(stock.take(remnant.id(), Length.ofInches(4), Reason.SOLD_BY_LENGTH, Samples.entry()));

        assertThat(traces.ofLot(fabric.id(), "L1")).extracting(Traces.LotBag::code, Traces.LotBag::where, Traces.LotBag::length)
                .containsExactly(
                        tuple(bags.get(2).code(), Traces.Where.BEGUN, Length.ofInches(81, 2)),
                        tuple(bags.get(1).code(), Traces.Where.ON_THE_SHELF, Length.ofInches(81, 2)),
                        tuple(bags.get(0).code(), Traces.Where.SOLD, Length.ofInches(81, 2)));
        assertThat(traces.ofLot(fabric.id(), "L2")).isEmpty();
        assertThat(traces.ofRun(run)).containsExactly(new Traces.FabricYield(
                fabric, Length.ofInches(162), Length.ofInches(243, 2), Length.ofInches(2), Length.ZERO, Length.ofInches(6),
                Length.ofInches(4)));
        assertThat(traces.times(run).cutting()).isPresent();
    }

    private void cut(PlannedCut cut) {
        assertThat(samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1)).isTrue();
    }

    private void pack(Bag bag) {
        PackingService packing = samples.bean(PackingService.class);
        bag.lines().forEach(line -> Samples.done(packing.tick(bag.id(), BagItem.line(line.id()), 1)));
        Samples.done(packing.done(bag.id(), 1));
    }

    private void flaw(PlannedCut cut) {
        Client cutter = Client.of(shop, "nele");
        String ticket = "/cutting/" + cut.runId() + "/" + cut.boltId();
        cutter.get(ticket);
        cutter.post(ticket + "/flaw", Map.of(
                "plannedCutId", Long.toString(cut.id()), "planVersion", Integer.toString(cut.planVersion()), "clientId",
                UUID.randomUUID().toString(), "good", "6 in", "flaw", "2 in"));
    }
}
