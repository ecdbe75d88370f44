package retazo.app.kits.options;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitLife;
import retazo.core.kit.Contents;
import retazo.core.measure.Length;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** What can be added to the mat of 36 in, which takes 38 1/2 in of its one fabric, sold as 1 1/8 yd. */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitOptionsTest {

    private static final KitOptions.Wish WISH = new KitOptions.Wish(Length.ofInches(1), Length.ofYards(1, 4));

    private final TestShop.Shop shop;
    private final Samples samples;
    private final KitOptions options;
    private final KitBook kits;

    KitOptionsTest(TestShop.Shop shop, KitOptions options, KitBook kits) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.options = options;
        this.kits = kits;
    }

    private KitOption option(long kit, KitOption.Kind kind) {
        return options.of(kits.kit(kit), WISH).stream().filter(one -> one.kind() == kind).findFirst().orElseThrow();
    }

    /**
     * Around 4 × 36 in and 10 in go 154 in, five strips of 2 1/2 in across 40 in: 38 1/2 + 12 1/2 = 51 in, with 5 % 53.55 in, so 1 1/2 yd,
     * 3/8 yd more. Of 5 yd, four mats are cut, and three with a binding.
     */
    @Test
    void a_binding_is_what_it_takes_more_than_the_kit_alone() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "5 yd");
        long kit = samples.kit(fabric);

        KitOption binding = option(kit, KitOption.Kind.BINDING);

        assertThat(binding.cloth()).containsExactly(new KitOption.MoreCloth(fabric, Length.ofYards(3, 8)));
        assertThat(binding.possible().bags().value()).isEqualTo(3);
        assertThat(binding.goods()).isEmpty();
    }

    /** 1 1/8 and 1/4 yd: of 5 yd three with so much to spare. */
    @Test
    void cloth_to_spare_is_added_to_what_is_sold() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "5 yd");
        long kit = samples.kit(fabric);

        KitOption spare = option(kit, KitOption.Kind.SPARE);

        assertThat(spare.cloth()).containsExactly(new KitOption.MoreCloth(fabric, Length.ofYards(1, 4)));
        assertThat(spare.possible().bags().value()).isEqualTo(3);
    }

    @Test
    void a_quilt_without_borders_has_none_that_could_be_wider() {
        long kit = samples.kit(samples.fabric());

        assertThat(options.of(kits.kit(kit), WISH)).extracting(KitOption::kind)
                .containsExactly(KitOption.Kind.BINDING, KitOption.Kind.BACKING, KitOption.Kind.SPARE);
    }

    @Test
    void the_outermost_border_that_a_size_has_is_the_one_that_gets_wider() {
        QuiltSize.Grid size = QuiltSize.Grid.of(
                new SizeKey("throw"), "Throw", 3, 4, List.of(Length.ofInches(2), Length.ofInches(5), Length.ZERO));

        Optional<QuiltSize> wider = KitOptions.wider(size, Length.ofInches(1));

        assertThat(wider).contains(size.withBorders(List.of(Length.ofInches(2), Length.ofInches(6), Length.ZERO)));
        assertThat(KitOptions.wider(size.withBorders(List.of()), Length.ofInches(1))).isEmpty();
    }

    @Test
    void a_kit_with_a_binding_is_made_beside_the_one_without_and_only_once() {
        Fabric fabric = samples.fabric();
        long kit = samples.kit(fabric);
        Client designer = Client.of(shop, "idris");

        String first = designer.post("/kits/" + kit + "/options/binding", Map.of()).uri().getPath();
        String again = designer.post("/kits/" + kit + "/options/binding", Map.of()).uri().getPath();

        assertThat(again).isEqualTo(first).isNotEqualTo("/kits/" + kit);
        Kit made = kits.kit(Long.parseLong(first.substring("/kits/".length())));
        assertThat(made.contents()).isEqualTo(new Contents(true, false));
        assertThat(made.name()).isEqualTo(kits.kit(kit).name());
        assertThat(kits.kit(kit).contents()).isEqualTo(new Contents(false, false));
    }

    @Test
    void a_kit_whose_line_has_ended_gets_none_beside_it() {
        long kit = samples.kit(samples.fabric());
        samples.bean(KitLife.class).end(kit, 1);

        String answer = Client.of(shop, "idris").post("/kits/" + kit + "/options/binding", Map.of()).body();

        assertThat(answer).contains("The line of this kit has ended");
    }

    @Test
    void the_page_says_what_each_option_takes_and_what_cannot_be_read() {
        Fabric fabric = samples.fabric();
        samples.bolt(fabric, "5 yd");
        long kit = samples.kit(fabric);
        Client designer = Client.of(shop, "idris");

        assertThat(designer.get("/kits/" + kit + "/options").body()).contains("4 can be made now", "Binding", "Cloth to spare",
                fabric.name());
        assertThat(designer.get("/kits/" + kit + "/options?wider=broad").body()).contains("fault-wider").doesNotContain("Cloth to spare");
        assertThat(Client.of(shop, "ada").get("/kits/" + kit + "/options").statusCode()).isEqualTo(403);
    }
}
