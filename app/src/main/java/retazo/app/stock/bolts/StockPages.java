package retazo.app.stock.bolts;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.practice.PracticeService;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.find.BoltSearch;
import retazo.app.stock.StockService;
import retazo.core.bolt.RestRule;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Puts stock together as its pages show it. */
@Service
@Transactional(readOnly = true)
class StockPages {

    private static final int LINES_OF_A_BOOK = 200;
    private static final int FABRICS_ON_A_PAGE = 20;

    private final StockService stock;
    private final BoltSearch bolts;
    private final FabricService fabrics;
    private final PracticeService practice;
    private final Words words;
    private final Clock clock;

    StockPages(StockService stock, BoltSearch bolts, FabricService fabrics, PracticeService practice, Words words, Clock clock) {
        this.stock = stock;
        this.bolts = bolts;
        this.fabrics = fabrics;
        this.practice = practice;
        this.words = words;
        this.clock = clock;
    }

    /** A bolt with its book. */
    record BoltPage(BoltView bolt, List<MovementView> book) {

        List<Fabric> prints() {
            return List.of(bolt.fabric());
        }
    }

    /**
     * Where a bolt comes in.
     *
     * @param noFabrics whether the shop has none yet
     * @param unit      the symbol of the unit of a length that names none
     */
    record ReceivePage(boolean noFabrics, String unit) {
    }

    /**
     * A page of fabrics with their bolts.
     *
     * @param usedUp whether bolts that are used up are shown too
     * @param number of the page, from 0
     * @param more   whether another page follows
     */
    record FabricsPage(String search, boolean usedUp, int number, List<FabricStockView> fabrics, boolean more) {

        List<Fabric> prints() {
            return fabrics.stream().map(FabricStockView::fabric).toList();
        }
    }

    /** A page of the fabrics that match, with their bolts; bolts that are used up only when asked for. */
    FabricsPage fabrics(String search, boolean usedUp, int page) {
        ShopPractice shop = practice.practice();
        Slice<Long> slice = bolts.fabrics(search, page, FABRICS_ON_A_PAGE);
        Map<Long, Fabric> byId = fabrics.byIds(slice.getContent());
        List<Fabric> found = slice.map(byId::get).getContent();
        List<Bolt> there = stock.boltsOf(found.stream().map(Fabric::id).toList()).stream()
                .filter(bolt -> usedUp || bolt.onHand().isPositive())
                .toList();
        Map<Long, List<Bolt>> byFabric = there.stream().collect(Collectors.groupingBy(Bolt::fabricId));
        Length longest = there.stream().map(Bolt::onHand).max(Length::compareTo).orElse(Length.ZERO);
        return new FabricsPage(
                search, usedUp, page,
                found.stream().map(fabric -> fabricView(fabric, byFabric.getOrDefault(fabric.id(), List.of()), shop, longest)).toList(),
                slice.hasNext());
    }

    private FabricStockView fabricView(Fabric fabric, List<Bolt> bolts, ShopPractice shop, Length longest) {
        LengthUnit unit = shop.sellingUnit();
        return new FabricStockView(
                fabric,
                fabric.prices().price()
                        .map(price -> MoneyText.of(price.each()) + " " + words.text("price.unit." + price.unit()))
                        .orElse(words.text("price.none")),
                LengthView.onHand(bolts.stream().map(Bolt::onHand).reduce(Length.ZERO, Length::plus), unit),
                LengthView.onHand(bolts.stream().map(Bolt::free).reduce(Length.ZERO, Length::plus), unit),
                bolts.stream().map(bolt -> view(bolt, fabric, shop, longest)).toList());
    }

    private BoltView view(Bolt bolt, Fabric fabric, ShopPractice shop, Length longest) {
        return BoltView.of(bolt, fabric, RestRule.of(shop), longest, clock.instant(), words);
    }

    ReceivePage receive() {
        return new ReceivePage(fabrics.first("", 1).isEmpty(), practice.practice().sellingUnit().symbol());
    }

    BoltPage bolt(long id) {
        ShopPractice shop = practice.practice();
        Bolt bolt = stock.bolt(id);
        return new BoltPage(
                view(bolt, fabrics.fabric(bolt.fabricId()), shop, bolt.onHand()),
                stock.linesOf(id, LINES_OF_A_BOOK).stream()
                        .map(line -> MovementView.of(line, shop.sellingUnit(), words, clock.instant()))
                        .toList());
    }
}
