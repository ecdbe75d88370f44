package retazo.app.kits.index;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.SliceImpl;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.SearchWords;

/** Finds kits by their names, a page at a time, by pattern, colourway and the order of sizes; pages count from 0. */
@Service
@Transactional(readOnly = true)
public class KitIndex {

    private final KitTitleRepository titles;

    KitIndex(KitTitleRepository titles) {
        this.titles = titles;
    }

    /** The kits in whose names, and in the colours seen in their fabrics, all of these words are; without those that have ended. */
    public Slice<KitTitle> find(String words, int page, int size) {
        return titles.find(SearchWords.likes(words), false, PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
    }

    /** The same of those whose line has ended. */
    public Slice<KitTitle> ended(String words, int page, int size) {
        return titles.find(SearchWords.likes(words), true, PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
    }

    /** The same, those on the shelf first; one that has ended while it is there. */
    public Slice<KitTitle> shelfFirst(String words, int page, int size) {
        return titles.shelfFirst(SearchWords.likes(words), PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
    }

    /** Those of them that have a place on the shelf. */
    public Slice<KitTitle> onShelf(String words, int page, int size) {
        return titles.onShelf(SearchWords.likes(words), PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
    }

    /** Some of those that are looked for, from a place in the order of names on, the first being 0. */
    public Slice<KitTitle> filtered(KitFilter filter, int from, int most) {
        List<KitTitle> found = titles.filtered(
                SearchWords.likes(filter.words()), filter.size(), filter.range(), filter.onShelf(), filter.lasts(), from, most + 1).stream()
                .map(KitTitleEntity::toTitle).toList();
        return new SliceImpl<>(found.subList(0, Math.min(most, found.size())), PageRequest.ofSize(most), found.size() > most);
    }

    /** The kits of the same size of the same pattern in other colours. */
    public List<KitTitle> otherColours(long kitId, int most) {
        return titles.otherColours(kitId, most).stream().map(KitTitleEntity::toTitle).toList();
    }

    /** The names of sizes that kits have, the most usual first. */
    public List<String> sizeNames() {
        return titles.sizeNames();
    }

    /** The ranges of the shop's fabrics, by name. */
    public List<String> ranges() {
        return titles.ranges();
    }

    /** The kits that are called so in full, whatever the case, by their names; several may share one, with and without a backing. */
    public List<KitTitle> named(Collection<String> names) {
        return titles.named(names.stream().map(name -> name.toLowerCase(Locale.ROOT)).distinct().collect(Collectors.joining("\n"))).stream()
                .map(KitTitleEntity::toTitle).toList();
    }

    /** The kit and those of its other sizes. */
    public List<KitTitle> ofColourway(long kitId) {
        return titles.ofColourway(kitId).stream().map(KitTitleEntity::toTitle).toList();
    }

    public Map<Long, KitTitle> titles(Collection<Long> kitIds) {
        return titles.findByIdIn(kitIds).stream().map(KitTitleEntity::toTitle)
                .collect(Collectors.toMap(KitTitle::id, Function.identity()));
    }
}
