package retazo.core.prints;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Cuttings for parts without looking back: always for the part that still wants the largest share of the sheets that would serve it, from
 * the print whose sheets serve fewest other parts and come out evenly. What it finds can be made; that it finds nothing proves nothing.
 */
final class PrintGreed {

    private final PrintUnit unit;
    private final List<Print> prints;
    private final int units;
    private final int[] left;
    private final int[] used;
    private final int[] wanted;
    private final int[][] pieces;

    PrintGreed(PrintUnit unit, List<Print> prints, int units) {
        this.unit = unit;
        this.prints = prints;
        this.units = units;
        this.left = prints.stream().mapToInt(Print::sheets).toArray();
        this.used = new int[prints.size()];
        this.wanted = new int[unit.parts().size()];
        Arrays.fill(wanted, units);
        this.pieces = new int[prints.size()][wanted.length];
    }

    /** The pieces by print and part; empty if it comes to an end before. */
    Optional<int[][]> pieces() {
        while (true) {
            Optional<Integer> part = IntStream.range(0, wanted.length).boxed().filter(one -> wanted[one] > 0)
                    .max(Comparator.comparing(this::scarcity));
            if (part.isEmpty()) {
                return Optional.of(pieces);
            }
            Optional<Integer> print = IntStream.range(0, left.length).boxed().filter(one -> gain(one, part.get()) > 0)
                    .max(Comparator.comparing((Integer one) -> gain(one, part.get()))
                            .thenComparing(one -> -others(one, part.get()))
                            .thenComparing(one -> -(left[one] % unit.parts().get(part.get()).sheets() + oddness(one, part.get())))
                            .thenComparing(one -> left[one]));
            if (print.isEmpty()) {
                return Optional.empty();
            }
            int given = gain(print.get(), part.get());
            left[print.get()] -= unit.parts().get(part.get()).sheets();
            used[print.get()] += given;
            wanted[part.get()] -= given;
            pieces[print.get()][part.get()] += given;
        }
    }

    /** Whether single sheets would break a pair that another part could use. */
    private int oddness(int print, int part) {
        int sheets = unit.parts().get(part).sheets();
        return (int) unit.parts().stream()
                .filter(other -> other.sheets() > sheets && other.takes(prints.get(print).name()) && left[print] % other.sheets() < sheets)
                .count();
    }

    /** How many units get the part by one cutting more. */
    private int gain(int print, int part) {
        PrintPart one = unit.parts().get(part);
        if (left[print] < one.sheets() || !one.takes(prints.get(print).name())) {
            return 0;
        }
        int most = Math.min(one.gives(), wanted[part]);
        return unit.different() ? Math.min(most, units - used[print]) : most;
    }

    private long others(int print, int part) {
        return IntStream.range(0, wanted.length).filter(other -> other != part && gain(print, other) > 0).count();
    }

    /** The sheets that are still wanted in millionths of those that may serve. */
    private long scarcity(int part) {
        PrintPart one = unit.parts().get(part);
        long serving = 1 + IntStream.range(0, left.length).filter(print -> gain(print, part) > 0).mapToLong(print -> left[print]).sum();
        return 1_000_000L * one.sheets() * one.cuttings(wanted[part]) / serving;
    }
}
