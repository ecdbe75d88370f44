package retazo.app.patterns.file;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.CellContent;
import retazo.core.block.InnerBlock;
import retazo.core.block.SewnUnit;
import retazo.core.block.Trim;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.shape.Turn;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.block.unit.UnitReader;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.place.PlaceGrid;

/** Reads the drawing of a pattern file. A block may stand in the cells of the blocks after it. */
final class DrawingFileReader {

    private static final int MOST_PARTS = 16;
    private static final int MOST_SIZES_OF_A_PART = 60;

    private final List<Problem> problems;
    private final Map<BlockKey, Block> before = new LinkedHashMap<>();

    DrawingFileReader(List<Problem> problems) {
        this.problems = problems;
    }

    Optional<Drawing> drawing(JsonFields fields) {
        List<BlockKind> blocks = flat(fields.objects("blocks", Drawing.MOST_BLOCKS, this::kind));
        List<Item> items = flat(fields.objects("items", Drawing.MOST_ITEMS, this::item));
        return CompositionFileReader.read(fields).map(quilt -> new Drawing(blocks, quilt, items));
    }

    private Optional<Item> item(JsonFields fields) {
        String name = fields.text("name", 40);
        int copies = fields.optionalNumber("copies", 1, Item.MOST_COPIES, 1);
        int columns = fields.number("columns", 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        int rows = fields.number("rows", 1, PlaceGrid.MOST_BLOCKS_ACROSS);
        List<Length> borderWidths = fields.lengths("borderWidths", 12);
        return CompositionFileReader.read(fields).map(made -> new Item(name, copies, made, columns, rows, borderWidths));
    }

    private static <T> List<T> flat(List<Optional<T>> found) {
        return found.stream().flatMap(Optional::stream).toList();
    }

    private Optional<BlockKind> kind(JsonFields fields) {
        Optional<BlockKey> key = fields.key("key", BlockKey::new);
        String name = fields.text("name", 40);
        List<Length> columns = fields.lengths("columns", Block.MOST_LINES);
        List<Length> rows = fields.lengths("rows", Block.MOST_LINES);
        int faults = problems.size();
        List<Cell> cells = flat(fields.objects("cells", Block.MOST_LINES * Block.MOST_LINES, this::cell));
        Optional<Trim> trim = fields.object("trim", cut -> {
            Optional<FinishedSize> size = PatternFileReader.finished(cut, cut.length("width"), cut.length("height"));
            int degrees = cut.number("degrees", -Trim.MOST_DEGREES, Trim.MOST_DEGREES);
            return size.map(found -> new Trim(found, degrees));
        }).flatMap(read -> read);
        if (problems.size() > faults || key.isEmpty()) {
            return Optional.empty();
        }
        List<Problem> found = Block.problems(columns, rows, cells, trim);
        found.forEach(problem -> problems.add(problem.movedTo(fields.path(problem.place()))));
        if (!found.isEmpty()) {
            return Optional.empty();
        }
        Block block = new Block(columns, rows, cells, trim);
        before.put(key.get(), block);
        return Optional.of(new BlockKind(key.get(), name, block));
    }

    private Optional<Cell> cell(JsonFields fields) {
        int column = fields.number("column", 0, Block.MOST_LINES - 1);
        int row = fields.number("row", 0, Block.MOST_LINES - 1);
        int columnSpan = fields.optionalNumber("columnSpan", 1, Block.MOST_LINES, 1);
        int rowSpan = fields.optionalNumber("rowSpan", 1, Block.MOST_LINES, 1);
        int degrees = fields.optionalNumber("turn", 0, 270, 0);
        if (degrees % 90 != 0) {
            fields.add(fields.path("turn"), "file.turn", degrees);
        }
        Orientation orientation = new Orientation(Turn.values()[degrees / 90], fields.flag("mirrored"));
        return content(fields).map(content -> new Cell(column, row, columnSpan, rowSpan, content, orientation));
    }

    private Optional<CellContent> content(JsonFields fields) {
        if (fields.has("block")) {
            Optional<BlockKey> key = fields.key("block", BlockKey::new);
            Optional<Block> block = key.map(before::get);
            if (key.isPresent() && block.isEmpty()) {
                fields.add(fields.path("block"), "cell.unknown-block", key.get().value());
            }
            return block.map(found -> new InnerBlock(key.orElseThrow(), found));
        }
        Map<String, UnitKind> kinds = new LinkedHashMap<>();
        Stream.of(UnitKind.values()).forEach(kind -> kinds.put(kind.code(), kind));
        UnitKind kind = fields.choice("unit", kinds);
        UnitMethod method = kind.customaryMethod();
        if (fields.has("method")) {
            Map<String, UnitMethod> methods = new LinkedHashMap<>();
            kind.methods().forEach(possible -> methods.put(possible.code(), possible));
            method = fields.choice("method", methods);
        }
        int faults = problems.size();
        List<UnitPart> parts = flat(fields.objects("parts", MOST_PARTS, part -> {
            Optional<RoleKey> role = part.key("role", RoleKey::new);
            String place = part.optionalText("place", 30);
            List<Length> sizes = part.lengths("sizes", MOST_SIZES_OF_A_PART);
            return role.map(key -> new UnitPart(key, place, sizes));
        }));
        if (problems.size() > faults) {
            return Optional.empty();
        }
        if (parts.isEmpty()) {
            fields.add(fields.path("parts"), "file.missing");
            return Optional.empty();
        }
        return UnitReader.read(new UnitSpec(kind, method, parts)).match(unit -> Optional.of(new SewnUnit(unit)), problem -> {
            problems.add(problem.movedTo(fields.path("parts")));
            return Optional.empty();
        });
    }
}
