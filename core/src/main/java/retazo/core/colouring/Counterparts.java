package retazo.core.colouring;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Fabrics of a new range in the places of those of older ones. A fabric's place is where it stands in its own range from light to dark,
 * as a part of the way; its counterpart stands as far along the new range. Fabrics that differ keep different counterparts, in the same
 * order from light to dark, as long as the new range has as many; of all ways to do that the one is taken whose steps aside are fewest
 * together.
 */
public final class Counterparts {

    /** Parts of the way through a range. */
    private static final long WAY = 100_000;
    private static final long FAR = Long.MAX_VALUE / 4;
    private static final Comparator<Ranged> LIGHT_FIRST = Comparator.comparing(Ranged::value).reversed().thenComparing(Ranged::code);

    private Counterparts() {
    }

    /**
     * A fabric in its range.
     *
     * @param value 0 for black to 100 for white
     */
    public record Ranged(String code, String range, int value) {
    }

    /**
     * The codes of the counterparts by the codes of the fabrics that they stand for.
     *
     * @param used  the fabrics that need one
     * @param known all fabrics of their ranges; those that are used need not be among them
     * @param fresh all fabrics of the new range, one or more
     */
    public static Map<String, String> of(Collection<Ranged> used, Collection<Ranged> known, Collection<Ranged> fresh) {
        List<Ranged> lightFirst = fresh.stream().distinct().sorted(LIGHT_FIRST).toList();
        List<Ranged> wanted = used.stream().distinct()
                .sorted(Comparator.comparing((Ranged one) -> place(one, known)).thenComparing(LIGHT_FIRST)).toList();
        Map<String, String> found = new HashMap<>();
        if (wanted.size() > lightFirst.size()) {
            wanted.forEach(one -> found.put(
                    one.code(), lightFirst.get(Math.toIntExact((place(one, known) * (lightFirst.size() - 1) + WAY / 2) / WAY)).code()));
            return found;
        }
        List<Integer> places = places(wanted.stream().map(one -> place(one, known) * (lightFirst.size() - 1)).toList(), lightFirst.size());
        for (int i = 0; i < wanted.size(); i++) {
            found.put(wanted.get(i).code(), lightFirst.get(places.get(i)).code());
        }
        return found;
    }

    /** How far along its range a fabric stands; one that is alone in its range stands where its value is. */
    private static long place(Ranged one, Collection<Ranged> known) {
        List<Ranged> range = new ArrayList<>(known.stream().filter(other -> other.range().equals(one.range())).distinct().toList());
        if (!range.contains(one)) {
            range.add(one);
        }
        range.sort(LIGHT_FIRST);
        return range.size() == 1 ? (100 - one.value()) * WAY / 100 : range.indexOf(one) * WAY / (range.size() - 1);
    }

    /** Rising places out of so many, one for each ideal, with the least sum of steps aside; by what is best for the first ones so far. */
    private static List<Integer> places(List<Long> ideals, int of) {
        long[][] least = new long[ideals.size() + 1][of + 1];
        for (int wanted = 1; wanted <= ideals.size(); wanted++) {
            least[wanted][0] = FAR;
            for (int place = 1; place <= of; place++) {
                long taken = least[wanted - 1][place - 1] + Math.abs((place - 1) * WAY - ideals.get(wanted - 1));
                least[wanted][place] = Math.min(least[wanted][place - 1], taken);
            }
        }
        List<Integer> places = new ArrayList<>();
        int place = of;
        for (int wanted = ideals.size(); wanted > 0; wanted--) {
            while (least[wanted][place] == least[wanted][place - 1]) {
                place--;
            }
            place--;
            places.add(0, place);
        }
        return places;
    }
}
