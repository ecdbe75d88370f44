package retazo.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;

/** The demo shop's patterns, each a file of its own. */
@Component
class DemoPatterns {

    private final PatternService patterns;

    DemoPatterns(PatternService patterns) {
        this.patterns = patterns;
    }

    /** All patterns in the order of their files; the first is the one that the demo's runs make. */
    List<PatternVersion> addAll(long personId) {
        List<PatternVersion> added = new ArrayList<>();
        try {
            Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
            for (Resource file : Arrays.stream(files).sorted(Comparator.comparing(Resource::getFilename)).toList()) {
                String text = file.getContentAsString(StandardCharsets.UTF_8);
                added.add(DemoStock.done(DemoStock.done(patterns.read(text).match(
                        content -> retazo.app.shared.Outcome.done(patterns.add(content, personId)), retazo.app.shared.Outcome::refused))));
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return added;
    }
}
