package retazo.app.patterns;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileReader;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.UnreadableException;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Problem;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.Way;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps patterns: every change is a new version, and no version ever changes. */
@Service
public class PatternService {

    /** No file of a pattern has more bytes. */
    public static final int LARGEST_FILE = 1_048_576;

    private static final int LONGEST_STEM = 65;

    private final PatternRepository patterns;
    private final PatternVersionRepository versions;
    private final KeptContents contents;
    private final ApplicationEventPublisher events;
    private final JsonMapper json;
    private final Clock clock;

    PatternService(
            PatternRepository patterns, PatternVersionRepository versions, KeptContents contents, ApplicationEventPublisher events,
            JsonMapper json, Clock clock) {
        this.patterns = patterns;
        this.versions = versions;
        this.contents = contents;
        this.events = events;
        this.json = json;
        this.clock = clock;
    }

    /** The newest versions of all patterns that are looked for, by name; for what needs each of them. */
    @Transactional(readOnly = true)
    public List<PatternVersion> newest(PatternSearch search) {
        return toVersions(versions.newest(search, Pageable.unpaged()).getContent());
    }

    /**
     * One page of them.
     *
     * @param unread the names of those by their ids that cannot be read by the rules of today
     * @param more   whether another page follows
     */
    public record Found(List<PatternVersion> patterns, Map<Long, String> unread, boolean more) {
    }

    /** Pages count from 0. */
    @Transactional(readOnly = true)
    public Found page(PatternSearch search, int page, int size) {
        Slice<PatternVersionRepository.Row> found = versions.newest(search, PageRequest.of(page, size));
        List<PatternVersion> read = toVersions(found.getContent());
        Set<Long> ids = read.stream().map(PatternVersion::id).collect(Collectors.toSet());
        Map<Long, String> unread = found.stream().filter(row -> !ids.contains(row.getId()))
                .collect(Collectors.toMap(PatternVersionRepository.Row::getPatternId, PatternVersionRepository.Row::getName));
        return new Found(read, unread, found.hasNext());
    }

    /** A pattern that is drawn, the first by name; empty where none is. */
    @Transactional(readOnly = true)
    public Optional<PatternVersion> anyDrawn() {
        return page(new PatternSearch("", PatternFileWriter.code(Way.DRAWING), "", "", "", false), 0, 1).patterns().stream().findFirst();
    }

    @Transactional(readOnly = true)
    public PatternVersion newestOf(long patternId) {
        return toVersion(versions.newestRow(patternId).orElseThrow(() -> new NotFoundException("pattern", patternId)));
    }

    /** Versions by their own ids; one that cannot be read by the rules of today is absent. */
    @Transactional(readOnly = true)
    public Map<Long, PatternVersion> versions(Collection<Long> versionIds) {
        return toVersions(versions.rows(versionIds)).stream().collect(Collectors.toMap(PatternVersion::id, version -> version));
    }

    /** A version by its number. */
    @Transactional(readOnly = true)
    public PatternVersion version(long patternId, int number) {
        return versions.row(patternId, number)
                .map(this::toVersion)
                .orElseThrow(() -> new NotFoundException("version of pattern " + patternId, number));
    }

    /** Who made each version and when, newest first. */
    @Transactional(readOnly = true)
    public List<VersionMade> history(long patternId) {
        return versions.findByPatternIdOrderByNumberDesc(patternId).stream()
                .map(version -> new VersionMade(version.number(), version.personId(), version.createdAt()))
                .toList();
    }

    /** One version in the history of a pattern. */
    public record VersionMade(int number, long personId, Instant at) {
    }

    /** The patterns of these names, by the name in small letters; a name that none has is absent. */
    @Transactional(readOnly = true)
    public Map<String, Long> named(Collection<String> names) {
        List<String> lower = names.stream().map(name -> name.strip().toLowerCase(Locale.ROOT)).distinct().toList();
        return patterns.named(lower).stream().collect(Collectors.toMap(one -> one.name().toLowerCase(Locale.ROOT), PatternEntity::id));
    }

    /** Adds a pattern with its first version. */
    @Transactional
    public Outcome<PatternVersion> add(PatternContent content, long personId) {
        if (patterns.findByNameIgnoreCase(content.name()).isPresent()) {
            return Outcome.refused(Problem.at("name", "pattern.name-taken", content.name()));
        }
        return Outcome.done(save(patterns.saveAndFlush(PatternEntity.of(content.name(), content.about().designer(), clock.instant())), 1,
                content, personId));
    }

    /** Adds the next version; refused when somebody else added one since the form was opened. */
    @Transactional
    public Outcome<PatternVersion> change(long patternId, int seenNumber, PatternContent content, long personId) {
        PatternVersionEntity newest = newestEntity(patternId);
        if (newest.number() != seenNumber) {
            return Outcome.refused(Problem.of("pattern.changed-meanwhile", newest.number()));
        }
        boolean taken = patterns.findByNameIgnoreCase(content.name()).filter(other -> other.id() != patternId).isPresent();
        if (taken) {
            return Outcome.refused(Problem.at("name", "pattern.name-taken", content.name()));
        }
        newest.pattern().rename(content.name());
        boolean isNamed = newest.pattern().designer().isEmpty() && !content.about().ownDesign();
        newest.pattern().by(content.about().designer());
        if (isNamed) {
            events.publishEvent(new DesignerNamed(patternId, content.name(), personId));
        }
        return Outcome.done(save(newest.pattern(), newest.number() + 1, content, personId));
    }

    /** Adds a pattern that starts as this one is now, under the next free name. */
    @Transactional
    public Outcome<PatternVersion> copy(long patternId, long personId) {
        PatternVersion source = newestOf(patternId);
        String stem = source.name().length() > LONGEST_STEM ? source.name().substring(0, LONGEST_STEM) : source.name();
        int number = 1;
        String name = stem + " (copy)";
        while (patterns.findByNameIgnoreCase(name).isPresent()) {
            number++;
            name = stem + " (copy " + number + ")";
        }
        return add(source.content().named(name), personId);
    }

    /** Puts a pattern away; its kits stay. */
    @Transactional
    public void archive(long patternId) {
        newestEntity(patternId).pattern().archive(clock.instant());
    }

    /** Takes a pattern out of the archive. */
    @Transactional
    public void restore(long patternId) {
        newestEntity(patternId).pattern().restore();
    }

    /** A pattern as the values of its file. */
    public Map<String, Object> file(PatternContent content) {
        return PatternFileWriter.write(content);
    }

    /** Reads a pattern from a file: all of it, or every fault by its path. */
    public Outcome<PatternContent> read(String file) {
        JsonNode root;
        try {
            root = json.readTree(file);
        } catch (JacksonException broken) {
            return Outcome.refused(Problem.of(
                    "file.not-json", broken.getLocation() == null ? 1 : broken.getLocation().getLineNr(),
                    broken.getLocation() == null ? 1 : broken.getLocation().getColumnNr()));
        }
        return PatternFileReader.read(root);
    }

    /** Every size of a pattern worked out. */
    public List<QuiltPlan> plans(PatternVersion pattern, ShopPractice practice) {
        QuiltPlanner planner = new QuiltPlanner(practice);
        return pattern.design().sizes().stream().map(size -> planner.plan(pattern.design(), size)).toList();
    }

    private PatternVersionEntity newestEntity(long patternId) {
        return versions.findFirstByPatternIdOrderByNumberDesc(patternId)
                .orElseThrow(() -> new NotFoundException("pattern", patternId));
    }

    private PatternVersion save(PatternEntity pattern, int number, PatternContent content, long personId) {
        String document = json.writeValueAsString(PatternFileWriter.write(content));
        PatternVersionEntity kept = versions.saveAndFlush(
                PatternVersionEntity.of(pattern, number, document, content, personId, clock.instant()));
        return new PatternVersion(
                kept.id(), pattern.id(), number, pattern.isArchived(),
                content.named(pattern.name()));
    }

    private PatternVersion toVersion(PatternVersionRepository.Row row) {
        return requireNonNull(contents.of(List.of(row.getId())).get(row.getId())).match(
                content -> toVersion(row, content),
                problems -> {
                    throw new UnreadableException(row.getName(), problems);
                });
    }

    private static PatternVersion toVersion(PatternVersionRepository.Row row, PatternContent content) {
        return new PatternVersion(
                row.getId(), row.getPatternId(), row.getNumber(), row.getArchivedAt() != null,
                content.named(row.getName()).by(row.getDesigner()));
    }

    /** Those of them that can be read. */

    private List<PatternVersion> toVersions(List<PatternVersionRepository.Row> rows) {
        Map<Long, Outcome<PatternContent>> found = contents.of(rows.stream().map(PatternVersionRepository.Row::getId).toList());
        return rows.stream()
                .flatMap(row -> requireNonNull(found.get(row.getId())).match(
                        content -> Stream.of(toVersion(row, content)), problems -> Stream.<PatternVersion>empty()))
                .toList();
    }
}
