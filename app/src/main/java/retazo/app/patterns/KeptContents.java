package retazo.app.patterns;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileReader;
import tools.jackson.databind.json.JsonMapper;

/** What versions of patterns are, read and checked once: a version never changes, so what was read of it last is kept. */
@Component
class KeptContents {

    private static final int MOST_VERSIONS = 600;

    private final PatternVersionRepository versions;
    private final JsonMapper json;
    private final Cache<Long, PatternContent> kept = Caffeine.newBuilder().maximumSize(MOST_VERSIONS).build();

    KeptContents(PatternVersionRepository versions, JsonMapper json) {
        this.versions = versions;
        this.json = json;
    }

    /** By the ids of the versions. */
    Map<Long, PatternContent> of(Collection<Long> ids) {
        Map<Long, PatternContent> contents = new HashMap<>(kept.getAllPresent(ids));
        List<Long> missing = ids.stream().filter(id -> !contents.containsKey(id)).distinct().toList();
        if (!missing.isEmpty()) {
            versions.documents(missing).forEach(found -> {
                PatternContent content = read(found.getId(), found.getDocument());
                kept.put(found.getId(), content);
                contents.put(found.getId(), content);
            });
        }
        return contents;
    }

    private PatternContent read(long id, String document) {
        return PatternFileReader.read(json.readTree(document)).match(
                content -> content,
                problems -> {
                    throw new IllegalStateException("Version " + id + " of a pattern cannot be read: " + problems);
                });
    }
}
