package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.cutting.stacks.StackService;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.runs.RunDrops;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.runs.changes.Happened;
import retazo.app.runs.packets.PieceSource;
import retazo.app.stock.StockService;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/**
 * Bags whose pieces the shop cuts, together from one length.
 *
 * <p>24 pieces of 3 1/2 × 9 1/2 take 22 in, with 5 % 23.1, so 27 in to cut. 48 of them take four strips of 9 1/2 with eleven each and
 * one of 3 1/2: 41 1/2 and squaring, 42 1/2; with 5 % 44.6, so 45 in where twice one is 54.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class BatchFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunService runs;
    private final RunBook book;
    private final CutService cuts;
    private final KitService kits;
    private final StockService stock;
    private Fabric fabric;
    private long bolt;
    private long kit;

    BatchFlowTest(TestShop.Shop shop, RunService runs, RunBook book, CutService cuts, KitService kits, StockService stock) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
        this.book = book;
        this.cuts = cuts;
        this.kits = kits;
        this.stock = stock;
    }

    @BeforeEach
    void a_kit_of_long_reeds_on_a_bolt() {
        fabric = samples.fabric();
        bolt = samples.bolt(fabric, "108 in");
        kit = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric);
    }

    @Test
    void two_bags_cut_by_the_shop_are_one_cut_that_serves_both() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));

        long run = samples.run(kit, 2);

        PlannedCut cut = only(run);
        assertThat(cut.length()).isEqualTo(Length.ofInches(45));
        assertThat(cut.bags()).hasToString("1, 2");
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofInches(45));
        assertThat(cuts.confirm(cut.id(), UUID.randomUUID(), 1)).isTrue();
        assertThat(bags(run)).allMatch(Bag::piecesLeft).allMatch(Bag::begun);
        Samples.done(samples.bean(StackService.class).recordAll(PieceSource.ofCut(run, cut.id()), Samples.entry()));
        assertThat(bags(run)).allMatch(Bag::allCut);
        assertThat(book.run(run).state()).isEqualTo(RunState.CUT);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(63));
    }

    @Test
    void lengths_that_makers_cut_stay_one_for_each_bag() {
        long run = samples.run(kit, 2);

        assertThat(book.currentCuts(Set.of(run))).extracting(PlannedCut::length).containsExactly(Length.ofInches(27), Length.ofInches(27));
    }

    @Test
    void a_cut_for_two_bags_is_taken_back_for_both() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        long run = samples.run(kit, 2);
        cuts.confirm(only(run).id(), UUID.randomUUID(), 1);

        Samples.done(cuts.undoLast(run, bolt, UUID.randomUUID(), 1));

        assertThat(bags(run)).noneMatch(Bag::allCut);
        assertThat(only(run).bags()).hasToString("1, 2");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(108));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofInches(45));
    }

    /** The bolt turns out to have 30 in: one bag of 27 has room by itself, where 45 together would not. */
    @Test
    void a_bolt_that_is_shorter_leaves_what_fits_bag_by_bag() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        long run = samples.run(kit, 2);

        stock.correct(bolt, Length.ofInches(30), Samples.entry());
        samples.plannedAgain();
        runs.askPlanAgain(run, Happened.ASKED);
        samples.plannedAgain();

        assertThat(only(run).length()).isEqualTo(Length.ofInches(27));
        assertThat(bags(run).stream().filter(Bag::waits)).hasSize(1);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofInches(27));
    }

    @Test
    void left_out_together_they_free_what_was_reserved_for_both() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        long run = samples.run(kit, 3);

        Samples.done(samples.bean(RunDrops.class).dropNotBegun(run, 1));

        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
        assertThat(book.run(run).state()).isEqualTo(RunState.CANCELLED);
    }

    @Test
    void the_cutter_finds_the_sheet_for_the_pieces_of_both_bags_on_the_ticket() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        long run = samples.run(kit, 2);
        try (Tab cutter = Tab.of(shop, "nele")) {
            cutter.go("/cutting/" + run + "/" + bolt);
            cutter.page().getByText("How its pieces are cut").click();
            cutter.page().waitForURL("**/cutting/pieces/**");

            assertThat(cutter.page().locator("#cloth-list").textContent()).contains("4 ×", "11 ×", "A1");
            assertThat(cutter.page().locator("h1").textContent()).isEqualTo("Pieces of " + fabric.name());
            assertThat(cutter.page().locator(".ticket-foot").textContent()).contains("421/2");
            assertThat(cutter.page().locator(".ticket-step").textContent()).isEqualTo("stack 1 of 2");
        }
    }

    /**
     * Two roles in two fabrics, both cut by this list: ten strips for two bags. Eight of 9 1/2 are two stacks of four, two of 3
     * 1/2 a third;
     * each fabric by itself would take two.
     */
    @Test
    void fabrics_cut_by_the_same_list_go_into_the_same_stacks() {
        Fabric other = samples.fabric();
        samples.bolt(other, "108 in");
        long both = kitOfTwoAlike(other);
        Samples.done(kits.sellBy(both, Instructions.SHOP, "", 1));
        long run = samples.run(both, 2);
        PlannedCut first = book.currentCuts(Set.of(run)).stream().filter(cut -> cut.fabricId() == fabric.id()).findFirst().orElseThrow();

        assertThat(Client.of(shop, "nele").get("/cutting/pieces/" + first.id()).body())
                .contains(other.name() + ": the same list, on top of these. 10 strips in 3 stacks for all, instead of 4.");
        assertThat(Client.of(shop, "idris").get("/kits/" + both + "/cloth?together=2").body())
                .contains("With " + other.name() + ", cut by the same list: 10 strips in 3 stacks for all, instead of 4.");
    }

    private long kitOfTwoAlike(Fabric other) {
        List<RoleKey> roles = List.of(new RoleKey("reed"), new RoleKey("fog"));
        CutList list = new CutList(
                List.of(),
                roles.stream().map(role -> new CutList.Line(
                        role, Use.BLOCKS, CutForm.read("3 1/2 x 9 1/2").orElseThrow(), new CutCount.PerQuilt(24), Optional.empty(), ""))
                        .toList(),
                Optional.empty(), Optional.empty());
        QuiltDesign design = new QuiltDesign(
                List.of(Role.of(roles.get(0), "A", "reed"), Role.of(roles.get(1), "B", "fog")),
                List.of(new QuiltSize.Printed(new SizeKey("lap"), "Lap", Optional.empty())), Optional.empty(), Optional.of(list),
                Optional.empty(),
                Way.CUT_LIST, Map.of());
        PatternVersion pattern = Samples
                .done(samples.bean(PatternService.class).add(PatternContent.own(Samples.unique("Two reeds "), design), 1));
        return Samples.done(kits.add(new NewKits(
                pattern, List.of("lap"), "plain", Map.of(roles.get(0), fabric, roles.get(1), other), Map.of(), new Contents(false, false))))
                .get(0);
    }

    /** Four strips of 9 1/2 are two stacks where two layers are the most, and the one of 3 1/2 a third. */
    @Test
    void flannel_is_stacked_in_half_as_many_layers() {
        Fabric flannel = samples.fabric(ClothKind.FLANNEL);
        samples.bolt(flannel, "108 in");
        long thick = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), flannel);
        Samples.done(kits.sellBy(thick, Instructions.SHOP, "", 1));
        long run = samples.run(thick, 2);

        assertThat(Client.of(shop, "nele").get("/cutting/pieces/" + only(run).id()).body())
                .contains("stack 1 of 3", "2 layers:");
        assertThat(Client.of(shop, "idris").get("/kits/" + thick + "/cloth?together=2").body()).contains("in 3 stacks of up to 2 layers");
    }

    /** With 6 in of squaring the pieces take 47 1/2 in, and the cut that was planned has 45. */
    @Test
    void a_sheet_whose_length_is_no_longer_enough_stops_the_cutter() {
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        long run = samples.run(kit, 2);
        try (Tab designer = Tab.of(shop, "idris"); Tab cutter = Tab.of(shop, "nele")) {
            cutter.go("/cutting/pieces/" + only(run).id());
            assertThat(cutter.page().locator(".notice-stop").count()).isZero();
            designer.go("/kits/" + kit + "/cloth?squaring=6");
            designer.press("Keep them for this kit");
            designer.page().locator("#own-settings").waitFor();

            cutter.go("/cutting/pieces/" + only(run).id());

            assertThat(cutter.page().locator(".notice-stop").textContent()).contains("no longer come out of it");
        }
    }

    @Test
    void a_cut_of_a_kit_that_its_maker_cuts_has_no_sheet_for_pieces() {
        long run = samples.run(kit, 1);

        assertThat(Client.of(shop, "nele").get("/cutting/pieces/" + only(run).id()).statusCode()).isEqualTo(404);
    }

    private PlannedCut only(long run) {
        List<PlannedCut> current = book.currentCuts(Set.of(run));
        assertThat(current).hasSize(1);
        return current.get(0);
    }

    private List<Bag> bags(long run) {
        return book.bags(Set.of(run)).get(run);
    }
}
