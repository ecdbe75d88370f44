package retazo.app.today;

import static java.util.Objects.requireNonNull;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.progress.KitDemand;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.app.stock.KitShelf;
import retazo.app.wishes.Wish;
import retazo.app.wishes.Wishes;

/** Kits that customers wait for and of which neither the shelf nor a run has enough. */
@Component
@Order(5)
class WishMatters implements Matters {

    private static final int MOST = 50;

    private final Wishes wishes;
    private final KitDemand demand;
    private final KitShelf shelf;
    private final KitIndex kits;
    private final Words words;

    WishMatters(Wishes wishes, KitDemand demand, KitShelf shelf, KitIndex kits, Words words) {
        this.wishes = wishes;
        this.demand = demand;
        this.shelf = shelf;
        this.kits = kits;
        this.words = words;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.RUNS);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        Map<Long, List<Wish>> byKit = wishes.open(MOST).stream()
                .collect(Collectors.groupingBy(Wish::kitId, LinkedHashMap::new, Collectors.toList()));
        if (byKit.isEmpty()) {
            return List.of();
        }
        Map<Long, KitDemand.Demand> demands = demand.of(byKit.keySet());
        Map<Long, KitShelf.KitCount> there = shelf.counts(byKit.keySet());
        Map<Long, KitTitle> titles = kits.titles(byKit.keySet());
        return byKit.entrySet().stream().flatMap(wished -> {
            long kit = wished.getKey();
            KitDemand.Demand of = requireNonNull(demands.get(kit));
            long lacks = of.wishedBeyond(Optional.ofNullable(there.get(kit)).map(KitShelf.KitCount::onHand).orElse(0L));
            return lacks > 0 ? Stream.of(matter(requireNonNull(titles.get(kit)), wished.getValue(), lacks)) : Stream.empty();
        }).toList();
    }

    private Matter matter(KitTitle kit, List<Wish> wished, long lacks) {
        return Matter.of(
                Matter.Urgency.DECIDE, words.text("today.wish", lacks, kit.name()),
                words.text("today.wish.why", words.list(wished.stream().map(Wish::name).distinct().toList())),
                "/runs/new?kit=" + kit.id() + "&bags%5B" + kit.id() + "%5D=" + lacks, words.text("today.wish.go"), Right.RUNS);
    }
}
