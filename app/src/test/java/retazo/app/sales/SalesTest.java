package retazo.app.sales;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.audit.BookAudit;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.packing.BagItem;
import retazo.app.packing.BagOpening;
import retazo.app.packing.PackingService;
import retazo.app.practice.PriceListService;
import retazo.app.runs.BagShelf;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.progress.KitDemand;
import retazo.app.shared.Outcome;
import retazo.app.stock.Book;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.NewBolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Money;
import retazo.core.measure.Percent;
import retazo.core.measure.Problem;
import retazo.core.price.Tax;

/** What is sold is booked, stands in the sale of who sold it, and can be taken back once. The fabric costs 12.90 a yard. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SalesTest {

    private static final Currency DOLLAR = Currency.getInstance("USD");

    private final TestShop.Shop shop;
    private final Samples samples;
    private final Sales sales;
    private final StockService stock;
    private final BagShelf shelf;
    private final RunBook runs;
    private final BagOpening opening;
    private Fabric fabric;
    private long kit;

    SalesTest(TestShop.Shop shop, Sales sales, StockService stock, BagShelf shelf, RunBook runs, BagOpening opening) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.sales = sales;
        this.stock = stock;
        this.shelf = shelf;
        this.runs = runs;
        this.opening = opening;
    }

    @BeforeEach
    void start() {
        pay();
        String code = Samples.unique("SOLD");
        fabric = Samples.done(samples.bean(FabricService.class).add(new NewFabric(
                code, "Test " + code, Colour.parse("#22303f"), Colour.parse("#e4dcc8"), Motif.DOTS, ClothKind.COTTON, Motif.DOTS.print(),
                Optional.empty(), Optional.empty(),
                new Prices<>(Optional.of(new ClothPrice(new Money(DOLLAR, 1290), LengthUnit.YARD)), Optional.empty()))));
        kit = samples.kit(fabric);
    }

    /** 1 3/8 × 12.90 is 17.7375, so 17.74; 3/4 × 12.90 is 9.675, so 9.68: together 27.42. */
    @Test
    void lengths_of_one_customer_have_one_total() {
        long bolt = samples.bolt(fabric, "6 yd");
        sell(bolt, "1 3/8 yd");
        sell(bolt, "3/4 yd");

        assertThat(sales.open(1).totals()).containsExactly(new Money(DOLLAR, 2742));
        assertThat(pay().standing()).hasSize(2);
        assertThat(sales.open(1)).isEqualTo(Sale.NOTHING);
        sell(bolt, "1 yd");
        assertThat(sales.open(1).totals()).containsExactly(new Money(DOLLAR, 1290));
    }

    @Test
    void a_line_is_taken_back_once_at_the_counter_or_in_the_book_of_the_bolt() {
        long bolt = samples.bolt(fabric, "6 yd");
        long first = sell(bolt, "1 yd");
        long second = sell(bolt, "2 yd");

        assertThat(codes(sales.takeBack(first, Samples.entry()))).containsExactly("stock.not-the-newest");
        stock.reverseLine(stock.linesOf(bolt, 1).get(0).id(), Samples.entry());

        assertThat(sales.open(1).standing()).extracting(SaleLine::id).containsExactly(first);
        assertThat(codes(sales.takeBack(second, Samples.entry()))).containsExactly("sale.taken-back");
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(5, 1));
    }

    @Test
    void the_same_press_sells_once_and_something_refused_is_no_line() {
        long bolt = samples.bolt(fabric, "2 yd");
        Entry once = Samples.entry();
        Samples.done(sales.sellLength(bolt, Length.ofYards(1, 1), false, once));
        Samples.done(sales.sellLength(bolt, Length.ofYards(1, 1), false, once));

        assertThat(codes(sales.sellLength(bolt, Length.ofYards(3, 1), false, Samples.entry()))).containsExactly("stock.not-enough");
        assertThat(sales.open(1).lines()).hasSize(1);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ofYards(1, 1));
    }

    /** 2 × 12.90 are 25.80; a tenth on top is 2.58, to pay 28.38. It cost 2 × 6.45, so the shop keeps 12.90, a half. */
    @Test
    void tax_comes_on_top_and_the_margin_is_for_the_owner_alone() {
        samples.bean(FabricService.class).costs(fabric.id(), new ClothPrice(new Money(DOLLAR, 645), LengthUnit.YARD));
        samples.bean(PriceListService.class).change(new Tax(Percent.of(10), false));
        try {
            long bolt = samples.bolt(fabric, "6 yd");
            sell(bolt, "2 yd");
            Client ada = Client.of(shop, "ada");
            ada.post("/counter/cut", Map.of("boltId", "" + bolt, "length", "2", "clientId", UUID.randomUUID().toString()));

            assertThat(Client.of(shop, "marisol").get("/counter").body())
                    .contains("$28.38", "$2.58 of it is tax, 10 %", "The shop keeps $12.90, 50 %");
            assertThat(ada.get("/counter").body()).contains("is tax").doesNotContain("The shop keeps");
        } finally {
            samples.bean(PriceListService.class).change(Tax.NONE);
        }
    }

    /** The bag was cut from lot L1, of which the other bolt has most; a third is of another lot. A binding takes 3/8 yd more. */
    @Test
    void more_for_a_bag_is_cut_from_its_lot_while_that_lasts() {
        Bag bag = packed(1).get(0);
        long same = samples.bolt(fabric, "9 yd");
        Samples.done(stock.receive(
                new NewBolt(Samples.unique("B"), fabric.id(), "L2", "bay 9", Length.ofInches(40), Length.ofYards(20, 1), true),
                Samples.entry()));

        String page = Client.of(shop, "ada").get("/counter?words=" + bag.code()).body();

        assertThat(page).contains("More from its lots", "lot L1", "value=\"" + stock.bolt(same).code() + " \"");
        assertThat(page).contains("Added to it", "value=\"" + stock.bolt(same).code() + " 3/8 yd\"");
        stock.boltsOf(List.of(fabric.id())).stream().filter(bolt -> bolt.lot().equals("L1"))
                .forEach(bolt -> Samples.done(stock.take(bolt.id(), bolt.onHand(), Reason.SOLD_BY_LENGTH, Samples.entry())));
        assertThat(Client.of(shop, "ada").get("/counter?words=" + bag.code()).body())
                .contains("nothing of this lot is free", "not enough of its lot in one piece");
    }

    /** The bag takes nine eighths: 14.5125, so 14.51. */
    @Test
    void a_bag_that_is_put_aside_goes_to_whom_it_is_for_and_comes_back_by_its_sale() {
        Bag bag = packed(1).get(0);
        BagEntity.Aside ines = new BagEntity.Aside("Ines", Optional.of(LocalDate.of(2027, 1, 5)));
        Samples.done(shelf.putAside(bag.id(), ines, 1));

        assertThat(codes(sales.sellBag(bag.id(), Samples.entry()))).containsExactly("shelf.is-aside");
        assertThat(codes(shelf.putAside(bag.id(), new BagEntity.Aside("Jory", Optional.empty()), 1))).containsExactly("shelf.is-aside");
        assertThat(codes(opening.open(bag.id(), Samples.entry()))).containsExactly("shelf.is-aside");
        assertThat(codes(sales.giveBag(bag.id(), "Jory", Samples.entry()))).containsExactly("shelf.not-aside");
        assertThat(codes(shelf.letGo(bag.id(), "Jory"))).containsExactly("shelf.not-aside");
        assertThat(shelf.oldest(List.of(kit))).isEmpty();
        assertThat(shelf.asideCounts(List.of(kit))).isEqualTo(Map.of(kit, 1L));
        Samples.done(sales.giveBag(bag.id(), "Ines", Samples.entry()));
        assertThat(sales.open(1).totals()).containsExactly(new Money(DOLLAR, 1451));
        Samples.done(sales.bagReturned(bag.id(), Samples.entry()));
        assertThat(sales.open(1).totals()).isEmpty();
        assertThat(codes(sales.bagReturned(bag.id(), Samples.entry()))).containsExactly("shelf.not-sold");
        assertThat(shelf.packed(bag.id()).orElseThrow().aside()).isEmpty();
    }

    /** Two are packed, one is not there: the book says one, no sale, and two again once it is found. */
    @Test
    void a_bag_that_is_not_there_corrects_the_count_and_comes_back_when_it_is_found() {
        List<Bag> bags = packed(2);
        Bag bag = bags.get(0);
        Client ada = Client.of(shop, "ada");
        ada.get("/shelf/bags/" + bag.code());

        String told = ada.post("/shelf/bags/" + bag.code() + "/missing", Map.of("clientId", UUID.randomUUID().toString())).body();

        assertThat(told).contains("the count is corrected", "Not found on the shelf", "It is here again");
        assertThat(onShelf()).isEqualTo(1);
        assertThat(codes(shelf.missing(bag.id(), Samples.entry()))).containsExactly("shelf.not-there");
        assertThat(codes(sales.sellBag(bag.id(), Samples.entry()))).containsExactly("shelf.not-there");
        assertThat(shelf.oldest(List.of(kit)).get(kit).id()).isEqualTo(bags.get(1).id());
        assertThat(samples.bean(KitDemand.class).of(List.of(kit)).get(kit).soldInWeeks()).isZero();
        assertThat(sales.open(1).standing()).isEmpty();
        Samples.done(sales.bagReturned(bag.id(), Samples.entry()));
        assertThat(onShelf()).isEqualTo(2);
        assertThat(samples.bean(BookAudit.class).differences()).noneMatch(one -> one.contains(bag.code()));
    }

    private long onShelf() {
        return samples.bean(KitShelf.class).counts(List.of(kit)).get(kit).onHand();
    }

    /** Whatever is pressed in whatever order, the shelf has what is packed less what is sold, and the book says the same. */
    @ParameterizedTest
    @ValueSource(longs = {3, 17, 2_026})
    void a_random_walk_keeps_the_sums(long seed) {
        Random random = new Random(seed);
        List<Bag> bags = packed(3);
        for (int i = 0; i < 40; i++) {
            long bag = bags.get(random.nextInt(bags.size())).id();
            switch (random.nextInt(8)) {
                case 0, 1 -> sales.sellBag(bag, Samples.entry());
                case 2 -> sales.bagReturned(bag, Samples.entry());
                case 3 -> shelf.putAside(bag, new BagEntity.Aside("Ines", Optional.empty()), 1);
                case 4 -> sales.giveBag(bag, "Ines", Samples.entry());
                case 5 -> opening.open(bag, Samples.entry());
                case 6 -> shelf.missing(bag, Samples.entry());
                default -> {
                    shelf.letGo(bag, "Ines");
                    pack(runs.bag(bag));
                }
            }
            long there = bags.stream().filter(one -> shelf.packed(one.id()).filter(BagShelf.ShelfBag::isThere).isPresent()).count();
            assertThat(samples.bean(KitShelf.class).counts(List.of(kit)).get(kit).onHand()).isEqualTo(there);
        }
        assertThat(Book.itemsThatDiffer(shop)).isZero();
        assertThat(sales.open(1).standing()).hasSize(
                (int) bags.stream().filter(one -> shelf.packed(one.id()).filter(bag -> !bag.isThere() && !bag.missing()).isPresent())
                        .count());
    }

    /** Eight hands sell a yard each of a bolt of five: five are sold, the others are told. */
    @Test
    void many_hands_on_one_bolt_sell_what_is_there_and_no_more() throws Exception {
        long bolt = samples.bolt(fabric, "5 yd");
        ExecutorService hands = Executors.newFixedThreadPool(8);
        List<Callable<Outcome<Long>>> presses = new ArrayList<>();
        IntStream.range(0, 8).forEach(i -> presses.add(
                () -> sales.sellLength(bolt, Length.ofYards(1, 1), false, Entry.of(1 + i % 5, UUID.randomUUID()))));
        long sold = 0;
        for (Future<Outcome<Long>> press : hands.invokeAll(presses)) {
            sold += press.get().match(done -> 1, problems -> 0);
        }
        hands.shutdown();

        assertThat(sold).isEqualTo(5);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        IntStream.range(1, 6).forEach(this::pay);
    }

    /** A line that came after the total was shown is not paid with it, nor is a sale by the press that paid the one before. */
    @Test
    void what_is_paid_is_what_was_shown() {
        long bolt = samples.bolt(fabric, "6 yd");
        sell(bolt, "1 yd");
        Sale shown = sales.open(1);
        sell(bolt, "2 yd");

        assertThat(codes(sales.paid(1, shown.id(), 1))).containsExactly("sale.not-as-shown");
        Samples.done(sales.paid(1, shown.id(), 2));
        sell(bolt, "1/2 yd");
        assertThat(codes(sales.paid(1, shown.id(), 1))).containsExactly("sale.not-as-shown");
        assertThat(sales.open(1).standing()).hasSize(1);
    }

    private Sale pay() {
        return pay(1);
    }

    private Sale pay(long person) {
        Sale open = sales.open(person);
        return open.id() == 0 ? open : Samples.done(sales.paid(person, open.id(), open.standing().size()));
    }

    private long sell(long bolt, String length) {
        return Samples.done(sales.sellLength(bolt, Length.parse(length), false, Samples.entry()));
    }

    private List<Bag> packed(int count) {
        samples.bolt(fabric, "6 yd");
        long run = samples.run(kit, count);
        runs.currentCuts(Set.of(run)).forEach(cut -> samples.bean(CutService.class).confirm(cut.id(), UUID.randomUUID(), 1));
        List<Bag> bags = runs.bags(Set.of(run)).getOrDefault(run, List.of());
        bags.forEach(this::pack);
        return bags;
    }

    private void pack(Bag bag) {
        PackingService packing = samples.bean(PackingService.class);
        bag.lines().forEach(line -> packing.tick(bag.id(), BagItem.line(line.id()), 1));
        packing.done(bag.id(), 1);
    }

    private static List<String> codes(Outcome<?> outcome) {
        return outcome.match(done -> List.of(), problems -> problems.stream().map(Problem::code).toList());
    }
}
