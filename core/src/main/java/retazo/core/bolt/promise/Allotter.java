package retazo.core.bolt.promise;

import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.CounterChoice;
import retazo.core.bolt.FabricPacker;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import retazo.core.measure.Length;

/**
 * Keeps promises as far as cloth goes, and changes as little as it can.
 *
 * <ol>
 * <li>Where more is kept on a bolt than it has, the cuts that come last by {@link Precedence} let go, the last on the bolt first, until
 * the rest fits. Nothing else of the bolt moves: a tolerance keeps new cuts away and takes no cloth from those that are there.
 * <li>What has no bolt goes into room that is free, all lengths of a fabric together where they can be laid so.
 * <li>Where not, bag by bag, those that come first first, and each bag whole or not at all: into free room; else by moving one cut, or
 * two, of bags that do not come before it to other bolts; else, if it may, by taking the cloth of cuts that come after it, of as late ones
 * and as few as there are. Who lost cloth so is served in its turn.
 * <li>A bag that cannot be made yet still keeps what there is free for it.
 * </ol>
 */
public final class Allotter {

    private final AllotmentRequest request;
    private final Map<String, BoltStock> bolts = new HashMap<>();
    private final Map<String, Integer> order = new HashMap<>();
    private Laid laid = new Laid();
    private final Set<String> deferred = new HashSet<>();

    private Allotter(AllotmentRequest request) {
        this.request = request;
        request.bolts().values().forEach(ofFabric -> ofFabric.forEach(bolt -> bolts.put(bolt.id(), bolt)));
        bolts.values().forEach(bolt -> laid.left.put(bolt.id(), bolt.free()));
        request.held().forEach(laid::lay);
        request.homeless().forEach(need -> {
            order.put(need.id(), order.size());
            laid.homeless.put(need.id(), need);
        });
    }

    /** What becomes of a request; the same request has the same answer. */
    public static Allotment of(AllotmentRequest request) {
        return new Allotter(request).allot();
    }

    /** What lies where, and what has no bolt. */
    private static final class Laid {

        private final Map<String, Length> left = new HashMap<>();
        private final Map<String, List<HeldCut>> cutsOf = new HashMap<>();
        private final Map<String, ClothNeed> homeless = new LinkedHashMap<>();

        Laid copy() {
            Laid copy = new Laid();
            copy.left.putAll(left);
            cutsOf.forEach((bolt, cuts) -> copy.cutsOf.put(bolt, new ArrayList<>(cuts)));
            copy.homeless.putAll(homeless);
            return copy;
        }

        Length left(String boltId) {
            return requireNonNull(left.get(boltId));
        }

        List<HeldCut> on(String boltId) {
            return cutsOf.getOrDefault(boltId, List.of());
        }

        void lay(HeldCut cut) {
            cutsOf.computeIfAbsent(cut.boltId(), bolt -> new ArrayList<>()).add(cut);
            left.merge(cut.boltId(), cut.length().negated(), Length::plus);
            cut.needs().forEach(need -> homeless.remove(need.id()));
        }

        void lay(ClothNeed need, String boltId) {
            lay(new HeldCut(need.id() + "@" + boltId, boltId, need.length(), List.of(need)));
        }

        void letGo(HeldCut cut) {
            requireNonNull(cutsOf.get(cut.boltId())).remove(cut);
            left.merge(cut.boltId(), cut.length(), Length::plus);
            cut.needs().forEach(need -> homeless.put(need.id(), need));
        }
    }

    /** How a need comes to a bolt. */
    private record Way(String boltId, Map<HeldCut, String> moved, List<HeldCut> taken) {
    }

    private Allotment allot() {
        letGoOfShortBolts();
        layTogether();
        Optional<List<ClothNeed>> next = nextBag();
        while (next.isPresent()) {
            if (!layWhole(next.get())) {
                deferred.add(next.get().get(0).bag());
            }
            next = nextBag();
        }
        for (ClothNeed need : inTurn()) {
            way(need, false).ifPresent(way -> take(need, way));
        }
        return result();
    }

    private void letGoOfShortBolts() {
        for (String boltId : List.copyOf(laid.left.keySet())) {
            List<HeldCut> lastFirst = new ArrayList<>(laid.on(boltId));
            java.util.Collections.reverse(lastFirst);
            lastFirst.sort(Comparator.comparing(HeldCut::precedence).reversed());
            for (HeldCut cut : lastFirst) {
                if (laid.left(boltId).isNegative()) {
                    laid.letGo(cut);
                }
            }
        }
    }

    /** All homeless lengths of a fabric that free room takes as it is. */
    private void layTogether() {
        Map<String, List<ClothNeed>> byFabric = laid.homeless.values().stream()
                .collect(Collectors.groupingBy(ClothNeed::fabricCode, LinkedHashMap::new, Collectors.toList()));
        byFabric.forEach((code, needs) -> {
            List<ClothNeed> longestFirst = needs.stream().sorted(Comparator.comparing(ClothNeed::length).reversed()).toList();
            Length width = needs.stream().map(ClothNeed::plannedWidth).max(Length::compareTo).orElseThrow();
            List<BoltStock> room = BoltRequest.wideEnough(room(code), width);
            new FabricPacker(room, request.rests()).pack(longestFirst.stream().map(ClothNeed::length).toList())
                    .ifPresent(packing -> {
                        for (int i = 0; i < longestFirst.size(); i++) {
                            laid.lay(longestFirst.get(i), room.get(packing.boltOf().get(i)).id());
                        }
                    });
        });
    }

    /** The bolts of a fabric with what nobody has of them. */
    private List<BoltStock> room(String fabricCode) {
        return request.bolts().getOrDefault(fabricCode, List.of()).stream()
                .map(bolt -> bolt.withFree(laid.left(bolt.id()).atLeast(Length.ZERO)))
                .toList();
    }

    /** What is left of a bolt beside its tolerance; below zero where cuts that were kept before reach into it. */
    private Length open(BoltStock bolt) {
        return laid.left(bolt.id()).minus(bolt.tolerance());
    }

    private Optional<List<ClothNeed>> nextBag() {
        List<ClothNeed> waiting = inTurn().stream().filter(need -> !deferred.contains(need.bag())).toList();
        return waiting.isEmpty()
                ? Optional.empty()
                : Optional.of(waiting.stream().filter(need -> need.bag().equals(waiting.get(0).bag())).toList());
    }

    /** What has no bolt, in the order in which it is served. */
    private List<ClothNeed> inTurn() {
        return laid.homeless.values().stream()
                .sorted(Comparator.comparing(ClothNeed::precedence)
                        .thenComparing(need -> order.getOrDefault(need.id(), order.size()))
                        .thenComparing(ClothNeed::bag, Comparator.comparing(String::length).thenComparing(Comparator.naturalOrder())))
                .toList();
    }

    private boolean layWhole(List<ClothNeed> bag) {
        Laid before = laid.copy();
        for (ClothNeed need : bag) {
            Optional<Way> way = way(need, need.mayTake());
            if (way.isEmpty()) {
                laid = before;
                return false;
            }
            take(need, way.get());
        }
        return true;
    }

    private void take(ClothNeed need, Way way) {
        way.taken().forEach(laid::letGo);
        way.moved().forEach((cut, boltId) -> {
            laid.letGo(cut);
            laid.lay(cut.needs().get(0), boltId);
        });
        laid.lay(need, way.boltId());
    }

    private Optional<Way> way(ClothNeed need, boolean mayTake) {
        List<BoltStock> room = BoltRequest.wideEnough(room(need.fabricCode()), need.plannedWidth());
        Optional<Way> free = CounterChoice.best(room, need.length(), request.rests()).map(bolt -> new Way(bolt.id(), Map.of(), List.of()));
        return free.or(() -> byMoving(need, room)).or(() -> mayTake ? byTaking(need, room) : Optional.empty());
    }

    /** Room that one cut, or two of one bolt, make by going to other bolts. */
    private Optional<Way> byMoving(ClothNeed need, List<BoltStock> room) {
        List<Way> ways = new ArrayList<>();
        for (BoltStock bolt : room) {
            List<HeldCut> movable = laid.on(bolt.id()).stream()
                    .filter(cut -> cut.isAlone() && !cut.precedence().comesBefore(need.precedence())).toList();
            for (HeldCut one : movable) {
                moved(need, bolt, List.of(one)).ifPresent(ways::add);
            }
            for (int first = 0; ways.isEmpty() && first < movable.size(); first++) {
                for (int second = first + 1; second < movable.size(); second++) {
                    moved(need, bolt, List.of(movable.get(first), movable.get(second))).ifPresent(ways::add);
                }
            }
        }
        return ways.stream().min(Comparator.comparing((Way way) -> way.moved().size())
                .thenComparing(way -> way.moved().keySet().stream().map(HeldCut::precedence).min(Precedence::compareTo).orElseThrow(),
                        Comparator.reverseOrder()));
    }

    private Optional<Way> moved(ClothNeed need, BoltStock bolt, List<HeldCut> cuts) {
        Length freed = cuts.stream().map(HeldCut::length).reduce(open(bolt), Length::plus);
        if (freed.isShorterThan(need.length())) {
            return Optional.empty();
        }
        List<BoltStock> others = new ArrayList<>(room(need.fabricCode()).stream().filter(one -> !one.id().equals(bolt.id())).toList());
        Map<HeldCut, String> moved = new LinkedHashMap<>();
        for (HeldCut cut : cuts) {
            ClothNeed of = cut.needs().get(0);
            Optional<BoltStock> to = CounterChoice.best(BoltRequest.wideEnough(others, of.plannedWidth()), cut.length(), request.rests());
            if (to.isEmpty()) {
                return Optional.empty();
            }
            moved.put(cut, to.get().id());
            others.replaceAll(one -> one.equals(to.get()) ? one.withFree(one.free().minus(cut.length())) : one);
        }
        return Optional.of(new Way(bolt.id(), moved, List.of()));
    }

    /** The cloth of cuts that come after, on the bolt where those are as late, and then as few, as anywhere. */
    private Optional<Way> byTaking(ClothNeed need, List<BoltStock> room) {
        List<Way> ways = new ArrayList<>();
        for (BoltStock bolt : room) {
            List<HeldCut> lastFirst = new ArrayList<>(laid.on(bolt.id()).stream()
                    .filter(cut -> need.precedence().comesBefore(cut.precedence())).toList());
            java.util.Collections.reverse(lastFirst);
            lastFirst.sort(Comparator.comparing(HeldCut::precedence).reversed());
            Length freed = open(bolt);
            List<HeldCut> taken = new ArrayList<>();
            for (HeldCut cut : lastFirst) {
                if (freed.isShorterThan(need.length())) {
                    taken.add(cut);
                    freed = freed.plus(cut.length());
                }
            }
            if (!freed.isShorterThan(need.length())) {
                ways.add(new Way(bolt.id(), Map.of(), withoutNeedless(taken, freed.minus(need.length()))));
            }
        }
        return ways.stream().min(Comparator
                .comparing((Way way) -> way.taken().stream().map(HeldCut::precedence).min(Precedence::compareTo).orElseThrow(),
                        Comparator.reverseOrder())
                .thenComparing(way -> way.taken().size()));
    }

    /** Cuts that the last one made needless stay, those that come first first. */
    private static List<HeldCut> withoutNeedless(List<HeldCut> lastFirst, Length over) {
        List<HeldCut> taken = new ArrayList<>(lastFirst);
        Length spare = over;
        for (int i = lastFirst.size() - 1; i >= 0; i--) {
            HeldCut cut = lastFirst.get(i);
            if (!cut.length().isLongerThan(spare)) {
                taken.remove(cut);
                spare = spare.minus(cut.length());
            }
        }
        return taken;
    }

    private Allotment result() {
        Map<String, HeldCut> before = new HashMap<>();
        request.held().forEach(cut -> before.put(cut.id(), cut));
        Set<String> letGo = new LinkedHashSet<>(before.keySet());
        Map<String, String> placed = new LinkedHashMap<>();
        for (HeldCut cut : laid.cutsOf.values().stream().flatMap(List::stream).toList()) {
            if (before.containsKey(cut.id())) {
                letGo.remove(cut.id());
            } else {
                cut.needs().forEach(need -> placed.put(need.id(), cut.boltId()));
            }
        }
        request.held().stream().filter(HeldCut::isAlone).filter(cut -> letGo.contains(cut.id())).forEach(cut -> {
            // Let go, and laid where it lay: it stays.
            if (placed.remove(cut.needs().get(0).id(), cut.boltId())) {
                letGo.remove(cut.id());
            }
        });
        return new Allotment(letGo, placed, inTurn());
    }
}
