package retazo.app.patterns;

import java.util.List;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.block.CellUnit;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.block.Turn;
import retazo.core.measure.Length;
import retazo.core.quilt.BorderCorners;
import retazo.core.quilt.BorderDesign;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltSize;
import retazo.core.quilt.Setting;
import retazo.core.quilt.SizeKey;

/** A version's content as it is stored: lengths as plain text, alternatives with their kind by name. */
record PatternDocument(int format, List<RoleDocument> roles, DrawingDocument drawing, List<SizeDocument> sizes) {

    static final int FORMAT = 1;

    record RoleDocument(String key, String letter, String name) {
    }

    record DrawingDocument(
            BlockDocument block, String setting, List<BorderDocument> borders, String binding, String backing) {
    }

    record BlockDocument(List<String> columnWidths, List<String> rowHeights, List<CellDocument> cells) {
    }

    record CellDocument(int column, int row, int columnSpan, int rowSpan, String unit, List<String> roles, int turn) {

        static CellDocument of(Cell cell) {
            return new CellDocument(
                    cell.column(), cell.row(), cell.columnSpan(), cell.rowSpan(),
                    cell.unit().match(patch -> PATCH, halfSquare -> HALF_SQUARE),
                    cell.unit().roles().stream().map(RoleKey::value).toList(),
                    cell.turn().degrees());
        }

        Cell toCell() {
            RoleKey first = new RoleKey(roles.get(0));
            CellUnit cellUnit = switch (unit) {
                case PATCH -> new CellUnit.Patch(first);
                case HALF_SQUARE -> new CellUnit.HalfSquare(first, new RoleKey(roles.get(1)));
                default -> throw new IllegalStateException("A stored cell has the unknown unit '" + unit + "'.");
            };
            return new Cell(column, row, columnSpan, rowSpan, cellUnit, Turn.values()[turn / 90]);
        }
    }

    record BorderDocument(String role, String corners) {
    }

    record SizeDocument(String key, String name, String kind, int columns, int rows, List<String> borderWidths) {
    }

    private static final String PATCH = "patch";
    private static final String HALF_SQUARE = "half-square";
    private static final String STRAIGHT = "straight";
    private static final String GRID = "grid";

    static PatternDocument of(QuiltDesign design) {
        Block block = design.block();
        BlockDocument blockDocument = new BlockDocument(
                texts(block.columnWidths()), texts(block.rowHeights()), block.cells().stream().map(CellDocument::of).toList());
        return new PatternDocument(
                FORMAT,
                design.roles().stream().map(role -> new RoleDocument(role.key().value(), role.letter(), role.name())).toList(),
                new DrawingDocument(
                        blockDocument,
                        design.setting().match(straight -> STRAIGHT),
                        design.borders().stream()
                                .map(border -> new BorderDocument(border.role().value(), border.corners().name()))
                                .toList(),
                        design.binding().value(),
                        design.backing().value()),
                design.sizes().stream().map(PatternDocument::size).toList());
    }

    private static SizeDocument size(QuiltSize size) {
        return size.match(grid -> new SizeDocument(
                grid.key().value(), grid.name(), GRID, grid.columns(), grid.rows(), texts(grid.borderWidths())));
    }

    private static List<String> texts(List<Length> lengths) {
        return lengths.stream().map(Length::toString).toList();
    }

    QuiltDesign toDesign() {
        return new QuiltDesign(
                roles.stream().map(role -> new Role(new RoleKey(role.key()), role.letter(), role.name())).toList(),
                new Block(
                        lengths(drawing.block().columnWidths()),
                        lengths(drawing.block().rowHeights()),
                        drawing.block().cells().stream().map(CellDocument::toCell).toList()),
                new Setting.Straight(),
                drawing.borders().stream()
                        .map(border -> new BorderDesign(new RoleKey(border.role()), BorderCorners.valueOf(border.corners())))
                        .toList(),
                new RoleKey(drawing.binding()),
                new RoleKey(drawing.backing()),
                sizes.stream()
                        .<QuiltSize>map(size -> new QuiltSize.Grid(
                                new SizeKey(size.key()), size.name(), size.columns(), size.rows(), lengths(size.borderWidths())))
                        .toList());
    }

    private static List<Length> lengths(List<String> texts) {
        return texts.stream().map(Length::parse).toList();
    }
}
