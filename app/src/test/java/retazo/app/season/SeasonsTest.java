package retazo.app.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Two kits that share two fabrics. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SeasonsTest {

    private final Samples samples;
    private final Seasons seasons;
    private final SeasonPages pages;
    private final RunBook runs;
    private long coaster;
    private long mat;
    private Fabric dark;
    private Fabric light;
    private long season;

    SeasonsTest(TestShop.Shop shop, Seasons seasons, SeasonPages pages, RunBook runs) {
        this.samples = new Samples(shop);
        this.seasons = seasons;
        this.pages = pages;
        this.runs = runs;
    }

    @BeforeEach
    void start() {
        dark = samples.fabric();
        light = samples.fabric();
        samples.bolt(dark, "3 yd");
        samples.bolt(light, "3 yd");
        List<Long> both = samples.kitsOfTwo(dark, light);
        coaster = both.get(0);
        mat = both.get(1);
        season = Samples.done(seasons.begin("Season " + UUID.randomUUID(), "", 1));
        Samples.done(seasons.take(season, both));
    }

    @Test
    void the_best_numbers_can_be_cut_and_leave_no_cloth_for_one_more() {
        SeasonPages.Board best = pages.board(season, Map.of(), SeasonPages.Show.BEST);

        assertThat(best.fits()).isTrue();
        assertThat(best.changed()).as("nothing is kept by looking").isTrue();
        assertThat(best.sum()).isPositive();
        Map<Long, Integer> numbers = new TreeMap<>();
        best.rows().forEach(row -> numbers.put(row.kit().id(), row.number()));
        for (long kit : List.of(coaster, mat)) {
            Map<Long, Integer> more = new TreeMap<>(numbers);
            more.merge(kit, 1, Integer::sum);
            assertThat(pages.board(season, more, SeasonPages.Show.TYPED).fits()).isFalse();
        }
    }

    @Test
    void each_cloth_is_one_bar_and_what_runs_out_is_said_at_the_bar_and_at_the_kits() {
        SeasonPages.Board board = pages.board(season, Map.of(mat, 199), SeasonPages.Show.TYPED);

        assertThat(board.fits()).isFalse();
        assertThat(board.bound()).isEmpty();
        assertThat(board.bars()).extracting(bar -> bar.fabric().code()).containsExactlyInAnyOrder(dark.code(), light.code());
        assertThat(board.bars()).anySatisfy(bar -> {
            assertThat(bar.unlaid()).isNotEmpty();
            assertThat(bar.left().plain()).startsWith("0");
        });
        assertThat(board.rows()).filteredOn(row -> row.kit().id() == mat).singleElement()
                .satisfies(row -> assertThat(row.shortOf()).isNotEmpty());
        assertThat(board.rows()).filteredOn(row -> row.kit().id() == coaster).allMatch(row -> row.shortOf().isEmpty());
    }

    @Test
    void what_is_typed_is_kept_in_any_case_when_the_rest_is_filled_up() {
        SeasonPages.Board filled = pages.board(season, Map.of(mat, 1), SeasonPages.Show.FILLED);

        assertThat(filled.fits()).isTrue();
        assertThat(filled.rows()).filteredOn(row -> row.kit().id() == mat).allMatch(row -> row.number() >= 1);
        assertThat(filled.sum()).isGreaterThan(1);
    }

    @Test
    void numbers_become_a_run_once_and_another_persons_numbers_are_not_overwritten() {
        int seen = seasons.kept(season).version();
        Entry entry = Entry.of(1, UUID.randomUUID());

        long run = Samples.done(seasons.toRun(season, seen, Map.of(coaster, 2, mat, 0), entry));

        assertThat(runs.run(run).asked()).extracting(Run.Asked::kitId, Run.Asked::quantity)
                .containsExactly(tuple(coaster, 2));
        assertThat(seasons.kept(season).kits().get(coaster)).isEqualTo(new SeasonEntity.Planned(0, 2));
        assertThat(Samples.done(seasons.toRun(season, seen, Map.of(coaster, 2, mat, 0), entry))).as("pressed twice").isEqualTo(run);
        assertThat(seasons.kept(season).kits().get(coaster)).as("counted once").isEqualTo(new SeasonEntity.Planned(0, 2));
        assertThat(codes(seasons.toRun(season, seen, Map.of(coaster, 2), Entry.of(1, UUID.randomUUID())))).as("from an older page")
                .containsExactly("season.meanwhile");
        assertThat(codes(seasons.keep(season, seen, Map.of(mat, 9)))).containsExactly("season.meanwhile");
        assertThat(codes(seasons.toRun(season, seasons.kept(season).version(), Map.of(), Entry.of(1, UUID.randomUUID()))))
                .containsExactly("season.nothing-planned");
    }

    @Test
    void a_season_begins_with_the_kits_of_a_range_and_its_name_is_its_own() {
        Fabric ranged = samples.fabric();
        assertThat(seasons.kits(Samples.done(seasons.begin("Empty " + UUID.randomUUID(), "", 1)))).isEmpty();
        long low = Samples.done(seasons.begin("Low " + UUID.randomUUID(), "Low water", 1));

        assertThat(seasons.kits(low)).isNotEmpty().doesNotContain(mat);
        assertThat(codes(seasons.begin(seasons.kept(season).name().toUpperCase(Locale.ROOT), "", 1))).containsExactly("season.named");
        seasons.drop(season, mat);
        assertThat(seasons.kits(season)).containsExactly(coaster);
        seasons.remove(season);
        assertThat(ranged.origin().range()).isEmpty();
    }

    @Test
    void cloth_that_is_reserved_is_not_counted() {
        SeasonPages.Board before = pages.board(season, Map.of(), SeasonPages.Show.BEST);
        samples.run(coaster, 1);

        SeasonPages.Board after = pages.board(season, Map.of(), SeasonPages.Show.BEST);
        assertThat(free(after)).isLessThan(free(before));
        assertThat(after.sum()).isLessThan(before.sum());
    }

    private static Length free(SeasonPages.Board board) {
        return board.bars().stream().map(bar -> Length.parse(bar.free().plain())).reduce(Length.ZERO, Length::plus);
    }

    private static List<String> codes(Outcome<?> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }
}
