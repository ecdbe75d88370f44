package retazo.app.kits.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.cloth.ClothQuestion;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.NewKits;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitSources;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodKind;
import retazo.app.stock.goods.GoodService;
import retazo.app.stock.goods.NewGood;
import retazo.core.cloth.Colour;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.SheetSize;
import retazo.core.kit.Contents;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.prints.PrintValue;

/**
 * What nine patches of 12 1/2 × 12 1/2 could come from. A quarter of 20 × 18 gives one, so nine, five half yards; an eighth gives none. Of
 * squares of 13 in, measured by the shop, each gives one: three packs of four.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class KitOtherSourcesTest {

    private final Samples samples;
    private final KitOtherSources others;
    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private Fabric fabric;
    private Good squares;

    KitOtherSourcesTest(TestShop.Shop shop, KitOtherSources others, KitService kits, KitBook book, KitWorks works, GoodService goods) {
        this.samples = new Samples(shop);
        this.others = others;
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.squares = Samples
                .done(goods.add(new NewGood(Samples.unique("OWN"), Samples.unique("Large squares "), new GoodKind.Precut(
                        PrecutKind.OWN, 4, Optional.of(SheetSize.of(Length.ofInches(13), Length.ofInches(13)))), Colour.parse("#556677"))));
    }

    @BeforeEach
    void a_fabric() {
        fabric = samples.fabric();
    }

    @Test
    void quarters_and_precuts_that_give_everything_are_offered_with_what_they_take() {
        Kit kit = book.kit(samples.kit(fabric));

        List<ClothQuestion.Other> all = all(kit);

        assertThat(all).filteredOn(other -> other.role().isEmpty()).singleElement().satisfies(quarters -> {
            assertThat(quarters.kind()).isEqualTo(PrecutKind.FAT_QUARTER);
            assertThat(quarters.needs().get(0).quarters().orElseThrow().sheets()).isEqualTo(new Count(9));
            assertThat(quarters.needs().get(0).sold().orElseThrow().value()).isEqualTo(Length.ofInches(90));
        });
        assertThat(ofSquares(all).needs()).singleElement().satisfies(need -> assertThat(units(need)).isEqualTo(new Count(3)));
        assertThat(all).noneMatch(ClothQuestion.Other::chosen);
    }

    /** With the binding in the bag no quarter gives all, and beside the squares a length stays on the bolt. */
    @Test
    void a_cloth_that_is_also_the_binding_comes_from_precuts_in_part_and_from_no_quarters() {
        Kit plain = book.kit(samples.kit(fabric));
        long bound = Samples.done(kits.add(new NewKits(
                plain.pattern(), List.of("mat"), "bound", Map.of(new RoleKey("all"), fabric), Map.of(), new Contents(true, false)))).get(0);

        List<ClothQuestion.Other> all = all(book.kit(bound));

        assertThat(all).noneMatch(other -> other.role().isEmpty());
        assertThat(ofSquares(all).needs()).hasSize(2).anyMatch(need -> need.cloth().isPresent());
    }

    @Test
    void what_a_kit_takes_is_marked_and_found_without_looking_at_all_others() {
        long id = samples.kit(fabric);
        Samples.done(kits.take(id, book.kit(id).sources().with(new RoleKey("all"), squares)));
        Kit kit = book.kit(id);

        List<ClothQuestion.Other> taken = others.of(kit, fabric, tried(kit, false));

        assertThat(taken).singleElement().satisfies(other -> {
            assertThat(other.chosen()).isTrue();
            assertThat(other.offers()).contains(new ClothQuestion.Offer(squares.code(), squares.name()));
        });
        assertThat(works.work(kit).bill().lengths()).isEmpty();
        assertThat(works.work(kit.layingWhole(fabric)).bill().lengths()).containsKey(fabric.code());
    }

    @Test
    void quarters_that_do_not_give_everything_are_refused_and_nothing_is_kept() {
        long id = samples.kit(fabric);

        assertThat(kits.take(id, book.kit(id).sources().with(fabric.id(), PrecutKind.FAT_EIGHTH)).<String>match(kit -> "taken",
                problems -> problems.get(0).code()))
                .isEqualTo("kit.not-from-quarters");
        assertThat(book.kit(id).sources()).isEqualTo(KitSources.NONE);
    }

    /** Picked twice it would be counted as one. */
    @Test
    void precuts_that_are_a_single_of_the_kit_already_are_refused() {
        long id = samples.kit(fabric);
        KitSources single = book.kit(id).sources().with(new KitSingle(new RoleKey("all"), squares, PrintValue.LIGHT, 1));

        assertThat(
                kits.take(id, single.with(new RoleKey("all"), squares)).<String>match(kit -> "taken", problems -> problems.get(0).code()))
                .isEqualTo("kit.single-already");
    }

    /** The paper says how its patches are cut from cloth, and nothing of squares. */
    @Test
    void a_new_kit_by_another_designers_paper_takes_no_precuts_by_cuts_of_ours() {
        NewKits asked = new NewKits(
                samples.cutListPattern(new PatternAbout("Odile", List.of(), ""), "12 x 12", 4), List.of("lap"), "plain", Map.of(),
                Map.of(new RoleKey("reed"), squares), new Contents(false, false));

        assertThat(kits.add(asked).<String>match(ids -> "added", problems -> problems.get(0).code() + " at " + problems.get(0).place()))
                .isEqualTo("kit.not-on-paper at fabrics.reed");
    }

    private List<ClothQuestion.Other> all(Kit kit) {
        return others.of(kit, fabric, tried(kit, true));
    }

    private KitOtherSources.Tried tried(Kit kit, boolean all) {
        return new KitOtherSources.Tried(works.practiceOf(kit), works.usableWidth(kit, fabric), all);
    }

    private ClothQuestion.Other ofSquares(List<ClothQuestion.Other> all) {
        return all.stream().filter(other -> other.offers().contains(new ClothQuestion.Offer(squares.code(), squares.name()))).findFirst()
                .orElseThrow();
    }

    private static Count units(Need need) {
        return need.picked().orElseThrow().value();
    }
}
