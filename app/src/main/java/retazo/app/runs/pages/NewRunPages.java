package retazo.app.runs.pages;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.SliceImpl;
import org.springframework.stereotype.Component;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;

/** Where a run is asked for: the kits that have a number of bags already, and those that are looked for. */
@Component
class NewRunPages {

    private static final int FOUND_AT_ONCE = 20;

    private final KitIndex kits;

    NewRunPages(KitIndex kits) {
        this.kits = kits;
    }

    /**
     * The page.
     *
     * @param words  looked for
     * @param chosen kits with a number of bags
     * @param found  kits without one in whose names the words are
     * @param more   whether there are more of those
     */
    record Page(String words, RunForm form, List<KitTitle> chosen, List<KitTitle> found, boolean more) {

        /** Whether the shop has no kit at all. */
        public boolean isEmpty() {
            return words.isBlank() && chosen.isEmpty() && found.isEmpty();
        }
    }

    /** Words that look for nothing find all kits; where it is asked from a kit, the sizes of that. */
    Page page(RunForm form, String words, Optional<Long> fromKit) {
        Map<Long, KitTitle> known = known(form);
        List<KitTitle> chosen = form.typedIds().stream().filter(known::containsKey).map(known::get).toList();
        Slice<KitTitle> found = fromKit.filter(id -> words.isBlank()).<Slice<KitTitle>>map(id -> new SliceImpl<>(kits.ofColourway(id)))
                .orElseGet(() -> kits.find(words, 0, FOUND_AT_ONCE));
        return new Page(words, form, chosen, found.filter(kit -> !chosen.contains(kit)).toList(), found.hasNext());
    }

    /** The kits of the numbers that were typed. */
    Map<Long, KitTitle> known(RunForm form) {
        return kits.titles(form.typedIds());
    }
}
