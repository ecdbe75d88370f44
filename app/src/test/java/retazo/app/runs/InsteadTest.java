package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.kits.index.KitIndex;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.ChangeView;
import retazo.app.runs.changes.ChangeWords;
import retazo.app.runs.instead.InsteadBook;
import retazo.app.runs.instead.InsteadOffer;
import retazo.app.runs.instead.InsteadOffers;
import retazo.app.runs.instead.RunInsteads;
import retazo.app.runs.instead.Stopped;
import retazo.app.runs.instead.StoppedBags;
import retazo.app.runs.progress.RunProgress;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.Outcome;
import retazo.app.stock.KitShelf;
import retazo.app.stock.StockService;
import retazo.core.cloth.ClothKind;
import retazo.core.measure.Length;

/**
 * Bags whose fabric is not there are made with another, or one size less. The kit is sewn of two fabrics, a light and a dark one, at the
 * sizes Coaster, 1 × 1, and Mat, 3 × 3.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class InsteadTest {

    /** A dark colour and one like it for each test, since the tests share a shop. */
    private static final List<List<String>> DARKS = List.of(
            List.of("#a01585", "#a81a8a"), List.of("#8a1010", "#921515"), List.of("#1040a0", "#1546a8"), List.of("#a08010", "#a88818"),
            List.of("#404040", "#464646"));
    private static final AtomicInteger TESTS = new AtomicInteger();

    private final Samples samples;
    private final StockService stock;
    private final RunBook book;
    private final RunProgress progress;
    private final StoppedBags stopped;
    private final InsteadOffers offers;
    private final RunInsteads insteads;
    private final Fabric light;
    private final Fabric dark;
    private final Fabric like;
    private final long coaster;
    private final long mat;

    InsteadTest(
            TestShop.Shop shop, StockService stock, RunBook book, RunProgress progress, StoppedBags stopped, InsteadOffers offers,
            RunInsteads insteads) {
        this.samples = new Samples(shop);
        this.stock = stock;
        this.book = book;
        this.progress = progress;
        this.stopped = stopped;
        this.offers = offers;
        this.insteads = insteads;
        this.light = fabric("#e0e8d0");
        List<String> colours = DARKS.get(TESTS.getAndIncrement() % DARKS.size());
        this.dark = fabric(colours.get(0));
        this.like = fabric(colours.get(1));
        List<Long> kits = samples.kitsOfTwo(light, dark);
        this.coaster = kits.get(0);
        this.mat = kits.get(1);
    }

    /**
     * Two bags lack their dark cloth since its bolt was measured; of the second the light one is cut already. The likest dark cloth is
     * offered for it, another dark one that looks otherwise is not; taken, the bag keeps its cut, takes the other bolt, and is packed as
     * a kit of its own.
     */
    @Test
    void a_bag_that_waits_takes_a_fabric_like_its_own_and_keeps_what_is_cut() {
        samples.bolt(light, "9 yd");
        long failing = samples.bolt(dark, "5 yd");
        samples.bolt(fabric("#106030"), "9 yd");
        long run = samples.run(mat, 2);
        Bag second = bags(run).get(1);
        cut(second, light);
        leave(failing, Length.ofInches(5));
        assertThat(bags(run)).allMatch(Bag::waits);
        Bag waits = bags(run).get(1);
        long other = samples.bolt(like, "2 yd");

        Stopped found = stopped.bag(run, 2);
        List<InsteadOffer> all = offers.of(found);

        assertThat(found.lacking()).containsExactly(dark);
        assertThat(all.stream().flatMap(offer -> offer.swap().stream()).map(InsteadOffer.Swap::other)).containsExactly(like);
        assertThat(all.get(0).bags()).isEqualTo(1);

        take(run, mat, Optional.of(2), 1, dark, like);
        samples.bolt(dark, "1 yd");
        samples.plannedAgain();

        assertThat(told(run)).noneMatch(ChangeView::stops);
        assertThat(told(run).stream().flatMap(view -> view.became().stream())).anyMatch(sentence -> sentence.contains("waited for"))
                .noneMatch(sentence -> sentence.contains("waits for"));
        Bag made = bags(run).get(1);
        assertThat(made.waits()).isFalse();
        assertThat(cutOf(made, like).boltId()).isEqualTo(other);
        assertThat(cutOf(made, light).id()).isEqualTo(cutOf(waits, light).id());
        assertThat(cutOf(made, light).state()).isEqualTo(PlannedCut.State.CUT);
        assertThat(made.lines()).noneMatch(line -> line.fabricId() == dark.id());
        assertThat(progress.open(Set.of(run))).isEmpty();
        assertThat(samples.bean(RunTitles.class).of(book.run(run)).asked()).endsWith("2 Mat");
        assertThat(samples.bean(InsteadBook.class).of(run)).singleElement().asString()
                .startsWith("Bag 2, Mat, two, is made as Mat, two, " + like.name() + " for " + dark.name() + ": ");

        cutAndPack(run);
        assertThat(book.run(run).state()).isEqualTo(RunState.PACKED);
        assertThat(samples.bean(KitShelf.class).counts(List.of(mat, made.kitId())).values()).extracting(KitShelf.KitCount::onHand)
                .containsExactly(1L, 1L);
        assertThat(samples.bean(KitIndex.class).find(like.name(), 0, 10).getContent()).isEmpty();
        assertThat(samples.bean(KitIndex.class).onShelf(like.name(), 0, 10).getContent()).hasSize(1);
    }

    /** Pressed twice, or pressed when the bag has its cloth again, nothing changes. */
    @Test
    void what_was_shown_and_is_not_so_any_more_changes_nothing() {
        samples.bolt(light, "9 yd");
        long bolt = samples.bolt(dark, "5 yd");
        long run = samples.run(mat, 1);
        leave(bolt, Length.ofInches(5));
        samples.bolt(like, "2 yd");
        assertThat(pressed(run, mat, Optional.of(1), 1, dark, like)).isTrue();
        Bag became = bags(run).get(0);

        assertThat(pressed(run, mat, Optional.of(1), 1, dark, like)).isFalse();

        assertThat(bags(run).get(0).kitId()).isEqualTo(became.kitId());
        assertThat(samples.bean(InsteadBook.class).of(run)).hasSize(1);
        long more = samples.bolt(dark, "2 yd");
        long other = samples.run(mat, 1);
        assertThat(cutOf(bags(other).get(0), dark).boltId()).isEqualTo(more);
        assertThat(pressed(other, mat, Optional.of(1), 1, dark, like)).isFalse();
        assertThat(bags(other).get(0).kitId()).isEqualTo(mat);
    }

    /** Three asked and dark cloth for one: two are open. The like cloth gives both; taken up, nothing is open any more. */
    @Test
    void what_is_open_of_a_run_is_asked_with_another_fabric_and_taken_up() {
        samples.bolt(light, "9 yd");
        samples.bolt(dark, "1 yd");
        long run = samples.openRun(mat, 3);
        samples.bolt(like, "3 yd");
        Stopped found = stopped.ofKit(run, mat);
        assertThat(found.bags()).isEqualTo(2);
        InsteadOffer offer = offers.of(found).get(0);
        assertThat(offer.swap().map(InsteadOffer.Swap::other)).contains(like);
        assertThat(offer.bags()).isEqualTo(2);

        take(run, mat, Optional.empty(), 2, dark, like);

        List<Run.Asked> open = progress.open(Set.of(run)).getOrDefault(run, List.of());
        assertThat(open).singleElement().satisfies(asked -> assertThat(asked.quantity()).isEqualTo(2));
        assertThat(open.get(0).kitId()).isNotEqualTo(mat);
        Samples.done(samples.bean(Confirming.class).takeUp(run, List.of(2)));
        assertThat(bags(run)).hasSize(3).noneMatch(Bag::waits);
        assertThat(progress.open(Set.of(run))).isEmpty();
        assertThat(pressed(run, mat, Optional.empty(), 1, dark, like)).isFalse();
    }

    /** A draft asks for one mat less and one coaster more, right after it; for more bags than it asks it changes nothing. */
    @Test
    void a_draft_asks_for_a_smaller_size() {
        samples.bolt(light, "9 yd");
        samples.bolt(dark, "1 yd");
        long draft = samples.bean(RunDrafts.class).draft(List.of(new Run.Asked(mat, 2)), 1);
        InsteadOffer offer = offers.of(stopped.ofKit(draft, mat)).get(0);
        assertThat(offer.swap()).isEmpty();
        assertThat(offer.kit().id()).isEqualTo(coaster);
        assertThat(offer.bags()).isEqualTo(1);

        Samples.done(insteads.take(smaller(draft, Optional.empty(), 1), 1));

        assertThat(book.run(draft).asked()).containsExactly(new Run.Asked(mat, 1), new Run.Asked(coaster, 1));
        assertThat(refused(smaller(draft, Optional.empty(), 2))).isTrue();
        assertThat(book.run(draft).asked()).containsExactly(new Run.Asked(mat, 1), new Run.Asked(coaster, 1));
    }

    /** A bag that waits and is not begun is left out and open as a coaster; one that is begun keeps its size. */
    @Test
    void a_bag_that_waits_is_made_smaller_unless_it_is_begun() {
        samples.bolt(light, "9 yd");
        long bolt = samples.bolt(dark, "5 yd");
        long run = samples.run(mat, 2);
        cut(bags(run).get(0), light);
        leave(bolt, Length.ofInches(14));
        assertThat(bags(run)).allMatch(Bag::waits);
        assertThat(offers.of(stopped.bag(run, 1))).isEmpty();
        assertThat(refused(smaller(run, Optional.of(1), 1))).isTrue();

        Samples.done(insteads.take(smaller(run, Optional.of(2), 1), 1));

        assertThat(bags(run)).extracting(Bag::leftOut).containsExactly(false, true);
        assertThat(progress.open(Set.of(run))).isEqualTo(Map.of(run, List.of(new Run.Asked(coaster, 1))));
        Samples.done(samples.bean(Confirming.class).takeUp(run, List.of(1)));
        assertThat(bags(run).get(2).kitId()).isEqualTo(coaster);
    }

    private List<ChangeView> told(long run) {
        return samples.bean(ChangeWords.class).of(samples.bean(ChangeBook.class).of(run));
    }

    private RunInsteads.Wanted smaller(long run, Optional<Integer> bag, int bags) {
        return new RunInsteads.Wanted(run, mat, bag, bags, new RunInsteads.Means(Optional.empty(), coaster));
    }

    private void take(long run, long kit, Optional<Integer> bag, int bags, Fabric own, Fabric other) {
        Samples.done(insteads.take(
                new RunInsteads.Wanted(run, kit, bag, bags, new RunInsteads.Means(Optional.of(own.id()), other.id())), 1));
    }

    private boolean refused(RunInsteads.Wanted wanted) {
        return insteads.take(wanted, 1).match(done -> false, problems -> true);
    }

    private boolean pressed(long run, long kit, Optional<Integer> bag, int bags, Fabric own, Fabric other) {
        Outcome<Long> outcome = insteads.take(
                new RunInsteads.Wanted(run, kit, bag, bags, new RunInsteads.Means(Optional.of(own.id()), other.id())), 1);
        samples.plannedAgain();
        return outcome.match(done -> true, problems -> false);
    }

    private void leave(long bolt, Length length) {
        Samples.done(stock.correct(bolt, length, Samples.entry()));
        samples.plannedAgain();
    }

    private List<Bag> bags(long run) {
        return book.bags(Set.of(run)).getOrDefault(run, List.of());
    }

    private static PlannedCut cutOf(Bag bag, Fabric fabric) {
        return bag.lines().stream().filter(line -> line.fabricId() == fabric.id()).flatMap(line -> line.cut().stream()).findFirst()
                .orElseThrow();
    }

    private void cut(Bag bag, Fabric fabric) {
        assertThat(samples.bean(CutService.class).confirm(cutOf(bag, fabric).id(), UUID.randomUUID(), 1)).isTrue();
    }

    private void cutAndPack(long run) {
        book.currentCuts(Set.of(run)).stream().filter(PlannedCut::isPlanned)
                .forEach(cut -> assertThat(samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1)).isTrue());
        PackingService packing = samples.bean(PackingService.class);
        for (Bag bag : bags(run)) {
            bag.lines().forEach(line -> Samples.done(packing.tick(bag.id(), BagItem.line(line.id()), 1)));
            Samples.done(packing.done(bag.id(), 1));
        }
    }

    private Fabric fabric(String ground) {
        String code = Samples.unique("INST");
        return Samples.done(samples.bean(FabricService.class).add(
                new NewFabric(code, "Like " + code, ground, ground, Motif.DOTS, ClothKind.FLANNEL, Optional.empty())));
    }
}
