package retazo.app.kits.pages;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.PriceTags;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.shared.Words;
import retazo.app.stock.KitShelf;
import retazo.app.stock.find.BoltSearch;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.KitsPossible;
import retazo.core.measure.Length;

/** What the list of kits and the page of one kit show. */
@Component
class KitPages {

    private static final int KITS_ON_A_PAGE = 24;

    private final KitBook kits;
    private final KitWorks works;
    private final PossibleKits possibleKits;
    private final KitIndex index;
    private final KitShelf shelf;
    private final GoodService goods;
    private final BoltSearch bolts;
    private final Words words;

    KitPages(KitBook kits, KitWorks works, PossibleKits possibleKits, KitIndex index, KitShelf shelf, GoodService goods,
            BoltSearch bolts, Words words) {
        this.kits = kits;
        this.works = works;
        this.possibleKits = possibleKits;
        this.index = index;
        this.shelf = shelf;
        this.goods = goods;
        this.bolts = bolts;
        this.words = words;
    }

    /** A kit in the list. */
    record Listed(Kit kit, long possible, String stops, long onShelf) {
    }

    /**
     * A page of the kits in whose names the words are.
     *
     * @param unread the names of kits whose pattern cannot be read by the rules of today
     * @param number of the page, from 0
     * @param ended  whether it is of those whose line has ended
     * @param more   whether another page follows
     */
    record ListPage(String search, boolean ended, List<Listed> kits, List<String> unread, int number, boolean more) {
    }

    @Transactional(readOnly = true)
    ListPage list(String search, boolean ended, int page) {
        Slice<KitTitle> found = ended ? index.ended(search, page, KITS_ON_A_PAGE) : index.find(search, page, KITS_ON_A_PAGE);
        List<Kit> shown = kits.inOrder(found.map(KitTitle::id).getContent());
        List<KitsPossible> possible = possibleKits.of(shown);
        Map<Long, KitShelf.KitCount> counts = shelf.counts(shown.stream().map(Kit::id).toList());
        List<Listed> lines = IntStream.range(0, shown.size())
                .mapToObj(i -> listed(shown.get(i), possible.get(i), onHand(counts, shown.get(i).id()))).toList();
        Set<Long> ids = shown.stream().map(Kit::id).collect(Collectors.toSet());
        List<String> unread = found.stream().filter(title -> !ids.contains(title.id())).map(KitTitle::name).toList();
        return new ListPage(search, ended, lines, unread, page, found.hasNext());
    }

    private Listed listed(Kit kit, KitsPossible possible, long onShelf) {
        return new Listed(kit, possible.bags().value(), words.list(kit.names(possible.stoppedBy())), onShelf);
    }

    private static long onHand(Map<Long, KitShelf.KitCount> counts, long kitId) {
        return Optional.ofNullable(counts.get(kitId)).map(KitShelf.KitCount::onHand).orElse(0L);
    }

    /** One kit, with the arithmetic of a figure open. */
    @Transactional(readOnly = true)
    KitPage page(long id, Optional<String> figure) {
        KitWork work = works.work(kits.kit(id));
        PriceTags tags = works.priceTags();
        KitsPossible possible = possibleKits.of(work.kit());
        return KitPage.of(
                work,
                new KitPage.Known(possible, onHand(shelf.counts(List.of(id)), id), works.savedByPlan(work),
                        works.costs(work), works.soldOtherwise(work),
                        goods.notions(), tags.of(work.kit(), work.bill()), tags.earning(work.kit(), work.bill()),
                        lastBolts(work.kit(), possible)),
                words.sellingUnit(), figure, words);
    }

    /** How long the last bolts were of the fabrics that stop the next bag, by their codes. */
    private Map<String, Length> lastBolts(Kit kit, KitsPossible possible) {
        Map<String, Length> last = new HashMap<>();
        Map<String, Long> ids = kit.fabricIdByCode();
        possible.stoppedBy().stream().filter(ids::containsKey).forEach(
                code -> bolts.lastBolt(requireNonNull(ids.get(code))).ifPresent(length -> last.put(code, length)));
        return last;
    }
}
