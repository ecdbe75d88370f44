package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Outcome;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitFabric;
import retazo.core.measure.Length;

/** Kits of the demo pattern on the real database. */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitServiceTest {

    private final Samples samples;
    private final KitService kits;
    private final KitBook book;
    private final PatternVersion pattern;

    KitServiceTest(TestShop.Shop shop, KitService kits, KitBook book, PatternService patterns) {
        this.samples = new Samples(shop);
        this.kits = kits;
        this.book = book;
        this.pattern = patterns.newestOf(1);
    }

    /**
     * Night and quay in one fabric at the throw: 16 + 35 + 15 3/4 + 31 1/2 in and squaring once are 99 1/4; with 5 % 104.2, so
     * 24 steps of 4 1/2, 108 in. Alone they would be 2 yd and 1 yd, the same here, but 101 1/4 in of need.
     */
    @Test
    void two_roles_in_one_fabric_are_one_line_of_the_bill_with_both_letters() {
        Fabric shared = samples.fabric();
        Fabric other = samples.fabric();
        Map<RoleKey, Fabric> choices = all(other);
        choices.put(new RoleKey("night"), shared);
        choices.put(new RoleKey("quay"), shared);

        Kit kit = book.kit(Samples.done(kits.add(new NewKits(
                pattern, List.of("throw"), Samples.unique("Two in one "), choices, Map.of(), Contents.EVERYTHING))).get(0));

        assertThat(kit.lettersByFabric().get(shared)).containsExactly("A", "D");
        // A's blocks and binding laid together take 64 3/4 in, D's border 7 strips of 4 1/2, squaring 1: 97 1/4; with 5 % 102.1,
        // so 2 7/8 yd
        assertThat(samples.bean(KitWorks.class).work(kit).lengths().get(shared.code())).isEqualTo(Length.parse("103 1/2 in"));
        assertThat(samples.bean(KitWorks.class).work(kit).lengths()).hasSize(2);
    }

    /** There is no plan of ours for lengths that are only printed, and no sheet by which pieces would be cut. */
    @Test
    void a_kit_whose_pieces_nobody_knows_is_not_sold_by_a_plan_of_ours() {
        Kit printed = all().stream().filter(kit -> !kit.knowsItsPieces()).findFirst().orElseThrow();

        String refused = kits.sellBy(printed.id(), Instructions.SHOP, "We cut it ourselves.", 1).match(done -> "sold",
                problems -> problems.get(0).code());

        assertThat(refused).isEqualTo("kit.pieces-not-known");
        assertThat(book.kit(printed.id()).instructions()).isEqualTo(Instructions.PRINTED);
    }

    @Test
    void a_width_of_the_kits_own_leaves_its_fabric_as_thick_as_it_is() {
        Fabric flannel = samples.fabric(ClothKind.FLANNEL);
        long id = samples.kit(flannel);

        int unseen = kits.set(id, KitSettings.NONE.onWidth(Length.ofInches(38)), "of others").match(kept -> 1, problems -> 0);
        assertThat(unseen).isZero();
        Samples.done(kits.set(id, KitSettings.NONE.onWidth(Length.ofInches(38)), KitSettings.NONE.mark()));

        KitWorks works = samples.bean(KitWorks.class);
        KitFabric cloth = works.cloth(book.kit(id), works.practiceOf(book.kit(id)), Map.of()).cloth(flannel);
        assertThat(cloth.usableWidth().value()).isEqualTo(Length.ofInches(38));
        assertThat(cloth.kind()).isEqualTo(ClothKind.FLANNEL);
    }

    @Test
    void a_fabric_with_a_width_of_its_own_is_planned_by_it() {
        Fabric wide = Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                Samples.unique("WIDE"), "Wide back", "#33475a", "#4f667c", Motif.PLAIN, ClothKind.WIDE_BACKING,
                Optional.of(Length.ofInches(104)))));
        Map<RoleKey, Fabric> choices = all(samples.fabric());
        choices.put(new RoleKey("back"), wide);

        Kit kit = book.kit(Samples.done(kits.add(new NewKits(
                pattern, List.of("throw"), Samples.unique("Wide "), choices, Map.of(), Contents.EVERYTHING))).get(0));

        // 64 × 76 in, turned on 104 in: one panel of 64 and squaring, 65; with 5 % 68 1/4, so 16 steps, 72 in.
        assertThat(samples.bean(KitWorks.class).work(kit).lengths().get(wide.code())).isEqualTo(Length.ofYards(2, 1));
    }

    @Test
    void a_colourway_has_its_name_once_in_a_pattern() {
        Map<RoleKey, Fabric> choices = all(samples.fabric());
        String name = Samples.unique("Once ");
        Samples.done(kits.add(new NewKits(pattern, List.of("crib"), name, choices, Map.of(), Contents.EVERYTHING)));

        Outcome<List<Long>> again = kits.add(
                new NewKits(pattern, List.of("twin"), name.toUpperCase(java.util.Locale.ROOT), choices, Map.of(), Contents.EVERYTHING));

        assertThat(again.<String>match(done -> "done", problems -> problems.get(0).code())).isEqualTo("kit.colourway-taken");
    }

    @Test
    void a_fabric_that_a_piece_does_not_fit_is_told_before_anything_is_kept() {
        Fabric ribbon = Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                Samples.unique("NARROW"), "Ribbon", "#33475a", "#4f667c", Motif.PLAIN, ClothKind.COTTON,
                Optional.of(Length.ofInches(10)))));
        long before = all().size();
        PatternVersion mat = samples.bean(PatternService.class).newestOf(
                book.kit(samples.kit(samples.fabric())).pattern().patternId());

        Outcome<List<Long>> outcome = kits.add(new NewKits(
                mat, List.of("mat"), Samples.unique("Narrow "), Map.of(new RoleKey("all"), ribbon), Map.of(), new Contents(false, false)));

        assertThat(outcome.<String>match(done -> "done", problems -> problems.get(0).code())).isEqualTo("cloth.piece-too-wide");
        assertThat(all()).hasSize((int) before + 1);
    }

    private List<Kit> all() {
        return book.inOrder(samples.shop().database().sql("SELECT id FROM kit ORDER BY id").query(Long.class).list());
    }

    private Map<RoleKey, Fabric> all(Fabric fabric) {
        Map<RoleKey, Fabric> choices = new HashMap<>();
        for (Role role : pattern.design().roles()) {
            choices.put(role.key(), fabric);
        }
        return choices;
    }
}
