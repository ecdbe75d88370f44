package retazo.app.patterns.library;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import retazo.app.patterns.PatternTraits;
import retazo.app.patterns.file.PatternContent;
import retazo.app.shared.Words;
import retazo.core.block.spec.Tool;

/** What a maker of a pattern needs beside cutter, mat and ruler: what its units need, and what the shop added. */
final class PatternTools {

    private PatternTools() {
    }

    static List<String> of(PatternContent content, Words words) {
        Set<Tool> needed = new TreeSet<>();
        PatternTraits.unitKinds(content.design()).forEach(kind -> needed.addAll(kind.tools()));
        Set<String> tools = new LinkedHashSet<>();
        needed.forEach(tool -> tools.add(words.text("tool." + tool)));
        tools.addAll(content.about().tools());
        return new ArrayList<>(tools);
    }
}
