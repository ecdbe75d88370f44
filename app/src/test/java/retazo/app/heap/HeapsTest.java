package retazo.app.heap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.util.LinkedMultiValueMap;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** A bay with two places: at one a started bolt of one fabric, at the other a whole bolt of another. */
@Tag("slow")
@ExtendWith(TestShop.class)
class HeapsTest {

    private final Samples samples;
    private final HeapPages pages;
    private final HeapMaking making;
    private final StockService stock;
    private String bay;
    private Fabric dark;
    private Fabric light;

    HeapsTest(TestShop.Shop shop, HeapPages pages, HeapMaking making, StockService stock) {
        this.samples = new Samples(shop);
        this.pages = pages;
        this.making = making;
        this.stock = stock;
    }

    @BeforeEach
    void start() {
        bay = Samples.unique("heap");
        dark = samples.fabric();
        light = samples.fabric();
        long started = bolt(dark, bay + ", shelf A", 6);
        Samples.done(stock.take(started, Length.ofYards(1, 1), Reason.SOLD_BY_LENGTH, Samples.entry()));
        bolt(light, bay + ", shelf B", 7);
        samples.kitsOfTwo(light, dark);
    }

    private long bolt(Fabric fabric, String place, int yards) {
        return Samples.done(stock.receive(new NewBolt(
                Samples.unique("H"), fabric.id(), "L1", place, Length.ofInches(40), Length.ofYards(yards, 1), true), Samples.entry()));
    }

    /** Asks until every size of every pattern in the shop is looked at. */
    private HeapPages.Page page(String... asked) {
        LinkedMultiValueMap<String, String> question = new LinkedMultiValueMap<>();
        for (int i = 0; i < asked.length; i += 2) {
            question.add(asked[i], asked[i + 1]);
        }
        HeapPages.Page page = pages.page(HeapQuestion.of(question));
        for (int looked = -1; page.goesOn() && page.looked() > looked; page = pages.page(HeapQuestion.of(question))) {
            looked = page.looked();
        }
        assertThat(page.goesOn()).isFalse();
        return page;
    }

    private static List<String> codes(HeapPages.Page page) {
        return page.heap().fabrics().keySet().stream().map(Fabric::code).toList();
    }

    @Test
    void a_heap_is_what_was_cut_from_at_a_place_or_in_a_bay_and_whole_bolts_where_that_is_said() {
        assertThat(codes(page("place", bay))).containsExactly(dark.code());
        assertThat(codes(page("place", bay + ", shelf B"))).isEmpty();
        assertThat(codes(page("place", bay, "whole", "on"))).as("most cloth first").containsExactly(light.code(), dark.code());
        assertThat(codes(page("fabric", light.code(), "whole", "on"))).containsExactly(light.code());
        assertThat(codes(page("place", bay.substring(0, bay.length() - 1), "whole", "on"))).as("another bay").isEmpty();
    }

    @Test
    void a_text_that_names_no_fabric_is_told_and_stands_for_nothing() {
        HeapPages.Page page = page("fabric", "no such cloth");

        assertThat(page.heap().unknown()).containsExactly("no such cloth");
        assertThat(page.heap().fabrics()).isEmpty();
        assertThat(page.makes()).isEmpty();
    }

    /** All cloth of both fabrics lies in the heap, so that the kit made of it can be made as often as the page said. */
    @Test
    void one_press_makes_the_kit_and_it_can_be_made_as_often_as_was_said() {
        HeapPages.Page page = page("place", bay, "whole", "on");

        assertThat(page.makes()).isNotEmpty();
        for (HeapPages.MakeView make : page.makes()) {
            assertThat(make.parts()).extracting(HeapPages.PartView::fabric).doesNotHaveDuplicates();
            assertThat(make.share()).isBetween(0, 100);
        }
        List<Integer> shares = new ArrayList<>(page.makes().stream().map(HeapPages.MakeView::share).toList());
        assertThat(shares).as("by what uses most of it").isSortedAccordingTo(java.util.Comparator.reverseOrder());
        HeapPages.MakeView first = page.makes().get(0);

        long kit = Samples.done(make(first));
        Kit made = samples.bean(KitBook.class).kit(kit);
        assertThat(made.name()).startsWith(first.name()).contains("Heap of ");
        assertThat(samples.bean(PossibleKits.class).of(made).bags().value()).isEqualTo(first.kits());
        Kit again = samples.bean(KitBook.class).kit(Samples.done(make(first)));
        assertThat(again.colourway()).as("a name of its own").isNotEqualTo(made.colourway());
    }

    private Outcome<Long> make(HeapPages.MakeView view) {
        return making.make(
                view.pattern().patternId(), view.size().key().value(),
                view.parts().stream().collect(Collectors.toMap(part -> part.role().key().value(), part -> part.fabric().id())));
    }

    @Test
    void a_kit_with_a_role_left_open_is_not_made() {
        long pattern = samples.bean(KitBook.class).kit(samples.kitsOfTwo(light, dark).get(1)).pattern().patternId();

        List<String> refused = making.make(pattern, "mat", Map.of("dark", dark.id()))
                .match(made -> List.of(), problems -> problems.stream().map(Problem::code).toList());

        assertThat(refused).containsExactly("heap.changed");
    }

    /** What is promised to a run is in no heap. */
    @Test
    void reserved_cloth_is_left_out() {
        Bolt bolt = stock.boltsOf(List.of(light.id())).get(0);
        stock.reserve(List.of(new retazo.app.stock.Promise(bolt.id(), bolt.free(), Samples.unique("heap-owner"))));

        assertThat(codes(page("place", bay, "whole", "on"))).containsExactly(dark.code());
        assertThat(Map.copyOf(page("place", bay).heap().fabrics())).containsOnlyKeys(dark);
    }
}
