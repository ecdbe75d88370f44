package retazo.app.runs.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.app.kits.KitWork;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Count;

/**
 * How many bags of each kit the counted stock allows, in the order asked: what is picked for the first kit is gone for the
 * next.
 *
 * @param quantities at most as many as asked
 * @param shortages  what there is not enough of for all that is asked
 */
public record GoodLimit(List<Integer> quantities, List<Shortage> shortages) {

    /** A good of which some are missing. */
    public record Shortage(Good good, long missing) {
    }

    public static GoodLimit of(List<KitWork> works, List<Integer> asked, Map<Long, GoodService.GoodCount> counts) {
        Map<Long, Long> left = new HashMap<>();
        counts.forEach((id, count) -> left.put(id, count.free()));
        Map<Good, Long> wanted = new LinkedHashMap<>();
        List<Integer> quantities = new ArrayList<>();
        for (int i = 0; i < works.size(); i++) {
            Map<Good, Count> picked = works.get(i).picked();
            int quantity = asked.get(i);
            for (Map.Entry<Good, Count> entry : picked.entrySet()) {
                Good good = entry.getKey();
                wanted.merge(good, entry.getValue().value() * asked.get(i), Long::sum);
                quantity = (int) Math.min(quantity, left.getOrDefault(good.id(), 0L) / entry.getValue().value());
            }
            for (Map.Entry<Good, Count> entry : picked.entrySet()) {
                left.merge(entry.getKey().id(), -entry.getValue().value() * quantity, Long::sum);
            }
            quantities.add(quantity);
        }
        List<Shortage> shortages = wanted.entrySet().stream()
                .map(entry -> new Shortage(entry.getKey(), entry.getValue() - requireNonNull(counts.get(entry.getKey().id())).free()))
                .filter(shortage -> shortage.missing() > 0)
                .toList();
        return new GoodLimit(quantities, shortages);
    }
}
