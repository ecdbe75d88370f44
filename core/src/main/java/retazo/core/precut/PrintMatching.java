package retazo.core.precut;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Which prints go into which unit, where the prints in one unit must be different: a matching, not a count.
 *
 * <p>A flow from the places of all units over prints to the pieces of each: a unit takes a print at most once, a print is taken as
 * often as it
 * has pieces (Ford and Fulkerson; each path found adds one place). Nine pieces of three prints are not enough for four units of
 * two when one
 * print has seven of them.
 */
public final class PrintMatching {

    /** How light a print looks. */
    public enum Value {
        LIGHT,
        MEDIUM,
        DARK
    }

    /**
     * A print of the bundle, or a single that takes the place of one that was dropped.
     *
     * @param pieces how many pieces of it there are, zero or more
     */
    public record Print(String name, Value value, int pieces) {
    }

    /**
     * What one unit takes: as many different prints as there are places.
     *
     * @param places    for each the value its print must have, or any
     * @param identical how many identical pieces of each print: 2 for twins; 1 or more
     */
    public record Unit(List<Optional<Value>> places, int identical) {
        /**
         * @throws IllegalArgumentException if the unit has no place, or takes no piece
         */
        public Unit {
            places = List.copyOf(places);
            if (places.isEmpty() || identical < 1) {
                throw new IllegalArgumentException("A unit of " + places.size() + " prints, " + identical + " pieces of each, is none.");
            }
        }
    }

    /**
     * What came of it.
     *
     * @param asked how many units were asked for
     * @param units the names of the prints of each unit that can be made, in the order of its places
     */
    public record Pairing(int asked, List<List<String>> units) {
        public Pairing {
            units = List.copyOf(units);
        }

        /** Whether every unit has its prints. */
        public boolean isComplete() {
            return units.size() == asked;
        }
    }

    private final List<Print> prints;
    private final Unit unit;

    /** @param prints without those that are dropped */
    public PrintMatching(List<Print> prints, Unit unit) {
        this.prints = List.copyOf(prints);
        this.unit = unit;
    }

    /** The pairing list for so many units, or for as many as can be made. */
    public Pairing pair(int units) {
        int most = 0;
        int tooMany = units + 1;
        List<List<String>> best = List.of();
        while (most + 1 < tooMany) {
            int tried = (most + tooMany) / 2;
            Optional<List<List<String>>> paired = paired(tried);
            if (paired.isPresent()) {
                best = paired.get();
                most = tried;
            } else {
                tooMany = tried;
            }
        }
        return new Pairing(units, best);
    }

    private Optional<List<List<String>>> paired(int units) {
        int places = unit.places().size();
        int[][] printOf = new int[units][places];
        for (int[] one : printOf) {
            Arrays.fill(one, -1);
        }
        int[] left = prints.stream().mapToInt(print -> print.pieces() / unit.identical()).toArray();
        for (int u = 0; u < units; u++) {
            for (int place = 0; place < places; place++) {
                if (!augment(printOf, left, u, place)) {
                    return Optional.empty();
                }
            }
        }
        return Optional.of(Arrays.stream(printOf)
                .map(one -> Arrays.stream(one).mapToObj(print -> prints.get(print).name()).toList()).toList());
    }

    /** A place that waits for a print, and who sent it waiting. */
    private record Waiting(int unit, int place, Optional<Step> from) {
    }

    /** A place took this print, so that another has to look for one. */
    private record Step(Waiting taker, int print) {
    }

    /** Finds a print for one place; others may have to change theirs. Breadth first, so that few do. */
    private boolean augment(int[][] printOf, int[] left, int u, int place) {
        boolean[][] seen = new boolean[printOf.length][prints.size()];
        boolean[] asked = new boolean[prints.size()];
        Deque<Waiting> waiting = new ArrayDeque<>(List.of(new Waiting(u, place, Optional.empty())));
        while (!waiting.isEmpty()) {
            Waiting one = waiting.poll();
            for (int print : mostFirst(left)) {
                if (seen[one.unit()][print] || !suits(one.place(), print)) {
                    continue;
                }
                seen[one.unit()][print] = true;
                int taken = placeOf(printOf[one.unit()], print);
                if (taken >= 0) {
                    waiting.add(new Waiting(one.unit(), taken, Optional.of(new Step(one, print))));
                } else if (left[print] > 0) {
                    left[print]--;
                    settle(printOf, one, print);
                    return true;
                } else if (!asked[print]) {
                    asked[print] = true;
                    for (int[] holder : holders(printOf, print)) {
                        waiting.add(new Waiting(holder[0], holder[1], Optional.of(new Step(one, print))));
                    }
                }
            }
        }
        return false;
    }

    /** The prints of which most are left come first, so that few places have to change theirs later. */
    private static int[] mostFirst(int[] left) {
        return IntStream.range(0, left.length).boxed().sorted(Comparator.comparing(print -> -left[print])).mapToInt(Integer::intValue)
                .toArray();
    }

    private boolean suits(int place, int print) {
        return unit.places().get(place).map(value -> value == prints.get(print).value()).orElse(true);
    }

    private static int placeOf(int[] unitPrints, int print) {
        for (int place = 0; place < unitPrints.length; place++) {
            if (unitPrints[place] == print) {
                return place;
            }
        }
        return -1;
    }

    private static List<int[]> holders(int[][] printOf, int print) {
        List<int[]> holders = new ArrayList<>();
        for (int u = 0; u < printOf.length; u++) {
            int place = placeOf(printOf[u], print);
            if (place >= 0) {
                holders.add(new int[] {u, place});
            }
        }
        return holders;
    }

    /** The last place takes what was found, each before it what the one after it gives up. */
    private static void settle(int[][] printOf, Waiting last, int print) {
        Waiting at = last;
        int takes = print;
        while (true) {
            printOf[at.unit()][at.place()] = takes;
            if (at.from().isEmpty()) {
                return;
            }
            takes = at.from().get().print();
            at = at.from().get().taker();
        }
    }
}
