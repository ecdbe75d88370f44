package retazo.app.counter;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.PriceTags;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Finds fabrics by code, name and colour, and bolts by their numbers; with a length behind, from which bolt it is cut. */
@Component
class ClothFinder {

    private static final int SHOWN = 6;

    private final FabricService fabrics;
    private final StockService stock;
    private final KitWorks prices;
    private final CounterCuts cuts;
    private final Words words;

    ClothFinder(FabricService fabrics, StockService stock, KitWorks prices, CounterCuts cuts, Words words) {
        this.fabrics = fabrics;
        this.stock = stock;
        this.prices = prices;
        this.cuts = cuts;
        this.words = words;
    }

    /** The bolt whose whole number was typed; where it is too short for the length, another of its fabric is proposed and that is said. */
    Optional<CounterAnswer.ClothFound> bolt(CounterAsk ask) {
        return stock.boltByCode(ask.words()).or(() -> stock.boltByCode(ask.all())).map(bolt -> {
            Fabric fabric = fabrics.fabric(bolt.fabricId());
            boolean isLength = ask.cut().isPresent() && !bolt.code().equalsIgnoreCase(ask.all());
            Optional<CounterAsk.Cut> asked = ask.cut().filter(cut -> isLength);
            PriceTags tags = prices.priceTags();
            Optional<CounterCut> own = asked.flatMap(cut -> cuts.propose(fabric, List.of(bolt), cut, tags));
            List<Bolt> others = asked.isPresent() && own.isEmpty() ? stock.boltsOf(List.of(fabric.id())) : List.of(bolt);
            String lack = asked.isPresent() && own.isEmpty() ? words.text("counter.bolt-short", bolt.code(), bolt.onHand()) : "";
            return found(fabric, Optional.of(bolt), others, asked, lack, tags);
        });
    }

    /** Words that are a fabric's as a whole, before a length is looked for in their end. */
    CounterAnswers.Few<CounterAnswer.ClothFound> find(CounterAsk ask) {
        Slice<Fabric> whole = fabrics.page(ask.all(), 0, SHOWN);
        boolean asLength = ask.cut().isPresent() && whole.isEmpty();
        Slice<Fabric> some = asLength ? fabrics.page(ask.words(), 0, SHOWN) : whole;
        List<Fabric> shown = exactly(ask.words(), some);
        Map<Long, List<Bolt>> bolts = stock.boltsOf(shown.stream().map(Fabric::id).toList()).stream()
                .collect(Collectors.groupingBy(Bolt::fabricId));
        PriceTags tags = prices.priceTags();
        return new CounterAnswers.Few<>(
                shown.stream().map(fabric -> found(
                        fabric, Optional.empty(), bolts.getOrDefault(fabric.id(), List.of()), ask.cut().filter(cut -> asLength), "", tags))
                        .toList(),
                some.hasNext() && shown.size() > 1);
    }

    /** One whose code was typed in full is meant, though others have it in their names. */
    private static List<Fabric> exactly(String typed, Slice<Fabric> some) {
        List<Fabric> exact = some.stream().filter(fabric -> fabric.code().equalsIgnoreCase(typed)).toList();
        return exact.isEmpty() ? some.getContent() : exact;
    }

    private CounterAnswer.ClothFound found(
            Fabric fabric, Optional<Bolt> named, List<Bolt> bolts, Optional<CounterAsk.Cut> asked, String lack,
            PriceTags tags) {
        Optional<CounterCut> cut = asked.flatMap(length -> cuts.propose(fabric, bolts, length, tags));
        Optional<Bolt> longest = bolts.stream().max(Comparator.comparing(Bolt::free).thenComparing(Bolt::onHand));
        Length most = longest.map(Bolt::free).orElse(Length.ZERO);
        String none = asked.isPresent() && cut.isEmpty()
                ? words.of(Problem.of(
                        "counter.too-long", asked.get().length(),
                        bolts.stream().map(Bolt::onHand).max(Length::compareTo).orElse(Length.ZERO)))
                : lack;
        List<Bolt> told = named.map(List::of).orElse(bolts);
        return new CounterAnswer.ClothFound(
                fabric, named, LengthView.onHand(told.stream().map(Bolt::free).reduce(Length.ZERO, Length::plus), words.sellingUnit()),
                LengthView.onHand(most, words.sellingUnit()), told.stream().filter(bolt -> bolt.free().isPositive()).count(),
                named.or(() -> longest).map(Bolt::place).orElse(""),
                tags.of(fabric, Length.of(1, 1, words.sellingUnit())).map(MoneyText::of).orElse(""), cut, none);
    }
}
