package retazo.app.search;

import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.staff.Right;

/** Patterns by their names. */
@Component
@Order(6)
class FindsPatterns implements Finds {

    private final PatternService patterns;

    FindsPatterns(PatternService patterns) {
        this.patterns = patterns;
    }

    @Override
    public Right right() {
        return Right.PATTERNS;
    }

    @Override
    public Hits find(String typed) {
        PatternService.Found found = patterns.page(PatternSearch.byName(typed), 0, Hits.SHOWN);
        return new Hits(
                "patterns",
                Stream.concat(
                        found.patterns().stream().map(pattern -> new Hit(
                                pattern.name(), pattern.about().designer(), "/patterns/" + pattern.patternId())),
                        found.unread().entrySet().stream().map(one -> new Hit(one.getValue(), "", "/patterns/" + one.getKey()))).toList(),
                found.more() ? "/patterns" : "");
    }
}
