package retazo.app.kits.index;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
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

    /** The kits in whose names, and in the colours that are seen in their fabrics, all of these words are. */
    public Slice<KitTitle> find(String words, int page, int size) {
        return titles.find(SearchWords.likes(words), PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
    }

    /** The same, those on the shelf first. */
    public Slice<KitTitle> shelfFirst(String words, int page, int size) {
        return titles.shelfFirst(SearchWords.likes(words), PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
    }

    /** Those of them that have a place on the shelf. */
    public Slice<KitTitle> onShelf(String words, int page, int size) {
        return titles.onShelf(SearchWords.likes(words), PageRequest.of(page, size)).map(KitTitleEntity::toTitle);
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
