package retazo.app.stock.bolts;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.practice.PracticeService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.LengthView;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.CounterChoice;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.Tolerance;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.measure.TypedLength;

/** Lengths sold over the counter: proposes the bolt, then books the cut. */
@Service
class CounterService {

    private static final Length LONGEST_CUT = Length.ofYards(100, 1);
    private static final int NAMED = 6;

    private final Entries entries;
    private final StockService stock;
    private final FabricService fabrics;
    private final PracticeService practice;
    private final Words words;

    CounterService(Entries entries, StockService stock, FabricService fabrics, PracticeService practice, Words words) {
        this.entries = entries;
        this.stock = stock;
        this.fabrics = fabrics;
        this.practice = practice;
        this.words = words;
    }

    /** The bolt to cut from: the one whose number was typed, else the best one of the fabric. */
    @Transactional(readOnly = true)
    Outcome<CounterProposal> propose(CounterCutForm form) {
        ShopPractice shop = practice.practice();
        FieldReader reader = new FieldReader();
        String what = reader.text("what", form.what(), 100);
        Length length = reader.lengthAboveZero("length", form.length(), shop.sellingUnit(), LONGEST_CUT);
        if (reader.anyProblem()) {
            return Outcome.refused(reader.problems());
        }
        Optional<Bolt> named = stock.boltByCode(what);
        List<Fabric> found = named.isPresent() ? List.of(fabrics.fabric(named.get().fabricId())) : matching(what);
        if (found.size() != 1) {
            String code = found.isEmpty() ? "counter.unknown" : "counter.several";
            return Outcome.refused(Problem.at("what", code, what, names(found)));
        }
        List<Bolt> bolts = named.map(List::of).orElseGet(() -> stock.boltsOf(List.of(found.get(0).id())));
        return choose(bolts, length, shop)
                .map(bolt -> Outcome.done(proposal(form, bolt, found.get(0), length, shop)))
                .orElseGet(() -> Outcome.refused(Problem.at(
                        "length", "counter.too-long", length,
                        bolts.stream().map(Bolt::onHand).max(Length::compareTo).orElse(Length.ZERO))));
    }

    private List<Fabric> matching(String what) {
        return fabrics.named(what).map(List::of).orElseGet(() -> fabrics.first(what, NAMED));
    }

    private static String names(List<Fabric> found) {
        return String.join(", ", found.stream().map(Fabric::picked).toList());
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

    private CounterProposal proposal(CounterCutForm form, Bolt bolt, Fabric fabric, Length length, ShopPractice shop) {
        LengthUnit unit = shop.sellingUnit();
        Length rest = bolt.onHand().minus(length);
        Length eaten = length.minus(bolt.free()).atLeast(Length.ZERO);
        String perhaps = LengthText.read(form.typedLength(), unit).match(
                read -> read.perhaps().map(other -> LengthParts.of(other, unit).plainText()).orElse(""), fault -> "");
        return new CounterProposal(
                form.entryId(), new CounterProposal.From(bolt.id(), bolt.code(), fabric, bolt.lot(), bolt.place()),
                LengthView.of(length, unit),
                form.typedLength(), perhaps, LengthView.onHand(rest, unit), words.text("rest." + RestRule.of(shop).kindOf(rest)),
                eaten.isPositive(), LengthView.of(eaten, unit));
    }

    /** How much was asked for; zero for what is no length. */
    Length asked(CounterCutForm form) {
        return LengthText.read(form.typedLength(), practice.practice().sellingUnit()).understood().map(TypedLength::length)
                .orElse(Length.ZERO);
    }

    /** Books the cut that was shown; cloth that is reserved only when that was said. */
    @Transactional
    Outcome<Long> cut(CounterCutForm form, long personId) {
        FieldReader reader = new FieldReader();
        Length length = reader.lengthAboveZero("length", form.length(), practice.practice().sellingUnit(), LONGEST_CUT);
        Long boltId = form.boltId();
        if (boltId == null) {
            reader.add(Problem.at("what", "counter.no-bolt"));
        }
        if (reader.anyProblem() || boltId == null) {
            return Outcome.refused(reader.problems());
        }
        return entries.once(
                Entry.of(personId, form.entryId()), "counter cut " + boltId + " " + length,
                within -> cutOff(boltId, length, form.sellsReserved(), within));
    }

    private Outcome<Long> cutOff(long boltId, Length length, boolean sellsReserved, Entry entry) {
        Bolt bolt = stock.lockBolts(List.of(boltId)).stream().findFirst()
                .orElseThrow(() -> new NotFoundException("bolt", boltId));
        if (length.isLongerThan(bolt.free()) && !length.isLongerThan(bolt.onHand()) && !sellsReserved) {
            return Outcome.refused(Problem.at("length", "counter.reserved", bolt.free()));
        }
        return stock.take(bolt.id(), length, Reason.SOLD_BY_LENGTH, entry);
    }
}
