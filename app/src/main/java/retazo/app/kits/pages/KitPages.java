package retazo.app.kits.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Words;
import retazo.app.stock.KitShelf;
import retazo.app.stock.goods.Good;
import retazo.core.bolt.KitsPossible;

/** What the list of kits and the page of one kit show. */
@Component
class KitPages {

    private final KitBook kits;
    private final KitWorks works;
    private final PatternService patterns;
    private final KitShelf shelf;
    private final PracticeService practice;
    private final Words words;

    KitPages(KitBook kits, KitWorks works, PatternService patterns, KitShelf shelf, PracticeService practice, Words words) {
        this.kits = kits;
        this.works = works;
        this.patterns = patterns;
        this.shelf = shelf;
        this.practice = practice;
        this.words = words;
    }

    /** A kit in the list. */
    record Listed(Kit kit, QuiltPicture picture, long possible, String stops, long onShelf) {
    }

    /**
     * The list of kits.
     *
     * @param search   what was searched for
     * @param patterns of which a kit can be made
     * @param prints   the fabrics that are drawn
     */
    record ListPage(String search, List<Listed> kits, List<PatternVersion> patterns, List<Fabric> prints) {
    }

    ListPage list(String search) {
        String lower = search.strip().toLowerCase(Locale.ROOT);
        List<Listed> found = kits.all().stream()
                .filter(kit -> kit.name().toLowerCase(Locale.ROOT).contains(lower))
                .map(this::listed)
                .toList();
        List<Fabric> prints = found.stream().flatMap(one -> one.kit().fabrics().values().stream()).distinct().toList();
        return new ListPage(search, found, patterns.newest(PatternSearch.byName("")), prints);
    }

    private Listed listed(Kit kit) {
        KitsPossible possible = works.possible(works.work(kit));
        List<String> names = new ArrayList<>(kit.lettersByFabric().keySet().stream()
                .filter(fabric -> possible.stoppedBy().contains(fabric.code()))
                .map(Fabric::name)
                .toList());
        kit.goodsByCode().values().stream().filter(good -> possible.stoppedBy().contains(good.code())).map(Good::name).forEach(names::add);
        return new Listed(
                kit, QuiltPicture.of("kit-" + kit.id(), kit.pattern().design(), kit.size(), kit::ink),
                possible.bags().value(), String.join(" and ", names), onShelf(kit.id()));
    }

    private long onShelf(long kitId) {
        return Optional.ofNullable(shelf.counts().get(kitId)).map(KitShelf.KitCount::onHand).orElse(0L);
    }

    /** One kit, with the arithmetic of a figure open. */
    KitPage page(long id, Optional<String> figure) {
        KitWork work = works.work(kits.kit(id));
        return KitPage.of(
                work, new KitPage.Known(works.possible(work), onShelf(id), works.savedByPlan(work), works.costs(work)),
                practice.practice().sellingUnit(), figure, words);
    }
}
