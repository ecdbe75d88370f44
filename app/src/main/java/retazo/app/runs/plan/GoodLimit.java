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
 * How many bags of each kit the counted stock allows beside a plan: what the planned bags pick is gone, and of the rest what is picked for
 * the first kit is gone for the next.
 *
 * @param quantities at least as many as planned, at most as many as asked
 * @param shortages  what there is not enough of for all that is asked
 */
public record GoodLimit(List<Integer> quantities, List<Shortage> shortages) {

    /** A good of which some are missing. */
    public record Shortage(Good good, long missing) {
    }

    /**
     * Of the goods that are free.
     *
     * @param asked   how many bags of each kit
     * @param planned how many of them are planned already
     */
    public static GoodLimit of(
            List<KitWork> works, List<Integer> asked, List<Integer> planned, Map<Long, GoodService.GoodCount> counts) {
        Map<Long, Long> left = new HashMap<>();
        counts.forEach((id, count) -> left.put(id, count.free()));
        Map<Good, Long> wanted = new LinkedHashMap<>();
        for (int i = 0; i < works.size(); i++) {
            int bags = asked.get(i);
            works.get(i).picked().forEach((good, each) -> wanted.merge(good, each.value() * bags, Long::sum));
            pick(works.get(i), planned.get(i), left);
        }
        List<Integer> quantities = new ArrayList<>();
        for (int i = 0; i < works.size(); i++) {
            int more = most(works.get(i), asked.get(i) - planned.get(i), left);
            pick(works.get(i), more, left);
            quantities.add(planned.get(i) + more);
        }
        return new GoodLimit(quantities, wanted.entrySet().stream()
                .map(entry -> new Shortage(entry.getKey(), entry.getValue() - requireNonNull(counts.get(entry.getKey().id())).free()))
                .filter(shortage -> shortage.missing() > 0)
                .toList());
    }

    private static int most(KitWork work, int asked, Map<Long, Long> left) {
        int most = asked;
        for (Map.Entry<Good, Count> entry : work.picked().entrySet()) {
            most = (int) Math.min(most, left.getOrDefault(entry.getKey().id(), 0L) / entry.getValue().value());
        }
        return most;
    }

    private static void pick(KitWork work, int bags, Map<Long, Long> left) {
        work.picked().forEach((good, each) -> left.merge(good.id(), -each.value() * bags, Long::sum));
    }
}
