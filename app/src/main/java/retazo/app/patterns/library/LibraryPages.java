package retazo.app.patterns.library;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternTraits;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.pictures.RoleView;
import retazo.app.shared.Choice;
import retazo.app.shared.Words;
import retazo.core.block.spec.UnitKind;
import retazo.core.cloth.PrecutKind;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.Way;

/** Puts the library together. */
@Component
class LibraryPages {

    private static final int PATTERNS_ON_A_PAGE = 20;

    private final PatternService patterns;
    private final Words words;

    LibraryPages(PatternService patterns, Words words) {
        this.patterns = patterns;
        this.words = words;
    }

    /** A pattern in the list. */
    record ListedPattern(
            PatternVersion version, List<RoleView> roles, List<String> sizes, List<String> ways, List<String> units, List<String> tools) {
    }

    /**
     * A page of the library, or of the patterns in it that are looked for.
     *
     * @param unread  the names of patterns by their ids that cannot be read by the rules of today
     * @param number  of the page, from 0
     * @param more    whether another page follows
     * @param ways    in which a pattern may be known, to narrow the search
     * @param units   kinds that its blocks may have
     * @param precuts kinds that it may name
     */
    record ListPage(
            PatternSearch search, List<ListedPattern> patterns, Map<Long, String> unread, int number, boolean more, List<Choice> ways,
            List<Choice> units,
            List<Choice> precuts) {
    }

    ListPage list(PatternSearch search, int page) {
        PatternService.Found found = patterns.page(search, page, PATTERNS_ON_A_PAGE);
        return new ListPage(
                search, found.patterns().stream().map(this::listed).toList(), found.unread(), page, found.more(),
                Stream.of(Way.values()).map(PatternFileWriter::code).map(code -> choice(code, "way.")).toList(),
                Stream.of(UnitKind.values()).map(kind -> choice(kind.code(), "unit.")).toList(),
                PrecutKind.customary().stream().map(kind -> choice(kind.code(), "precut.")).toList());
    }

    private Choice choice(String code, String stem) {
        return new Choice(code, words.text(stem + code));
    }

    private ListedPattern listed(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        PatternTraits traits = PatternTraits.of(pattern.content());
        return new ListedPattern(
                pattern, RoleView.of(design, words),
                design.sizes().stream().map(size -> size.name()).toList(),
                traits.ways().stream().map(way -> words.text("way." + way)).toList(),
                traits.units().stream().map(unit -> words.text("unit." + unit)).toList(),
                PatternTools.of(pattern.content(), words));
    }
}
