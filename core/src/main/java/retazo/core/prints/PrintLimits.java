package retazo.core.prints;

import java.util.List;
import java.util.stream.IntStream;

/**
 * What no choice of cuttings gets from prints: for each group of parts, no more sheets than can be cut for them, and no more pieces than
 * their prints give. Sums of such limits over the prints from one on.
 */
final class PrintLimits {

    private final PrintUnit unit;
    private final long[][] sheets;
    private final long[][] pieces;

    /** @param prints in the order in which they are asked for */
    PrintLimits(PrintUnit unit, List<Print> prints, int units) {
        this.unit = unit;
        int groups = 1 << unit.parts().size();
        this.sheets = new long[prints.size() + 1][groups];
        this.pieces = new long[prints.size() + 1][groups];
        for (int print = prints.size() - 1; print >= 0; print--) {
            for (int group = 1; group < groups; group++) {
                List<PrintPart> parts = parts(group, prints.get(print));
                int most = prints.get(print).sheets();
                sheets[print][group] = sheets[print + 1][group] + best(parts, most, true);
                long given = best(parts, most, false);
                pieces[print][group] = pieces[print + 1][group] + (unit.different() ? Math.min(given, units) : given);
            }
        }
    }

    private List<PrintPart> parts(int group, Print print) {
        return IntStream.range(0, unit.parts().size()).filter(part -> (group >> part & 1) == 1).mapToObj(unit.parts()::get)
                .filter(part -> part.takes(print.name())).toList();
    }

    /** The most sheets of so many that are cut for these parts, or the most pieces that come from them (an unbounded knapsack). */
    private static long best(List<PrintPart> parts, int sheets, boolean ofSheets) {
        long[] best = new long[sheets + 1];
        for (int count = 1; count <= sheets; count++) {
            best[count] = best[count - 1];
            for (PrintPart part : parts) {
                if (part.sheets() <= count) {
                    best[count] = Math.max(best[count], best[count - part.sheets()] + (ofSheets ? part.sheets() : part.gives()));
                }
            }
        }
        return best[sheets];
    }

    /** Whether the prints from one on may have what is wanted of each part. */
    boolean allow(int from, int[] wanted) {
        for (int group = 1; group < sheets[from].length; group++) {
            long wantedSheets = 0;
            long wantedPieces = 0;
            for (int part = 0; part < wanted.length; part++) {
                if ((group >> part & 1) == 1) {
                    wantedSheets += (long) unit.parts().get(part).sheets() * unit.parts().get(part).cuttings(wanted[part]);
                    wantedPieces += wanted[part];
                }
            }
            if (wantedSheets > sheets[from][group] || wantedPieces > pieces[from][group]) {
                return false;
            }
        }
        return true;
    }
}
