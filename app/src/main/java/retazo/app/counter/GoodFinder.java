package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import retazo.app.kits.KitWorks;
import retazo.app.kits.PriceTags;
import retazo.app.shared.MoneyText;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;

/** Finds packs, single prints, pattern copies and notions by code and name. */
@Component
class GoodFinder {

    private static final int SHOWN = 4;

    private final GoodService goods;
    private final KitWorks prices;

    GoodFinder(GoodService goods, KitWorks prices) {
        this.goods = goods;
        this.prices = prices;
    }

    CounterAnswers.Few<CounterAnswer.GoodFound> find(String asked) {
        Slice<Good> found = goods.page(asked, 0, SHOWN);
        List<Good> shown = found.getContent();
        Map<Long, GoodService.GoodCount> counts = goods.counts(shown.stream().map(Good::id).toList());
        PriceTags tags = prices.priceTags();
        return new CounterAnswers.Few<>(
                shown.stream().map(good -> new CounterAnswer.GoodFound(
                        good, requireNonNull(counts.get(good.id())).free(), tags.of(good).map(MoneyText::of).orElse(""))).toList(),
                found.hasNext());
    }
}
