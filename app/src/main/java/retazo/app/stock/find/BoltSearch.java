package retazo.app.stock.find;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.SearchWords;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockItemRepository;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** Finds bolts by what a person holds in the hand: number, lot, place, and the code, name and colour of the fabric. */
@Service
@Transactional(readOnly = true)
public class BoltSearch {

    private final StockItemRepository items;
    private final StockService stock;

    BoltSearch(StockItemRepository items, StockService stock) {
        this.items = items;
        this.stock = stock;
    }

    /** A page of the bolts with something on hand that stand at a place, by their numbers; pages count from 0. */
    @Transactional(readOnly = true)
    public Slice<Bolt> at(String place, int page, int size) {
        Slice<Long> ids = items.boltsAt(place, PageRequest.of(page, size));
        Map<Long, Bolt> byId = stock.boltsById(ids.getContent());
        return ids.map(byId::get);
    }

    /**
     * Bolts with something on hand, the shortest first.
     *
     * @param place     or the bay that it is in; empty for anywhere
     * @param fabricIds none for all
     * @param whole     whether those that nobody cut from are among them
     */
    public List<Bolt> heap(String place, Collection<Long> fabricIds, boolean whole, int most) {
        String ids = fabricIds.stream().map(String::valueOf).collect(Collectors.joining("\n"));
        return List.copyOf(stock.boltsById(items.heap(place, ids, whole, Limit.of(most))).values());
    }

    /** How many bolts stand at each place; a place without any is absent. */
    @Transactional(readOnly = true)
    public Map<String, Long> countsByPlace() {
        return items.boltsByPlace().stream()
                .collect(Collectors.toMap(StockItemRepository.PlaceCount::getPlace, StockItemRepository.PlaceCount::getBolts));
    }

    /** How long the bolt of a fabric was that came last; empty where none ever did. */
    @Transactional(readOnly = true)
    public Optional<Length> lastBolt(long fabricId) {
        return items.lastBolt(fabricId).map(Length::new);
    }

    /** Whether the shop ever had a bolt. */
    @Transactional(readOnly = true)
    public boolean any() {
        return items.anyBolt();
    }

    /** A page of the bolts with something on hand that came under an entry, by their numbers; pages count from 0. */
    @Transactional(readOnly = true)
    public List<Bolt> cameWith(UUID entry, int page, int size) {
        List<Long> ids = items.boltsOfEntry(entry, PageRequest.of(page, size));
        Map<Long, Bolt> byId = stock.boltsById(ids);
        return ids.stream().map(byId::get).toList();
    }

    /** Bolts with something on hand in which all of these words are, by their numbers; those first in which they stand as typed. */
    public List<Bolt> held(String words, int most) {
        List<Long> ids = items.boltsLike(SearchWords.likes(words), words.strip().toLowerCase(Locale.ROOT), Limit.of(most));
        Map<Long, Bolt> byId = stock.boltsById(ids);
        return ids.stream().map(byId::get).toList();
    }

    /** A page of the ids of fabrics, by name, in which or in one of whose bolts all of these words are; pages count from 0. */
    public Slice<Long> fabrics(String words, int page, int size) {
        return items.fabricsLike(SearchWords.likes(words), PageRequest.of(page, size));
    }
}
