package retazo.app.heap;

import static java.util.Objects.requireNonNull;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.Origin;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.patterns.PatternVersion;
import retazo.core.bolt.HeapKits;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.cloth.ShopPractice;

/**
 * What a size of a pattern takes of each of its roles, cut from cloth alone, with its binding and without a back. Until fabrics are chosen
 * each role has plain cotton of the shop's width. What was worked out is kept; it belongs to all that it comes from.
 */
@Component
class HeapNeeds {

    static final Contents CONTENTS = new Contents(true, false);
    private static final int MOST_KEPT = 10_000;
    private static final Colour PAPER = Colour.parse("#e9e4d6");

    private final KitWorks works;
    private final Cache<Source, Optional<SizeNeed>> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    HeapNeeds(KitWorks works) {
        this.works = works;
    }

    /** All that it comes from; {@code fabrics} is empty for plain cotton. */
    private record Source(long versionId, String size, ShopPractice practice, Map<RoleKey, Fabric> fabrics) {
    }

    /** A role that takes cloth, and how much. */
    record RoleNeed(Role role, HeapKits.Wanted cut) {
    }

    /**
     * What one kit takes.
     *
     * @param finished how large its top is; empty where its pattern does not say
     */
    record SizeNeed(List<RoleNeed> roles, Optional<TopSize> finished) {

        List<HeapKits.Wanted> cuts() {
            return roles.stream().map(RoleNeed::cut).toList();
        }
    }

    /** Whether it was worked out before, so that it costs no time. */
    boolean isKept(PatternVersion pattern, QuiltSize size, ShopPractice shop) {
        return kept.getIfPresent(source(pattern, size, shop, Map.of())) != null;
    }

    /** In plain cotton; empty where the size cannot be made of cloth alone. */
    Optional<SizeNeed> plain(PatternVersion pattern, QuiltSize size, ShopPractice shop) {
        return requireNonNull(kept.get(source(pattern, size, shop, Map.of()), source -> worked(pattern, size, shop, plain(pattern))));
    }

    /** In fabrics of its own. */
    Optional<SizeNeed> in(Map<RoleKey, Fabric> fabrics, PatternVersion pattern, QuiltSize size, ShopPractice shop) {
        return requireNonNull(kept.get(source(pattern, size, shop, fabrics), source -> worked(pattern, size, shop, fabrics)));
    }

    private static Source source(PatternVersion pattern, QuiltSize size, ShopPractice shop, Map<RoleKey, Fabric> fabrics) {
        return new Source(pattern.id(), size.key().value(), shop, fabrics);
    }

    private static Map<RoleKey, Fabric> plain(PatternVersion pattern) {
        Map<RoleKey, Fabric> fabrics = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            fabrics.put(role.key(), new Fabric(
                    -1 - fabrics.size(), "PLAIN-" + fabrics.size(), role.name(), PAPER, PAPER, Motif.PLAIN, ClothKind.COTTON,
                    Motif.PLAIN.print(), Optional.empty(), Optional.empty(), new Prices<>(Optional.empty(), Optional.empty()),
                    Origin.UNKNOWN));
        }
        return fabrics;
    }

    private Optional<SizeNeed> worked(PatternVersion pattern, QuiltSize size, ShopPractice shop, Map<RoleKey, Fabric> fabrics) {
        KitWork work = works.workBy(Kit.wished(pattern, size, "", fabrics, Map.of(), CONTENTS), shop);
        Map<String, HeapKits.Wanted> cuts = new HashMap<>();
        work.bill().lines().stream().flatMap(line -> line.asCut().stream())
                .forEach(cut -> cuts.put(cut.fabricCode(), new HeapKits.Wanted(cut.length(), cut.plannedWidth())));
        List<RoleNeed> roles = new ArrayList<>();
        pattern.design().roles().forEach(role -> Optional.ofNullable(fabrics.get(role.key()))
                .flatMap(fabric -> Optional.ofNullable(cuts.get(fabric.code()))).ifPresent(cut -> roles.add(new RoleNeed(role, cut))));
        return !work.problems().isEmpty() || roles.isEmpty() || roles.size() < work.bill().lines().size()
                ? Optional.empty()
                : Optional.of(new SizeNeed(List.copyOf(roles), work.plan().finished()));
    }
}
