package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.Faults;
import retazo.app.shared.Typed;
import retazo.core.block.Block;
import retazo.core.block.Cell;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/**
 * A block on which cells are chosen and changed.
 *
 * @param index   of the block in its form
 * @param picture what can be drawn already
 * @param spots   one for each cell that begins somewhere, and for each place that no cell covers
 */
record BlockCanvas(int index, String name, QuiltPicture picture, List<Spot> spots) {

    /** A cell on the canvas, in inches, with its text and what is wrong with it. */
    record Spot(int row, int column, String x, String y, String width, String height, String text, String fault) {
    }

    /** The row with its cells on the grid that its columns and rows make, where they can be read. */
    static BlockRow laidOut(BlockRow row, BlockDraft draft) {
        return draft.gridRead()
                ? row.padded(draft.columnWidths().size(), draft.rowHeights().size())
                : row.padded(Math.max(1, row.cellColumns()), Math.max(1, row.grid().size()));
    }

    static BlockCanvas of(
            int index, BlockRow row, BlockDraft draft, Function<RoleKey, Ink> inks, Function<RoleKey, String> letters, Faults faults) {
        Length width = sum(draft.columnWidths(), draft.columnWidths().size());
        Length height = sum(draft.rowHeights(), draft.rowHeights().size());
        QuiltPicture picture = QuiltPicture.ofPatches(
                "block-" + index, width, height,
                draft.gridRead() ? Block.draw(draft.columnWidths(), draft.rowHeights(), draft.cells()) : List.of(), inks, letters);
        return new BlockCanvas(index, Typed.text(row.name()), picture, draft.gridRead() ? spots(index, row, draft, faults) : List.of());
    }

    private static List<Spot> spots(int index, BlockRow row, BlockDraft draft, Faults faults) {
        List<Spot> spots = new ArrayList<>();
        List<List<String>> grid = row.grid();
        for (int r = 0; r < grid.size(); r++) {
            for (int c = 0; c < grid.get(r).size(); c++) {
                String text = grid.get(r).get(c);
                String fault = faults.at("blocks." + index + ".cells." + r + "." + c);
                // A cell that belongs to another has no spot of its own, unless it is wrong.
                if (fault != null || !text.equals("<") && !text.equals("^")) {
                    Cell cell = cellAt(draft, r, c);
                    spots.add(new Spot(
                            r, c, QuiltPicture.inches(sum(draft.columnWidths(), c)), QuiltPicture.inches(sum(draft.rowHeights(), r)),
                            QuiltPicture.inches(sum(draft.columnWidths(), c + (cell == null ? 1 : cell.columnSpan()))
                                    .minus(sum(draft.columnWidths(), c))),
                            QuiltPicture.inches(
                                    sum(draft.rowHeights(), r + (cell == null ? 1 : cell.rowSpan())).minus(sum(draft.rowHeights(), r))),
                            text, fault == null ? "" : fault));
                }
            }
        }
        return spots;
    }

    private static @org.jspecify.annotations.Nullable Cell cellAt(BlockDraft draft, int row, int column) {
        return draft.cells().stream().filter(cell -> cell.row() == row && cell.column() == column).findFirst().orElse(null);
    }

    private static Length sum(List<Length> lines, int count) {
        return lines.subList(0, Math.min(count, lines.size())).stream().reduce(Length.ZERO, Length::plus);
    }
}
