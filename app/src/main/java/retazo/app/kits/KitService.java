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
import retazo.app.practice.PriceListService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Good;
import retazo.app.stock.GoodService;
import retazo.app.stock.StockService;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.KitsPossible;
import retazo.core.cloth.Prices;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.cutting.LeftOver;
import retazo.core.kit.BillCost;
import retazo.core.kit.BillLine;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Money;
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
    private final LeftOverBook leftOvers;
    private final PracticeService practice;
    private final PriceListService priceList;
    private final Clock clock;

    KitService(
            KitRepository kits, ColourwayRepository colourways, PatternService patterns, FabricService fabrics,
            StockService stock, GoodService goods, LeftOverBook leftOvers, PracticeService practice, PriceListService priceList, Clock clock) {
        this.kits = kits;
        this.colourways = colourways;
        this.patterns = patterns;
        this.fabrics = fabrics;
        this.stock = stock;
        this.goods = goods;
        this.leftOvers = leftOvers;
        this.practice = practice;
        this.priceList = priceList;
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

    /** The kit with its quilt, cloth and bill, for one bag, by the shop's practice of now. */
    @Transactional(readOnly = true)
    public KitWork work(Kit kit) {
        return works(List.of(kit), List.of(1)).get(0);
    }

    /**
     * Kits with their quilts, cloths and bills. A kit takes left-overs where as many are free as all its bags take; those of the first
     * are gone for the next.
     *
     * @param bags how many of each
     */
    @Transactional(readOnly = true)
    public List<KitWork> works(List<Kit> asked, List<Integer> bags) {
        ShopPractice shop = practice.practice();
        Map<Long, Long> free = freeLeftOvers(asked);
        List<KitWork> works = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            Kit kit = asked.get(i);
            long all = bags.get(i);
            KitWork work = KitWork.of(new KitCloth(kit, shop, fabrics, leftOversFor(kit, free, all)));
            works.add(work);
            Map<String, Count> picked = work.bill().picked();
            kit.leftOvers().taken().forEach(good -> free.merge(
                    good.id(), -all * Optional.ofNullable(picked.get(good.code())).map(Count::value).orElse(0L), Long::sum));
        }
        return works;
    }

    /**
     * The kit as one bag of it was planned: with the left-overs that it took, by the shop's practice of now.
     *
     * @param taken by the id of their fabric
     */
    @Transactional(readOnly = true)
    public KitWork workTaking(Kit kit, Map<Long, List<LeftOver>> taken) {
        Map<String, List<LeftOver>> byFabric = new HashMap<>();
        kit.lettersByFabric().keySet().forEach(fabric -> byFabric.put(fabric.code(), taken.getOrDefault(fabric.id(), List.of())));
        return KitWork.of(new KitCloth(kit, practice.practice(), fabrics, byFabric));
    }

    private Map<Long, Long> freeLeftOvers(List<Kit> asked) {
        List<Long> ids = asked.stream().flatMap(kit -> kit.leftOvers().taken().stream()).map(Good::id).distinct().toList();
        Map<Long, Long> free = new HashMap<>();
        if (!ids.isEmpty()) {
            goods.counts(ids).forEach((id, count) -> free.put(id, count.free()));
        }
        return free;
    }

    /** What each of so many bags may take, by the code of its fabric; only a kit whose pieces the shop cuts. */
    private static Map<String, List<LeftOver>> leftOversFor(Kit kit, Map<Long, Long> free, long bags) {
        Map<String, List<LeftOver>> byFabric = new HashMap<>();
        if (kit.isCutByTheShop()) {
            kit.lettersByFabric().keySet().forEach(fabric -> byFabric.put(fabric.code(), kit.leftOvers().takenOf(fabric.id()).stream()
                    .filter(good -> free.get(good.id()) >= bags)
                    .map(good -> good.leftOver(Math.toIntExact(free.get(good.id()) / bags)))
                    .toList()));
        }
        return byFabric;
    }

    /** How much less cloth the kit takes as sold when everything is laid together than with each size alone. */
    @Transactional(readOnly = true)
    public Length savedByPlan(KitWork work) {
        return work.savedByPlan(new KitCloth(work.kit(), practice.practice(), fabrics, Map.of()));
    }

    /** What one bag's bill is sold for, and what it costs the shop; left-overs cost nothing any more. */
    public Prices<BillCost> costs(KitWork work) {
        UsualPrices usual = priceList.usual();
        Map<String, Good> byCode = work.kit().goodsByCode();
        return new Prices<>(
                Optional.of(BillCost.of(
                        work.bill(), code -> work.kit().fabric(code).prices().price().or(usual::cloth), code -> price(byCode.get(code), usual))),
                Optional.of(BillCost.of(
                        work.bill(), code -> work.kit().fabric(code).prices().cost(),
                        code -> byCode.get(code).piece().isPresent() ? Optional.of(Money.zero(usual.currency())) : byCode.get(code).prices().cost())));
    }

    /** Its own price, or the usual one of a pack of its kind. */
    private static Optional<Money> price(Good good, UsualPrices usual) {
        return good.prices().price()
                .or(() -> good.piece().map(piece -> Money.zero(usual.currency())))
                .or(() -> good.precut().filter(kind -> good.perUnit() >= kind.surelyInPack().orElse(1)).flatMap(kind -> usual.of(kind, Count.ONE)));
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
                    asked.pattern().instructions(key), Optional.empty(), Optional.empty(), KitLeftOvers.NONE);
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
        asked.pattern().design().roles().stream().map(Role::key).forEach(role ->
                choices.put(role.value(), RoleChoice.of(asked.fabrics().get(role), asked.goods().get(role))));
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

    /** Sells a kit by other instructions than until now, or says what speaks against it. Those that its pattern gives need no decision. */
    @Transactional
    public Outcome<Kit> sellBy(long id, Instructions wanted, String reason, long personId) {
        KitEntity kit = kits.findById(id).orElseThrow(() -> new NotFoundException("kit", id));
        List<Problem> problems = kit.given().problemsOfLeaving(wanted, reason);
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

    /** What one cloth of a kit is needed for, by instructions, on cloth of a usable width; empty if the kit takes none of it. */
    @Transactional(readOnly = true)
    public Optional<Need> clothNeed(Kit kit, Fabric fabric, ShopPractice shop, Instructions instructions, Length usableWidth) {
        Map<String, List<LeftOver>> leftOvers = leftOversFor(kit, freeLeftOvers(List.of(kit)), 1);
        return new KitCloth(kit, shop, fabrics, leftOvers).need(fabric, instructions, usableWidth);
    }

    private List<Kit> toKits(List<KitEntity> entities) {
        Map<Long, PatternVersion> versions =
                patterns.versions(entities.stream().map(KitEntity::patternVersionId).collect(Collectors.toSet()));
        List<RoleChoice> choices = entities.stream().flatMap(entity -> entity.colourway().choiceByRole().values().stream()).toList();
        Map<Long, Fabric> fabricsById = fabrics.byIds(choices.stream().flatMap(choice -> choice.fabricId().stream()).collect(Collectors.toSet()));
        Map<Long, Good> goodsById = goods.byIds(choices.stream().flatMap(choice -> choice.goodId().stream()).collect(Collectors.toSet()));
        Map<Long, KitLeftOvers> leftOversByKit = leftOvers.of(entities.stream().map(KitEntity::id).toList());
        return entities.stream()
                .map(entity -> toKit(entity, versions.get(entity.patternVersionId()), new Known(fabricsById, goodsById, leftOversByKit)))
                .sorted(java.util.Comparator.comparing((Kit kit) -> kit.pattern().name().toLowerCase(java.util.Locale.ROOT))
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
        Optional<Good> copy = version.about().ownDesign() ? Optional.empty() : goods.existingCopiesOf(version.patternId());
        return new Kit(
                entity.id(), version, version.size(entity.sizeKey()), entity.colourway().name(), fabricByRole, goodByRole,
                entity.contents(), entity.instructions(), entity.decision(), copy,
                known.leftOvers().getOrDefault(entity.id(), KitLeftOvers.NONE));
    }
}
