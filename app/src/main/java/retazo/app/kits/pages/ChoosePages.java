package retazo.app.kits.pages;

import java.util.List;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.core.quilt.size.QuiltSize;

/** Where the pattern of a new kit is chosen. */
@Component
class ChoosePages {

    private static final int FOUND_AT_ONCE = 15;

    private final PatternService patterns;

    ChoosePages(PatternService patterns) {
        this.patterns = patterns;
    }

    /** A pattern that can be chosen. */
    record Offered(PatternVersion version, List<String> sizes) {
    }

    /** The patterns that were looked for, the first of them by name; {@code more} if there are others. */
    record Page(PatternSearch search, List<Offered> patterns, boolean more) {
    }

    Page page(String words) {
        PatternSearch search = PatternSearch.byName(words);
        PatternService.Found found = patterns.page(search, 0, FOUND_AT_ONCE);
        return new Page(search, found.patterns().stream().map(ChoosePages::offered).toList(), found.more());
    }

    private static Offered offered(PatternVersion pattern) {
        return new Offered(pattern, pattern.design().sizes().stream().map(QuiltSize::name).toList());
    }
}
