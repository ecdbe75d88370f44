package retazo.app.runs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.audit.BookAudit;
import retazo.app.packing.BagOpening;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.core.measure.Problem;

/** Bags that stand on the shelf and that nobody packed here. */
@Tag("slow")
@ExtendWith(TestShop.class)
class FoundBagsTest {

    private final Samples samples;
    private final FoundBags found;
    private final BagShelf shelf;
    private final KitShelf counts;
    private long kit;

    FoundBagsTest(TestShop.Shop shop, FoundBags found, BagShelf shelf, KitShelf counts) {
        this.samples = new Samples(shop);
        this.found = found;
        this.shelf = shelf;
        this.counts = counts;
    }

    @BeforeEach
    void start() {
        kit = samples.kit(samples.fabric());
    }

    private List<BagShelf.ShelfBag> there() {
        return shelf.there(kit, 9);
    }

    private long onHand() {
        return counts.counts(List.of(kit)).get(kit).onHand();
    }

    @Test
    void each_has_a_number_and_is_sold_and_brought_back_like_any_other() {
        Entry entry = Samples.entry();
        long first = Samples.done(found.add(new TreeMap<>(Map.of(kit, 2)), entry));
        assertThat(Samples.done(found.add(new TreeMap<>(Map.of(kit, 2)), entry))).as("sent twice they come once").isEqualTo(first);

        assertThat(there()).extracting(BagShelf.ShelfBag::id).containsExactly(first, first + 1);
        Samples.done(shelf.sell(first, Samples.entry()));
        assertThat(onHand()).isEqualTo(1);
        Samples.done(shelf.missing(first + 1, Samples.entry()));
        assertThat(onHand()).isZero();
        Samples.done(shelf.takeBack(first, Samples.entry()));
        assertThat(onHand()).isEqualTo(1);
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();
    }

    @Test
    void bags_of_a_kit_that_does_not_exist_are_not_found() {
        Client counter = Client.of(samples.shop(), "ada");
        counter.get("/shelf/" + kit);

        assertThat(counter.post("/shelf/999999999/found", Map.of("bags", "1", "clientId", UUID.randomUUID().toString())).statusCode())
                .isEqualTo(404);
        assertThat(counter.post("/shelf/" + kit + "/found", Map.of("bags", "1", "clientId", UUID.randomUUID().toString())).body())
                .contains("1 bag is in the book now");
        assertThat(onHand()).isEqualTo(1);
    }

    @Test
    void none_is_opened_for_a_cloth_that_nobody_knows() {
        long bag = Samples.done(found.add(new TreeMap<>(Map.of(kit, 1)), Samples.entry()));

        List<Problem> refused = samples.bean(BagOpening.class).openForCloth(bag, Samples.entry()).match(done -> List.of(), all -> all);

        assertThat(refused).extracting(Problem::code).containsExactly("pack.found-bag");
        assertThat(there()).hasSize(1);
        assertThat(onHand()).isEqualTo(1);
    }

    @Test
    void runs_that_only_hold_them_are_in_no_list_of_runs() {
        RunBook runs = samples.bean(RunBook.class);
        long bag = Samples.done(found.add(new TreeMap<>(Map.of(kit, 1)), Samples.entry()));

        assertThat(runs.page(0, 50).getContent()).noneMatch(run -> run.id() == runs.bag(bag).runId());
    }

    @Test
    void they_are_taken_back_whole_or_not_at_all() {
        long other = samples.kit(samples.fabric());
        UUID entry = UUID.randomUUID();
        long person = Samples.entry().personId();
        Samples.done(found.add(new TreeMap<>(Map.of(kit, 1, other, 2)), Entry.of(person, entry)));
        long sold = shelf.there(other, 9).get(1).id();
        Samples.done(shelf.sell(sold, Samples.entry()));

        assertThat(found.takeBack(entry, Samples.entry())).isInstanceOf(Outcome.Refused.class);
        assertThat(there()).hasSize(1);

        Samples.done(shelf.takeBack(sold, Samples.entry()));
        assertThat(Samples.done(found.takeBack(entry, Samples.entry()))).isEqualTo(3);
        assertThat(there()).isEmpty();
        assertThat(onHand()).isZero();
        assertThat(found.takeBack(UUID.randomUUID(), Samples.entry())).as("of nothing").isEqualTo(Outcome.done(0L));
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();
    }
}
