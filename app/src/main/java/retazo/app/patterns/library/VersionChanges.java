package retazo.app.patterns.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import retazo.app.cloth.ShapeWords;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Words;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

/**
 * What changed from one version to another, in words: the entries that differ, and the figures that differ because of them.
 *
 * @param entries what was entered otherwise
 * @param figures pieces of every size that come out otherwise
 */
record VersionChanges(List<Change> entries, List<Change> figures) {

    /** Something that was one way and is another; empty for not there. */
    record Change(String what, String before, String after) {
    }

    static VersionChanges between(PatternVersion before, PatternVersion after, ShopPractice practice, Words words) {
        return new VersionChanges(
                compared(entries(before, words), entries(after, words)),
                compared(figures(before.design(), practice, words), figures(after.design(), practice, words)));
    }

    public boolean none() {
        return entries.isEmpty() && figures.isEmpty();
    }

    private static List<Change> compared(Map<String, String> before, Map<String, String> after) {
        Set<String> all = new LinkedHashSet<>(before.keySet());
        all.addAll(after.keySet());
        List<Change> changes = new ArrayList<>();
        for (String what : all) {
            String was = before.getOrDefault(what, "");
            String is = after.getOrDefault(what, "");
            if (!was.equals(is)) {
                changes.add(new Change(what, was, is));
            }
        }
        return changes;
    }

    private static Map<String, String> entries(PatternVersion version, Words words) {
        return new EntryWords(version.design(), words).of(version);
    }

    private static Map<String, String> figures(QuiltDesign design, ShopPractice practice, Words words) {
        Map<String, String> figures = new LinkedHashMap<>();
        for (QuiltSize size : design.sizes()) {
            new QuiltPlanner(practice).plan(design, size).pieces().stream()
                    .collect(Collectors.toMap(PieceNeed::label, Function.identity(), (a, b) -> a, LinkedHashMap::new))
                    .forEach((label, piece) -> figures.put(
                            words.text("change.name.piece", size.name(), label),
                            words.text("change.piece", piece.count().value().value(), ShapeWords.of(piece.shape(), words))));
        }
        return figures;
    }
}
