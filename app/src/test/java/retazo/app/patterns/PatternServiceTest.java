package retazo.app.patterns;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.kits.KitBook;
import retazo.app.shared.Outcome;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;

/** The library on the real database. */
@Tag("slow")
@ExtendWith(TestShop.class)
class PatternServiceTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final PatternService patterns;

    PatternServiceTest(TestShop.Shop shop, PatternService patterns) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.patterns = patterns;
    }

    /** Of the demo patterns, as their files say. */
    @ParameterizedTest
    @CsvSource({
            "tide, '', '', '', '', Tide Table", "'', size-table, '', '', cRiB, Tide Table", "'', cut-list, '', '', '', Mooring Posts",
            "'', '', wedge, '', '', Harbour Compass", "'', '', strip-set, '', '', Reed Cutters", "'', '', '', strip-roll, '', Tide Table"})
    void the_library_is_searched_by_name_way_unit_precut_and_size(
            String words, String way, String unit, String precut, String size, String found) {
        List<PatternVersion> all = patterns.newest(new PatternSearch(words, way, unit, precut, size, false));

        assertThat(all).extracting(PatternVersion::name).contains(found).doesNotContain("Ferry Wake");
    }

    /** Slipway has three-patch units and no patch. */
    @Test
    void a_unit_is_searched_as_a_whole_word() {
        assertThat(patterns.newest(new PatternSearch("", "", "patch", "", "", false)))
                .extracting(PatternVersion::name).contains("Ferry Wake").doesNotContain("Slipway");
    }

    @Test
    void signs_that_mean_something_to_the_database_are_only_letters_here() {
        assertThat(patterns.newest(PatternSearch.byName("%"))).isEmpty();
        assertThat(patterns.newest(PatternSearch.byName("_erry"))).isEmpty();
        assertThat(patterns.newest(PatternSearch.byName("' OR 1=1 --"))).isEmpty();
    }

    @Test
    void a_copy_starts_as_its_pattern_is_and_changes_alone() {
        PatternVersion source = patterns.newestOf(1);

        PatternVersion copy = Samples.done(patterns.copy(1, 1));
        PatternVersion second = Samples.done(patterns.copy(1, 1));

        assertThat(copy.design()).isEqualTo(source.design());
        assertThat(second.name()).isNotEqualTo(copy.name());
        Samples.done(patterns.change(copy.patternId(), 1, copy.content().named(Samples.unique("Other ")), 1));
        assertThat(patterns.newestOf(copy.patternId()).number()).isEqualTo(2);
        assertThat(patterns.newestOf(1).number()).isEqualTo(source.number());
        patterns.archive(copy.patternId());
        patterns.archive(second.patternId());
    }

    @Test
    void an_archived_pattern_leaves_the_library_keeps_its_kits_and_comes_back() {
        long kit = samples.kit(samples.fabric());
        PatternVersion pattern = samples.bean(KitBook.class).kit(kit).pattern();

        patterns.archive(pattern.patternId());

        assertThat(patterns.newest(PatternSearch.byName(pattern.name()))).isEmpty();
        assertThat(patterns.newest(new PatternSearch(pattern.name(), "", "", "", "", true))).hasSize(1);
        assertThat(samples.bean(KitBook.class).kit(kit).pattern().name()).isEqualTo(pattern.name());
        patterns.restore(pattern.patternId());
        assertThat(patterns.newest(PatternSearch.byName(pattern.name()))).hasSize(1);
    }

    @Test
    void a_change_of_what_somebody_else_changed_meanwhile_is_refused() {
        PatternVersion copy = Samples.done(patterns.copy(2, 1));
        Samples.done(patterns.change(copy.patternId(), 1, copy.content(), 1));

        Outcome<PatternVersion> late = patterns.change(copy.patternId(), 1, copy.content(), 1);

        assertThat(late.<String>match(done -> "done", problems -> problems.get(0).code())).isEqualTo("pattern.changed-meanwhile");
        assertThat(patterns.history(copy.patternId())).hasSize(2);
        patterns.archive(copy.patternId());
    }

    /** Night is worked out at 1 1/2 and 2 yd, lantern at 3/4 and 1 yd. */
    @Test
    void what_the_paper_prints_is_compared_with_what_is_worked_out() throws IOException {
        String file = Files.readString(Path.of("src/main/resources/demo/01-ferry-wake.json"))
                .replace("\"Ferry Wake\"", "\"" + Samples.unique("Compared ") + "\"")
                .replaceFirst("\\{", """
                        {"sizeTable": {"rows": [
                            {"role": "night", "cells": {"crib": "1 1/4 yd", "throw": "2 yd"}},
                            {"role": "lantern", "cells": {"crib": "1 yd", "throw": "3 FQ"}}]},""");
        PatternVersion pattern = Samples.done(patterns.add(Samples.done(patterns.read(file)), 1));

        String page = Client.of(shop, "idris").get("/patterns/" + pattern.patternId() + "/sizes").body().replaceAll("<[^>]+>|\\s+", " ")
                .replaceAll(" +", " ");

        assertThat(page).contains("1 1/4 yd too little by 1/8 yd", "2 yd agrees", "1 yd generous by 1/4 yd", "3 fat quarters");
        patterns.archive(pattern.patternId());
    }

    /** A kit keeps the version it was planned by; the page of versions says what a newer one changed. */
    @Test
    void a_planned_kit_keeps_its_version_and_one_sees_what_changed() {
        long kit = samples.kit(samples.fabric());
        PatternVersion first = samples.bean(KitBook.class).kit(kit).pattern();
        QuiltDesign design = first.design();
        QuiltSize wider = QuiltSize.Grid.of(design.sizes().get(0).key(), "Mat", 4, 3, List.of());
        Samples.done(patterns.change(first.patternId(), 1, first.content().with(new QuiltDesign(
                design.roles(), List.of(wider), design.table(), design.cutList(), design.drawing(), design.plannedFrom(),
                design.overrides())), 1));

        assertThat(samples.bean(KitBook.class).kit(kit).pattern().number()).isEqualTo(1);
        String page = Client.of(shop, "idris").get("/patterns/" + first.patternId() + "/versions").body();
        // 3 × 3 patches became 4 × 3, of the same size.
        assertThat(page).contains("size Mat", "3 × 3 blocks", "4 × 3 blocks", "9 of", "12 of");
    }
}
