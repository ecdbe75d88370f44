package retazo.app.kits.possible;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.NewFabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitSettings;
import retazo.app.kits.KitWorks;
import retazo.app.practice.PracticeService;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Length;

/** A bag of the sample kit takes 40 1/2 in on cloth of 42 in, where three patches of 12 1/2 in lie side by side. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PossibleKitsTest {

    private final Samples samples;
    private final PossibleKits possible;
    private final KitBook book;
    private final StockService stock;

    PossibleKitsTest(TestShop.Shop shop, PossibleKits possible, KitBook book, StockService stock) {
        this.samples = new Samples(shop);
        this.possible = possible;
        this.book = book;
        this.stock = stock;
    }

    /** Bolts of 130 and 60 in give 3 + 1; with 20 in sold off the first only 2 + 1, and with another of 81 in 2 + 1 + 2. */
    @Test
    void what_is_sold_and_what_comes_in_is_counted_at_once() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "130 in");
        samples.bolt(fabric, "60 in");
        long kit = samples.kit(fabric);
        assertThat(bags(kit)).isEqualTo(4);

        Samples.done(stock.take(bolt, Length.ofInches(20), Reason.SOLD_BY_LENGTH, Samples.entry()));
        assertThat(bags(kit)).isEqualTo(3);

        samples.bolt(fabric, "81 in");
        assertThat(bags(kit)).isEqualTo(5);

        samples.run(kit, 2);
        assertThat(bags(kit)).isEqualTo(3);
    }

    /** On 30 in two lie side by side: five strips, 63 1/2 in with squaring, with 5 % 66.7, so 15 eighths, 67 1/2 in: one bag of 130 in. */
    @Test
    void a_kit_or_fabric_that_changes_has_another_bill() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "130 in");
        long kit = samples.kit(fabric);
        assertThat(bags(kit)).isEqualTo(3);

        samples.bean(FabricService.class).change(fabric.id(), new NewFabric(
                fabric.code(), fabric.name(), fabric.groundColour(), fabric.printColour(), fabric.motif(), fabric.kind(),
                fabric.print(), fabric.repeat(), Optional.of(Length.ofInches(30)), fabric.prices()));

        assertThat(bags(kit)).isEqualTo(1);

        KitSettings seen = book.kit(kit).settings();
        Samples.done(samples.bean(KitService.class).set(kit, KitSettings.NONE.onWidth(Length.ofInches(40)), seen.mark()));

        assertThat(bags(kit)).isEqualTo(3);
    }

    /** Whatever happens to bolts, fabrics and kits: what was kept gives the same as what is worked out anew. */
    @Test
    void what_is_kept_is_never_behind() {
        Fabric fabric = samples.fabric();
        List<Long> kits = List.of(samples.kit(fabric), samples.kit(fabric), samples.kit(samples.fabric()));
        long bolt = samples.bolt(fabric, "20 yd");
        Random random = new Random(5);
        for (int i = 0; i < 25; i++) {
            long kit = kits.get(random.nextInt(kits.size()));
            switch (random.nextInt(4)) {
                case 0 -> stock.take(bolt, Length.ofInches(1 + random.nextInt(30)), Reason.SOLD_BY_LENGTH, Samples.entry());
                case 1 -> samples.bolt(fabric, 1 + random.nextInt(80) + " in");
                case 2 -> samples.bean(KitService.class).set(
                        kit, KitSettings.NONE.onWidth(Length.ofInches(26 + random.nextInt(20))), book.kit(kit).settings().mark());
                default -> samples.bean(FabricService.class).change(fabric.id(), new NewFabric(
                        fabric.code(), fabric.name(), fabric.groundColour(), fabric.printColour(), fabric.motif(), fabric.kind(),
                        fabric.print(), fabric.repeat(), Optional.of(Length.ofInches(26 + random.nextInt(20))), fabric.prices()));
            }
            List<Kit> all = book.inOrder(kits);
            PossibleKits anew = new PossibleKits(
                    samples.bean(KitWorks.class), stock, samples.bean(GoodService.class), samples.bean(PracticeService.class));

            assertThat(possible.of(all)).isEqualTo(anew.of(all));
        }
    }

    private long bags(long kit) {
        return possible.of(book.kit(kit)).bags().value();
    }
}
