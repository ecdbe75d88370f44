package retazo.app.patterns;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;
import retazo.core.quilt.QuiltDesign;
import tools.jackson.databind.json.JsonMapper;

/** Keeps patterns: every change is a new version, and no version ever changes. */
@Service
public class PatternService {

    private final PatternRepository patterns;
    private final PatternVersionRepository versions;
    private final JsonMapper json;
    private final Clock clock;

    PatternService(PatternRepository patterns, PatternVersionRepository versions, JsonMapper json, Clock clock) {
        this.patterns = patterns;
        this.versions = versions;
        this.json = json;
        this.clock = clock;
    }

    /** The newest versions of the patterns whose name has these words in it, by name. */
    @Transactional(readOnly = true)
    public List<PatternVersion> newest(String words) {
        return versions.newest(words.strip()).stream().map(this::toVersion).toList();
    }

    @Transactional(readOnly = true)
    public PatternVersion newestOf(long patternId) {
        return versions.findFirstByPatternIdOrderByNumberDesc(patternId)
                .map(this::toVersion)
                .orElseThrow(() -> new NotFoundException("pattern", patternId));
    }

    /** Versions by their own ids. */
    @Transactional(readOnly = true)
    public Map<Long, PatternVersion> versions(Collection<Long> versionIds) {
        return versions.findByIdIn(versionIds).stream()
                .map(this::toVersion)
                .collect(Collectors.toMap(PatternVersion::id, version -> version));
    }

    @Transactional(readOnly = true)
    public PatternVersion version(long versionId) {
        return versions.findById(versionId)
                .map(this::toVersion)
                .orElseThrow(() -> new NotFoundException("version of a pattern", versionId));
    }

    /** Adds a pattern with its first version. */
    @Transactional
    public Outcome<PatternVersion> add(String name, QuiltDesign design, long personId) {
        if (patterns.findByNameIgnoreCase(name).isPresent()) {
            return Outcome.refused(Problem.at("name", "pattern.name-taken", name));
        }
        return Outcome.done(save(patterns.saveAndFlush(PatternEntity.of(name, clock.instant())), 1, design, personId));
    }

    /** Adds the next version; refused when somebody else added one since the form was opened. */
    @Transactional
    public Outcome<PatternVersion> change(long patternId, int seenNumber, String name, QuiltDesign design, long personId) {
        PatternVersionEntity newest = versions.findFirstByPatternIdOrderByNumberDesc(patternId)
                .orElseThrow(() -> new NotFoundException("pattern", patternId));
        if (newest.number() != seenNumber) {
            return Outcome.refused(Problem.of("pattern.changed-meanwhile", newest.number()));
        }
        boolean taken = patterns.findByNameIgnoreCase(name).filter(other -> other.id() != patternId).isPresent();
        if (taken) {
            return Outcome.refused(Problem.at("name", "pattern.name-taken", name));
        }
        newest.pattern().rename(name);
        return Outcome.done(save(newest.pattern(), newest.number() + 1, design, personId));
    }

    private PatternVersion save(PatternEntity pattern, int number, QuiltDesign design, long personId) {
        PatternDocument document = PatternDocument.of(design);
        return toVersion(versions.saveAndFlush(PatternVersionEntity.of(
                pattern, number, json.writeValueAsString(document), document, personId, clock.instant())));
    }

    private PatternVersion toVersion(PatternVersionEntity entity) {
        QuiltDesign design = json.readValue(entity.document(), PatternDocument.class).toDesign();
        return new PatternVersion(entity.id(), entity.pattern().id(), entity.pattern().name(), entity.number(), design);
    }
}
