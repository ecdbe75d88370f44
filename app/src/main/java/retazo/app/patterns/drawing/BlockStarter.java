package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import retazo.app.shared.Typed;

/** Frames of blocks to start from: a grid with its cells. */
final class BlockStarter {

    /** A frame: widths, heights, and the cells row by row. */
    private record Frame(String columns, String rows, int across, List<String> cells) {
    }

    private static final Map<String, Frame> FRAMES = new LinkedHashMap<>();

    static {
        FRAMES.put("plain square", new Frame("9", "9", 1, List.of("A")));
        FRAMES.put("four patches", new Frame("2 x 4", "2 x 4", 2, List.of("A", "B", "B", "A")));
        FRAMES.put("nine patches", new Frame("3 x 3", "3 x 3", 3, List.of("A", "B", "A", "B", "A", "B", "A", "B", "A")));
        FRAMES.put("star on a four by four grid", new Frame("4 x 3", "4 x 3", 4, List.of(
                "A", "geese A, B", "<", "A",
                "geese A, B @270", "B", "<", "geese A, B @90",
                "^", "^", "<", "^",
                "A", "geese A, B @180", "<", "A")));
        FRAMES.put("framed square", new Frame("2, 6, 2", "2, 6, 2", 3, List.of("B", "B", "B", "B", "A", "B", "B", "B", "B")));
        FRAMES.put("turning quarters", new Frame("4, 2, 4", "4, 2, 4", 3, List.of(
                "A", "<", "B", "B", "C", "^", "^", "A", "<")));
        FRAMES.put("square in a square", new Frame("8", "8", 1, List.of("square-in-square A, B")));
        FRAMES.put("ring of eight", new Frame("12", "12", 1, List.of("ring A, B, C")));
    }

    private BlockStarter() {
    }

    static List<String> names() {
        return List.copyOf(FRAMES.keySet());
    }

    /** The frame of this name, or an empty grid of three by three. */
    static BlockRow block(String name) {
        Frame frame = FRAMES.get(name);
        return frame == null
                ? BlockRow.first()
                : new BlockRow("", "block", frame.columns(), frame.rows(), frame.across(), frame.cells(), "", "");
    }

    /** The frame of this name as a further block, on the size of the first where it is empty. */
    static BlockRow next(String name, List<BlockRow> others) {
        BlockRow frame = block(name);
        List<String> taken = others.stream().map(row -> Typed.text(row.name()).toLowerCase(Locale.ROOT)).toList();
        int number = others.size() + 1;
        while (taken.contains("block " + number)) {
            number++;
        }
        BlockRow like = FRAMES.containsKey(name) || others.isEmpty() ? frame : others.get(0);
        List<String> cells = FRAMES.containsKey(name)
                ? new ArrayList<>(Typed.list(frame.cells()))
                : new ArrayList<>(Collections.nCopies(Typed.list(like.cells()).size(), ""));
        return new BlockRow("", "block " + number, like.columns(), like.rows(), like.cellColumns(), cells, "", "");
    }
}
