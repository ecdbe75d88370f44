package retazo.core.bolt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * How many kits a heap of cloth gives, where each of a kit's lengths is cut from another fabric. How many is exact: no other choice of
 * fabrics gives more. Which fabrics is a choice among those that give as many: the fabric of which least is there is used up first, so
 * that ends go before bolts.
 *
 * <p>So many kits can be made if each length finds a fabric of its own whose bolts give as many cuts of it, bolt by bolt. Lengths and
 * fabrics are the two sides of a graph with a line wherever that is so, and what is looked for is a matching of all lengths. Fewer kits
 * have every line that more kits have, so the largest number is found by halving.
 *
 * @param kits   how many; 0 where some length finds no fabric
 * @param cloths the code of the fabric of each length, in the order in which they were asked; empty for no kits
 */
public record HeapKits(Count kits, List<String> cloths) {

    private static final HeapKits NONE = new HeapKits(new Count(0), List.of());

    public HeapKits {
        cloths = List.copyOf(cloths);
    }

    /**
     * A length that each kit takes.
     *
     * @param length       longer than nothing
     * @param plannedWidth the usable width that it was worked out for; narrower bolts do not serve
     */
    public record Wanted(Length length, Length plannedWidth) {
    }

    /**
     * A fabric of the heap.
     *
     * @param bolts all of it that may be cut
     */
    public record Cloth(String code, List<BoltStock> bolts) {

        public Cloth {
            bolts = List.copyOf(bolts);
        }

        Length all() {
            return bolts.stream().map(BoltStock::toPlan).reduce(Length.ZERO, Length::plus);
        }

        /** The whole cuts that it gives. */
        public Count cuts(Wanted wanted) {
            return KitsPossible.cuts(BoltRequest.wideEnough(bolts, wanted.plannedWidth()), wanted.length());
        }
    }

    /**
     * The most kits that a heap gives.
     *
     * @param wanted all lengths of one kit, one or more
     * @param heap   each fabric once
     */
    public static HeapKits of(List<Wanted> wanted, List<Cloth> heap) {
        List<Cloth> smallestFirst = heap.stream().sorted(Comparator.comparing(Cloth::all).thenComparing(Cloth::code)).toList();
        List<Integer> longestFirst = IntStream.range(0, wanted.size()).boxed()
                .sorted(Comparator.comparing((Integer at) -> wanted.get(at).length()).reversed()).toList();
        List<List<Count>> cuts = longestFirst.stream()
                .map(at -> smallestFirst.stream().map(cloth -> cloth.cuts(wanted.get(at))).toList()).toList();
        long least = 0;
        long above = 1 + cuts.stream()
                .mapToLong(row -> row.stream().mapToLong(Count::value).max().orElse(0)).min()
                .orElseThrow(() -> new IllegalArgumentException("A kit that takes no length can be made without end."));
        Optional<int[]> best = Optional.empty();
        while (least + 1 < above) {
            long tried = (least + above) / 2;
            Optional<int[]> found = new Matching(cuts, tried).ofAll();
            if (found.isPresent()) {
                least = tried;
                best = found;
            } else {
                above = tried;
            }
        }
        long kits = least;
        return best.map(clothOf -> {
            Map<Integer, String> byLength = new TreeMap<>();
            IntStream.range(0, clothOf.length).forEach(i -> byLength.put(longestFirst.get(i), smallestFirst.get(clothOf[i]).code()));
            return new HeapKits(new Count(kits), new ArrayList<>(byLength.values()));
        }).orElse(NONE);
    }

    /**
     * How many kits fabrics give that are chosen already.
     *
     * @param wanted all lengths of one kit, one or more
     * @param cloths of each length, each fabric once
     */
    public static HeapKits in(List<Wanted> wanted, List<Cloth> cloths) {
        Count kits = IntStream.range(0, wanted.size()).mapToObj(i -> cloths.get(i).cuts(wanted.get(i))).min(Count::compareTo)
                .orElseThrow(() -> new IllegalArgumentException("A kit that takes no length can be made without end."));
        return kits.value() == 0 ? NONE : new HeapKits(kits, cloths.stream().map(Cloth::code).toList());
    }

    /** What all of these kits take together. */
    public Length used(List<Wanted> wanted) {
        return wanted.stream().map(Wanted::length).reduce(Length.ZERO, Length::plus).times(kits.value());
    }

    /** How many hundredths of a heap that is, rounded down, 0 to 100. */
    public int share(List<Wanted> wanted, List<Cloth> heap) {
        long all = heap.stream().map(Cloth::all).reduce(Length.ZERO, Length::plus).ticks();
        return all == 0 ? 0 : Math.toIntExact(Math.floorDiv(Math.multiplyExact(used(wanted).ticks(), 100L), all));
    }

    /**
     * A fabric for each length, grown length by length along paths that put earlier lengths onto other fabrics.
     *
     * @param cuts  of each length, of each fabric
     * @param least so many cuts a fabric must give
     */
    private record Matching(List<List<Count>> cuts, long least) {

        Optional<int[]> ofAll() {
            int[] lengthOf = new int[cuts.get(0).size()];
            java.util.Arrays.fill(lengthOf, -1);
            for (int length = 0; length < cuts.size(); length++) {
                if (!place(length, lengthOf, new HashSet<>())) {
                    return Optional.empty();
                }
            }
            Map<Integer, Integer> clothOf = IntStream.range(0, lengthOf.length).filter(cloth -> lengthOf[cloth] >= 0).boxed()
                    .collect(Collectors.toMap(cloth -> lengthOf[cloth], cloth -> cloth));
            return Optional.of(IntStream.range(0, cuts.size()).map(clothOf::get).toArray());
        }

        private boolean place(int length, int[] lengthOf, Set<Integer> seen) {
            for (int cloth = 0; cloth < lengthOf.length; cloth++) {
                if (cuts.get(length).get(cloth).value() >= least && seen.add(cloth)
                        && (lengthOf[cloth] < 0 || place(lengthOf[cloth], lengthOf, seen))) {
                    lengthOf[cloth] = length;
                    return true;
                }
            }
            return false;
        }
    }
}
