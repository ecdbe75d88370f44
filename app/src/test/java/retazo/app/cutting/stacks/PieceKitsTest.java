package retazo.app.cutting.stacks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.RunDrops;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.packets.BagPacket;
import retazo.app.runs.packets.PacketBook;
import retazo.app.runs.packets.PieceJobs;
import retazo.app.runs.packets.PieceSource;
import retazo.app.shared.Outcome;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.measure.Length;

/**
 * Three bags of 96 squares of 3 1/2 off a bolt and 144 of 4 1/2 out of 36 ten-inch squares, four from each.
 *
 * <p>A bag takes nine strips on 40 in, eight with eleven squares and one with eight: 32 1/2 in with squaring, 34.1 with 5 %, so 36 in.
 * Three bags squared once take 95 1/2 in, 100.3 with 5 %, so 103 1/2 in: 24 strips with eleven, which are 6 stacks of four layers, and
 * three with eight. 108 sheets are 27 stacks.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class PieceKitsTest {

    private static final long CUTTER = 3;

    private final Samples samples;
    private final StackService stacks;
    private final StackPages pages;
    private final PieceJobs jobs;
    private final PacketBook packets;
    private final RunBook book;
    private final CutService cuts;

    PieceKitsTest(
            TestShop.Shop shop, StackService stacks, StackPages pages, PieceJobs jobs, PacketBook packets, RunBook book, CutService cuts) {
        this.samples = new Samples(shop);
        this.stacks = stacks;
        this.pages = pages;
        this.jobs = jobs;
        this.packets = packets;
        this.book = book;
        this.cuts = cuts;
    }

    /** A run of the kit, and what it is cut from. */
    private record Started(Fabric ground, long bolt, Good squares, long kit, long run) {

        PieceSource ofSquares() {
            return PieceSource.ofPrecut(run, kit, squares.id());
        }
    }

    private Started started() {
        Fabric ground = samples.fabric();
        long bolt = samples.bolt(ground, "4 yd");
        GoodService goods = samples.bean(GoodService.class);
        Good squares = Samples.done(goods.add(
                NewGood.precut(Samples.unique("SQ"), Samples.unique("Test squares "), PrecutKind.SQUARES_10, 42, "#4f7f86")));
        Samples.done(goods.move(squares.id(), 5, Reason.RECEIVED, Samples.entry()));
        PatternService patterns = samples.bean(PatternService.class);
        PatternVersion pattern = Samples.done(patterns.add(Samples.done(patterns.read("""
                {"format": 2, "name": "%s", "plannedFrom": "cut-list",
                 "roles": [{"key": "ground", "letter": "A", "name": "ground"}, {"key": "prints", "letter": "B", "name": "prints"}],
                 "sizes": [{"key": "lap", "name": "Lap", "printed": {"width": "48 in", "height": "60 in"}}],
                 "cutList": {"lines": [
                   {"role": "ground", "piece": "3 1/2 x 3 1/2", "counts": {"lap": 96}},
                   {"role": "prints", "piece": "4 1/2 x 4 1/2", "counts": {"lap": 144},
                    "precut": {"kind": "squares-10", "perSheet": 4}}]}}"""
                .formatted(Samples.unique("Slack water ")))), 1));
        KitService kits = samples.bean(KitService.class);
        long kit = Samples.done(kits.add(new NewKits(
                pattern, List.of("lap"), "marsh", Map.of(new RoleKey("ground"), ground), Map.of(new RoleKey("prints"), squares),
                Contents.EVERYTHING))).get(0);
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        return new Started(ground, bolt, squares, kit, samples.run(kit, 3));
    }

    private PlannedCut only(long run) {
        List<PlannedCut> all = book.currentCuts(Set.of(run));
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    private PieceSource cutOff(Started started) {
        PlannedCut cut = only(started.run());
        assertThat(cuts.confirm(cut.id(), UUID.randomUUID(), CUTTER)).isTrue();
        return PieceSource.ofCut(started.run(), cut.id());
    }

    private List<Bag> bags(long run) {
        return book.bags(Set.of(run)).getOrDefault(run, List.of());
    }

    private Outcome<Long> record(PieceSource source, int step, int good, int spoilt) {
        return stacks.record(source, pages.ticket(source).steps().get(step).id(), good, spoilt, Samples.entry());
    }

    private static String problem(Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }

    @Test
    void a_bag_holds_packets_and_no_yards() {
        Started started = started();

        Bag bag = bags(started.run()).get(0);

        assertThat(only(started.run()).length()).isEqualTo(Length.parse("103 1/2 in"));
        assertThat(packets.of(bag.id())).extracting(BagPacket::position, BagPacket::times, BagPacket::toCount)
                .containsExactly(tuple(1, 1, 96), tuple(2, 1, 144));
        assertThat(packets.of(bag.id())).flatExtracting(BagPacket::pieces)
                .extracting(BagPacket.Piece::label, BagPacket.Piece::fabricId, BagPacket.Piece::goodId, BagPacket.Piece::cutSize)
                .containsExactly(
                        tuple("A1", Optional.of(started.ground().id()), Optional.empty(), "3 1/2 × 3 1/2 in"),
                        tuple("B1", Optional.empty(), Optional.of(started.squares().id()), "4 1/2 × 4 1/2 in"));
        assertThat(bag.piecesLeft()).isTrue();
        assertThat(problem(samples.bean(PackingService.class).done(bag.id(), 4))).isEqualTo("pack.missing");
    }

    @Test
    void the_tickets_go_stack_by_stack() {
        Started started = started();
        PieceSource cloth = PieceSource.ofCut(started.run(), only(started.run()).id());

        assertThat(pages.ticket(cloth).steps())
                .extracting(StackPages.Step::all, StackPages.Step::stacks, StackPages.Step::next, step -> step.gives().get(0).plain())
                .containsExactly(
                        tuple(24, 6L, 4, "11 × A1 (3 1/2 × 3 1/2 in)"), tuple(3, 1L, 3, "8 × A1 (3 1/2 × 3 1/2 in)"));
        assertThat(pages.ticket(started.ofSquares()).steps())
                .extracting(StackPages.Step::all, StackPages.Step::stacks, step -> step.gives().get(0).plain())
                .containsExactly(tuple(108, 27L, "4 × B1 (4 1/2 × 4 1/2 in)"));
        assertThat(pages.ticket(started.ofSquares()).work().of().from().take()).isEqualTo(3);
    }

    @Test
    void what_really_happened_is_recorded_and_taken_back() {
        Started started = started();
        PieceSource early = PieceSource.ofCut(started.run(), only(started.run()).id());
        assertThat(problem(record(early, 0, 4, 0))).isEqualTo("stack.not-cut");
        PieceSource source = cutOff(started);

        Samples.done(record(source, 0, 3, 1));
        assertThat(problem(record(source, 0, 22, 0))).isEqualTo("stack.too-many");
        assertThat(problem(record(source, 0, 0, 0))).isEqualTo("stack.nothing");
        Samples.done(record(source, 0, 21, 0));

        StackPages.Ticket ticket = pages.ticket(source);
        assertThat(ticket.steps().get(0)).returns(24, StackPages.Step::done).returns(1, StackPages.Step::spoilt);
        assertThat(ticket.now().orElseThrow()).isEqualTo(ticket.steps().get(1));
        Samples.done(stacks.undo(source, Samples.entry()));
        assertThat(pages.ticket(source).steps().get(0).done()).isEqualTo(3);
        assertThat(jobs.isDone(source)).isFalse();
    }

    @Test
    void one_press_sent_twice_counts_once_and_another_press_does_not() {
        Started started = started();
        PieceSource source = cutOff(started);
        String step = pages.ticket(source).steps().get(0).id();
        var entry = Samples.entry();

        Samples.done(stacks.record(source, step, 4, 0, entry));
        Samples.done(stacks.record(source, step, 4, 0, entry));

        assertThat(jobs.records(source)).hasSize(1);
        assertThat(problem(stacks.record(source, step, 3, 0, entry))).isEqualTo("entry.of-something-else");
    }

    /** Two cutters press for the last two strips at once: one of them is told that nothing is left. */
    @Test
    void two_cutters_at_one_stack_do_not_cut_it_twice() {
        Started started = started();
        PieceSource source = cutOff(started);
        Samples.done(record(source, 0, 22, 0));

        List<String> both = Stream.of(1, 2).map(cutter -> CompletableFuture.supplyAsync(() -> problem(record(source, 0, 2, 0)))).toList()
                .stream().map(CompletableFuture::join).sorted().toList();

        assertThat(both).containsExactly("done", "stack.too-many");
        assertThat(pages.ticket(source).steps().get(0).done()).isEqualTo(24);
    }

    @Test
    void a_length_stays_cut_while_its_pieces_are() {
        Started started = started();
        PieceSource source = cutOff(started);
        Samples.done(record(source, 0, 4, 0));

        assertThat(problem(cuts.undoLast(started.run(), started.bolt(), UUID.randomUUID(), CUTTER))).isEqualTo("cut.pieces-cut");

        Samples.done(stacks.undo(source, Samples.entry()));
        Samples.done(cuts.undoLast(started.run(), started.bolt(), UUID.randomUUID(), CUTTER));
    }

    @Test
    void bags_whose_squares_are_being_cut_are_not_left_out() {
        Started started = started();
        Samples.done(record(started.ofSquares(), 0, 4, 0));

        Samples.done(samples.bean(RunDrops.class).dropNotBegun(started.run(), 1));

        assertThat(bags(started.run())).noneMatch(Bag::leftOut);
    }

    /** A strip of 3 1/2 spoilt: 3 1/2 in more, from the same lot only. */
    @Test
    void cloth_for_a_spoilt_strip_comes_from_a_bolt_of_the_same_lot() {
        Started started = started();
        StockService stock = samples.bean(StockService.class);
        long other = Samples.done(stock.receive(
                new NewBolt(Samples.unique("B"), started.ground().id(), "L2", "bay 9", Length.ofInches(40), Length.ofYards(2, 1), true),
                Samples.entry()));
        PieceSource source = cutOff(started);
        Samples.done(record(source, 0, 3, 1));
        Length left = stock.bolt(started.bolt()).onHand();

        assertThat(pages.ticket(source).again().orElseThrow().length()).isEqualTo("3 1/2 in");
        assertThat(problem(stacks.cutAgain(source, other, Length.parse("3 1/2 in"), Samples.entry()))).isEqualTo("stack.other-lot");
        Samples.done(stacks.cutAgain(source, started.bolt(), Length.parse("3 1/2 in"), Samples.entry()));

        assertThat(stock.bolt(started.bolt()).onHand()).isEqualTo(left.minus(Length.parse("3 1/2 in")));
        assertThat(pages.ticket(source).again()).isEmpty();
        assertThat(problem(stacks.cutAgain(source, started.bolt(), Length.parse("3 1/2 in"), Samples.entry())))
                .isEqualTo("stack.nothing-spoilt");
    }

    @Test
    void packets_are_counted_and_a_wrong_count_keeps_the_bag_open() {
        Started started = started();
        PackingService packing = samples.bean(PackingService.class);
        PieceSource source = cutOff(started);
        Bag bag = bags(started.run()).get(0);
        List<BagItem> items = packets.of(bag.id()).stream().map(packet -> BagItem.packet(packet.id())).toList();
        assertThat(problem(packing.tick(bag.id(), items.get(0), 4))).isEqualTo("pack.pieces-not-cut");
        Samples.done(stacks.recordAll(source, Samples.entry()));
        assertThat(book.run(started.run()).state()).isEqualTo(RunState.CUTTING);
        Samples.done(stacks.recordAll(started.ofSquares(), Samples.entry()));
        assertThat(book.run(started.run()).state()).isEqualTo(RunState.CUT);
        GoodService goods = samples.bean(GoodService.class);

        Samples.done(packing.tick(bag.id(), items.get(0), Optional.of(95), 4));
        Samples.done(packing.tick(bag.id(), items.get(1), 4));
        assertThat(problem(packing.done(bag.id(), 4))).isEqualTo("pack.missing");
        Samples.done(packing.tick(bag.id(), items.get(0), Optional.of(96), 4));
        Samples.done(packing.done(bag.id(), 4));

        assertThat(goods.counts(List.of(started.squares().id())).get(started.squares().id()))
                .returns(4L, GoodService.GoodCount::onHand).returns(2L, GoodService.GoodCount::reserved);
        assertThat(problem(stacks.undo(source, Samples.entry()))).isEqualTo("stack.bag-closed");
    }

    /** The kit goes out as lengths from now on; the bags that were confirmed with packets are still cut and packed as packets. */
    @Test
    void bags_are_finished_as_they_were_confirmed_though_the_kit_was_changed() {
        Started started = started();
        PieceSource source = cutOff(started);
        Samples.done(samples.bean(KitService.class).sellBy(started.kit(), Instructions.OURS, "", 1));

        assertThat(pages.ticket(source).stacks()).isEqualTo(7);
        Samples.done(stacks.recordAll(source, Samples.entry()));
        Samples.done(stacks.recordAll(started.ofSquares(), Samples.entry()));

        assertThat(bags(started.run())).allMatch(Bag::allCut);
    }

    @Test
    void what_is_done_can_be_taken_back_and_said_again() {
        Started started = started();
        Samples.done(stacks.recordAll(started.ofSquares(), Samples.entry()));
        assertThat(pages.ticket(started.ofSquares()).done()).isTrue();

        Samples.done(stacks.undo(started.ofSquares(), Samples.entry()));

        assertThat(pages.ticket(started.ofSquares()).done()).isFalse();
        assertThat(problem(stacks.undo(started.ofSquares(), Samples.entry()))).isEqualTo("stack.nothing-to-undo");
    }

    /** By block the same pieces lie otherwise; a bag that is confirmed keeps what it was confirmed with. */
    @Test
    void no_piece_is_lost_and_none_is_twice() {
        Started started = started();

        for (Bag bag : bags(started.run())) {
            assertThat(packets.of(bag.id()).stream().mapToInt(packet -> packet.times() * packet.pieceCount()).sum()).isEqualTo(240);
        }
    }
}
