package retazo.core.prints;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Cuttings for parts where they are no flow, print by print: what each print gives, and what that leaves for the others. What was tried
 * in vain is kept by what was still wanted, and a way ends where the prints that are left have too few sheets, or too few pieces, for
 * some of the parts together.
 *
 * <p>Exact up to {@value #MOST_STEPS} steps; a search that is longer counts as one without an answer, so that never more units are
 * promised than can be made.
 */
final class PrintSearch {

    private static final int MOST_STEPS = 100_000;

    private final PrintUnit unit;
    private final List<Print> prints;
    private final int units;
    private final int[] order;
    private final PrintLimits limits;
    private final int[][] pieces;
    private final Set<List<Integer>> inVain = new HashSet<>();
    private int steps;

    PrintSearch(PrintUnit unit, List<Print> prints, int units) {
        this.unit = unit;
        this.prints = prints;
        this.units = units;
        this.order = IntStream.range(0, prints.size()).boxed()
                .sorted(Comparator.comparing((Integer print) -> partsOf(print)).thenComparing(print -> -prints.get(print).sheets()))
                .mapToInt(Integer::intValue).toArray();
        this.limits = new PrintLimits(unit, Arrays.stream(order).mapToObj(prints::get).toList(), units);
        this.pieces = new int[prints.size()][unit.parts().size()];
    }

    private int partsOf(int print) {
        return (int) unit.parts().stream().filter(part -> part.takes(prints.get(print).name())).count();
    }

    /** The pieces by print and part, as many of each part as there are units; empty if that cannot be. */
    Optional<int[][]> pieces() {
        int[] wanted = new int[unit.parts().size()];
        Arrays.fill(wanted, units);
        if (!limits.allow(0, wanted)) {
            return Optional.empty();
        }
        return new PrintGreed(unit, prints, units).pieces().or(() -> find(0, wanted) ? Optional.of(pieces) : Optional.empty());
    }

    private boolean find(int from, int[] wanted) {
        if (Arrays.stream(wanted).allMatch(count -> count == 0)) {
            return true;
        }
        if (from == order.length || isTooLong() || !limits.allow(from, wanted)) {
            return false;
        }
        List<Integer> tried = new ArrayList<>(wanted.length + 1);
        tried.add(from);
        Arrays.stream(wanted).forEach(tried::add);
        if (!inVain.add(tried)) {
            return false;
        }
        for (int[] given : given(prints.get(order[from]), wanted)) {
            int[] left = new int[wanted.length];
            Arrays.setAll(left, part -> wanted[part] - given[part]);
            pieces[order[from]] = given;
            if (find(from + 1, left)) {
                return true;
            }
        }
        pieces[order[from]] = new int[wanted.length];
        return false;
    }

    private boolean isTooLong() {
        steps++;
        return steps > MOST_STEPS;
    }

    /** What a print can give of what is wanted, without what gives less of everything; the most of what is scarce first. */
    private List<int[]> given(Print print, int[] wanted) {
        Map<List<Integer>, int[]> all = new LinkedHashMap<>();
        cuttings(print, 0, print.sheets(), new int[wanted.length], wanted, all);
        List<int[]> given = new ArrayList<>(all.values());
        given.sort(Comparator.comparing((int[] one) -> -weight(one, wanted)));
        return given;
    }

    /** How many sheets, in 720ths, of those that are wanted for each part in proportion. */
    private long weight(int[] given, int[] wanted) {
        long weight = 0;
        for (int part = 0; part < given.length; part++) {
            PrintPart one = unit.parts().get(part);
            weight += 720L * one.sheets() * given[part] / one.gives() * Math.max(1, wanted[part]);
        }
        return weight;
    }

    private void cuttings(Print print, int part, int sheets, int[] given, int[] wanted, Map<List<Integer>, int[]> all) {
        if (isTooLong()) {
            return;
        }
        if (part == given.length) {
            if (isFull(print, sheets, given, wanted)) {
                limited(given, 0, unit.different() ? units : Integer.MAX_VALUE, new int[given.length], all);
            }
            return;
        }
        PrintPart one = unit.parts().get(part);
        int most = one.takes(print.name()) ? Math.min(sheets / one.sheets(), one.cuttings(wanted[part])) : 0;
        for (int times = most; times >= 0; times--) {
            given[part] = Math.min(wanted[part], times * one.gives());
            cuttings(print, part + 1, sheets - times * one.sheets(), given, wanted, all);
        }
        given[part] = 0;
    }

    /** Whether nothing more comes from the sheets that are left. */
    private boolean isFull(Print print, int sheets, int[] given, int[] wanted) {
        return IntStream.range(0, given.length).noneMatch(part -> given[part] < wanted[part] && unit.parts().get(part).takes(print.name())
                && unit.parts().get(part).sheets() <= sheets);
    }

    /** All that is given, or where that is more than one piece for each unit, every choice of so many. */
    private void limited(int[] given, int part, int most, int[] chosen, Map<List<Integer>, int[]> all) {
        if (isTooLong()) {
            return;
        }
        int later = Arrays.stream(given, part, given.length).sum();
        if (later <= most) {
            int[] whole = chosen.clone();
            System.arraycopy(given, part, whole, part, given.length - part);
            all.putIfAbsent(Arrays.stream(whole).boxed().toList(), whole);
            return;
        }
        int rest = later - given[part];
        for (int count = Math.min(given[part], most); count >= Math.max(0, most - rest); count--) {
            chosen[part] = count;
            limited(given, part + 1, most - count, chosen, all);
        }
        chosen[part] = 0;
    }
}
