package retazo.app.counter;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.shared.Words;

/** Finds what the shop has for what is asked at the counter. */
@Component
class CounterAnswers {

    private static final int PATTERNS = 3;

    private final BagFinder bags;
    private final KitFinder kits;
    private final PatternService patterns;
    private final ClothFinder cloths;
    private final GoodFinder goods;
    private final Words words;

    CounterAnswers(BagFinder bags, KitFinder kits, PatternService patterns, ClothFinder cloths, GoodFinder goods, Words words) {
        this.bags = bags;
        this.kits = kits;
        this.patterns = patterns;
        this.cloths = cloths;
        this.goods = goods;
        this.words = words;
    }

    /** A few of one kind. */
    record Few<T>(List<T> found, boolean more) {
    }

    /** What was found; nothing for nothing typed. A bag or a bolt that is named by its whole number is the whole answer. */
    @Transactional(readOnly = true)
    Optional<CounterAnswer> answer(String typed) {
        CounterAsk ask = CounterAsk.of(typed, words.sellingUnit());
        if (ask.isNothing()) {
            return Optional.empty();
        }
        Optional<CounterAnswer.BagFound> bag = bags.named(ask.all());
        if (bag.isPresent()) {
            return Optional.of(new CounterAnswer(ask, bag, List.of(), List.of(), List.of(), List.of(), List.of()));
        }
        Optional<CounterAnswer.ClothFound> bolt = cloths.bolt(ask);
        if (bolt.isPresent()) {
            return Optional.of(new CounterAnswer(ask, Optional.empty(), List.of(), List.of(), List.of(bolt.get()), List.of(), List.of()));
        }
        Few<CounterAnswer.KitFound> kit = kits.find(ask.all());
        PatternService.Found pattern = patterns.page(PatternSearch.byName(ask.all()), 0, PATTERNS);
        Few<CounterAnswer.ClothFound> cloth = cloths.find(ask);
        Few<CounterAnswer.GoodFound> good = goods.find(ask.all());
        return Optional.of(new CounterAnswer(
                ask, Optional.empty(), kit.found(), pattern.patterns(), cloth.found(), good.found(),
                List.of(
                        more(kit.more(), "counter.more-kits"), more(pattern.more(), "counter.more-patterns"),
                        more(cloth.more(), "counter.more-cloths"), more(good.more(), "counter.more-goods")).stream()
                        .flatMap(Optional::stream).toList()));
    }

    private Optional<String> more(boolean more, String sentence) {
        return more ? Optional.of(words.text(sentence)) : Optional.empty();
    }
}
