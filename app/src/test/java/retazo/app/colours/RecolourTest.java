package retazo.app.colours;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
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
import retazo.app.kits.KitService;
import retazo.app.kits.KitSettings;
import retazo.app.runs.book.RunBook;
import retazo.app.season.Seasons;
import retazo.app.shared.Outcome;
import retazo.app.wishes.Wishes;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Problem;

/** Two sizes in one colourway get other fabrics. */
@Tag("slow")
@ExtendWith(TestShop.class)
class RecolourTest {

    private static final RoleKey LIGHT = new RoleKey("light");
    private static final RoleKey DARK = new RoleKey("dark");

    private final TestShop.Shop shop;
    private final Samples samples;
    private final Recolour recolour;
    private final KitBook kits;
    private final KitLife life;
    private final Seasons seasons;
    private final WhatChanges changes;
    private Fabric light;
    private Fabric dark;
    private Fabric other;
    private long coaster;
    private long mat;

    RecolourTest(TestShop.Shop shop, Recolour recolour, KitBook kits, KitLife life, Seasons seasons, WhatChanges changes) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.recolour = recolour;
        this.kits = kits;
        this.life = life;
        this.seasons = seasons;
        this.changes = changes;
    }

    @BeforeEach
    void start() {
        light = samples.fabric();
        dark = samples.fabric();
        other = samples.fabric();
        List<Long> both = samples.kitsOfTwo(light, dark);
        coaster = both.get(0);
        mat = both.get(1);
    }

    @Test
    void new_kits_of_the_name_stand_in_their_places_and_a_run_keeps_those_before() {
        samples.bolt(light, "2 yd");
        samples.bolt(dark, "2 yd");
        long run = samples.run(coaster, 1);
        long season = Samples.done(seasons.begin("Recoloured " + UUID.randomUUID(), "", 1));
        Samples.done(seasons.take(season, List.of(mat)));

        Recolour.Changed changed = Samples.done(recolour.change(mat, "two", Map.of(LIGHT, light, DARK, other), false, 1));

        assertThat(changed.count()).isEqualTo(2);
        Kit fresh = kits.kit(changed.kit());
        assertThat(fresh.colourway()).isEqualTo("two");
        assertThat(fresh.size()).isEqualTo(kits.kit(mat).size());
        assertThat(fresh.fabrics()).isEqualTo(Map.of(LIGHT, light, DARK, other));
        assertThat(kits.kit(mat).colourway()).startsWith("two, until ");
        assertThat(kits.kit(mat).fabrics()).containsEntry(DARK, dark);
        assertThat(life.endedAt(coaster)).isPresent();
        assertThat(life.replacedBy(mat)).contains(changed.kit());
        assertThat(samples.bean(RunBook.class).run(run).asked().get(0).kitId()).isEqualTo(coaster);
        assertThat(seasons.kits(season)).as("a plan follows").containsExactly(changed.kit());
        Recolour.Changed again = Samples.done(recolour.change(changed.kit(), "two", Map.of(LIGHT, light, DARK, dark), false, 1));
        assertThat(kits.kit(changed.kit()).colourway()).as("the second of a day").endsWith("(2)");
        assertThat(kits.kit(again.kit()).colourway()).isEqualTo("two");
    }

    @Test
    void what_a_kit_was_given_beside_its_fabrics_stays_with_it() {
        KitService service = samples.bean(KitService.class);
        Kit before = kits.kit(mat);
        Samples.done(service.take(mat, before.sources().with(dark.id(), PrecutKind.FAT_QUARTER)));
        Samples.done(service.set(mat, KitSettings.NONE.with(LongLay.ACROSS), before.settings().mark()));

        Kit fresh = kits.kit(Samples.done(recolour.change(mat, "two", Map.of(LIGHT, light, DARK, other), false, 1)).kit());

        assertThat(fresh.sources().quarters()).isEqualTo(Map.of(other.id(), PrecutKind.FAT_QUARTER));
        assertThat(fresh.settings().longStrips()).contains(LongLay.ACROSS);
    }

    @Test
    void nothing_is_changed_where_it_was_renamed_meanwhile_or_its_line_has_ended() {
        assertThat(codes(recolour.change(mat, "three", Map.of(LIGHT, light, DARK, other), false, 1)))
                .containsExactly("kit.renamed-meanwhile");
        life.end(mat, 1);
        life.end(coaster, 1);
        assertThat(codes(recolour.change(mat, "two", Map.of(LIGHT, light, DARK, other), false, 1))).containsExactly("kit.none-planned");
        assertThat(kits.kit(mat).colourway()).isEqualTo("two");
    }

    @Test
    void a_designer_does_it_on_the_page_of_colours_and_is_told_of_an_open_role() {
        Client designer = Client.of(shop, "idris");
        assertThat(designer.get("/kits/colours?kit=" + mat).body()).contains("Change two itself", "All 2 sizes that are planned get");
        Map<String, String> asked = Map.of(
                "pattern", String.valueOf(kits.kit(mat).pattern().patternId()), "size", "mat", "kit", String.valueOf(mat), "seen", "two");

        assertThat(designer.post("/kits/colours/change", with(asked, Map.of("role.light", String.valueOf(light.id())))).body())
                .contains("Role B has no fabric yet");
        assertThat(kits.kit(mat).colourway()).isEqualTo("two");
        String before = designer.post("/kits/colours/what-changes", with(asked, Map.of(
                "role.light", String.valueOf(other.id()), "role.dark", String.valueOf(dark.id())))).body();
        assertThat(before).contains("What changes in two", light.name(), other.name(), dark.name(), "Change these 2 kits");
        assertThat(kits.kit(mat).fabrics()).as("only shown").containsEntry(LIGHT, light);
        String done = designer.post("/kits/colours/change", with(asked, Map.of(
                "role.light", String.valueOf(other.id()), "role.dark", String.valueOf(dark.id())))).body();
        assertThat(done).contains("2 kits in two are changed.", other.name());
        assertThat(designer.post("/kits/colours/change", with(asked, Map.of(
                "role.light", String.valueOf(other.id()), "role.dark", String.valueOf(dark.id())))).body())
                .as("pressed twice").contains("Nothing more was changed.", other.name());
        assertThat(designer.get("/kits/" + mat).body()).contains("A newer kit stands in its place.");
    }

    @Test
    void a_customer_who_waits_for_a_kit_waits_for_the_one_in_its_place() {
        Wishes wishes = samples.bean(Wishes.class);
        wishes.ask(UUID.randomUUID(), mat, 2, "Jory", 1);

        long fresh = Samples.done(recolour.change(mat, "two", Map.of(LIGHT, light, DARK, other), false, 1)).kit();

        assertThat(wishes.bags(List.of(mat, fresh))).isEqualTo(Map.of(fresh, 2));
    }

    /** Nine pieces of 12 1/2 × 6 1/2 in, three long sides to a strip of 40 in: 3 × 6 1/2 + 1 in, with 5 % 21.525 in, so 5/8 yd. */
    @Test
    void what_a_change_brings_is_said_before_it_is_made() {
        samples.bolt(other, "2 yd");
        samples.bolt(dark, "10 yd");

        WhatChanges.Line line = changes.of(mat, Map.of(LIGHT, other, DARK, dark), false).stream()
                .filter(one -> one.size().equals("Mat")).findFirst().orElseThrow();

        assertThat(line.before().cuts()).extracting(cut -> cut.fabric().id() + " " + cut.length().plain())
                .containsExactlyInAnyOrder(light.id() + " 5/8 yd", dark.id() + " 5/8 yd");
        assertThat(line.after().orElseThrow().cuts()).extracting(cut -> cut.fabric().id() + " " + cut.length().plain())
                .containsExactlyInAnyOrder(other.id() + " 5/8 yd", dark.id() + " 5/8 yd");
        assertThat(line.after().orElseThrow().can()).isEqualTo(3);
    }

    private static Map<String, String> with(Map<String, String> some, Map<String, String> more) {
        Map<String, String> all = new HashMap<>(some);
        all.putAll(more);
        return all;
    }

    private static List<String> codes(Outcome<?> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }
}
