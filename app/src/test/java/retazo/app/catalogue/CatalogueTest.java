package retazo.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.kits.KitBook;
import retazo.app.runs.FoundBags;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;

/** A pattern of two fabrics at two sizes; two bags of the smaller stand on the shelf, and there is no cloth. */
@Tag("slow")
@ExtendWith(TestShop.class)
class CatalogueTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");

    private final TestShop.Shop shop;
    private final Samples samples;
    private final Catalogue catalogue;
    private long coaster;
    private long mat;
    private String pattern;
    private Fabric light;

    CatalogueTest(TestShop.Shop shop, Catalogue catalogue) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.catalogue = catalogue;
    }

    @BeforeEach
    void start() {
        light = sold();
        Fabric dark = sold();
        List<Long> kits = samples.kitsOfTwo(light, dark);
        coaster = kits.get(0);
        mat = kits.get(1);
        pattern = samples.bean(KitBook.class).kit(mat).pattern().name();
        Samples.done(samples.bean(FoundBags.class).add(new TreeMap<>(Map.of(coaster, 2)), Samples.entry()));
    }

    /** A fabric that is sold for 12.00 a yard. */
    private Fabric sold() {
        String code = Samples.unique("CAT");
        return Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                code, "Test " + code, Colour.parse("#22303f"), Colour.parse("#e4dcc8"), Motif.DOTS, ClothKind.COTTON, Motif.DOTS.print(),
                Optional.empty(), Optional.empty(),
                new Prices<>(Optional.of(new ClothPrice(new Money(DOLLAR, 1_200), LengthUnit.YARD)), Optional.empty()))));
    }

    private List<Long> found(String... asked) {
        Map<String, String> question = new HashMap<>(Map.of("words", pattern));
        for (int i = 0; i < asked.length; i += 2) {
            question.put(asked[i], asked[i + 1]);
        }
        return ids(catalogue.find(CatalogueQuestion.of(question), Optional.empty()));
    }

    private static List<Long> ids(Catalogue.Found found) {
        return found.entries().stream().map(entry -> entry.kit().id()).toList();
    }

    @Test
    void kits_are_found_by_name_size_shelf_and_by_what_can_be_had_now() {
        assertThat(found()).containsExactly(coaster, mat);
        assertThat(found("size", "MAT")).containsExactly(mat);
        assertThat(found("there", "on")).containsExactly(coaster);
        assertThat(found("now", "on")).containsExactly(coaster);
        assertThat(found("range", "no such range")).isEmpty();

        samples.bolt(light, "9 yd");
        assertThat(found("now", "on")).as("of one fabric alone none can be cut").containsExactly(coaster);
        Catalogue.Entry entry = catalogue.entry(mat);
        assertThat(entry.possible()).isZero();
        assertThat(entry.stops()).isNotEmpty().doesNotContain(light.name());
        assertThat(catalogue.entry(coaster).there()).isEqualTo(2);
    }

    /** Each of a coaster's halves takes 1/4 yd at 12.00, so 6.00; a mat takes more. */
    @Test
    void the_highest_price_keeps_out_what_costs_more() {
        Money price = catalogue.entry(coaster).price().orElseThrow();
        CatalogueQuestion asked = CatalogueQuestion.of(Map.of("words", pattern));

        assertThat(price).isEqualTo(new Money(DOLLAR, 600));
        assertThat(ids(catalogue.find(asked, Optional.of(price)))).containsExactly(coaster);
        assertThat(ids(catalogue.find(asked, Optional.of(new Money(DOLLAR, 599))))).isEmpty();
    }

    @Test
    void a_long_wall_goes_on_where_it_ended_and_shows_each_kit_once() {
        for (int i = 0; i < 12; i++) {
            samples.kitsOfTwo(light, samples.fabric());
        }
        List<Long> all = new ArrayList<>();
        int from = 0;
        do {
            Catalogue.Found some = catalogue.find(
                    CatalogueQuestion.of(Map.of("words", "two halves", "from", "" + from)), Optional.empty());
            assertThat(some.entries()).hasSizeLessThanOrEqualTo(24);
            all.addAll(ids(some));
            from = some.next();
        } while (from > 0);

        assertThat(all).hasSizeGreaterThanOrEqualTo(26).doesNotHaveDuplicates().contains(coaster, mat);
    }

    @Test
    void a_sheet_names_its_other_sizes_and_colours() {
        assertThat(catalogue.otherSizes(samples.bean(KitBook.class).kit(mat))).extracting(entry -> entry.kit().id())
                .containsExactly(coaster);
        assertThat(catalogue.otherColours(samples.bean(KitBook.class).kit(mat), 8)).isEmpty();
    }

    /** The counter shows it, a customer who holds the tablet sees no way in but the one that asks for rights, and nobody sees costs. */
    @Test
    void counter_and_customer_see_pictures_and_prices_and_no_costs() {
        Client counter = Client.of(shop, "ada");
        String address = "/catalogue?words=" + pattern.replace(" ", "+");
        assertThat(counter.get(address).body()).contains(pattern, "2 on the shelf");
        String guest = counter.get("/catalogue/guest/" + coaster).body();
        assertThat(guest).contains(pattern, "$6.00", "In the kit").doesNotContain("class=\"rail", "Costs", "/kits/" + coaster + "\"");
        assertThat(counter.get("/catalogue/" + coaster + "/card").body()).contains("$6.00");
        assertThat(counter.get("/catalogue?upTo=cheap").body()).contains("is no amount");
        assertThat(Client.of(shop, "tomas").get("/catalogue").body()).as("a packer has no shelf").doesNotContain("Our kits", pattern);
    }
}
