package retazo.core.prints;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Cuttings for parts as a flow: where every part takes equally many sheets at a time, a print with s sheets is cut ⌊s ÷ sheets⌋ times for
 * whatever part, and each part wants ⌈units ÷ gives⌉ cuttings. Each path found adds one cutting, others change their print for it (Ford
 * and Fulkerson). Exact.
 */
final class PrintFlow {

    private static final int NONE = -1;

    private final PrintUnit unit;
    private final List<Print> prints;
    private final int units;

    PrintFlow(PrintUnit unit, List<Print> prints, int units) {
        this.unit = unit;
        this.prints = prints;
        this.units = units;
    }

    /**
     * Whether the cuttings of a unit are a flow: where prints must differ, a cutting has to give one unit its part, so that units limit
     * cuttings.
     */
    static boolean serves(PrintUnit unit) {
        return unit.parts().stream().map(PrintPart::sheets).distinct().count() == 1
                && (!unit.different() || unit.parts().size() == 1 || unit.parts().stream().allMatch(part -> part.gives() == 1));
    }

    /** The pieces by print and part, as many of each part as there are units; empty if that cannot be. */
    Optional<int[][]> pieces() {
        List<PrintPart> parts = unit.parts();
        boolean oneEach = unit.different() && parts.size() > 1;
        int[] left = prints.stream().map(print -> print.sheets() / parts.get(0).sheets())
                .mapToInt(cuttings -> oneEach ? Math.min(cuttings, units) : cuttings).toArray();
        int[][] cuttings = new int[prints.size()][parts.size()];
        for (int part = 0; part < parts.size(); part++) {
            for (int i = 0; i < parts.get(part).cuttings(units); i++) {
                if (!augment(cuttings, left, part)) {
                    return Optional.empty();
                }
            }
        }
        return Optional.of(pieces(cuttings));
    }

    /**
     * Finds a print for one more cutting of a part; of those that have sheets left the one with most. Breadth first over parts, which are
     * few.
     */
    private boolean augment(int[][] cuttings, int[] left, int begin) {
        int[] from = new int[unit.parts().size()];
        int[] by = new int[from.length];
        Arrays.fill(from, NONE);
        from[begin] = begin;
        Deque<Integer> waiting = new ArrayDeque<>(List.of(begin));
        while (!waiting.isEmpty()) {
            int part = waiting.poll();
            PrintPart taker = unit.parts().get(part);
            Optional<Integer> free = IntStream.range(0, left.length).boxed()
                    .filter(print -> left[print] > 0 && taker.takes(prints.get(print).name()))
                    .max(Comparator.comparing(print -> left[print]));
            if (free.isPresent()) {
                left[free.get()]--;
                settle(cuttings, from, by, part, free.get());
                return true;
            }
            for (int print = 0; print < left.length; print++) {
                for (int other = 0; other < from.length; other++) {
                    if (from[other] == NONE && cuttings[print][other] > 0 && taker.takes(prints.get(print).name())) {
                        from[other] = part;
                        by[other] = print;
                        waiting.add(other);
                    }
                }
            }
        }
        return false;
    }

    /** The last part takes the print that was found, each before it the one that the next gives up. */
    private static void settle(int[][] cuttings, int[] from, int[] by, int last, int found) {
        int part = last;
        int print = found;
        while (true) {
            cuttings[print][part]++;
            if (from[part] == part) {
                return;
            }
            print = by[part];
            cuttings[print][part]--;
            part = from[part];
        }
    }

    /** What the cuttings give, without what is beyond the units. */
    private int[][] pieces(int[][] cuttings) {
        int[][] pieces = new int[prints.size()][unit.parts().size()];
        for (int part = 0; part < unit.parts().size(); part++) {
            int wanted = units;
            for (int print = 0; print < pieces.length; print++) {
                pieces[print][part] = Math.min(wanted, cuttings[print][part] * unit.parts().get(part).gives());
                wanted -= pieces[print][part];
            }
        }
        return pieces;
    }
}
