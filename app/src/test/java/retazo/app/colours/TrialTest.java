package retazo.app.colours;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.stock.StockService;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/** A quilt of three by three blocks, twelve inches square, the left half of each light and the right half dark; its edge is light. */
@Tag("slow")
@ExtendWith(TestShop.class)
class TrialTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final Trial trial;
    private final ColourPages pages;
    private Fabric white;
    private Fabric black;
    private Fabric pale;
    private Kit kit;

    TrialTest(TestShop.Shop shop, Trial trial, ColourPages pages) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.trial = trial;
        this.pages = pages;
    }

    @BeforeEach
    void start() {
        white = solid("#ffffff");
        black = solid("#000000");
        pale = solid("#f2f2f2");
        kit = samples.bean(KitBook.class).kit(samples.kitsOfTwo(white, black).get(1));
    }

    private Fabric solid(String colour) {
        String code = Samples.unique("TRY");
        return Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                code, "Test " + code, Colour.parse(colour), Colour.parse(colour), Motif.PLAIN, ClothKind.COTTON, Motif.PLAIN.print(),
                Optional.empty(), Optional.empty(), new Prices<>(Optional.empty(), Optional.empty()))));
    }

    private Tried tried(Fabric light, Fabric dark) {
        return new Tried(
                kit.pattern().patternId(), "mat", Map.of("light", light.id(), "dark", dark.id()), false);
    }

    /** In each of nine blocks the halves touch over 12 in, and between blocks six times more: 15 × 12 = 180 in. */
    @Test
    void what_lies_beside_what_is_judged_in_the_fabrics_chosen() {
        Trial.Found fading = trial.found(tried(white, pale));

        assertThat(fading.judgement().fading()).singleElement().satisfies(faint -> {
            assertThat(faint.pair().side()).isEqualTo(Length.ofInches(180));
            assertThat(List.of(faint.one(), faint.other())).containsExactlyInAnyOrder(95, 100);
        });
        assertThat(trial.found(tried(white, black)).judgement().fading()).isEmpty();
        assertThat(pages.judged(tried(white, pale)).rings()).isNotEmpty();
        assertThat(pages.judged(tried(white, black)).rings()).isEmpty();
    }

    @Test
    void as_many_kits_are_said_as_can_be_cut_and_none_while_a_role_is_open() {
        samples.bolt(white, "3 yd");
        samples.bolt(white, "2 yd");
        samples.bolt(black, "2 yd");
        Trial.Found found = trial.found(new Tried(
                kit.pattern().patternId(), "mat", Map.of("light", white.id(), "dark", black.id()), false));

        assertThat(found.allKits()).isPresent();
        long real = samples.bean(PossibleKits.class).of(kit).bags().value();
        assertThat(real).isPositive();
        assertThat(found.kits().get(new RoleKey("dark"))).as("the kit has no binding, which is light").isEqualTo(real);

        Tried open = new Tried(kit.pattern().patternId(), "mat", Map.of("light", white.id()), false);
        assertThat(trial.found(open).allKits()).isEmpty();
        assertThat(trial.open(trial.found(open), List.of("mat"))).extracting(role -> role.key().value()).containsExactly("dark");
    }

    @Test
    void proposals_are_made_of_what_is_enough_for_a_kit_and_the_best_comes_first() {
        samples.bolt(white, "3 yd");
        samples.bolt(black, "3 yd");
        samples.bolt(pale, "3 yd");
        Trial.Found found = trial.found(tried(white, pale));

        Trial.Proposed all = trial.proposed(found, List.of(white, pale, black, solid("#777777")), 12);

        assertThat(all.exact()).isTrue();
        assertThat(all.best()).as("the grey one has no cloth: three on two roles").hasSize(6);
        assertThat(all.best().get(0).codes().values()).contains(black.code());
        assertThat(all.best().get(0).judgement().fading()).isEmpty();
        assertThat(all.best().get(5).judgement().fading()).hasSize(1);
        assertThat(trial.proposed(found, List.of(white), 12).best()).isEmpty();
        Trial.Proposed ground = trial.proposedFor(new RoleKey("dark"), found, List.of(white, pale, black), 12);
        assertThat(ground.best()).as("light keeps white, dark may be pale or black").hasSize(2)
                .allSatisfy(one -> assertThat(one.codes()).containsEntry(new RoleKey("light"), white.code()));
        assertThat(ground.best().get(0).codes()).containsEntry(new RoleKey("dark"), black.code());
    }

    @Test
    void a_colouring_is_kept_as_kits_of_the_sizes_chosen_or_not_at_all() {
        Client designer = Client.of(shop, "idris");
        Map<String, String> form = new HashMap<>(Map.of(
                "pattern", "" + kit.pattern().patternId(), "size", "mat", "role.light", "" + black.id(), "role.dark", "", "colourway",
                "Night", "sizes", "coaster"));

        String open = designer.post("/kits/colours", form).body();
        assertThat(open).contains("Role B has no fabric yet", "Night");
        form.put("role.dark", "" + white.id());
        form.remove("sizes");
        assertThat(designer.post("/kits/colours", form).body()).contains("Choose at least one size");
        form.put("sizes", "coaster");
        assertThat(designer.post("/kits/colours", form).body()).contains("Kept as Night: 1 kit.", "Coaster");
        assertThat(designer.post("/kits/colours", form).body()).as("the name is taken").contains("Night").doesNotContain("Kept as");
    }

    /** The number of a bolt finds its fabric; words find what has them in its name, and nothing finds what is plentiful. */
    @Test
    void cloth_is_found_by_its_bolt_and_by_words() {
        TrayPages trays = samples.bean(TrayPages.class);
        String bolt = samples.bean(StockService.class).bolt(samples.bolt(white, "2 yd")).code();

        assertThat(trays.page(bolt, "").prints()).containsExactly(white);
        assertThat(trays.page(white.code(), "length").others()).singleElement()
                .satisfies(swatch -> assertThat(swatch.value()).isEqualTo(100));
        assertThat(trays.page("no such cloth at all", "").isEmpty()).isTrue();
        assertThat(trays.page("", "").prints()).isNotEmpty().hasSizeLessThanOrEqualTo(60);
    }

    @Test
    void a_kit_is_tried_in_other_colours_from_what_it_has() {
        Tried from = pages.from(kit.id());

        assertThat(from.size()).isEqualTo("mat");
        assertThat(from.fabrics()).containsOnly(Map.entry("light", white.id()), Map.entry("dark", black.id()));
        String page = Client.of(shop, "idris").get("/kits/colours?kit=" + kit.id()).body();
        assertThat(page).contains("data-role=\"light\"", "data-edge=\"light\"", white.name());
    }
}
