package retazo.app.kits.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.MarginText;
import retazo.app.practice.PracticeService;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Sets the kits by one practice beside the same by another. */
@Service
@Transactional(readOnly = true)
class PracticeEffects {

    /** Each is planned twice. */
    private static final int KITS_AT_ONCE = 100;

    private final KitIndex index;
    private final KitBook kits;
    private final KitWorks works;
    private final PatternService patterns;
    private final PracticeService practice;
    private final Words words;

    PracticeEffects(KitIndex index, KitBook kits, KitWorks works, PatternService patterns, PracticeService practice, Words words) {
        this.index = index;
        this.kits = kits;
        this.works = works;
        this.patterns = patterns;
        this.practice = practice;
        this.words = words;
    }

    /**
     * A kit whose cloth changes.
     *
     * @param then empty where it cannot be cut by those settings
     * @param more whether it takes more
     */
    record ChangedKit(String kit, LengthView now, Optional<LengthView> then, String difference, boolean more) {
    }

    /** Something with settings of its own. */
    record Own(String name, String address, String settings) {
    }

    /**
     * What some of the kits would take by other settings.
     *
     * @param changed those that take another length, in the order of the list of kits
     * @param first   number of the first that was looked at, from 1
     * @param last    number of the last
     * @param page    number of these kits among all, from 0
     * @param more    whether there are others after them
     */
    record Looked(List<ChangedKit> changed, int first, int last, int page, boolean more) {
    }

    /** Kits by these settings, a hundred at a time. */
    Looked of(ShopPractice tried, int page) {
        Slice<KitTitle> titles = index.find("", page, KITS_AT_ONCE);
        List<ChangedKit> changed = kits.inOrder(titles.map(KitTitle::id).getContent()).stream()
                .flatMap(kit -> changed(kit, tried).stream()).toList();
        int before = page * KITS_AT_ONCE;
        return new Looked(changed, before + 1, before + titles.getNumberOfElements(), page, titles.hasNext());
    }

    private Optional<ChangedKit> changed(Kit kit, ShopPractice tried) {
        LengthUnit unit = tried.sellingUnit();
        Length now = cloth(works.workBy(kit, practice.practice()));
        KitWork work = works.workBy(kit, tried);
        Length then = cloth(work);
        if (!work.problems().isEmpty()) {
            return Optional.of(new ChangedKit(kit.name(), LengthView.of(now, unit), Optional.empty(), "", true));
        }
        if (then.equals(now)) {
            return Optional.empty();
        }
        boolean more = then.isLongerThan(now);
        String by = LengthView.of(more ? then.minus(now) : now.minus(then), unit).plain();
        return Optional.of(new ChangedKit(
                kit.name(), LengthView.of(now, unit), Optional.of(LengthView.of(then, unit)),
                words.text(more ? "practice.more" : "practice.less", by), more));
    }

    private static Length cloth(KitWork work) {
        return work.lengths().values().stream().reduce(Length.ZERO, Length::plus);
    }

    /** Patterns, then kits, that do not follow the shop in everything. */
    List<Own> own() {
        List<Own> own = new ArrayList<>();
        for (PatternVersion pattern : patterns.newest(PatternSearch.byName(""))) {
            if (!pattern.design().overrides().isEmpty()) {
                own.add(new Own(pattern.name(), "/patterns/" + pattern.patternId() + "/about", measures(pattern.design().overrides())));
            }
        }
        for (Kit kit : kits.withOwnSettings()) {
            String margin = kit.settings().margin()
                    .map(one -> words.text("figure.practice.margin") + " " + MarginText.write(one, practice.practice().sellingUnit()))
                    .orElse("");
            String lay = kit.settings().longStrips()
                    .map(one -> words.text("practice.longStrips") + " " + words.text("practice.longStrips." + one)).orElse("");
            own.add(new Own(
                    kit.name(), "/kits/" + kit.id() + "/cloth",
                    Stream.of(measures(kit.settings().measures()), margin, lay).filter(text -> !text.isEmpty())
                            .collect(Collectors.joining(", "))));
        }
        return own;
    }

    private String measures(Map<PracticeMeasure, Length> measures) {
        return measures.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(one -> words.text("figure.practice." + one.getKey().key()) + " " + one.getValue())
                .collect(Collectors.joining(", "));
    }
}
