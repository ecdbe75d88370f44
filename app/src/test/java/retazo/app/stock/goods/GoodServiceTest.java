package retazo.app.stock.goods;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.shared.Outcome;
import retazo.app.stock.Book;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.core.cloth.PrecutKind;

/** Counted stock on the real database and over HTTP. */
@Tag("slow")
@ExtendWith(TestShop.class)
class GoodServiceTest {

    private final TestShop.Shop shop;
    private final GoodService goods;

    GoodServiceTest(TestShop.Shop shop, GoodService goods) {
        this.shop = shop;
        this.goods = goods;
    }

    @Test
    void what_comes_in_and_goes_out_is_counted_and_never_below_none() {
        Good roll = roll();

        Samples.done(goods.move(roll.id(), 5, Reason.RECEIVED, Samples.entry()));
        Samples.done(goods.move(roll.id(), -2, Reason.SOLD_BY_COUNT, Samples.entry()));

        assertThat(onHand(roll)).isEqualTo(3);
        assertThat(code(goods.move(roll.id(), -4, Reason.SOLD_BY_COUNT, Samples.entry()))).isEqualTo("good.not-enough");
        assertThat(onHand(roll)).isEqualTo(3);
        assertThat(Book.itemsThatDiffer(shop)).isZero();
    }

    @Test
    void the_same_entry_is_booked_once() {
        Good roll = roll();
        Entry entry = Samples.entry();

        Samples.done(goods.move(roll.id(), 5, Reason.RECEIVED, entry));
        Samples.done(goods.move(roll.id(), 5, Reason.RECEIVED, entry));

        assertThat(onHand(roll)).isEqualTo(5);
    }

    @Test
    void a_count_books_only_the_difference() {
        Good roll = roll();
        Samples.done(goods.move(roll.id(), 5, Reason.RECEIVED, Samples.entry()));

        assertThat(Samples.done(goods.correct(roll.id(), 4, Samples.entry()))).isEqualTo(4);
        assertThat(Samples.done(goods.correct(roll.id(), 4, Samples.entry()))).isEqualTo(4);

        assertThat(shop.database().sql("SELECT count(*) FROM movement m JOIN stock_item i ON i.id = m.stock_item_id WHERE i.good_id = ?")
                .param(roll.id()).query(Long.class).single()).isEqualTo(2);
    }

    @Test
    void a_code_is_given_once() {
        Good roll = roll();

        assertThat(code(goods.add(NewGood.precut(roll.code(), "Another", PrecutKind.STRIP_ROLL, 40, "#4f7f86"))))
                .isEqualTo("good.code-taken");
    }

    @Test
    void a_notion_is_added_received_and_sold_like_any_good() {
        Client designer = Client.of(shop, "idris");
        designer.get("/stock/goods/new");
        String code = Samples.unique("THREAD");
        designer.post("/stock/goods/new", Map.of("code", code, "name", "Fog thread", "kind", "THREAD", "colour", "#b9bfc0"));
        Good thread = goods.byCode(code).orElseThrow();
        Client counter = Client.of(shop, "ada");
        String page = "/stock/goods/" + thread.id();
        counter.get(page);

        counter.post(page + "/receive", Map.of("count", "5", "clientId", UUID.randomUUID().toString()));
        counter.get("/counter");
        String sold = counter
                .post("/counter/goods/" + thread.id() + "/sell", Map.of("count", "2", "clientId", UUID.randomUUID().toString()))
                .body();

        assertThat(sold).as("a line of the open sale").contains("Fog thread", "Take back");
        assertThat(thread.kind()).isEqualTo(new GoodKind.Notion(GoodKind.Notion.Sort.THREAD));
        assertThat(thread.precut()).isEmpty();
        assertThat(onHand(thread)).isEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-1", "1.5", "many", "99999999999999999999", "1 1/2"})
    void a_nonsense_count_is_told_and_nothing_is_booked(String count) {
        Good roll = roll();
        Client counter = Client.of(shop, "ada");
        counter.get("/stock/goods/" + roll.id());

        String answer = counter.post("/stock/goods/" + roll.id() + "/receive", Map.of(
                "count", count, "clientId", UUID.randomUUID().toString())).body();

        assertThat(answer).contains("aria-invalid=\"true\"", "Type a whole number");
        assertThat(onHand(roll)).isZero();
    }

    @Test
    void a_new_precut_with_faults_keeps_what_was_typed() {
        Client designer = Client.of(shop, "idris");
        designer.get("/stock/goods/new");
        Map<String, String> form = new HashMap<>(
                Map.of("code", "né!", "name", "Reeds roll", "kind", "CAKE", "perUnit", "0", "colour", "red"));

        String answer = designer.post("/stock/goods/new", form).body();

        assertThat(answer).contains("value=\"Reeds roll\"", "Choose one", "Choose a colour", "Type a whole number from 1 to 1000");
    }

    private Good roll() {
        return Samples.done(goods.add(NewGood.precut(
                Samples.unique("ROLL"), Samples.unique("Test roll "), PrecutKind.STRIP_ROLL, 40, "#4f7f86")));
    }

    private long onHand(Good good) {
        return goods.counts(List.of(good.id())).get(good.id()).onHand();
    }

    private static String code(Outcome<?> outcome) {
        return outcome.match(done -> "done", problems -> problems.get(0).code());
    }
}
