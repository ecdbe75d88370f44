package retazo.core.bolt;

import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * A run to be planned on bolts.
 *
 * @param fabrics by code: the bolts that may be cut from
 * @param groups  in the order asked for
 * @param goods   how many of counted goods can be picked, by code; of one that is missing there is none
 */
public record BoltRequest(Map<String, List<BoltStock>> fabrics, List<BagGroup> groups, RestRule rests, Map<String, Count> goods) {

    /** Of bolts alone. */
    public BoltRequest(Map<String, List<BoltStock>> fabrics, List<BagGroup> groups, RestRule rests) {
        this(fabrics, groups, rests, Map.of());
    }

    /**
     * @throws IllegalArgumentException if a bolt or a group occurs twice
     */
    public BoltRequest {
        Map<String, List<BoltStock>> copy = new LinkedHashMap<>();
        Set<String> ids = new HashSet<>();
        fabrics.forEach((code, bolts) -> {
            copy.put(code, List.copyOf(bolts));
            bolts.forEach(bolt -> requireNew(ids, bolt.id()));
        });
        fabrics = Collections.unmodifiableMap(copy);
        groups = List.copyOf(groups);
        goods = Map.copyOf(goods);
        Set<String> names = new HashSet<>();
        groups.forEach(group -> requireNew(names, group.name()));
    }

    private static void requireNew(Set<String> seen, String name) {
        if (!seen.add(name)) {
            throw new IllegalArgumentException("'" + name + "' occurs twice.");
        }
    }

    /** The bolts of a fabric, none if it is unknown. */
    public List<BoltStock> bolts(String fabricCode) {
        return fabrics.getOrDefault(fabricCode, List.of());
    }

    /** How many of a good can be picked. */
    public long free(String goodCode) {
        return goods.getOrDefault(goodCode, new Count(0)).value();
    }

    /** The codes of all counted goods that a group takes, in order. */
    public Set<String> neededGoods() {
        Set<String> codes = new TreeSet<>();
        groups.forEach(group -> codes.addAll(group.picked().keySet()));
        return codes;
    }

    /** How many of a good so many bags of each group take, in the order of groups. */
    public long picked(String goodCode, int[] counts) {
        long picked = 0;
        for (int group = 0; group < counts.length; group++) {
            picked += groups.get(group).picked().getOrDefault(goodCode, new Count(0)).value() * counts[group];
        }
        return picked;
    }

    /** The codes of all fabrics that a group needs, in order. */
    public Set<String> neededFabrics() {
        Set<String> codes = new TreeSet<>();
        groups.forEach(group -> codes.addAll(group.lengths().keySet()));
        return codes;
    }

    /** The bolts that are wide enough for a length that was planned for a usable width. */
    public static List<BoltStock> wideEnough(List<BoltStock> bolts, Length plannedWidth) {
        return bolts.stream().filter(bolt -> !bolt.usableWidth().isShorterThan(plannedWidth)).toList();
    }
}
