package retazo.app.stock.goods;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.audit.BookAudit;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;
import retazo.core.prints.PrintValue;

/** A pack of ten squares: three of one print, two of another, five that nobody wrote down. Six packs are there. */
@Tag("slow")
@ExtendWith(TestShop.class)
class OpenedPacksTest {

    private final Samples samples;
    private final GoodService goods;
    private final OpenedPacks packs;
    private Good pack;

    OpenedPacksTest(TestShop.Shop shop, GoodService goods, OpenedPacks packs) {
        this.samples = new Samples(shop);
        this.goods = goods;
        this.packs = packs;
    }

    @BeforeEach
    void start() {
        String code = Samples.unique("PACK");
        pack = Samples.done(goods.add(NewGood.precut(code, "Heap " + code, PrecutKind.SQUARES_5, 10, "#4f7f86")));
        goods.print(pack.id(), List.of(
                new BundlePrint("Reed stripe", PrintValue.DARK, 3, BundlePrint.Part.BUNDLE),
                new BundlePrint("Gull dot", PrintValue.LIGHT, 2, BundlePrint.Part.DROPPED)));
        pack = goods.price(pack.id(), new Prices<>(Optional.empty(), Optional.of(new Money(Currency.getInstance("USD"), 1_234))));
        Samples.done(goods.move(pack.id(), 6, Reason.RECEIVED, Samples.entry()));
    }

    private long closed() {
        return goods.counts(List.of(pack.id())).get(pack.id()).onHand();
    }

    /** How many lie loose, by print. */
    private Map<String, Long> lying() {
        return packs.loose(pack).prints().stream()
                .collect(Collectors.toMap(print -> print.print().name(), OpenedPacks.LoosePrint::onHand));
    }

    private Good loose(String print) {
        return packs.loose(pack).prints().stream().filter(one -> one.print().name().equals(print)).findFirst().orElseThrow()
                .good().orElseThrow();
    }

    private static List<String> codes(Outcome<Long> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }

    @Test
    void a_pack_falls_into_its_prints_and_what_nobody_wrote_down() {
        Entry entry = Samples.entry();
        Samples.done(packs.open(pack.id(), 2, entry));
        Samples.done(packs.open(pack.id(), 2, entry));

        assertThat(closed()).as("sent twice they are opened once").isEqualTo(4);
        assertThat(lying()).containsOnly(Map.entry("Reed stripe", 6L), Map.entry("Gull dot", 4L), Map.entry("", 10L));
        Good reed = loose("Reed stripe");
        assertThat(reed.loose()).contains(
                new GoodKind.Loose(pack.id(), PrecutKind.SQUARES_5, Optional.empty(), "Reed stripe", PrintValue.DARK));
        assertThat(reed.prices().cost()).as("a tenth of 12.34").contains(new Money(Currency.getInstance("USD"), 123));
        assertThat(goods.singles()).as("a kit may take it beside a pack").contains(reed);
    }

    @Test
    void it_is_closed_again_only_while_every_print_is_whole() {
        Samples.done(packs.open(pack.id(), 2, Samples.entry()));
        Samples.done(goods.move(loose("Gull dot").id(), -3, Reason.SOLD_BY_COUNT, Samples.entry()));

        assertThat(packs.loose(pack).closable()).as("one gull dot is left, a pack has two").isZero();
        assertThat(packs.loose(pack).missing()).extracting(print -> print.print().name()).containsExactly("Gull dot");
        assertThat(codes(packs.close(pack.id(), 1, Samples.entry()))).containsExactly("pack.not-whole");

        Samples.done(goods.correct(loose("Gull dot").id(), 3, Samples.entry()));
        Samples.done(packs.close(pack.id(), 1, Samples.entry()));
        assertThat(closed()).isEqualTo(5);
        assertThat(lying()).containsOnly(Map.entry("Reed stripe", 3L), Map.entry("Gull dot", 1L), Map.entry("", 5L));
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();
    }

    @Test
    void no_pack_is_opened_that_a_run_needs_and_none_that_cannot_be_what_is_written_down() {
        assertThat(codes(packs.open(pack.id(), 7, Samples.entry()))).containsExactly("pack.not-free");
        assertThat(closed()).isEqualTo(6);
        Good single = Samples.done(goods.add(
                NewGood.precut(Samples.unique("ONE"), "One by itself", PrecutKind.SQUARES_5, 1, "#4f7f86")));
        assertThat(codes(packs.open(single.id(), 1, Samples.entry()))).containsExactly("pack.is-none");

        goods.print(pack.id(), List.of(new BundlePrint("Reed stripe", PrintValue.DARK, 11, BundlePrint.Part.BUNDLE)));
        assertThat(codes(packs.open(pack.id(), 1, Samples.entry()))).containsExactly("pack.too-many-prints");
        assertThat(lying()).containsOnly(Map.entry("Reed stripe", 0L));
    }

    @Test
    void a_print_that_was_one_of_its_prints_once_stays_in_sight() {
        Samples.done(packs.open(pack.id(), 1, Samples.entry()));
        goods.print(pack.id(), List.of(new BundlePrint("Salt", PrintValue.LIGHT, 10, BundlePrint.Part.BUNDLE)));

        assertThat(lying()).containsOnly(
                Map.entry("Salt", 0L), Map.entry("Reed stripe", 3L), Map.entry("Gull dot", 2L), Map.entry("", 5L));
        assertThat(packs.loose(pack).closable()).isZero();
        assertThat(packs.loose(pack).missing()).extracting(print -> print.print().name()).containsExactly("Salt");
    }

    /** Six hands open the six packs at once, a seventh is refused; twelve prints never become two goods. */
    @Test
    void many_hands_open_each_pack_once() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(7);
        List<Callable<Outcome<Long>>> work = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            work.add(() -> packs.open(pack.id(), 1, Samples.entry()));
        }
        List<String> refused = new ArrayList<>();
        for (Future<Outcome<Long>> one : hands.invokeAll(work)) {
            refused.addAll(codes(one.get()));
        }
        hands.shutdown();

        assertThat(refused).containsExactly("pack.not-free");
        assertThat(closed()).isZero();
        assertThat(goods.looseOf(pack.id())).hasSize(3);
        assertThat(lying()).containsOnly(Map.entry("Reed stripe", 18L), Map.entry("Gull dot", 12L), Map.entry("", 30L));
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();
    }
}
