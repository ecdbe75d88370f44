package retazo.app.kits;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import retazo.app.stock.Good;
import retazo.app.stock.GoodService;
import retazo.app.stock.StockService;
import retazo.core.block.RoleKey;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.KitsPossible;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.BillLine;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Keeps kits and their colourways, and works out what goes into them. */
@Service
public class KitService {

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final PatternService patterns;
    private final FabricService fabrics;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;
    private final Clock clock;

    KitService(
            KitRepository kits, ColourwayRepository colourways, PatternService patterns, FabricService fabrics,
            StockService stock, GoodService goods, PracticeService practice, Clock clock) {
        this.kits = kits;
        this.colourways = colourways;
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.stock = stock;
        this.goods = goods;
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

    /** How much less cloth the kit takes as sold when everything is laid together than with each size alone. */
    @Transactional(readOnly = true)
    public Length savedByPlan(KitWork work) {
        return work.savedByPlan(practice.practice(), fabrics);
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
            line.match(
                    cut -> bolts.put(cut.fabricCode(), BoltRequest.wideEnough(
                            byFabric.getOrDefault(ids.get(cut.fabricCode()), List.of()).stream().map(Bolt::toStock).toList(),
                            cut.plannedWidth())),
                    picked -> null);
        }
        Map<String, Count> free = new HashMap<>();
        Map<Long, GoodService.GoodCount> counts = goods.counts(work.kit().goodsByCode().values().stream().map(Good::id).toList());
        work.kit().goodsByCode().forEach((code, good) -> free.put(code, new Count(counts.get(good.id()).free())));
        return KitsPossible.of(work.bill(), bolts, free);
    }

    /** Adds a kit for every size chosen, all in one new colourway. */
    @Transactional
    public Outcome<List<Long>> add(NewKits asked) {
        List<Problem> problems = new ArrayList<>();
        if (colourways.findByPatternIdAndNameIgnoreCase(asked.pattern().patternId(), asked.colourway()).isPresent()) {
            problems.add(Problem.at("colourway", "kit.colourway-taken", asked.colourway()));
        }
        asked.sizeKeys().forEach(key -> {
            Kit kit = new Kit(
                    0, asked.pattern(), asked.pattern().size(key), asked.colourway(), asked.fabrics(), asked.goods(), asked.contents(),
                    asked.pattern().instructions(key), Optional.empty(), Optional.empty());
            KitWork work = work(kit);
            problems.addAll(work.problems());
            if (work.problems().isEmpty() && work.bill().lines().isEmpty()) {
                problems.add(Problem.at("sizes", "kit.nothing-in-it", kit.sizeName()));
            }
        });
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        Map<String, RoleChoice> choices = new HashMap<>();
        asked.fabrics().forEach((role, fabric) -> choices.put(role.value(), RoleChoice.ofFabric(fabric.id())));
        asked.goods().forEach((role, good) -> choices.put(role.value(), RoleChoice.ofGood(good.id())));
        if (!asked.pattern().about().ownDesign()) {
            goods.copiesOf(asked.pattern().patternId(), asked.pattern().name());
        }
        ColourwayEntity colourway =
                colourways.saveAndFlush(ColourwayEntity.of(asked.pattern().patternId(), asked.colourway(), choices));
        return Outcome.done(asked.sizeKeys().stream()
                .map(key -> kits.saveAndFlush(
                        KitEntity.of(
                        asked.pattern().id(), key, colourway, asked.contents(), asked.pattern().instructions(key), clock.instant())).id())
                .toList());
    }

    /** Sells a kit that follows a printed pattern by the shop's own plan, or says what speaks against it. */
    @Transactional
    public Outcome<Kit> sellByOurPlan(long id, String reason, long personId) {
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        List<Problem> problems = kit.instructions().problemsOfLeaving(Instructions.SHOP, reason);
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        kit.decide(Instructions.SHOP, new Decision(reason.strip(), personId, clock.instant()));
        return Outcome.done(toKits(List.of(kits.saveAndFlush(kit))).get(0));
    }

    /** Sells it again by what its pattern says. */
    @Transactional
    public void takeBackDecision(long id) {
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        kit.takeBackDecision(patterns.versions(List.of(kit.patternVersionId())).get(kit.patternVersionId()).instructions(kit.sizeKey()));
        kits.saveAndFlush(kit);
    }

    /** What one cloth of a kit is needed for, by instructions, on cloth of a usable width; empty if the kit takes none of it. */
    @Transactional(readOnly = true)
    public Optional<Need> clothNeed(Kit kit, String fabricCode, ShopPractice shop, Instructions instructions, Length usableWidth) {
        return KitWork.clothNeed(kit, fabricCode, shop, fabrics, instructions, usableWidth);
    }

    private List<Kit> toKits(List<KitEntity> entities) {
        Map<Long, PatternVersion> versions =
                patterns.versions(entities.stream().map(KitEntity::patternVersionId).collect(Collectors.toSet()));
        List<RoleChoice> choices = entities.stream().flatMap(entity -> entity.colourway().choiceByRole().values().stream()).toList();
        Map<Long, Fabric> fabricsById = fabrics.byIds(choices.stream().flatMap(choice -> choice.fabricId().stream()).collect(Collectors.toSet()));
        Map<Long, Good> goodsById = goods.byIds(choices.stream().flatMap(choice -> choice.goodId().stream()).collect(Collectors.toSet()));
        return entities.stream()
                .map(entity -> toKit(entity, versions.get(entity.patternVersionId()), fabricsById, goodsById))
                .sorted(java.util.Comparator.comparing((Kit kit) -> kit.pattern().name().toLowerCase(java.util.Locale.ROOT))
                        .thenComparing(Kit::colourway)
                        .thenComparing(kit -> kit.pattern().design().sizes().indexOf(kit.size())))
                .toList();
    }

    private Kit toKit(KitEntity entity, PatternVersion version, Map<Long, Fabric> fabricsById, Map<Long, Good> goodsById) {
        Map<RoleKey, Fabric> fabricByRole = new HashMap<>();
        Map<RoleKey, Good> goodByRole = new HashMap<>();
        entity.colourway().choiceByRole().forEach((role, choice) -> {
            choice.fabricId().ifPresent(id -> fabricByRole.put(new RoleKey(role), fabricsById.get(id)));
            choice.goodId().ifPresent(id -> goodByRole.put(new RoleKey(role), goodsById.get(id)));
        });
        Optional<Good> copy = version.about().ownDesign() ? Optional.empty() : goods.existingCopiesOf(version.patternId());
        return new Kit(
                entity.id(), version, version.size(entity.sizeKey()), entity.colourway().name(), fabricByRole, goodByRole,
                entity.contents(), entity.instructions(), entity.decision(), copy);
    }
}
