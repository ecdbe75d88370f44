package retazo.app.colours;

import static java.util.Objects.requireNonNull;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.possible.ClothNeeds;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.bolt.HeapKits;
import retazo.core.bolt.Tolerance;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.colouring.Counterparts;
import retazo.core.colouring.Judgement;
import retazo.core.colouring.Neighbours;
import retazo.core.colouring.Proposals;
import retazo.core.colouring.Seen;
import retazo.core.kit.Contents;
import retazo.core.quilt.picture.QuiltDrawing;
import retazo.core.quilt.size.QuiltSize;

/** Judges what is tried, and proposes what else could be. What lies beside what in a size is worked out once and kept. */
@Component
class Trial {

    private static final int SIZES_KEPT = 400;
    private static final int IN_A_RANGE = 200;
    private static final Neighbours NONE = new Neighbours(List.of());

    private final PatternService patterns;
    private final FabricService fabrics;
    private final StockService stock;
    private final PracticeService practice;
    private final ClothNeeds needs;
    private final Cache<String, Neighbours> neighbours = Caffeine.newBuilder().maximumSize(SIZES_KEPT).build();

    Trial(PatternService patterns, FabricService fabrics, StockService stock, PracticeService practice, ClothNeeds needs) {
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.stock = stock;
        this.practice = practice;
        this.needs = needs;
    }

    /**
     * What is tried, found.
     *
     * @param fabrics  of the roles that have one
     * @param needs    what each role takes; roles that are absent take nothing in this size
     * @param kits     for how many kits the cloth of each role's fabric is enough
     * @param drawn    whether the size is drawn, so that it is known what lies beside what
     * @param judgement of what is seen
     */
    record Found(
            PatternVersion pattern, QuiltSize size, Contents contents, Map<RoleKey, Fabric> fabrics,
            Map<RoleKey, HeapKits.Wanted> needs, Map<RoleKey, Long> kits, boolean drawn, Judgement judgement) {

        /** For how many kits all of it is enough; empty while a role has no fabric. */
        Optional<Long> allKits() {
            return needs.keySet().stream().allMatch(kits::containsKey)
                    ? kits.values().stream().min(Long::compare)
                    : Optional.empty();
        }
    }

    @Transactional(readOnly = true)
    Found found(Tried tried) {
        PatternVersion pattern = patterns.newestOf(tried.pattern());
        List<QuiltSize> sizes = pattern.design().sizes();
        QuiltSize size = sizes.stream().filter(one -> one.key().value().equals(tried.size())).findFirst()
                .orElseGet(() -> sizes.get(sizes.size() / 2));
        Map<Long, Fabric> byId = fabrics.byIds(tried.fabrics().values());
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        pattern.design().roles().forEach(role -> Optional.ofNullable(tried.fabrics().get(role.key().value())).map(byId::get)
                .ifPresent(fabric -> chosen.put(role.key(), fabric)));
        ShopPractice shop = practice.practice();
        ClothNeeds.Made made = new ClothNeeds.Made(pattern, size, new Contents(true, tried.backing()));
        Map<RoleKey, HeapKits.Wanted> plain = needs(needs.plain(made, shop));
        Map<RoleKey, HeapKits.Wanted> wanted = chosen.keySet().containsAll(plain.keySet()) && !plain.isEmpty()
                ? needs(needs.in(chosen, made, shop))
                : plain;
        Map<Long, HeapKits.Cloth> cloths = cloths(chosen.values(), shop);
        Map<RoleKey, Long> kits = new LinkedHashMap<>();
        wanted.forEach((role, cut) -> Optional.ofNullable(chosen.get(role)).ifPresent(
                fabric -> kits.put(role, requireNonNull(cloths.get(fabric.id())).cuts(cut).value())));
        Neighbours beside = neighbours(pattern, size);
        return new Found(
                pattern, size, made.contents(), chosen, wanted, kits, !beside.pairs().isEmpty(),
                Judgement.of(pattern.design().roles(), beside, seen(chosen), practice.leastContrast()));
    }

    /** By how much the values of neighbours must differ not to fade, of 100. */
    int contrast() {
        return practice.leastContrast();
    }

    /** The roles without a fabric that some of these sizes take cloth for. */
    @Transactional(readOnly = true)
    List<Role> open(Found found, List<String> sizeKeys) {
        ShopPractice shop = practice.practice();
        Set<RoleKey> needed = new HashSet<>(found.needs().keySet());
        found.pattern().design().sizes().stream().filter(size -> sizeKeys.contains(size.key().value()))
                .forEach(size -> needed.addAll(needs(needs.plain(
                        new ClothNeeds.Made(found.pattern(), size, found.contents()), shop)).keySet()));
        return found.pattern().design().roles().stream()
                .filter(role -> needed.contains(role.key()) && !found.fabrics().containsKey(role.key())).toList();
    }

    private static Map<RoleKey, HeapKits.Wanted> needs(Optional<ClothNeeds.SizeNeed> need) {
        Map<RoleKey, HeapKits.Wanted> byRole = new LinkedHashMap<>();
        need.ifPresent(size -> size.roles().forEach(role -> byRole.put(role.role().key(), role.cut())));
        return byRole;
    }

    private static Map<RoleKey, Seen> seen(Map<RoleKey, Fabric> chosen) {
        return chosen.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, entry -> seen(entry.getValue())));
    }

    static Seen seen(Fabric fabric) {
        return Seen.of(fabric.look(), fabric.print(), fabric.repeat());
    }

    private Map<Long, HeapKits.Cloth> cloths(Collection<Fabric> some, ShopPractice shop) {
        Tolerance tolerance = Tolerance.of(shop);
        Map<Long, List<Bolt>> bolts = stock.boltsOf(some.stream().map(Fabric::id).distinct().toList()).stream()
                .collect(Collectors.groupingBy(Bolt::fabricId));
        Map<Long, HeapKits.Cloth> cloths = new HashMap<>();
        some.forEach(fabric -> cloths.put(fabric.id(), new HeapKits.Cloth(
                fabric.code(), bolts.getOrDefault(fabric.id(), List.of()).stream().map(bolt -> bolt.toStock(tolerance)).toList())));
        return cloths;
    }

    private Neighbours neighbours(PatternVersion pattern, QuiltSize size) {
        return requireNonNull(neighbours.get(pattern.id() + " " + size.key().value(), key -> size.match(
                grid -> pattern.design().drawing().map(drawing -> Neighbours.of(QuiltDrawing.of(
                        drawing, grid,
                        pattern.design().practice(ShopPractice.customary()).length(PracticeMeasure.SEAM_ALLOWANCE)))).orElse(NONE),
                printed -> NONE)));
    }

    /**
     * The best colourings out of some fabrics.
     *
     * @param exact whether every way was tried
     * @param of    how many fabrics they were chosen from
     */
    record Proposed(List<Proposals.Proposal> best, boolean exact, int of) {
    }

    /** Of what is tried, out of these fabrics; a fabric serves a role where it is enough for one kit. */
    @Transactional(readOnly = true)
    Proposed proposed(Found found, List<Fabric> some, int most) {
        return proposed(found, some, (fabric, role) -> true, most);
    }

    /** The same for one role alone and those that have no fabric yet: all other roles keep theirs. */
    @Transactional(readOnly = true)
    Proposed proposedFor(RoleKey open, Found found, List<Fabric> some, int most) {
        Map<RoleKey, Fabric> kept = new LinkedHashMap<>(found.fabrics());
        kept.remove(open);
        Set<Fabric> all = new LinkedHashSet<>(kept.values());
        all.addAll(some);
        return proposed(
                found, List.copyOf(all), (fabric, role) -> kept.containsKey(role)
                        ? fabric.equals(kept.get(role))
                        : !kept.containsValue(fabric),
                most);
    }

    /**
     * What is tried with a fabric of another range in the place of each that is of a range too, from light to dark; others stay, and so do
     * backs. Empty where the range has no fabric for tops.
     */
    @Transactional(readOnly = true)
    Map<RoleKey, Fabric> inRange(String range, Found found) {
        List<Fabric> fresh = fabrics.ofRanges(List.of(range), IN_A_RANGE).stream().filter(fabric -> fabric.kind().isForTops()).toList();
        List<Fabric> used = found.fabrics().values().stream().distinct()
                .filter(fabric -> fabric.kind().isForTops() && !fabric.origin().range().isEmpty()).toList();
        if (fresh.isEmpty()) {
            return Map.of();
        }
        List<Fabric> known = fabrics.ofRanges(used.stream().map(fabric -> fabric.origin().range()).collect(Collectors.toSet()), IN_A_RANGE);
        Map<String, String> counterparts = Counterparts.of(ranged(used), ranged(known), ranged(fresh));
        Map<String, Fabric> byCode = fresh.stream().collect(Collectors.toMap(Fabric::code, fabric -> fabric));
        Map<RoleKey, Fabric> changed = new LinkedHashMap<>();
        found.fabrics().forEach((role, fabric) -> changed.put(
                role, Optional.ofNullable(counterparts.get(fabric.code())).map(byCode::get).orElse(fabric)));
        return changed;
    }

    private static List<Counterparts.Ranged> ranged(Collection<Fabric> some) {
        return some.stream().map(fabric -> new Counterparts.Ranged(
                fabric.code(), fabric.origin().range(), fabric.look().value())).toList();
    }

    private Proposed proposed(Found found, List<Fabric> some, BiPredicate<Fabric, RoleKey> may, int most) {
        Map<Long, HeapKits.Cloth> cloths = cloths(some, practice.practice());
        List<Role> roles = found.pattern().design().roles().stream().filter(role -> found.needs().containsKey(role.key())).toList();
        List<Proposals.Candidate> candidates = new ArrayList<>();
        for (Fabric fabric : some) {
            Map<RoleKey, Long> kits = new HashMap<>();
            found.needs().forEach((role, cut) -> {
                if (may.test(fabric, role)) {
                    kits.put(role, requireNonNull(cloths.get(fabric.id())).cuts(cut).value());
                }
            });
            candidates.add(new Proposals.Candidate(fabric.code(), seen(fabric), kits));
        }
        return new Proposed(
                Proposals.best(roles, neighbours(found.pattern(), found.size()), candidates, 1, most,
                        practice.leastContrast()),
                Proposals.isExact(roles.size(), candidates.size()), candidates.size());
    }
}
