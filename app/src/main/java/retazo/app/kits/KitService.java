package retazo.app.kits;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Instructions;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Problem;

/** Keeps kits and their colourways. */
@Service
public class KitService {

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final PatternService patterns;
    private final FabricService fabrics;
    private final GoodService goods;
    private final RoleSources roleSources;
    private final LeftOverBook leftOvers;
    private final KitWorks works;
    private final Clock clock;

    KitService(
            KitRepository kits, ColourwayRepository colourways, PatternService patterns, FabricService fabrics,
            GoodService goods, RoleSources roleSources, LeftOverBook leftOvers, KitWorks works, Clock clock) {
        this.kits = kits;
        this.colourways = colourways;
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.goods = goods;
        this.roleSources = roleSources;
        this.leftOvers = leftOvers;
        this.works = works;
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

    /** Keeps settings that a kit has of its own. */
    @Transactional
    public void set(long id, KitSettings settings) {
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        kit.set(settings);
        kits.saveAndFlush(kit);
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
                    asked.pattern().instructions(key), Optional.empty(), Optional.empty(), KitSettings.NONE, KitSources.NONE,
                    KitLeftOvers.NONE);
            KitWork work = works.work(kit);
            problems.addAll(work.problems());
            problems.addAll(work.notOnPaper());
            if (work.problems().isEmpty() && work.bill().lines().isEmpty()) {
                problems.add(Problem.at("sizes", "kit.nothing-in-it", kit.sizeName()));
            }
        });
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        Map<String, RoleChoice> choices = new HashMap<>();
        asked.pattern().design().roles().stream().map(Role::key)
                .forEach(role -> choices.put(role.value(), RoleChoice.of(asked.fabrics().get(role), asked.goods().get(role))));
        if (!asked.pattern().about().ownDesign()) {
            goods.copiesOf(asked.pattern().patternId(), asked.pattern().name());
        }
        ColourwayEntity colourway = colourways.saveAndFlush(ColourwayEntity.of(asked.pattern().patternId(), asked.colourway(), choices));
        List<Long> ids = new ArrayList<>();
        for (String key : asked.sizeKeys()) {
            KitEntity kit = KitEntity.of(
                    asked.pattern().id(), key, colourway, asked.contents(), asked.pattern().instructions(key), clock.instant());
            ids.add(kits.saveAndFlush(kit).id());
        }
        ids.forEach(id -> startWithQuarters(kit(id)));
        return Outcome.done(ids);
    }

    /** Cloths whose roles are all planned from quarters cut in the shop, are cut into those where they serve this kit. */
    private void startWithQuarters(Kit kit) {
        Map<RoleKey, RoleSource> planned = roleSources.of(kit.pattern().patternId());
        for (Fabric fabric : kit.lettersByFabric().keySet()) {
            Set<Optional<RoleSource>> ofFabric = kit.fabrics().entrySet().stream()
                    .filter(entry -> entry.getValue().equals(fabric))
                    .map(entry -> Optional.ofNullable(planned.get(entry.getKey())).filter(RoleSource::cutInTheShop))
                    .collect(Collectors.toSet());
            if (ofFabric.size() == 1) {
                ofFabric.iterator().next().ifPresent(source -> take(kit.id(), kit(kit.id()).sources().with(fabric.id(), source.kind())));
            }
        }
    }

    /** Keeps what a kit takes in place of the whole cloth of its colourway, or says what speaks against it. */
    @Transactional
    public Outcome<Kit> take(long id, KitSources sources) {
        Kit wanted = kit(id).with(sources);
        KitWork work = works.work(wanted);
        List<Problem> problems = new ArrayList<>(work.problems());
        problems.addAll(work.notOnPaper());
        sources.singles().stream().map(KitSingle::good).filter(wanted.goods()::containsValue)
                .forEach(good -> problems.add(Problem.of("kit.single-already", good.name())));
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        KitEntity kit = kits.findById(id).orElseThrow();
        kit.set(sources);
        kits.saveAndFlush(kit);
        return Outcome.done(wanted);
    }

    /** Sells a kit by other instructions than until now, or says what speaks against it. Those that its pattern gives need no decision. */
    @Transactional
    public Outcome<Kit> sellBy(long id, Instructions wanted, String reason, long personId) {
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        List<Problem> problems = new ArrayList<>(kit.given().problemsOfLeaving(wanted, reason));
        Kit asked = toKits(List.of(kit)).get(0).by(wanted);
        problems.addAll(works.work(asked).notOnPaper());
        if (!asked.followsPrinted() && !asked.knowsItsPieces()) {
            problems.add(Problem.of("kit.pieces-not-known"));
        }
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        if (wanted == kit.given()) {
            kit.takeBackDecision();
        } else {
            kit.decide(wanted, new Decision(reason.strip(), personId, clock.instant()));
        }
        return Outcome.done(toKits(List.of(kits.saveAndFlush(kit))).get(0));
    }

    private List<Kit> toKits(List<KitEntity> entities) {
        Map<Long, PatternVersion> versions = patterns
                .versions(entities.stream().map(KitEntity::patternVersionId).collect(Collectors.toSet()));
        List<RoleChoice> choices = entities.stream().flatMap(entity -> entity.colourway().choiceByRole().values().stream()).toList();
        Map<Long, Fabric> fabricsById = fabrics
                .byIds(choices.stream().flatMap(choice -> choice.fabricId().stream()).collect(Collectors.toSet()));
        Stream<Long> own = entities.stream().flatMap(entity -> Stream.concat(
                Stream.concat(entity.precuts().values().stream(), entity.notions().keySet().stream()),
                entity.singles().stream().map(SingleChoice::goodId)));
        Map<Long, Good> goodsById = goods.byIds(
                Stream.concat(choices.stream().flatMap(choice -> choice.goodId().stream()), own).collect(Collectors.toSet()));
        Map<Long, KitLeftOvers> leftOversByKit = leftOvers.of(entities.stream().map(KitEntity::id).toList());
        return entities.stream()
                .map(entity -> toKit(entity, requireNonNull(versions.get(entity.patternVersionId())),
                        new Known(fabricsById, goodsById, leftOversByKit)))
                .sorted(Comparator.comparing((Kit kit) -> kit.pattern().name().toLowerCase(java.util.Locale.ROOT))
                        .thenComparing(Kit::colourway)
                        .thenComparing(kit -> kit.pattern().design().sizes().indexOf(kit.size())))
                .toList();
    }

    /** What kits name by ids. */
    private record Known(Map<Long, Fabric> fabrics, Map<Long, Good> goods, Map<Long, KitLeftOvers> leftOvers) {
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
                .map(one -> new KitSingle(new RoleKey(one.roleKey()), requireNonNull(known.goods().get(one.goodId())), one.value(),
                        one.count()))
                .sorted(Comparator.comparing(single -> single.good().name())).toList();
        List<KitNotion> notions = entity.notions().entrySet().stream()
                .map(one -> new KitNotion(requireNonNull(known.goods().get(one.getKey())), one.getValue()))
                .sorted(Comparator.comparing(notion -> notion.good().name())).toList();
        Optional<Good> copy = version.about().ownDesign() ? Optional.empty() : goods.existingCopiesOf(version.patternId());
        return new Kit(
                entity.id(), version, version.size(entity.sizeKey()), entity.colourway().name(), fabricByRole, goodByRole,
                entity.contents(), entity.instructions(), entity.decision(), copy, entity.settings(),
                new KitSources(precuts, entity.quarters(), singles, notions),
                known.leftOvers().getOrDefault(entity.id(), KitLeftOvers.NONE));
    }
}
