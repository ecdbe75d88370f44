package retazo.app.counter;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.kits.possible.KitPrices;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.runs.KitsAtHand;
import retazo.app.runs.progress.KitDemand;
import retazo.app.shared.Words;
import retazo.core.bolt.KitsPossible;

/** Finds kits by their names and by the colours that are seen in them: those on the shelf first. */
@Component
class KitFinder {

    private static final int SHOWN = 6;

    private final KitIndex index;
    private final KitBook kits;
    private final PossibleKits possible;
    private final KitPrices prices;
    private final KitDemand demand;
    private final KitsAtHand atHand;
    private final Words words;

    KitFinder(
            KitIndex index, KitBook kits, PossibleKits possible, KitPrices prices, KitDemand demand, KitsAtHand atHand, Words words) {
        this.index = index;
        this.kits = kits;
        this.possible = possible;
        this.prices = prices;
        this.demand = demand;
        this.atHand = atHand;
        this.words = words;
    }

    CounterAnswers.Few<CounterAnswer.KitFound> find(String asked) {
        Slice<KitTitle> found = index.shelfFirst(asked, 0, SHOWN);
        List<Kit> shown = kits.inOrder(found.map(KitTitle::id).getContent());
        List<Long> ids = shown.stream().map(Kit::id).toList();
        List<KitsPossible> possibles = possible.of(shown);
        KitPrices.Told told = prices.of(shown);
        KitsAtHand.AtHand there = atHand.of(ids);
        Map<Long, KitDemand.Demand> demands = demand.of(ids);
        return new CounterAnswers.Few<>(
                IntStream.range(0, shown.size()).mapToObj(i -> {
                    Kit kit = shown.get(i);
                    KitsPossible can = possibles.get(i);
                    KitDemand.Demand of = demands.getOrDefault(kit.id(), KitDemand.Demand.NONE);
                    return new CounterAnswer.KitFound(
                            kit, told.size(kit), there.free(kit.id()), there.aside(kit.id()), there.next(kit.id()), can.bags().value(),
                            words.list(kit.names(can.stoppedBy())), of.underWay(), of.wished(), told.price(kit));
                }).toList(),
                found.hasNext());
    }
}
