package retazo.core.bolt.search;

import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.BoltPlan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import retazo.core.measure.Length;

/** Puts the lengths of fabrics that were laid on bolts together to a plan of bags. */
final class PlanAssembly {

    private final BoltRequest request;

    PlanAssembly(BoltRequest request) {
        this.request = request;
    }

    /** The lengths of one fabric for so many bags of each group, longest first. */
    List<Length> lengths(String code, int[] counts) {
        List<Length> lengths = new ArrayList<>();
        for (int group = 0; group < counts.length; group++) {
            Length length = request.groups().get(group).lengths().get(code);
            if (length != null) {
                lengths.addAll(Collections.nCopies(counts[group], length));
            }
        }
        lengths.sort(Comparator.reverseOrder());
        return lengths;
    }

    /** The bolt of each of {@link #lengths}, by how many lengths of each group are cut from each bolt. */
    List<Integer> boltOf(FabricUnits fabric, int[][] sets, int[] counts) {
        List<int[]> left = Arrays.stream(sets).map(int[]::clone).toList();
        List<Integer> boltOf = new ArrayList<>();
        for (Length length : lengths(fabric.code(), counts)) {
            boltOf.add(take(left, fabric.ticks(), length.ticks()));
        }
        return boltOf;
    }

    private static int take(List<int[]> left, long[] ticks, long length) {
        for (int bolt = 0; bolt < left.size(); bolt++) {
            for (int group = 0; group < ticks.length; group++) {
                if (ticks[group] == length && left.get(bolt)[group] > 0) {
                    left.get(bolt)[group]--;
                    return bolt;
                }
            }
        }
        throw new IllegalStateException("A length is cut from no bolt.");
    }

    /**
     * The plan.
     *
     * @param boltOf by fabric the index of the bolt of each of its {@link #lengths}
     */
    BoltPlan plan(int[] counts, Map<String, List<Integer>> boltOf) {
        List<BoltPlan.PlannedLength> cuts = new ArrayList<>();
        List<BoltPlan.Rest> rests = new ArrayList<>();
        for (String code : request.neededFabrics()) {
            List<BoltPlan.PlannedLength> ofFabric = cutsOf(code, counts, requireNonNull(boltOf.get(code)));
            for (BoltStock bolt : request.bolts(code)) {
                List<BoltPlan.PlannedLength> ofBolt = ofFabric.stream().filter(cut -> cut.boltId().equals(bolt.id())).toList();
                if (!ofBolt.isEmpty()) {
                    Length used = ofBolt.stream().map(BoltPlan.PlannedLength::length).reduce(Length.ZERO, Length::plus);
                    Length rest = bolt.free().minus(used);
                    cuts.addAll(ofBolt);
                    rests.add(new BoltPlan.Rest(code, bolt.id(), rest, request.rests().kindOf(rest)));
                }
            }
        }
        return new BoltPlan(IntStream.of(counts).boxed().toList(), cuts, rests);
    }

    /** Gives each bag of a group one of the places of its length, in the order of groups and bags. */
    private List<BoltPlan.PlannedLength> cutsOf(String code, int[] counts, List<Integer> boltOf) {
        List<Length> lengths = lengths(code, counts);
        boolean[] given = new boolean[lengths.size()];
        List<BoltPlan.PlannedLength> cuts = new ArrayList<>();
        for (int group = 0; group < counts.length; group++) {
            Length length = request.groups().get(group).lengths().get(code);
            for (int bag = 0; length != null && bag < counts[group]; bag++) {
                int place = firstOpen(lengths, given, length);
                given[place] = true;
                String bolt = request.bolts(code).get(boltOf.get(place)).id();
                cuts.add(new BoltPlan.PlannedLength(code, bolt, group, bag, length));
            }
        }
        return cuts;
    }

    private static int firstOpen(List<Length> lengths, boolean[] given, Length length) {
        return IntStream.range(0, given.length)
                .filter(place -> !given[place] && lengths.get(place).equals(length))
                .findFirst()
                .orElseThrow();
    }
}
