package retazo.core.bolt.search;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.measure.Length;

/**
 * A fabric whose bolts do not give all that a run asks of it, whatever the other fabrics have.
 *
 * @param missing the lengths for which no bolt has room, added up
 * @param cuts    how many lengths that are
 */
public record Shortage(String fabricCode, Length missing, int cuts) {

    private static final int STEPS = 3_000;
    private static final long MOST_WORK = 4_000_000;

    /** The fabrics that limit a request, in the order of their codes. */
    public static List<Shortage> of(BoltRequest request) {
        List<Shortage> shortages = new ArrayList<>();
        for (String code : request.neededFabrics()) {
            int[] longestFirst = IntStream.range(0, request.groups().size())
                    .filter(group -> request.groups().get(group).lengths().containsKey(code)).boxed()
                    .sorted((one, other) -> length(request, other, code).compareTo(length(request, one, code)))
                    .mapToInt(Integer::intValue).toArray();
            int cuts = fewestMissing(canBeLaid(request, code, longestFirst), longestFirst, quantities(request));
            if (cuts > 0) {
                Length missing = Length.ZERO;
                int[] left = without(quantities(request), longestFirst, cuts);
                for (int group : longestFirst) {
                    missing = missing.plus(length(request, group, code).times(quantities(request)[group] - left[group]));
                }
                shortages.add(new Shortage(code, missing, cuts));
            }
        }
        return shortages;
    }

    private static int[] quantities(BoltRequest request) {
        return request.groups().stream().mapToInt(BagGroup::quantity).toArray();
    }

    private static Length length(BoltRequest request, int group, String code) {
        return request.groups().get(group).lengths().getOrDefault(code, Length.ZERO);
    }

    /** Whether numbers of bags can be laid: by the table of the fabric where it is small, else by trying. */
    private static Predicate<int[]> canBeLaid(BoltRequest request, String code, int[] takers) {
        List<BoltStock> bolts = request.bolts(code);
        long[] lengths = IntStream.of(takers).mapToLong(group -> length(request, group, code).ticks()).toArray();
        int[] most = IntStream.of(takers).map(group -> request.groups().get(group).quantity()).toArray();
        if (FabricTable.work(bolts, lengths, most, MOST_WORK) < MOST_WORK) {
            FabricTable table = new FabricTable(bolts, lengths, most, new RestCost(request.rests(), bolts));
            return counts -> table.cost(IntStream.of(takers).map(group -> counts[group]).toArray()) != FabricTable.NEVER;
        }
        FabricUnits fabric = FabricUnits.toPlan(request, code);
        return counts -> FabricFill.lay(fabric, counts, STEPS, () -> true).isPresent();
    }

    /** How many of the longest lengths are left out until the others can be laid, by halving. */
    private static int fewestMissing(Predicate<int[]> canBeLaid, int[] longestFirst, int[] quantities) {
        int tooFew = -1;
        int enough = IntStream.of(longestFirst).map(group -> quantities[group]).sum();
        while (enough - tooFew > 1) {
            int middle = (tooFew + enough) / 2;
            if (canBeLaid.test(without(quantities, longestFirst, middle))) {
                enough = middle;
            } else {
                tooFew = middle;
            }
        }
        return enough;
    }

    private static int[] without(int[] quantities, int[] longestFirst, int cuts) {
        int[] left = quantities.clone();
        int open = cuts;
        for (int group : longestFirst) {
            int taken = Math.min(open, left[group]);
            left[group] -= taken;
            open -= taken;
        }
        return left;
    }
}
