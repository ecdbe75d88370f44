package retazo.app.counter;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.PriceTags;
import retazo.app.practice.PracticeService;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.CounterChoice;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.Tolerance;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** Proposes the bolt from which a length is cut. */
@Component
class CounterCuts {

    private final PracticeService practice;
    private final Words words;

    CounterCuts(PracticeService practice, Words words) {
        this.practice = practice;
        this.words = words;
    }

    /** From the best of these bolts of a fabric; empty where none has so much in one piece. */
    Optional<CounterCut> propose(Fabric fabric, List<Bolt> bolts, CounterAsk.Cut cut, PriceTags tags) {
        return choose(bolts, cut.length(), practice.practice()).map(bolt -> proposal(fabric, bolt, cut, tags));
    }

    /** From what is surely free; else from what is free by the book; else from what is there at all. */
    private static Optional<Bolt> choose(List<Bolt> bolts, Length length, ShopPractice shop) {
        RestRule rests = RestRule.of(shop);
        Tolerance tolerance = Tolerance.of(shop);
        List<BoltStock> surely = bolts.stream().map(bolt -> bolt.toStock(tolerance)).toList();
        List<BoltStock> free = bolts.stream().map(Bolt::toStock).toList();
        List<BoltStock> whole = bolts.stream().map(Bolt::toWholeStock).toList();
        return CounterChoice.best(surely, length, rests)
                .or(() -> CounterChoice.best(free, length, rests))
                .or(() -> CounterChoice.best(whole, length, rests))
                .flatMap(best -> bolts.stream().filter(bolt -> bolt.key().equals(best.id())).findFirst());
    }

    private CounterCut proposal(Fabric fabric, Bolt bolt, CounterAsk.Cut cut, PriceTags tags) {
        LengthUnit unit = words.sellingUnit();
        Length rest = bolt.onHand().minus(cut.length());
        Length eaten = cut.length().minus(bolt.free()).atLeast(Length.ZERO);
        return new CounterCut(
                bolt, LengthView.of(cut.length(), unit), cut.typed(),
                cut.perhaps().map(other -> LengthParts.of(other, unit).plainText()).orElse(""),
                tags.of(fabric, cut.length()).map(MoneyText::of).orElse(""), LengthView.onHand(rest, unit),
                words.text("rest." + RestRule.of(practice.practice()).kindOf(rest)), eaten.isPositive(), LengthView.of(eaten, unit));
    }
}
