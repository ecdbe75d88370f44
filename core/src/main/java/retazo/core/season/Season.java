package retazo.core.season;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.FabricPacker;
import retazo.core.bolt.KitsPossible;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/**
 * Kits that share cloth.
 *
 * @param kits   in the order in which they are shown
 * @param cloths by code: the bolts that may be cut from, wide enough for all that is cut of them
 * @param goods  how many of counted goods can be picked, by code
 */
public record Season(List<SeasonKit> kits, Map<String, List<BoltStock>> cloths, Map<String, Count> goods) {

    /** Which rests are worth keeping is no question before a run is planned. */
    private static final RestRule ANY_REST = new RestRule(Length.ZERO, Length.ZERO);

    /**
     * @throws IllegalArgumentException if a kit occurs twice
     */
    public Season {
        kits = List.copyOf(kits);
        Map<String, List<BoltStock>> copy = new LinkedHashMap<>();
        cloths.forEach((code, bolts) -> copy.put(code, List.copyOf(bolts)));
        cloths = Collections.unmodifiableMap(copy);
        goods = Map.copyOf(goods);
        Set<String> ids = new HashSet<>();
        kits.forEach(kit -> {
            if (!ids.add(kit.id())) {
                throw new IllegalArgumentException("Kit '" + kit.id() + "' occurs twice.");
            }
        });
    }

    /**
     * What so many of each kit take of one fabric.
     *
     * @param code    of the fabric
     * @param free    of all its bolts that serve, that may be planned with
     * @param taken   by each kit that takes some, all its numbers together
     * @param unlaid  the lengths that found no place on a bolt; not cut together from what is left of several
     */
    public record Share(String code, Length free, Map<String, Length> taken, List<Length> unlaid) {

        public Length all() {
            return taken.values().stream().reduce(Length.ZERO, Length::plus);
        }

        /** What no kit takes; nothing where more is taken than there is. */
        public Length left() {
            return free.minus(all()).atLeast(Length.ZERO);
        }

        public boolean suffices() {
            return unlaid.isEmpty();
        }
    }

    /** The bolts of a fabric, none if it is unknown. */
    List<BoltStock> bolts(String code) {
        return cloths.getOrDefault(code, List.of());
    }

    /** How many of a good can be picked. */
    Count free(String code) {
        return goods.getOrDefault(code, new Count(0));
    }

    /** For how many of a kit each of its fabrics and goods is enough where no other kit takes any of it; each bolt by itself. */
    public Map<String, Count> aloneByCode(SeasonKit kit) {
        Map<String, Count> alone = new TreeMap<>();
        kit.lengths().forEach((code, each) -> alone.put(code, KitsPossible.cuts(bolts(code), each)));
        kit.picked().forEach((code, each) -> alone.put(code, new Count(free(code).value() / each.value())));
        return alone;
    }

    /** How many of a kit could be made if no other kit took anything. */
    public Count alone(SeasonKit kit) {
        return Collections.min(aloneByCode(kit).values());
    }

    /** The codes of all fabrics that a kit takes, in order. */
    public Set<String> fabrics() {
        Set<String> codes = new TreeSet<>();
        kits.forEach(kit -> codes.addAll(kit.lengths().keySet()));
        return codes;
    }

    /** The codes of all counted goods that a kit takes, in order. */
    public Set<String> pickedGoods() {
        Set<String> codes = new TreeSet<>();
        kits.forEach(kit -> codes.addAll(kit.picked().keySet()));
        return codes;
    }

    /** What so many of each kit take of each fabric, in the order of codes; a kit that is absent is not made. */
    public List<Share> shares(Map<String, Count> numbers) {
        return fabrics().stream().map(code -> share(code, numbers)).toList();
    }

    private Share share(String code, Map<String, Count> numbers) {
        Map<String, Length> taken = new LinkedHashMap<>();
        List<Length> cuts = new ArrayList<>();
        for (SeasonKit kit : kits) {
            Length each = kit.lengths().get(code);
            Count number = numbers.getOrDefault(kit.id(), new Count(0));
            if (each != null && number.value() > 0) {
                taken.put(kit.id(), each.times(number));
                cuts.addAll(Collections.nCopies(Math.toIntExact(number.value()), each));
            }
        }
        cuts.sort(Comparator.reverseOrder());
        Length free = bolts(code).stream().map(BoltStock::toPlan).reduce(Length.ZERO, Length::plus);
        List<Length> unlaid = packs(code, cuts) ? List.of() : unlaid(code, cuts);
        return new Share(code, free, Collections.unmodifiableMap(taken), unlaid);
    }

    /** Whether lengths, the longest first, find places on the bolts of a fabric. */
    boolean packs(String code, List<Length> longestFirst) {
        return longestFirst.isEmpty() || new FabricPacker(bolts(code), ANY_REST).pack(longestFirst).isPresent();
    }

    /** What is left over when each length goes where the rest is then shortest, longest first. */
    private List<Length> unlaid(String code, List<Length> longestFirst) {
        List<Length> rests = new ArrayList<>(bolts(code).stream().map(BoltStock::toPlan).toList());
        List<Length> unlaid = new ArrayList<>();
        for (Length length : longestFirst) {
            rests.stream().filter(rest -> !rest.isShorterThan(length)).min(Comparator.naturalOrder()).ifPresentOrElse(rest -> {
                rests.remove(rest);
                rests.add(rest.minus(length));
            }, () -> unlaid.add(length));
        }
        return List.copyOf(unlaid);
    }

    /** How many more of a good so many of each kit take than there are; zero where there are enough. */
    public Count lacking(String good, Map<String, Count> numbers) {
        long taken = kits.stream().mapToLong(kit -> kit.picked().getOrDefault(good, new Count(0)).value()
                * numbers.getOrDefault(kit.id(), new Count(0)).value()).sum();
        return new Count(Math.max(0, taken - free(good).value()));
    }
}
