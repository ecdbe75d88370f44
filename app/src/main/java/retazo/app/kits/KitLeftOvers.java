package retazo.app.kits;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import retazo.app.stock.goods.Good;
import retazo.core.cutting.LaidCloth;
import retazo.core.cutting.RestUse;
import retazo.core.measure.Length;

/**
 * What becomes of a kit's left-overs, and which of others it takes.
 *
 * @param kept  of its own cloths, each size once
 * @param taken by its bags, as long as there are some
 */
public record KitLeftOvers(List<Kept> kept, List<Good> taken) {

    static final KitLeftOvers NONE = new KitLeftOvers(List.of(), List.of());

    public KitLeftOvers {
        kept = List.copyOf(kept);
        taken = List.copyOf(taken);
    }

    /**
     * A size of rest that the shop keeps.
     *
     * @param good     what it becomes in stock
      * @param forKitId for which kit it was accepted; empty for the shelf
     */
    public record Kept(
            long id, long fabricId, Length width, Length height, Good good, Optional<Long> forKitId, long personId, Instant at) {

        /** How many of the good the rests of one bag give, if these are its rests; none of others. */
        int eachBag(LaidCloth.Rests rests, Length usableWidth) {
            boolean same = rests.width().equals(width) && rests.height().equals(height);
            return same
                    ? Math.toIntExact(rests.count() * good.precut().map(kind -> RestUse.shopCuts(rests, kind, usableWidth)).orElse(1L))
                    : 0;
        }
    }

    /** Those of one fabric. */
    public List<Kept> keptOf(long fabricId) {
        return kept.stream().filter(one -> one.fabricId() == fabricId).toList();
    }

    List<Good> takenBut(long fabricId) {
        return taken.stream().filter(good -> good.piece().orElseThrow().fabricId() != fabricId).toList();
    }

    List<Good> takenOf(long fabricId) {
        return taken.stream().filter(good -> good.piece().orElseThrow().fabricId() == fabricId).toList();
    }
}
