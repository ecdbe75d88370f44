package retazo.app.kits;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.block.RoleKey;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.KitsPossible;
import retazo.core.kit.BillLine;
import retazo.core.measure.Count;
import retazo.core.measure.Problem;

/** Keeps kits and their colourways, and works out what goes into them. */
@Service
public class KitService {

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final PatternService patterns;
    private final FabricService fabrics;
    private final StockService stock;
    private final PracticeService practice;
    private final Clock clock;

    KitService(
            KitRepository kits, ColourwayRepository colourways, PatternService patterns, FabricService fabrics,
            StockService stock, PracticeService practice, Clock clock) {
        this.kits = kits;
        this.colourways = colourways;
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.stock = stock;
        this.practice = practice;
        this.clock = clock;
    }

    /** All kits, by pattern, colourway and the order of the pattern's sizes. */
    @Transactional(readOnly = true)
    public List<Kit> all() {
        return toKits(kits.findAll());
    }

    @Transactional(readOnly = true)
    public Kit kit(long id) {
        return toKits(List.of(kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id)))).get(0);
    }

    @Transactional(readOnly = true)
    public Map<Long, Kit> byIds(Collection<Long> ids) {
        return toKits(kits.findByIdIn(ids)).stream().collect(Collectors.toMap(Kit::id, kit -> kit));
    }

    /** The kit with its quilt, cloth and bill, by the shop's practice of now. */
    @Transactional(readOnly = true)
    public KitWork work(Kit kit) {
        return KitWork.of(kit, practice.practice(), fabrics);
    }

    /** How many bags the free stock gives, and what stops the next one. */
    @Transactional(readOnly = true)
    public KitsPossible possible(KitWork work) {
        if (!work.problems().isEmpty()) {
            return new KitsPossible(Map.of(), new Count(0), List.of());
        }
        Map<String, List<BoltStock>> bolts = new HashMap<>();
        Map<String, Long> ids = work.kit().fabrics().values().stream().distinct().collect(Collectors.toMap(Fabric::code, Fabric::id));
        Map<Long, List<Bolt>> byFabric =
                stock.boltsOf(ids.values()).stream().collect(Collectors.groupingBy(Bolt::fabricId));
        for (BillLine line : work.bill().lines()) {
            line.match(cut -> bolts.put(cut.fabricCode(), BoltRequest.wideEnough(
                    byFabric.getOrDefault(ids.get(cut.fabricCode()), List.of()).stream().map(Bolt::toStock).toList(),
                    cut.plannedWidth())));
        }
        return KitsPossible.of(work.lengths(), bolts);
    }

    /** Adds a kit for every size chosen, all in one new colourway. */
    @Transactional
    public Outcome<List<Long>> add(NewKits asked) {
        List<Problem> problems = new ArrayList<>();
        if (colourways.findByPatternIdAndNameIgnoreCase(asked.pattern().patternId(), asked.colourway()).isPresent()) {
            problems.add(Problem.at("colourway", "kit.colourway-taken", asked.colourway()));
        }
        asked.sizeKeys().forEach(key -> {
            Kit kit = new Kit(0, asked.pattern(), asked.pattern().size(key), asked.colourway(), asked.fabrics(), asked.contents());
            problems.addAll(work(kit).problems());
        });
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        Map<String, Long> choices = new HashMap<>();
        asked.fabrics().forEach((role, fabric) -> choices.put(role.value(), fabric.id()));
        ColourwayEntity colourway =
                colourways.saveAndFlush(ColourwayEntity.of(asked.pattern().patternId(), asked.colourway(), choices));
        return Outcome.done(asked.sizeKeys().stream()
                .map(key -> kits.saveAndFlush(
                        KitEntity.of(asked.pattern().id(), key, colourway, asked.contents(), clock.instant())).id())
                .toList());
    }

    private List<Kit> toKits(List<KitEntity> entities) {
        Map<Long, PatternVersion> versions =
                patterns.versions(entities.stream().map(KitEntity::patternVersionId).collect(Collectors.toSet()));
        Set<Long> fabricIds = entities.stream()
                .flatMap(entity -> entity.colourway().fabricByRole().values().stream())
                .collect(Collectors.toSet());
        Map<Long, Fabric> byId = fabrics.byIds(fabricIds);
        return entities.stream()
                .map(entity -> toKit(entity, versions.get(entity.patternVersionId()), byId))
                .sorted(java.util.Comparator.comparing((Kit kit) -> kit.pattern().name().toLowerCase(java.util.Locale.ROOT))
                        .thenComparing(Kit::colourway)
                        .thenComparing(kit -> kit.pattern().design().sizes().indexOf(kit.size())))
                .toList();
    }

    private static Kit toKit(KitEntity entity, PatternVersion version, Map<Long, Fabric> byId) {
        Map<RoleKey, Fabric> byRole = new HashMap<>();
        entity.colourway().fabricByRole().forEach((role, fabric) -> byRole.put(new RoleKey(role), byId.get(fabric)));
        return new Kit(
                entity.id(), version, version.size(entity.sizeKey()), entity.colourway().name(), byRole, entity.contents());
    }
}
