package retazo.app.runs.book;

import java.util.List;
import retazo.core.measure.Length;

/**
 * A length to be cut from a bolt.
 *
 * @param lines  of bags that it serves, one or more
 * @param length of the cut: that of its line, or less than those of all its lines where their pieces are cut together
 */
public record WantedCut(List<BagLineEntity> lines, Length length, long boltId) {

    public WantedCut {
        lines = List.copyOf(lines);
    }

    public static WantedCut of(BagLineEntity line, long boltId) {
        return new WantedCut(List.of(line), line.length(), boltId);
    }
}
