package retazo.app.patterns.library;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.CellGrid;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.place.PlaceChangeText;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

/** What was entered of a pattern, each thing under its name, in the short words of changes. */
record EntryWords(QuiltDesign design, Words words) {

    Map<String, String> of(PatternVersion version) {
        Map<String, String> entries = new LinkedHashMap<>();
        entries.put(name("designer"), version.about().designer());
        entries.put(name("tools"), String.join(", ", version.about().tools()));
        entries.put(name("notes"), version.about().notes());
        entries.put(name("way"), words.text("way." + PatternFileWriter.code(design.plannedFrom())));
        design.roles().forEach(role -> {
            entries.put(name("role", role.letter()), role.name());
            entries.put(name("wishes", role.letter()), WishText.words(role.wishes(), design, words));
        });
        design.sizes().forEach(size -> entries.put(name("size", size.name()), size(size)));
        design.overrides().forEach((measure, value) -> entries.put(
                words.text("figure.practice." + measure.key()), LengthView.cut(value).plain()));
        design.table().ifPresent(table -> table.rows().forEach(row -> design.sizes().forEach(size -> entries.merge(
                name("printed", design.role(row.role()).letter(), size.name()),
                PrintedText.write(row.cells().getOrDefault(size.key(), List.of())), (a, b) -> a + " + " + b))));
        design.cutList().ifPresent(list -> addList(list, entries));
        design.drawing().ifPresent(drawing -> {
            drawing.blocks().forEach(kind -> addBlock(kind, entries));
            entries.putAll(new CompositionWords(drawing, design, words).entries());
        });
        return entries;
    }

    private String name(String code, Object... of) {
        return words.text("change.name." + code, of);
    }

    private String size(QuiltSize size) {
        Stream<String> printed = size.printed().stream()
                .map(finished -> words.text("change.printed", LengthView.sides(finished.width(), finished.height())));
        return Stream.concat(size.match(this::grid, only -> Stream.of(words.text("change.not-drawn"))), printed)
                .collect(Collectors.joining(", "));
    }

    private Stream<String> grid(QuiltSize.Grid grid) {
        return Stream.of(
                Stream.of(words.text("change.blocks", grid.columns(), grid.rows())),
                grid.borderWidths().stream().map(width -> cut("border", width)),
                grid.overrides().sash().stream().map(width -> cut("sash", width)),
                grid.overrides().blockWidth().stream().map(width -> cut("block", width)),
                Stream.of(PlaceChangeText.write(grid.overrides().changes())).filter(text -> !text.isEmpty()))
                .flatMap(parts -> parts);
    }

    private String cut(String what, Length width) {
        return words.text("change." + what, LengthView.cut(width).plain());
    }

    private void addList(CutList list, Map<String, String> entries) {
        list.places().forEach(place -> entries.put(name("place", place.label()), bySize(place.blocks())));
        for (int i = 0; i < list.lines().size(); i++) {
            CutList.Line line = list.lines().get(i);
            String count = line.count().match(
                    perBlock -> words.text("change.per", perBlock.each(), perBlock.place()),
                    perSize -> bySize(perSize.counts()),
                    perQuilt -> words.text("change.per-quilt", perQuilt.count()));
            entries.put(name("line", i + 1), words.text("change.line", design.role(line.role()).letter(), line.form().text(), count));
        }
    }

    /** Counts with the names of their sizes, in the order of the sizes. */
    private String bySize(Map<SizeKey, Integer> counts) {
        return design.sizes().stream()
                .filter(size -> counts.containsKey(size.key()))
                .map(size -> size.name() + " " + counts.get(size.key()))
                .collect(Collectors.joining(", "));
    }

    private void addBlock(BlockKind kind, Map<String, String> entries) {
        entries.put(name("block", kind.name()), LengthView.sides(kind.block().finishedWidth(), kind.block().finishedHeight()));
        kind.block().cells().forEach(cell -> entries.put(
                name("cell", kind.name(), cell.row() + 1, cell.column() + 1),
                CellGrid.write(cell.content(), cell.orientation(), design.roles().stream()
                        .collect(Collectors.toMap(role -> role.key(), role -> role.letter())))));
    }
}
