package retazo.app.kits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.kits.index.KitFilter;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.BagShelf;
import retazo.app.runs.FoundBags;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** Two sizes in one colourway. */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitLifeTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final KitLife life;
    private final KitIndex index;
    private final KitBook kits;
    private long coaster;
    private long mat;
    private String pattern;

    KitLifeTest(TestShop.Shop shop, KitLife life, KitIndex index, KitBook kits) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.life = life;
        this.index = index;
        this.kits = kits;
    }

    @BeforeEach
    void start() {
        List<Long> both = samples.kitsOfTwo(samples.fabric(), samples.fabric());
        coaster = both.get(0);
        mat = both.get(1);
        pattern = kits.kit(mat).pattern().name();
    }

    @Test
    void colours_are_renamed_for_all_sizes_unless_the_name_is_taken_or_somebody_else_was_quicker() {
        Samples.done(life.rename(mat, "two", "Harbour dusk"));

        assertThat(kits.kit(coaster).colourway()).isEqualTo("Harbour dusk");
        assertThat(index.find("harbour dusk " + pattern, 0, 9).getContent()).extracting(KitTitle::id).containsExactly(coaster, mat);
        assertThat(codes(life.rename(coaster, "two", "Other"))).as("it was called two when that was asked")
                .containsExactly("kit.renamed-meanwhile");
        Samples.done(life.rename(coaster, "Harbour dusk", "HARBOUR DUSK"));
        assertThat(kits.kit(mat).colourway()).as("its own name in capitals is free").isEqualTo("HARBOUR DUSK");
    }

    private static List<String> codes(Outcome<Long> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }

    private List<Long> planned() {
        return index.find(pattern, 0, 9).map(KitTitle::id).getContent();
    }

    private List<Long> shown() {
        return shown(false);
    }

    private List<Long> shown(boolean lasts) {
        return index.filtered(new KitFilter(pattern, "", "", false, lasts), 0, 9).map(KitTitle::id).getContent();
    }

    @Test
    void no_new_run_is_made_of_a_kit_whose_line_has_ended_until_it_is_taken_up_again() {
        RunDrafts drafts = samples.bean(RunDrafts.class);
        List<Run.Asked> asked = List.of(new Run.Asked(coaster, 1), new Run.Asked(mat, 1));
        life.end(mat, 1);

        Outcome<Long> refused = drafts.draft(asked, Run.Turn.USUAL, Samples.entry());
        life.goOn(mat);

        assertThat(codes(refused)).containsExactly("run.kit-ended");
        assertThat(codes(drafts.draft(asked, Run.Turn.USUAL, Samples.entry()))).isEmpty();
    }

    @Test
    void a_kit_whose_line_has_ended_is_planned_no_more_and_shown_while_it_lasts() {
        long bag = Samples.done(samples.bean(FoundBags.class).add(new TreeMap<>(Map.of(mat, 1)), Samples.entry()));
        life.end(mat, 1);
        life.end(mat, 1);

        assertThat(planned()).containsExactly(coaster);
        assertThat(index.ended(pattern, 0, 9).getContent()).extracting(KitTitle::id).containsExactly(mat);
        assertThat(shown()).as("one is on the shelf").containsExactly(coaster, mat);
        assertThat(shown(true)).as("the last ones").containsExactly(mat);
        assertThat(index.shelfFirst(pattern, 0, 9).getContent()).extracting(KitTitle::id).containsExactly(mat, coaster);
        Samples.done(samples.bean(BagShelf.class).sell(bag, Samples.entry()));
        assertThat(shown()).containsExactly(coaster);

        life.goOn(mat);
        assertThat(planned()).containsExactly(coaster, mat);
        assertThat(life.endedAt(mat)).isEmpty();
    }

    @Test
    void a_designer_does_it_on_the_page_of_the_kit() {
        Client designer = Client.of(shop, "idris");
        designer.get("/kits/" + mat);

        assertThat(designer.post("/kits/" + mat + "/rename", Map.of("seen", "two", "colourway", "")).body())
                .contains("has to be filled in");
        assertThat(designer.post("/kits/" + mat + "/rename", Map.of("seen", "two", "colourway", "Salt")).body())
                .contains("The colours are called Salt now.");
        assertThat(designer.post("/kits/" + mat + "/end", Map.of()).body()).contains("Its line ended", "Take it up again")
                .doesNotContain("/runs/new?kit=" + mat);
        assertThat(designer.get("/kits?ended=true&words=" + pattern.replace(" ", "+")).body()).contains("/kits/" + mat);
        assertThat(designer.post("/kits/" + mat + "/go-on", Map.of()).body()).contains("It is planned again.");
    }
}
