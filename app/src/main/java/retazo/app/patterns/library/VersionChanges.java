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
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.CellGrid;
import retazo.core.cloth.ShopPractice;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.place.PlaceChangeText;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

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
        QuiltDesign design = version.design();
        Map<String, String> entries = new LinkedHashMap<>();
        entries.put("designer", version.about().designer());
        entries.put("tools", String.join(", ", version.about().tools()));
        entries.put("notes", version.about().notes());
        entries.put("planned from", words.text("way." + PatternFileWriter.code(design.plannedFrom())));
        design.roles().forEach(role -> {
            entries.put("role " + role.letter(), role.name());
            entries.put("wishes of " + role.letter(), WishText.words(role.wishes(), design, words));
        });
        design.sizes().forEach(size -> entries.put("size " + size.name(), size(size)));
        design.overrides().forEach((measure, value) -> entries.put(
                words.text("figure.practice." + measure.key()), LengthView.cut(value).plain()));
        design.table().ifPresent(table -> table.rows().forEach(row -> design.sizes().forEach(size -> entries.merge(
                "printed, " + design.role(row.role()).letter() + ", " + size.name(),
                PrintedText.write(row.cells().getOrDefault(size.key(), List.of())), (a, b) -> a + " + " + b))));
        design.cutList().ifPresent(list -> addList(list, design, entries));
        design.drawing().ifPresent(drawing -> {
            drawing.blocks().forEach(kind -> addBlock(kind, design, entries));
            CompositionWords.entries(drawing, design, words).forEach(entries::put);
        });
        return entries;
    }

    private static String size(QuiltSize size) {
        String printed = size.printed()
                .map(finished -> ", printed " + LengthView.sides(finished.width(), finished.height()))
                .orElse("");
        return size.match(
                grid -> grid.columns() + " × " + grid.rows() + " blocks" + grid.borderWidths().stream()
                        .map(width -> ", border " + LengthView.cut(width).plain()).collect(Collectors.joining())
                        + grid.overrides().sash().map(width -> ", sash " + LengthView.cut(width).plain()).orElse("")
                        + grid.overrides().blockWidth().map(width -> ", block " + LengthView.cut(width).plain()).orElse("")
                        + (grid.overrides().changes().isEmpty() ? "" : ", " + PlaceChangeText.write(grid.overrides().changes())) + printed,
                only -> "not drawn" + printed);
    }

    private static void addList(CutList list, QuiltDesign design, Map<String, String> entries) {
        list.places().forEach(place -> entries.put("blocks of " + place.label(), bySize(place.blocks(), design)));
        for (int i = 0; i < list.lines().size(); i++) {
            CutList.Line line = list.lines().get(i);
            entries.put("line " + (i + 1), design.role(line.role()).letter() + ": " + line.form().text() + ", " + line.count().match(
                    perBlock -> perBlock.each() + " per " + perBlock.place(),
                    perSize -> bySize(perSize.counts(), design),
                    perQuilt -> perQuilt.count() + " per quilt"));
        }
    }

    /** Counts with the names of their sizes, in the order of the sizes. */
    private static String bySize(Map<SizeKey, Integer> counts, QuiltDesign design) {
        return design.sizes().stream()
                .filter(size -> counts.containsKey(size.key()))
                .map(size -> size.name() + " " + counts.get(size.key()))
                .collect(Collectors.joining(", "));
    }

    private static void addBlock(BlockKind kind, QuiltDesign design, Map<String, String> entries) {
        String place = "block " + kind.name();
        entries.put(place,
                LengthView.sides(kind.block().finishedWidth(), kind.block().finishedHeight()));
        kind.block().cells().forEach(cell -> entries.put(
                place + ", row " + (cell.row() + 1) + ", column " + (cell.column() + 1),
                CellGrid.write(cell.content(), cell.orientation(), design.roles().stream()
                        .collect(Collectors.toMap(role -> role.key(), role -> role.letter())))));
    }

    private static Map<String, String> figures(QuiltDesign design, ShopPractice practice, Words words) {
        Map<String, String> figures = new LinkedHashMap<>();
        for (QuiltSize size : design.sizes()) {
            new QuiltPlanner(practice).plan(design, size).pieces().stream()
                    .collect(Collectors.toMap(PieceNeed::label, Function.identity(), (a, b) -> a, LinkedHashMap::new))
                    .forEach((label, piece) -> figures.put(
                            size.name() + ", " + label, piece.count().value() + " of " + ShapeWords.of(piece.shape(), words)));
        }
        return figures;
    }
}
