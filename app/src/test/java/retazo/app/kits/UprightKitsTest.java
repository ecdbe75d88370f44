package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Length;

/**
 * Kits of 24 pieces 3½ × 9½ in of a print. Standing along the cloth they take 3 strips of 9½ (11 to a strip) and 1 in to square up, 29½;
 * with 5 % 30.975, so 7/8 yd, 31½ in. Lying, 6 strips of 3½ (4 to a strip) are 22; with 5 % 23.1, so ¾ yd, 27 in.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class UprightKitsTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final KitBook book;
    private final KitWorks works;

    UprightKitsTest(TestShop.Shop shop, KitBook book, KitWorks works) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.book = book;
        this.works = works;
    }

    private long kit(Fabric fabric) {
        return samples.cutListKit(samples.cutListPattern(PatternAbout.OWN, "3 1/2 x 9 1/2", 24), fabric);
    }

    private Length sold(long kit, Fabric fabric) {
        return works.work(book.kit(kit)).lengths().get(fabric.code());
    }

    @ParameterizedTest
    @CsvSource({"SOLID, 27", "ALL_OVER, 27", "ONE_WAY, 31 1/2", "STRIPE, 31 1/2", "ONE_WAY_ACROSS, 27"})
    void a_print_with_a_direction_stays_upright(PrintKind print, String length) {
        Fabric fabric = samples.fabric(print);

        assertThat(sold(kit(fabric), fabric)).isEqualTo(Length.parse(length + " in"));
    }

    @Test
    void a_kit_may_let_it_lie_any_way_and_keeps_it_upright_again() {
        Fabric fabric = samples.fabric(PrintKind.ONE_WAY);
        long kit = kit(fabric);
        Client designer = Client.of(shop, "idris");
        assertThat(cloth(designer, kit, fabric)).contains("it is kept upright", "Print any way");
        assertThat(plain(designer.get("/kits/" + kit).body())).contains("print kept upright: 1/8 yd more than any way");

        designer.post("/kits/" + kit + "/direction", Map.of("fabric", fabric.code(), "upright", "false"));

        assertThat(sold(kit, fabric)).isEqualTo(Length.ofInches(27));
        assertThat(cloth(designer, kit, fabric)).contains("may lie any way in this kit", "it would take 1/8 yd more", "Print upright");
        assertThat(works.soldOtherwise(works.work(book.kit(kit)))).containsEntry(fabric, Length.parse("31 1/2 in"));

        designer.post("/kits/" + kit + "/direction", Map.of("fabric", fabric.code(), "upright", "true"));

        assertThat(sold(kit, fabric)).isEqualTo(Length.parse("31 1/2 in"));
        assertThat(book.kit(kit).settings()).isEqualTo(KitSettings.NONE);
    }

    /** What is tried out and kept on its cloth leaves the direction as it was; following the shop again takes all back. */
    @Test
    void other_settings_leave_it_alone() {
        Fabric fabric = samples.fabric(PrintKind.STRIPE);
        long kit = kit(fabric);
        Client designer = Client.of(shop, "idris");
        designer.post("/kits/" + kit + "/direction", Map.of("fabric", fabric.code(), "upright", "false"));
        designer.post("/kits/" + kit + "/backing-seams", Map.of("fabric", fabric.code(), "seams", "HORIZONTAL"));

        designer.post("/kits/" + kit + "/settings",
                Map.of("fabric", fabric.code(), "seen", book.kit(kit).settings().mark(), "squaring", "2 in"));

        assertThat(book.kit(kit).settings().directions().anyWay()).containsExactly(fabric.id());
        assertThat(book.kit(kit).settings().backing()).contains(BackingSeams.HORIZONTAL);
        assertThat(book.withOwnSettings()).extracting(Kit::id).contains(kit);

        designer.post("/kits/" + kit + "/settings/none", Map.of("fabric", fabric.code(), "seen", book.kit(kit).settings().mark()));

        assertThat(book.kit(kit).settings()).isEqualTo(KitSettings.NONE);
    }

    /**
     * Pieces 9 × 17 in come out of cautious quarters, 20½ × 17½, standing: two of each. Lying any way two come too; pieces 17½ × 18 only
     * lie along the 20½ in, so their print cannot be kept upright, and the kit stays as it was.
     */
    @Test
    void pieces_of_precuts_are_kept_upright_where_they_come_out() {
        Client designer = Client.of(shop, "idris");
        Good quarters = Samples.done(samples.bean(GoodService.class).add(
                NewGood.precut(Samples.unique("FQ"), Samples.unique("Harbour quarters "), PrecutKind.FAT_QUARTER, 1, "#4f7f86")));
        long standing = precutKit("9 x 17", quarters);
        long lying = precutKit("17 x 18", quarters);
        assertThat(plain(designer.get("/kits/" + standing + "/cloth?fabric=" + quarters.code()).body())).contains("lie any way");

        designer.post("/kits/" + standing + "/direction", Map.of("fabric", quarters.code(), "upright", "true"));
        String refused = designer.post("/kits/" + lying + "/direction", Map.of("fabric", quarters.code(), "upright", "true")).body();

        assertThat(book.kit(standing).settings().directions().upright()).containsExactly(quarters.id());
        assertThat(works.work(book.kit(standing)).problems()).isEmpty();
        assertThat(plain(designer.get("/kits/" + standing + "/cloth?fabric=" + quarters.code()).body()))
                .contains("cut the way the prints read");
        assertThat(refused).contains("only at the full 18 in × 21 in");
        assertThat(book.kit(lying).settings()).isEqualTo(KitSettings.NONE);
    }

    private long precutKit(String piece, Good good) {
        return Samples.done(samples.bean(KitService.class).add(new NewKits(
                samples.cutListPattern(PatternAbout.OWN, piece, 4), List.of("lap"), "plain", Map.of(), Map.of(new RoleKey("reed"), good),
                new Contents(false, false)))).get(0);
    }

    private static String cloth(Client designer, long kit, Fabric fabric) {
        return plain(designer.get("/kits/" + kit + "/cloth?fabric=" + fabric.code()).body());
    }

    private static String plain(String html) {
        return html.replaceAll("<[^>]+>", " ").replace("&#39;", "'").replaceAll("\\s+", " ");
    }
}
