package retazo.app.kits.leftovers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.PrecutKind;
import retazo.core.kit.Instructions;
import retazo.core.measure.Length;

/**
 * Offers for the left-overs of a kit of one piece, 20 × 20: it leaves 20 × 20 of a strip, one fat quarter. The kit of 24 pieces of
 * 3 1/2 × 9 1/2 takes 22 in without it; with it ten come from there, two by five, and 14 take a strip of 9 1/2, one of 3 1/2 and
 * squaring: 14.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class LeftOverOffersTest {

    private static final LeftOverDecisions.Purpose SHELF = new LeftOverDecisions.Purpose(Optional.empty(), Optional.empty());

    private final Samples samples;
    private final LeftOverOffers offers;
    private final LeftOverDecisions decisions;
    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private final GoodService goods;
    private final RunBook runs;
    private Fabric fabric;
    private long giver;
    private long taker;

    LeftOverOffersTest(TestShop.Shop shop, LeftOverOffers offers, LeftOverDecisions decisions, KitService kits, KitBook book,
            KitWorks works,
            GoodService goods, RunBook runs) {
        this.samples = new Samples(shop);
        this.offers = offers;
        this.decisions = decisions;
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.goods = goods;
        this.runs = runs;
    }

    @BeforeEach
    void two_kits_of_one_fabric_cut_in_the_shop() {
        fabric = samples.fabric();
        samples.bolt(fabric, "20 yd");
        giver = shopCut("20 x 20", 1);
        taker = shopCut("3 1/2 x 9 1/2", 24);
    }

    @Test
    void a_rest_is_offered_to_kits_that_it_spares_cloth_and_as_quarters() {
        LeftOverOffers.Offer offer = offers.of(book.kit(giver), fabric).get(0);

        assertThat(offer.rests().width()).isEqualTo(Length.ofInches(20));
        assertThat(offer.serves()).extracting(serves -> serves.kit().id()).containsExactly(taker);
        assertThat(offer.serves().get(0).less().exact()).isEqualTo(Length.ofInches(8));
        assertThat(offer.shopCuts()).containsEntry(PrecutKind.FAT_QUARTER, 1L).containsEntry(PrecutKind.FAT_EIGHTH, 2L);
    }

    @Test
    void one_rest_serves_one_purpose_and_no_rest_that_is_not_there() {
        Samples.done(accept(rest("20", "20"), SHELF));

        assertThat(code(accept(rest("20", "20"), SHELF))).isEqualTo("left.kept-already");
        assertThat(code(accept(rest("19", "20"), SHELF))).isEqualTo("left.gone");
    }

    @Test
    void a_purpose_that_the_rest_does_not_serve_is_refused() {
        assertThat(code(accept(rest("20", "20"), new LeftOverDecisions.Purpose(Optional.of(PrecutKind.STRIP_ROLL), Optional.empty()))))
                .isEqualTo("left.does-not-serve");
        assertThat(code(accept(rest("20", "20"), new LeftOverDecisions.Purpose(Optional.empty(), Optional.of(giver)))))
                .isEqualTo("left.does-not-serve");
        assertThat(book.kit(giver).leftOvers().kept()).isEmpty();
    }

    @Test
    void quarters_cut_from_a_rest_are_counted_as_quarters_once_the_length_is_cut() {
        Good quarters = Samples
                .done(accept(rest("20", "20"), new LeftOverDecisions.Purpose(Optional.of(PrecutKind.FAT_QUARTER), Optional.empty())));
        long run = samples.run(giver, 2);

        runs.currentCuts(Set.of(run)).forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));

        assertThat(quarters.precut()).contains(PrecutKind.FAT_QUARTER);
        assertThat(goods.counts(List.of(quarters.id())).get(quarters.id()).free()).isEqualTo(2);
    }

    @Test
    void a_kit_that_its_maker_cuts_keeps_and_takes_nothing() {
        Good left = Samples.done(accept(rest("20", "20"), SHELF));
        Samples.done(kits.sellBy(taker, Instructions.OURS, "", 1));
        Samples.done(kits.sellBy(giver, Instructions.OURS, "", 1));

        assertThat(code(decisions.take(taker, left.id(), 1))).isEqualTo("left.not-for-this-kit");
        assertThat(works.work(book.kit(giver)).leftOvers(fabric.code())).isEmpty();
    }

    /** One left-over is there: the first kit of a run takes it, the second takes its whole length. */
    @Test
    void two_kits_of_one_run_never_count_on_the_same_left_over() {
        Good left = Samples.done(accept(rest("20", "20"), new LeftOverDecisions.Purpose(Optional.empty(), Optional.of(taker))));
        long second = shopCut("3 1/2 x 9 1/2", 24);
        Samples.done(decisions.take(second, left.id(), 1));
        runs.currentCuts(Set.of(samples.run(giver, 1)))
                .forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));

        RunDrafts drafts = samples.bean(RunDrafts.class);
        long run = drafts.draft(List.of(new Run.Asked(taker, 1), new Run.Asked(second, 1)), 1);
        Samples.done(drafts.confirmWhole(run));

        List<Bag> bags = runs.bags(Set.of(run)).get(run);
        assertThat(bags).extracting(bag -> bag.picks().size()).containsExactly(1, 0);
        assertThat(bags.get(1).lines().get(0).length()).isEqualTo(Length.parse("3/4 yd"));
        assertThat(bags.get(0).lines().get(0).length()).isLessThan(Length.parse("3/4 yd"));
    }

    /** Left-overs make single bags cheaper, but the number that can be made counts on cloth alone. */
    @Test
    void how_many_can_be_made_does_not_hang_on_left_overs() {
        Good left = Samples.done(accept(rest("20", "20"), new LeftOverDecisions.Purpose(Optional.empty(), Optional.of(taker))));
        Samples.done(goods.correct(left.id(), 1, Samples.entry()));

        // 20 yd give 26 lengths of 3/4 yd.
        assertThat(samples.bean(PossibleKits.class).of(book.kit(taker)).bags().value()).isEqualTo(26);
    }

    private LeftOverOffers.Rest rest(String width, String height) {
        return new LeftOverOffers.Rest(fabric.code(), Length.parse(width + " in"), Length.parse(height + " in"));
    }

    private Outcome<Good> accept(LeftOverOffers.Rest rest, LeftOverDecisions.Purpose purpose) {
        return decisions.accept(giver, rest, purpose, 1);
    }

    private long shopCut(String form, int count) {
        long kit = samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, form, count), fabric);
        Samples.done(kits.sellBy(kit, Instructions.SHOP, "", 1));
        return kit;
    }

    private static <T> String code(Outcome<T> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
