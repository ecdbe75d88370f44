package retazo.core.quilt.setting;

import java.util.ArrayList;
import java.util.List;
import retazo.core.block.Block;
import retazo.core.block.spec.UnitPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Blocks to be laid out.
 *
 * @param key    stable start of the keys of all resulting figures
 * @param block  one of them, for their size; on point it is square
 * @param place  where columns, rows and sash width were typed
 * @param copies how many of these layouts are made
 */
public record LayoutRequest(String key, Block block, int columns, int rows, String place, UnitPractice practice, long copies) {

    /** The same with keys that start otherwise. */
    public LayoutRequest named(String newKey) {
        return new LayoutRequest(newKey, block, columns, rows, place, practice, copies);
    }

    Figure<Count> count(String name, long value) {
        return Figure.given(key + "." + name, Label.of("quilt." + name), new Count(value), Origin.pattern(place));
    }

    public Figure<Length> given(String name, String label, Length value) {
        return Figure.given(key + "." + name, Label.of(label), value, Origin.pattern(place));
    }

    /** The width or height of a block: the sum of its typed columns or rows, or the size to which it is trimmed on the turn. */
    Figure<Length> blockWidth() {
        return side("block.width", block.finishedWidth(), block.columnWidths(), "columns");
    }

    Figure<Length> blockHeight() {
        return side("block.height", block.finishedHeight(), block.rowHeights(), "rows");
    }

    private static Figure<Length> side(String key, Length finished, List<Length> parts, String place) {
        if (!parts.stream().reduce(Length.ZERO, Length::plus).equals(finished)) {
            return Figure.given(key, Label.of(key), finished, Origin.pattern("block.trim"));
        }
        List<Figure<Length>> figures = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            figures.add(Figure.given(
                    key + "." + (i + 1), Label.of(key + ".part", i + 1), parts.get(i), Origin.pattern("block." + place)));
        }
        return Arithmetic.sum(key, Label.of(key), figures);
    }

    /** A finished side with its seam allowances: F + 2s. */
    public Figure<Length> withSeams(String name, String label, Figure<Length> finished) {
        return Arithmetic.formula(key + "." + name, Label.of(label), Operation.WITH_SEAMS, List.of(finished, practice.seam()),
                () -> finished.value().plus(practice.seam().value().times(2)));
    }

    /** So many in each layout, for all its copies. */
    public Figure<Count> ofAll(String name, String label, long each) {
        Figure<Count> one = Figure.given(key + "." + name + ".each", Label.of(label), new Count(each), Origin.craft("setting"));
        return ofAll(name, label, one);
    }

    public Figure<Count> ofAll(String name, String label, Figure<Count> each) {
        if (copies == 1) {
            return each.named(key + "." + name, Label.of(label));
        }
        Figure<Count> times = Figure.given(key + ".copies", Label.of("item.copies"), new Count(copies), Origin.pattern(place));
        return Arithmetic.productOfCounts(key + "." + name, Label.of(label), times, each);
    }
}
