package retazo.app.stock.goods;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.stock.Entry;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Length;

/** Quarters off a bolt of 40 in usable width and 2 yd: each is 20 × 18 in. */
@Tag("slow")
@ExtendWith(TestShop.class)
class QuarterCutsTest {

    private final Samples samples;
    private final QuarterCuts quarters;
    private final StockService stock;
    private final GoodService goods;
    private Fabric fabric;
    private long bolt;

    QuarterCutsTest(TestShop.Shop shop, QuarterCuts quarters, StockService stock, GoodService goods) {
        this.samples = new Samples(shop);
        this.quarters = quarters;
        this.stock = stock;
        this.goods = goods;
    }

    @BeforeEach
    void a_bolt() {
        fabric = samples.fabric();
        bolt = samples.bolt(fabric, "72 in");
    }

    @Test
    void an_odd_number_takes_a_whole_length_and_leaves_its_other_half_on_the_shelf() {
        Good cut = Samples.done(quarters.cut(bolt, PrecutKind.FAT_QUARTER, 3, Samples.entry()));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(36));
        assertThat(onHand(cut)).isEqualTo(4);
        assertThat(cut.measured()).contains(SheetSize.of(Length.ofInches(20), Length.ofInches(18)));
    }

    /** Somebody gave a pack of squares the very code that quarters of this fabric would have: they stay two things. */
    @Test
    void a_code_that_a_person_typed_is_never_taken_for_the_quarters() {
        Good squares = Samples.done(goods.add(NewGood.precut("Q4-" + fabric.id(), "Squares", PrecutKind.SQUARES_10, 42, "#4f7f86")));

        Good first = Samples.done(quarters.cut(bolt, PrecutKind.FAT_QUARTER, 2, Samples.entry()));
        Good again = Samples.done(quarters.cut(bolt, PrecutKind.FAT_QUARTER, 2, Samples.entry()));

        assertThat(first.id()).isNotEqualTo(squares.id()).isEqualTo(again.id());
        assertThat(first.code()).isEqualTo("Q4-" + fabric.id() + "-2");
        assertThat(first.kind().match(new GoodQuestion<>("other") {
            @Override
            public String shopCut(GoodKind.ShopCut cut) {
                return cut.fabricId() + " " + cut.kind();
            }
        })).isEqualTo(fabric.id() + " FAT_QUARTER");
        assertThat(onHand(squares)).isZero();
        assertThat(onHand(again)).isEqualTo(4);
    }

    @Test
    void sent_twice_it_is_cut_once() {
        Entry entry = Samples.entry();
        quarters.cut(bolt, PrecutKind.FAT_EIGHTH, 2, entry);

        Good cut = Samples.done(quarters.cut(bolt, PrecutKind.FAT_EIGHTH, 2, entry));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(63));
        assertThat(onHand(cut)).isEqualTo(2);
    }

    @Test
    void taken_back_the_bolt_has_its_length_again_and_the_shelf_no_quarters() {
        Good cut = Samples.done(quarters.cut(bolt, PrecutKind.FAT_QUARTER, 2, Samples.entry()));
        long line = stock.linesOf(bolt, 1).get(0).id();

        Samples.done(stock.reverseLine(line, Entry.of(1, UUID.randomUUID())));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofInches(72));
        assertThat(onHand(cut)).isZero();
    }

    /** A run reserves 40 1/2 in of the 72: 31 1/2 are free, one length of 18 but not two. */
    @Test
    void cloth_that_is_reserved_is_not_cut_up() {
        samples.run(samples.kit(fabric), 1);

        assertThat(quarters.cut(bolt, PrecutKind.FAT_QUARTER, 4, Samples.entry()).<String>match(good -> "cut",
                problems -> problems.get(0).code()))
                .isEqualTo("quarters.not-free");
        assertThat(onHand(Samples.done(quarters.cut(bolt, PrecutKind.FAT_QUARTER, 2, Samples.entry())))).isEqualTo(2);
    }

    /** Of a bolt of 36 in usable width they are 18 × 18: all on the shelf then count as that small. */
    @Test
    void quarters_count_as_small_as_the_smallest_of_them() {
        quarters.cut(bolt, PrecutKind.FAT_QUARTER, 2, Samples.entry());
        long narrow = Samples.done(stock.receive(
                new NewBolt(Samples.unique("B"), fabric.id(), "L1", "", Length.ofInches(36), Length.ofInches(36), true), Samples.entry()));

        Good cut = Samples.done(quarters.cut(narrow, PrecutKind.FAT_QUARTER, 2, Samples.entry()));

        assertThat(cut.measured()).contains(SheetSize.of(Length.ofInches(18), Length.ofInches(18)));
    }

    private long onHand(Good good) {
        return goods.counts(List.of(good.id())).get(good.id()).onHand();
    }
}
