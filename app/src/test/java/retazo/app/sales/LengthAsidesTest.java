package retazo.app.sales;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** A length that is put aside is kept on its bolt for whoever it is for, and is cut when it is fetched. */
@Tag("slow")
@ExtendWith(TestShop.class)
class LengthAsidesTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final StockService stock;
    private final LengthAsides asides;
    private final Sales sales;

    LengthAsidesTest(TestShop.Shop shop, StockService stock, LengthAsides asides, Sales sales) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.stock = stock;
        this.asides = asides;
        this.sales = sales;
    }

    private Outcome<Long> aside(long bolt, String length) {
        return asides.putAside(bolt, Length.parse(length), "Ines", Optional.of(LocalDate.now()), Samples.entry());
    }

    private static List<String> codes(Outcome<Long> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }

    @Test
    void it_is_reserved_until_it_is_fetched_and_then_sold() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        long one = Samples.done(aside(bolt, "2 yd"));

        assertThat(stock.bolt(bolt).free()).isEqualTo(Length.ofYards(1, 1));
        assertThat(codes(sales.sellLength(bolt, Length.ofYards(3, 2), false, Samples.entry()))).containsExactly("counter.reserved");

        Entry once = Samples.entry();
        Samples.done(asides.give(one, once));
        Samples.done(asides.give(one, once));

        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(1, 1));
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ZERO);
        assertThat(codes(asides.give(one, Samples.entry()))).containsExactly("counter.aside-ended");
        assertThat(asides.waiting(1_000)).noneMatch(left -> left.id() == one);
    }

    @Test
    void what_nobody_fetches_is_free_again() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        long one = Samples.done(aside(bolt, "2 yd"));

        Samples.done(asides.letGo(one));

        assertThat(stock.bolt(bolt).free()).isEqualTo(Length.ofYards(3, 1));
        assertThat(codes(asides.letGo(one))).containsExactly("counter.aside-ended");
    }

    /** Of 3 yd 2 are put aside, and 2 are sold knowingly: what is left is too short, and it stays put aside. */
    @Test
    void what_was_sold_all_the_same_cannot_be_given() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        long one = Samples.done(aside(bolt, "2 yd"));
        Samples.done(sales.sellLength(bolt, Length.ofYards(2, 1), true, Samples.entry()));

        assertThat(codes(asides.give(one, Samples.entry()))).containsExactly("stock.not-enough");

        assertThat(asides.waiting(1_000)).anyMatch(left -> left.id() == one);
        assertThat(stock.bolt(bolt).reserved()).isEqualTo(Length.ofYards(2, 1));
        Samples.done(asides.letGo(one));
    }

    /** Of 5 yd eight hands put a yard each aside at once: five have it. */
    @Test
    void no_more_than_is_free_is_put_aside() {
        long bolt = samples.bolt(samples.fabric(), "5 yd");

        long done = IntStream.range(0, 8).parallel().mapToObj(hand -> aside(bolt, "1 yd"))
                .filter(outcome -> codes(outcome).isEmpty()).count();

        assertThat(done).isEqualTo(5);
        assertThat(stock.bolt(bolt).free()).isEqualTo(Length.ZERO);
        assertThat(codes(aside(bolt, "1/8 yd"))).containsExactly("counter.not-free");
    }

    @Test
    void the_counter_puts_aside_what_it_would_cut_and_gives_it_later() {
        long bolt = samples.bolt(samples.fabric(), "3 yd");
        String code = stock.bolt(bolt).code();
        Client ada = Client.of(shop, "ada");
        assertThat(ada.get("/counter?words=" + code + "+1+1/2").body()).contains("Put this length aside");

        String put = ada.post("/counter/lengths", Map.of(
                "boltId", "" + bolt, "length", "1 1/2", "name", "Wren", "until", "", "clientId", UUID.randomUUID().toString())).body();

        assertThat(put).contains("put aside for Wren", "1 1/2 yd Test");
        long one = asides.waiting(1_000).stream().filter(left -> left.boltId() == bolt).findFirst().orElseThrow().id();
        assertThat(ada.post("/counter/lengths/" + one + "/give", Map.of("clientId", UUID.randomUUID().toString())).body())
                .contains("is sold; cut it now");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(3, 2));
        String nobody = ada.post("/counter/lengths", Map.of(
                "boltId", "" + bolt, "length", "1", "name", "", "clientId", UUID.randomUUID().toString())).body();
        assertThat(nobody).doesNotContain("is put aside for");
        assertThat(stock.bolt(bolt).free()).isEqualTo(Length.ofYards(3, 2));
    }
}
