package retazo.app.kits;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;

/** Remembers which left-overs are kept of which kit, and which kits take them. */
@Component
public class LeftOverBook {

    private final KeptLeftOverRepository kept;
    private final TakenLeftOverRepository taken;
    private final GoodService goods;

    LeftOverBook(KeptLeftOverRepository kept, TakenLeftOverRepository taken, GoodService goods) {
        this.kept = kept;
        this.taken = taken;
        this.goods = goods;
    }

    /** By kit; none for a kit that keeps and takes nothing. */
    Map<Long, KitLeftOvers> of(Collection<Long> kitIds) {
        List<KeptLeftOverEntity> allKept = kept.findByKitIdInOrderByIdAsc(kitIds);
        List<TakenLeftOverEntity> allTaken = taken.findByKeyKitIdInOrderByKeyGoodIdAsc(kitIds);
        if (allKept.isEmpty() && allTaken.isEmpty()) {
            return Map.of();
        }
        Map<Long, Good> byId = goods.byIds(Stream.concat(
                allKept.stream().map(KeptLeftOverEntity::goodId), allTaken.stream().map(one -> one.key().goodId()))
                .collect(Collectors.toSet()));
        Map<Long, KitLeftOvers> byKit = new HashMap<>();
        for (Long kitId : kitIds) {
            byKit.put(kitId, new KitLeftOvers(
                    allKept.stream().filter(one -> one.kitId() == kitId).map(one -> one.toKept(requireNonNull(byId.get(one.goodId()))))
                            .toList(),
                    allTaken.stream().filter(one -> one.key().kitId() == kitId).map(one -> byId.get(one.key().goodId())).toList()));
        }
        return byKit;
    }

    /** Keeps a size of rest, for a kit that takes it or for the shelf. */
    public void keep(KeptLeftOverEntity.Source source, Good good, Optional<Long> forKitId, Decision decision) {
        kept.saveAndFlush(KeptLeftOverEntity.of(source, good, forKitId, decision));
        forKitId.ifPresent(kitId -> take(kitId, good.id(), decision));
    }

    /** Keeps it no longer; the kit it was for does without. What is in stock stays there. */
    public void takeBack(KitLeftOvers.Kept one) {
        kept.deleteById(one.id());
        one.forKitId().ifPresent(kitId -> doWithout(kitId, one.good().id()));
        kept.flush();
    }

    public void take(long kitId, long goodId, Decision decision) {
        if (!taken.existsById(new TakenLeftOverEntity.Key(kitId, goodId))) {
            taken.saveAndFlush(TakenLeftOverEntity.of(new TakenLeftOverEntity.Key(kitId, goodId), decision));
        }
    }

    public void doWithout(long kitId, long goodId) {
        if (taken.existsById(new TakenLeftOverEntity.Key(kitId, goodId))) {
            taken.deleteById(new TakenLeftOverEntity.Key(kitId, goodId));
            taken.flush();
        }
    }
}
