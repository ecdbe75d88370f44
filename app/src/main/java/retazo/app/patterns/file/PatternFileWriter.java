package retazo.app.patterns.file;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.place.PlaceChangeText;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.PrintedText;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.SizeTable;

/** Writes a pattern as the values of its file; empty parts are left out. docs/formats says what each means. */
public final class PatternFileWriter {

    private PatternFileWriter() {
    }

    public static Map<String, Object> write(PatternContent content) {
        QuiltDesign design = content.design();
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", PatternFileReader.FORMAT);
        file.put("name", content.name());
        putText(file, "designer", content.about().designer());
        putList(file, "tools", content.about().tools());
        putText(file, "notes", content.about().notes());
        file.put("plannedFrom", code(design.plannedFrom()));
        file.put("roles", design.roles().stream().map(PatternFileWriter::role).toList());
        file.put("sizes", design.sizes().stream().map(PatternFileWriter::size).toList());
        if (!design.overrides().isEmpty()) {
            Map<String, String> overrides = new TreeMap<>();
            design.overrides().forEach((measure, value) -> overrides.put(measure.key(), value.toString()));
            file.put("practice", overrides);
        }
        design.table().ifPresent(table -> file.put("sizeTable", table(table)));
        design.cutList().ifPresent(list -> file.put("cutList", cutList(list)));
        design.drawing().ifPresent(drawing -> file.put("drawing", drawing(drawing)));
        return file;
    }

    /** An enum's name as files write it: {@code SIZE_TABLE} is {@code size-table}. */
    public static String code(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static void putText(Map<String, Object> object, String name, String text) {
        if (!text.isEmpty()) {
            object.put(name, text);
        }
    }

    private static void putList(Map<String, Object> object, String name, List<?> list) {
        if (!list.isEmpty()) {
            object.put(name, list);
        }
    }

    private static Map<String, Object> role(Role role) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("key", role.key().value());
        object.put("letter", role.letter());
        object.put("name", role.name());
        putList(object, "wishes", role.wishes().stream().map(wish -> {
            Map<String, Object> wished = new LinkedHashMap<>();
            wished.put("kind", code(wish.kind()));
            wish.other().ifPresent(other -> wished.put("role", other.value()));
            return wished;
        }).toList());
        return object;
    }

    private static Map<String, Object> grid(QuiltSize.Grid grid) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("columns", grid.columns());
        object.put("rows", grid.rows());
        putList(object, "borders", texts(grid.borderWidths()));
        grid.overrides().sash().ifPresent(width -> object.put("sash", width.toString()));
        grid.overrides().blockWidth().ifPresent(width -> object.put("block", width.toString()));
        putText(object, "changes", PlaceChangeText.write(grid.overrides().changes()));
        return object;
    }

    private static Map<String, Object> size(QuiltSize size) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("key", size.key().value());
        object.put("name", size.name());
        object.putAll(size.match(PatternFileWriter::grid, printed -> Map.of()));
        size.printed().ifPresent(finished -> object.put("printed", finished(finished)));
        return object;
    }

    private static Map<String, Object> finished(FinishedSize size) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("width", size.width().toString());
        object.put("height", size.height().toString());
        return object;
    }

    private static List<String> texts(List<Length> lengths) {
        return lengths.stream().map(Length::toString).toList();
    }

    private static Map<String, Object> use(RoleKey role, Use use) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("role", role.value());
        if (!use.equals(Use.BLOCKS)) {
            object.put("use", code(use.place()));
        }
        if (use.number() > 0) {
            object.put("border", use.number());
        }
        return object;
    }

    private static <V> Map<String, V> byKey(Map<SizeKey, V> values) {
        Map<String, V> byKey = new TreeMap<>();
        values.forEach((key, value) -> byKey.put(key.value(), value));
        return byKey;
    }

    private static Map<String, Object> table(SizeTable table) {
        return Map.of("rows", table.rows().stream().map(row -> {
            Map<String, Object> object = use(row.role(), row.use());
            Map<String, String> cells = new TreeMap<>();
            row.cells().forEach((key, amounts) -> cells.put(key.value(), PrintedText.write(amounts)));
            object.put("cells", cells);
            return object;
        }).toList());
    }

    private static Map<String, Object> cutList(CutList list) {
        Map<String, Object> object = new LinkedHashMap<>();
        putList(object, "places", list.places().stream().map(place -> {
            Map<String, Object> counted = new LinkedHashMap<>();
            counted.put("label", place.label());
            counted.put("blocks", byKey(place.blocks()));
            return counted;
        }).toList());
        object.put("lines", list.lines().stream().map(PatternFileWriter::line).toList());
        list.binding().ifPresent(role -> object.put("binding", role.value()));
        list.backing().ifPresent(role -> object.put("backing", role.value()));
        return object;
    }

    private static Map<String, Object> line(CutList.Line line) {
        Map<String, Object> object = use(line.role(), line.use());
        object.put("piece", line.form().text());
        line.count().<List<Map.Entry<String, Object>>>match(
                perBlock -> List.of(Map.entry("each", perBlock.each()), Map.entry("place", perBlock.place())),
                perSize -> List.of(Map.entry("counts", byKey(perSize.counts()))),
                perQuilt -> List.of(Map.entry("each", perQuilt.count())))
                .forEach(entry -> object.put(entry.getKey(), entry.getValue()));
        line.precut().ifPresent(precut -> {
            Map<String, Object> source = new LinkedHashMap<>();
            source.put("kind", precut.kind().code());
            source.put("perSheet", precut.perSheet());
            object.put("precut", source);
        });
        putText(object, "note", line.note());
        return object;
    }

    private static Map<String, Object> drawing(Drawing drawing) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("blocks", drawing.blocks().stream().map(kind -> {
            Map<String, Object> block = new LinkedHashMap<>();
            block.put("key", kind.key().value());
            block.put("name", kind.name());
            block.putAll(block(kind.block()));
            return block;
        }).toList());
        object.putAll(CompositionFileWriter.write(drawing.quilt()));
        putList(object, "items", drawing.items().stream().map(PatternFileWriter::item).toList());
        return object;
    }

    private static Map<String, Object> item(Item item) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("name", item.name());
        object.put("copies", item.copies());
        object.put("columns", item.columns());
        object.put("rows", item.rows());
        putList(object, "borderWidths", texts(item.borderWidths()));
        object.putAll(CompositionFileWriter.write(item.composition()));
        return object;
    }

    private static Map<String, Object> block(Block block) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("columns", texts(block.columnWidths()));
        object.put("rows", texts(block.rowHeights()));
        object.put("cells", block.cells().stream().map(PatternFileWriter::cell).toList());
        block.trim().ifPresent(trim -> {
            Map<String, Object> cut = finished(trim.size());
            cut.put("degrees", trim.degrees());
            object.put("trim", cut);
        });
        return object;
    }

    private static Map<String, Object> cell(Cell cell) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("column", cell.column());
        object.put("row", cell.row());
        if (cell.columnSpan() > 1) {
            object.put("columnSpan", cell.columnSpan());
        }
        if (cell.rowSpan() > 1) {
            object.put("rowSpan", cell.rowSpan());
        }
        cell.content().unitSpec().ifPresentOrElse(
                spec -> object.putAll(unit(spec)), () -> object.put("block", cell.content().inner().orElseThrow().key().value()));
        if (cell.orientation().turn().degrees() > 0) {
            object.put("turn", cell.orientation().turn().degrees());
        }
        if (cell.orientation().mirrored()) {
            object.put("mirrored", true);
        }
        return object;
    }

    private static Map<String, Object> unit(UnitSpec spec) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("unit", spec.kind().code());
        if (spec.method() != spec.kind().customaryMethod()) {
            object.put("method", spec.method().code());
        }
        List<Object> parts = new ArrayList<>();
        for (UnitPart part : spec.parts()) {
            Map<String, Object> written = new LinkedHashMap<>();
            written.put("role", part.role().value());
            putText(written, "place", part.place());
            putList(written, "sizes", texts(part.sizes()));
            parts.add(written);
        }
        object.put("parts", parts);
        return object;
    }
}
