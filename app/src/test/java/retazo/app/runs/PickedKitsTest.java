package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.plan.GoodLimit;
import retazo.app.stock.Book;
import retazo.app.stock.Reason;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodKind;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Length;

/**
 * Kits of another designer's size table: in each bag 1 yd of the ground, a roll, three fat quarters and a copy of the pattern;
 * at the small size no cloth.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class PickedKitsTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunDrafts drafts;
    private final RunService runs;
    private final RunBook book;
    private final GoodService goods;
    private final PackingService packing;

    PickedKitsTest(TestShop.Shop shop, RunDrafts drafts, RunService runs, RunBook book, GoodService goods, PackingService packing) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.drafts = drafts;
        this.runs = runs;
        this.book = book;
        this.goods = goods;
        this.packing = packing;
    }

    /** What a test works with. */
    private record Stocked(Fabric ground, Good roll, Good quarters, Good copies, long kit, long small) {

        List<Long> ids() {
            return List.of(roll.id(), quarters.id(), copies.id());
        }
    }

    private Stocked stocked(int rolls, int quarters, int copies) {
        Fabric ground = samples.fabric();
        samples.bolt(ground, "5 yd");
        PatternService patterns = samples.bean(PatternService.class);
        PatternVersion pattern = Samples.done(patterns.add(Samples.done(patterns.read("""
                {"format": 2, "name": "%s", "designer": "Odile", "plannedFrom": "size-table",
                 "roles": [{"key": "ground", "letter": "A", "name": "ground"}, {"key": "strips", "letter": "B", "name": "strips"},
                           {"key": "accents", "letter": "C", "name": "accents"}],
                 "sizes": [{"key": "crib", "name": "Crib"}, {"key": "mat", "name": "Mat"}],
                 "sizeTable": {"rows": [
                   {"role": "ground", "cells": {"crib": "1 yd"}},
                   {"role": "strips", "cells": {"crib": "1 roll", "mat": "1 roll or 1 yd"}},
                   {"role": "accents", "cells": {"crib": "3 FQ", "mat": "3 FQ"}}]}}"""
                .formatted(Samples.unique("Marsh ")))), 1));
        Good roll = good("ROLL", PrecutKind.STRIP_ROLL, 40, rolls);
        Good quarter = good("FQ", PrecutKind.FAT_QUARTER, 1, quarters);
        List<Long> kits = Samples.done(samples.bean(KitService.class).add(new NewKits(
                pattern, List.of("crib", "mat"), "Marsh", Map.of(new RoleKey("ground"), ground),
                Map.of(new RoleKey("strips"), roll, new RoleKey("accents"), quarter), Contents.EVERYTHING)));
        Good copy = goods.copiesOf(pattern.patternId(), pattern.name());
        receive(copy, copies);
        return new Stocked(ground, roll, quarter, copy, kits.get(0), kits.get(1));
    }

    private Good good(String stem, PrecutKind kind, int perUnit, int count) {
        Good good = Samples.done(goods.add(
                NewGood.precut(Samples.unique(stem), Samples.unique("Test " + stem), kind, perUnit, "#4f7f86")));
        receive(good, count);
        return good;
    }

    private void receive(Good good, int count) {
        Samples.done(goods.move(good.id(), count, Reason.RECEIVED, Samples.entry()));
    }

    @Test
    void confirming_reserves_packs_quarters_and_copies_beside_the_cloth() {
        Stocked stock = stocked(5, 9, 4);

        long run = samples.run(stock.kit(), 2);

        assertThat(stock.ids()).extracting(id -> goods.counts(List.of(id)).get(id).reserved()).containsExactly(2L, 6L, 2L);
        assertThat(book.currentCuts(Set.of(run))).extracting(PlannedCut::length).containsExactly(Length.ofYards(1, 1),
                Length.ofYards(1, 1));
    }

    /** Five reels of thread, two in a bag: two bags, and one reel of the third is missing. */
    @Test
    void notions_go_along_in_every_bag_and_limit_the_run() {
        Stocked stock = stocked(5, 30, 9);
        Good thread = Samples.done(goods.add(NewGood.notion(
                Samples.unique("THREAD"), Samples.unique("Thread "), GoodKind.Notion.Sort.THREAD, "#b9bfc0")));
        receive(thread, 5);
        Client designer = Client.of(shop, "idris");
        designer.get("/kits/" + stock.kit());

        String page = designer.post("/kits/" + stock.kit() + "/notions", Map.of("good", Long.toString(thread.id()), "count", "2")).body();

        assertThat(page).contains("2 × " + thread.name(), "goes along");
        DraftPlan plan = samples.bean(DraftPlans.class).plan(book.run(drafts.draft(List.of(new Run.Asked(stock.kit(), 3)), 1)));
        assertThat(plan.mostBags().bagsBuilt()).isEqualTo(2);
        assertThat(plan.goods()).extracting(shortage -> shortage.good().id(), GoodLimit.Shortage::missing)
                .containsExactly(org.assertj.core.api.Assertions.tuple(thread.id(), 1L));
        samples.run(stock.kit(), 2);
        assertThat(goods.counts(List.of(thread.id())).get(thread.id()).reserved()).isEqualTo(4);
    }

    /** Two rolls for three bags, and quarters for two: two bags, and a roll and three quarters are missing. */
    @Test
    void what_is_counted_limits_a_run_and_is_named() {
        Stocked stock = stocked(2, 6, 4);
        long run = drafts.draft(List.of(new Run.Asked(stock.kit(), 3)), 1);

        DraftPlan plan = samples.bean(DraftPlans.class).plan(book.run(run));

        assertThat(plan.whole()).isFalse();
        assertThat(plan.mostBags().bagsBuilt()).isEqualTo(2);
        assertThat(plan.goods()).extracting(shortage -> shortage.good().id(), GoodLimit.Shortage::missing)
                .containsExactlyInAnyOrder(
                        org.assertj.core.api.Assertions.tuple(stock.roll().id(), 1L),
                        org.assertj.core.api.Assertions.tuple(stock.quarters().id(), 3L));
    }

    /**
     * Cloth for one bag is left, and rolls for five: of four large kits one can be made, and four small ones, which take no cloth. No roll
     * is left then for large ones, whatever cloth later runs would give.
     */
    @Test
    void what_is_picked_for_bags_that_can_be_made_is_gone_for_those_that_wait_for_cloth() {
        Stocked stock = stocked(9, 60, 30);
        samples.run(stock.kit(), 4);
        long run = drafts.draft(List.of(new Run.Asked(stock.kit(), 4), new Run.Asked(stock.small(), 4)), 1);

        DraftPlan plan = samples.bean(DraftPlans.class).plan(book.run(run));

        assertThat(plan.inOrder().built()).containsExactly(1, 4);
        assertThat(plan.allowed()).containsExactly(1, 4);
    }

    @Test
    void what_is_reserved_for_one_run_is_not_there_for_the_next() {
        Stocked stock = stocked(5, 9, 1);
        samples.run(stock.kit(), 1);
        long second = drafts.draft(List.of(new Run.Asked(stock.kit(), 1)), 1);

        assertThat(samples.bean(DraftPlans.class).plan(book.run(second)).mostBags().bagsBuilt()).isZero();
        assertThat(drafts.confirmWhole(second).<String>match(done -> "done", problems -> problems.get(0).code()))
                .isEqualTo("run.stock-changed");
    }

    @Test
    void a_bag_is_packed_from_the_shelf_and_the_count_goes_down_once() {
        Stocked stock = stocked(5, 9, 4);
        long run = samples.run(stock.small(), 1);
        Bag bag = book.bags(Set.of(run)).get(run).get(0);
        assertThat(bag.picks()).extracting(Bag.Pick::count).containsExactlyInAnyOrder(1, 3, 1);
        assertThat(packing.done(bag.id(), 1).<String>match(done -> "done", problems -> problems.get(0).code())).isEqualTo("pack.missing");

        bag.picks().forEach(pick -> Samples.done(packing.tick(bag.id(), BagItem.pick(pick.id()), 1)));
        Samples.done(packing.done(bag.id(), 1));
        Samples.done(packing.done(bag.id(), 1));

        assertThat(stock.ids()).extracting(id -> goods.counts(List.of(id)).get(id).onHand()).containsExactly(4L, 6L, 3L);
        assertThat(stock.ids()).extracting(id -> goods.counts(List.of(id)).get(id).reserved()).containsExactly(0L, 0L, 0L);
        assertThat(Book.itemsThatDiffer(shop)).isZero();
    }

    /** Two quarters were sold although they were promised: the bag stays open and nothing is taken for it. */
    @Test
    void a_bag_whose_pick_is_gone_stays_open_and_takes_nothing() {
        Stocked stock = stocked(5, 4, 4);
        long run = samples.run(stock.small(), 1);
        Bag bag = book.bags(Set.of(run)).get(run).get(0);
        bag.picks().forEach(pick -> Samples.done(packing.tick(bag.id(), BagItem.pick(pick.id()), 1)));
        Samples.done(goods.move(stock.quarters().id(), -2, Reason.SOLD_BY_COUNT, Samples.entry()));

        String outcome = packing.done(bag.id(), 1).match(done -> "done", problems -> problems.get(0).code());

        assertThat(outcome).isEqualTo("good.not-enough");
        assertThat(book.bag(bag.id()).packed()).isFalse();
        assertThat(goods.counts(List.of(stock.roll().id())).get(stock.roll().id()).onHand()).isEqualTo(5);
    }

    @Test
    void what_is_left_out_is_free_again() {
        Stocked stock = stocked(5, 9, 4);
        long run = samples.run(stock.small(), 2);
        Bag first = book.bags(Set.of(run)).get(run).get(0);
        first.picks().forEach(pick -> Samples.done(packing.tick(first.id(), BagItem.pick(pick.id()), 1)));
        Samples.done(packing.done(first.id(), 1));

        Samples.done(samples.bean(RunDrops.class).dropNotBegun(run, 1));

        assertThat(stock.ids()).extracting(id -> goods.counts(List.of(id)).get(id).reserved()).containsExactly(0L, 0L, 0L);
    }
}
