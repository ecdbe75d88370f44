package retazo.app.patterns;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileReader;
import retazo.app.shared.Outcome;
import tools.jackson.databind.json.JsonMapper;

/**
 * What versions of patterns are, read and checked once: a version never changes, so what was read of it last is kept. One that was kept by
 * rules that are no longer those of today may not be readable; it takes nothing else with it.
 */
@Component
class KeptContents {

    private static final Logger LOG = LoggerFactory.getLogger(KeptContents.class);
    private static final int MOST_VERSIONS = 600;

    private final PatternVersionRepository versions;
    private final JsonMapper json;
    private final Cache<Long, Outcome<PatternContent>> kept = Caffeine.newBuilder().maximumSize(MOST_VERSIONS).build();

    KeptContents(PatternVersionRepository versions, JsonMapper json) {
        this.versions = versions;
        this.json = json;
    }

    /** By the ids of the versions; refused where one cannot be read. */
    Map<Long, Outcome<PatternContent>> of(Collection<Long> ids) {
        Map<Long, Outcome<PatternContent>> contents = new HashMap<>(kept.getAllPresent(ids));
        List<Long> missing = ids.stream().filter(id -> !contents.containsKey(id)).distinct().toList();
        if (!missing.isEmpty()) {
            versions.documents(missing).forEach(found -> {
                Outcome<PatternContent> content = read(found.getId(), found.getDocument());
                kept.put(found.getId(), content);
                contents.put(found.getId(), content);
            });
        }
        return contents;
    }

    private Outcome<PatternContent> read(long id, String document) {
        return PatternFileReader.read(json.readTree(document)).match(
                Outcome::done,
                problems -> {
                    LOG.error("A version of a pattern cannot be read: id={} problems='{}'", id, problems);
                    return Outcome.refused(problems);
                });
    }
}
