package retazo.app.kits;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.choices.BesideChoice;
import retazo.app.kits.choices.RoleChoice;
import retazo.app.kits.sources.KitNotion;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitSources;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.UnreadableException;
import retazo.app.shared.Words;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.RoleKey;

/** Reads the kits that the shop has. */
@Service
@Transactional(readOnly = true)
public class KitBook {

    private final KitRepository kits;
    private final PatternService patterns;
    private final FabricService fabrics;
    private final GoodService goods;
    private final LeftOverBook leftOvers;
    private final Words words;

    KitBook(
            KitRepository kits, PatternService patterns, FabricService fabrics, GoodService goods, LeftOverBook leftOvers, Words words) {
        this.kits = kits;
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.goods = goods;
        this.leftOvers = leftOvers;
        this.words = words;
    }

    /** Some kits in the order of their ids here; one that is gone, or whose pattern cannot be read any more, is left out. */
    public List<Kit> inOrder(List<Long> ids) {
        Map<Long, Kit> byId = byIds(ids);
        return ids.stream().filter(byId::containsKey).map(byId::get).toList();
    }

    /** The kits whose colourway names a fabric, by pattern, colourway and the order of the pattern's sizes. */
    public List<Kit> ofFabric(long fabricId) {
        return toKits(kits.byIds(kits.idsOfFabric(fabricId)));
    }

    /** The numbers of the kits whose colourway names a fabric, or that take sheets off its bolts. */
    public List<Long> idsOfFabric(long fabricId) {
        return kits.idsOfFabric(fabricId);
    }

    /** The kits that do not follow the shop in everything, in the same order. */
    public List<Kit> withOwnSettings() {
        return toKits(kits.byIds(kits.idsWithOwnSettings()));
    }

    public Kit kit(long id) {
        KitEntity found = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        return toKits(List.of(found)).stream().findFirst()
                .orElseThrow(() -> new UnreadableException(words.text("kit.of-unreadable", found.colourway().name()), List.of()));
    }

    public Map<Long, Kit> byIds(Collection<Long> ids) {
        return toKits(kits.byIds(ids)).stream().collect(Collectors.toMap(Kit::id, kit -> kit));
    }

    private List<Kit> toKits(List<KitEntity> entities) {
        Map<Long, PatternVersion> versions = patterns
                .versions(entities.stream().map(KitEntity::patternVersionId).collect(Collectors.toSet()));
        List<RoleChoice> choices = entities.stream().flatMap(entity -> entity.colourway().choiceByRole().values().stream()).toList();
        Map<Long, Fabric> fabricsById = fabrics
                .byIds(Stream.concat(
                        choices.stream().flatMap(choice -> choice.fabricId().stream()),
                        entities.stream().flatMap(entity -> entity.topUps().stream()).map(BesideChoice::source))
                        .collect(Collectors.toSet()));
        Stream<Long> own = entities.stream().flatMap(entity -> Stream.concat(
                Stream.concat(entity.precuts().values().stream(), entity.notions().keySet().stream()),
                entity.singles().stream().map(BesideChoice::source)));
        Map<Long, Good> goodsById = goods.byIds(
                Stream.concat(choices.stream().flatMap(choice -> choice.goodId().stream()), own).collect(Collectors.toSet()));
        Map<Long, KitLeftOvers> leftOversByKit = leftOvers.of(entities.stream().map(KitEntity::id).toList());
        Map<Long, Good> copies = goods.existingCopiesOf(
                versions.values().stream().filter(version -> !version.about().ownDesign()).map(PatternVersion::patternId).toList());
        Map<Long, List<BundlePrint>> prints = goods.printsOf(goodsById.keySet());
        return entities.stream()
                .filter(entity -> versions.containsKey(entity.patternVersionId()))
                .map(entity -> toKit(entity, requireNonNull(versions.get(entity.patternVersionId())),
                        new Known(fabricsById, goodsById, prints, copies, leftOversByKit)))
                .sorted(Comparator.comparing((Kit kit) -> kit.pattern().name().toLowerCase(java.util.Locale.ROOT))
                        .thenComparing(Kit::colourway)
                        .thenComparing(kit -> kit.pattern().design().sizes().indexOf(kit.size())))
                .toList();
    }

    /** What kits name by ids. */
    private record Known(
            Map<Long, Fabric> fabrics, Map<Long, Good> goods, Map<Long, List<BundlePrint>> prints, Map<Long, Good> copies,
            Map<Long, KitLeftOvers> leftOvers) {
    }

    private Kit toKit(KitEntity entity, PatternVersion version, Known known) {
        Map<RoleKey, Fabric> fabricByRole = new HashMap<>();
        Map<RoleKey, Good> goodByRole = new HashMap<>();
        entity.colourway().choiceByRole().forEach((role, choice) -> {
            choice.fabricId().ifPresent(id -> fabricByRole.put(new RoleKey(role), known.fabrics().get(id)));
            choice.goodId().ifPresent(id -> goodByRole.put(new RoleKey(role), known.goods().get(id)));
        });
        Map<RoleKey, Good> precuts = new HashMap<>();
        entity.precuts().forEach((role, good) -> precuts.put(new RoleKey(role), known.goods().get(good)));
        goodByRole.putAll(precuts);
        List<KitSingle> singles = entity.singles().stream()
                .map(one -> new KitSingle(new RoleKey(one.roleKey()), requireNonNull(known.goods().get(one.source())), one.value(),
                        one.count()))
                .sorted(Comparator.comparing(single -> single.good().name())).toList();
        List<KitTopUp> topUps = entity.topUps().stream()
                .map(one -> new KitTopUp(
                        new RoleKey(one.roleKey()), requireNonNull(known.fabrics().get(one.source())), one.value(), one.count()))
                .sorted(Comparator.comparing(topUp -> topUp.fabric().name())).toList();
        List<KitNotion> notions = entity.notions().entrySet().stream()
                .map(one -> new KitNotion(requireNonNull(known.goods().get(one.getKey())), one.getValue()))
                .sorted(Comparator.comparing(notion -> notion.good().name())).toList();
        Optional<Good> copy = Optional.ofNullable(known.copies().get(version.patternId())).filter(good -> !version.about().ownDesign());
        return new Kit(
                entity.id(), version, version.size(entity.sizeKey()), entity.colourway().name(), fabricByRole, goodByRole,
                printsOf(goodByRole.values(), known.prints()), entity.contents(),
                new Kit.Guided(entity.instructions(), entity.decision(), copy, entity.isMoved()), entity.settings(),
                new KitSources(precuts, entity.quarters(), singles, topUps, notions, entity.printRules()),
                known.leftOvers().getOrDefault(entity.id(), KitLeftOvers.NONE));
    }

    private static Map<Long, List<BundlePrint>> printsOf(Collection<Good> goods, Map<Long, List<BundlePrint>> known) {
        return goods.stream().filter(good -> known.containsKey(good.id())).distinct()
                .collect(Collectors.toMap(Good::id, good -> requireNonNull(known.get(good.id()))));
    }
}
