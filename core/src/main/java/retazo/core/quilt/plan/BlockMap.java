package retazo.core.quilt.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.Turn;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.Colouring;
import retazo.core.quilt.place.PlaceGrid;
import retazo.core.quilt.size.QuiltSize;

/**
 * Which block goes where: the rows in which a quilt is sewn, each from left to right. On point the rows are the diagonals from the lower
 * left to the upper right.
 */
public record BlockMap(List<List<Mark>> rows, boolean diagonal) {

    /** A block in its place: its name among the blocks of the size, and how it is turned. */
    public record Mark(String name, Turn turn) {
    }

    private record Coloured(BlockKey kind, Colouring colouring) {
    }

    /** The map of a drawn quilt of this size. */
    public static BlockMap of(QuiltDesign design, QuiltSize.Grid size) {
        Drawing drawing = design.drawing().orElseThrow().at(size).orElseThrow();
        PlaceGrid grid = drawing.quilt().setting().grid(size.columns(), size.rows());
        Arrangement arrangement = Arrangement.of(drawing.quilt().places(), grid, size.overrides().changes());
        List<Arrangement.Variant> variants = arrangement.variants(drawing.quilt().setting()::wholeForParts);
        List<String> names = names(variants);
        Map<Coloured, String> nameOf = new HashMap<>();
        for (int i = 0; i < variants.size(); i++) {
            nameOf.put(new Coloured(variants.get(i).kind(), variants.get(i).colouring()), names.get(i));
        }
        boolean diagonal = grid.isSlanted();
        Map<Integer, List<Mark>> rows = new TreeMap<>();
        arrangement.placements().forEach((place, placement) -> {
            int number = diagonal ? place.row() + place.column() : place.row();
            List<Mark> row = rows.computeIfAbsent(number, any -> new ArrayList<>());
            String name = requireNonNull(nameOf.get(new Coloured(placement.kind(), placement.colouring())));
            row.add(diagonal ? 0 : row.size(), new Mark(name, placement.turn()));
        });
        return new BlockMap(List.copyOf(rows.values()), diagonal);
    }

    /** Whether one block stands upright in all places, so that nobody needs a map. */
    public boolean isPlain() {
        return !diagonal && rows.stream().flatMap(List::stream).distinct().count() == 1 && rows.get(0).get(0).turn() == Turn.NONE;
    }

    /** Short names of blocks in their colourings, each its own: the kind's key, with a number from the second colouring on. */
    static List<String> names(List<Arrangement.Variant> variants) {
        Map<BlockKey, Integer> numbers = new LinkedHashMap<>();
        return variants.stream().map(variant -> {
            int number = numbers.merge(variant.kind(), 1, Integer::sum);
            return variant.kind() + (number == 1 ? "" : "-" + number);
        }).toList();
    }
}
