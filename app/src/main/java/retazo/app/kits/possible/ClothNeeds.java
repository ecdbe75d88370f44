package retazo.app.kits.possible;

import static java.util.Objects.requireNonNull;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Drawn;
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
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.Contents;
import retazo.core.quilt.setting.TopSize;
import retazo.core.quilt.size.QuiltSize;

/**
 * What a size of a pattern takes of each of its roles, cut from cloth alone. Until fabrics are chosen each role has plain cotton of the
 * shop's width. What was worked out is kept; it belongs to all that it comes from.
 */
@Component
public class ClothNeeds {

    private static final int MOST_KEPT = 10_000;
    private static final Colour PAPER = Colour.parse("#e9e4d6");

    private final KitWorks works;
    private final Cache<Source, Optional<SizeNeed>> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    ClothNeeds(KitWorks works) {
        this.works = works;
    }

    /** All that it comes from; {@code fabrics} is empty for plain cotton. */
    private record Source(long versionId, String size, Contents contents, ShopPractice practice, Map<RoleKey, Fabric> fabrics) {
    }

    /** A role that takes cloth, and how much. */
    public record RoleNeed(Role role, HeapKits.Wanted cut) {
    }

    /**
     * What one kit takes.
     *
     * @param finished how large its top is; empty where its pattern does not say
     */
    public record SizeNeed(List<RoleNeed> roles, Optional<TopSize> finished) {

        public List<HeapKits.Wanted> cuts() {
            return roles.stream().map(RoleNeed::cut).toList();
        }
    }

    /** A size of a pattern with what goes into its kit. */
    public record Made(PatternVersion pattern, QuiltSize size, Contents contents) {
    }

    /** Whether it was worked out before, so that it costs no time. */
    public boolean isKept(Made made, ShopPractice shop) {
        return kept.getIfPresent(source(made, shop, Map.of())) != null;
    }

    /** In plain cotton; empty where the size cannot be made of cloth alone. */
    public Optional<SizeNeed> plain(Made made, ShopPractice shop) {
        return requireNonNull(kept.get(source(made, shop, Map.of()), source -> worked(made, shop, plain(made.pattern()))));
    }

    /**
     * In fabrics of its own, one for each role that takes cloth; of a fabric of several roles each of them has the length of all together.
     */
    public Optional<SizeNeed> in(Map<RoleKey, Fabric> fabrics, Made made, ShopPractice shop) {
        boolean isPlain = new HashSet<>(fabrics.values()).size() == fabrics.size() && fabrics.values().stream().allMatch(
                fabric -> fabric.print().mayTurn() && fabric.usableWidth().isEmpty() && fabric.kind() == ClothKind.COTTON);
        return isPlain
                ? plain(made, shop)
                : requireNonNull(kept.get(source(made, shop, fabrics), source -> worked(made, shop, fabrics)));
    }

    private static Source source(Made made, ShopPractice shop, Map<RoleKey, Fabric> fabrics) {
        return new Source(made.pattern().id(), made.size().key().value(), made.contents(), shop, fabrics);
    }

    private static Map<RoleKey, Fabric> plain(PatternVersion pattern) {
        Map<RoleKey, Fabric> fabrics = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            fabrics.put(role.key(), new Fabric(
                    -1 - fabrics.size(), "PLAIN-" + fabrics.size(), role.name(), new Drawn(PAPER, PAPER, Motif.PLAIN, Optional.empty()),
                    ClothKind.COTTON,
                    Motif.PLAIN.print(), Optional.empty(), Optional.empty(), new Prices<>(Optional.empty(), Optional.empty()),
                    Origin.UNKNOWN));
        }
        return fabrics;
    }

    private Optional<SizeNeed> worked(Made made, ShopPractice shop, Map<RoleKey, Fabric> fabrics) {
        KitWork work = works.workBy(Kit.wished(made.pattern(), made.size(), "", fabrics, Map.of(), made.contents()), shop);
        Map<String, HeapKits.Wanted> cuts = new HashMap<>();
        work.bill().lines().stream().flatMap(line -> line.asCut().stream())
                .forEach(cut -> cuts.put(cut.fabricCode(), new HeapKits.Wanted(cut.length(), cut.plannedWidth())));
        List<RoleNeed> roles = new ArrayList<>();
        made.pattern().design().roles().forEach(role -> Optional.ofNullable(fabrics.get(role.key()))
                .flatMap(fabric -> Optional.ofNullable(cuts.get(fabric.code()))).ifPresent(cut -> roles.add(new RoleNeed(role, cut))));
        return !work.problems().isEmpty() || roles.isEmpty() || roles.size() < work.bill().lines().size()
                ? Optional.empty()
                : Optional.of(new SizeNeed(List.copyOf(roles), work.plan().finished()));
    }
}
