package retazo.app.buying;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.KitBook;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.stock.KitShelf;
import retazo.core.measure.Length;

/** The kits of a fabric, and what a bag of each takes of it. */
@Service
@Transactional(readOnly = true)
public class FabricKits {

    private static final int MOST = 40;

    private final KitBook kits;
    private final KitIndex index;
    private final KitLengths lengths;
    private final KitShelf shelf;

    FabricKits(KitBook kits, KitIndex index, KitLengths lengths, KitShelf shelf) {
        this.kits = kits;
        this.index = index;
        this.lengths = lengths;
        this.shelf = shelf;
    }

    /** A kit of the fabric; {@code one} is what a bag takes of it. */
    public record OfKit(long id, String name, Length one, long onShelf) {
    }

    /** The newest of the kits of a fabric; {@code all} counts the others too. */
    public record Page(List<OfKit> kits, int all) {
    }

    public Page of(long fabricId) {
        List<Long> ids = kits.idsOfFabric(fabricId);
        List<Long> newest = ids.stream().sorted(java.util.Comparator.reverseOrder()).limit(MOST).toList();
        Map<Long, Map<Long, Length>> bags = lengths.of(newest);
        Map<Long, KitTitle> titles = index.titles(newest);
        Map<Long, KitShelf.KitCount> there = shelf.counts(newest);
        return new Page(
                newest.stream().filter(id -> titles.containsKey(id) && bags.getOrDefault(id, Map.of()).containsKey(fabricId))
                        .map(id -> new OfKit(
                                id, requireNonNull(titles.get(id)).name(), requireNonNull(requireNonNull(bags.get(id)).get(fabricId)),
                                Optional.ofNullable(there.get(id)).map(KitShelf.KitCount::onHand).orElse(0L)))
                        .toList(),
                ids.size());
    }
}
