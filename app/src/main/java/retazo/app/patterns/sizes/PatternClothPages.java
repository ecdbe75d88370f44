package retazo.app.patterns.sizes;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.cloth.ClothQuestion;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.ClothWays;
import retazo.app.cloth.PrecutView;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.pictures.RoleView;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Length;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/** Works out how the cloth of a pattern's role is cut, on the shop's customary cloth, with settings that are tried out. */
@Component
class PatternClothPages {

    private final RoleSources sources;
    private final PracticeService practice;
    private final PriceListService prices;
    private final Planners planners;
    private final Words words;

    PatternClothPages(RoleSources sources, PracticeService practice, PriceListService prices, Planners planners, Words words) {
        this.sources = sources;
        this.practice = practice;
        this.prices = prices;
        this.planners = planners;
        this.words = words;
    }

    /**
     * A cloth as it is looked at.
     *
     * @param by    the practice, with what is tried out
     * @param width usable
     */
    private record Cloth(PatternVersion pattern, QuiltSize size, Role role, ShopPractice by, Length width) {

        QuiltPlan plan() {
            return plan(size);
        }

        QuiltPlan plan(QuiltSize other) {
            return new QuiltPlanner(by).plan(pattern.design(), other).upright(each -> pattern.design().role(each).plannedPrint());
        }
    }

    /** The page; empty where only printed lengths of the pattern are known. */
    Optional<PatternClothPage> page(PatternVersion pattern, PatternClothPage.Asked asked) {
        List<QuiltSize> sizes = pattern.design().sizes().stream().filter(one -> pattern.design().wayOf(one) != Way.SIZE_TABLE).toList();
        return sizes.isEmpty() ? Optional.empty() : Optional.of(page(pattern, sizes, asked));
    }

    private PatternClothPage page(PatternVersion pattern, List<QuiltSize> sizes, PatternClothPage.Asked asked) {
        QuiltSize size = sizes.stream().filter(one -> one.key().value().equals(asked.size())).findFirst()
                .orElseGet(() -> PatternHead.middle(sizes));
        Role role = pattern.design().roles().stream().filter(one -> one.key().value().equals(asked.role())).findFirst()
                .orElse(pattern.design().roles().get(0));
        FieldReader reader = new FieldReader();
        ShopPractice shop = practice.practice();
        Length shopWidth = pattern.design().practice(shop).length(PracticeMeasure.USABLE_WIDTH);
        Cloth cloth = new Cloth(
                pattern, size, role, asked.settings().practice(shop, reader), asked.settings().usableWidth(reader).orElse(shopWidth));
        PatternClothPage.Source source = source(cloth, asked);
        Optional<ClothQuestion> question = source.precut().isPresent() ? Optional.empty() : Optional.of(question(cloth, asked.others()));
        return new PatternClothPage(
                sizes, size, RoleView.of(pattern.design(), role.key(), words), source,
                question.flatMap(one -> ClothView.of(one, words)), question.map(one -> ClothWays.of(one, words)).orElse(List.of()),
                asked.others(), asked.settings(), asked.settings().shown(shop, shopWidth), Faults.of(reader.problems(), words));
    }

    private PatternClothPage.Source source(Cloth cloth, PatternClothPage.Asked asked) {
        Optional<RoleSource> kept = Optional.ofNullable(sources.of(cloth.pattern().patternId()).get(cloth.role().key()));
        Optional<RoleSource> chosen = asked.source().isPresent() ? asked.source().flatMap(RoleSource::ofCode) : kept;
        return new PatternClothPage.Source(
                chosen.map(RoleSource::code).orElse(""), kept.map(RoleSource::code).orElse(""),
                RoleSource.all().stream().map(RoleSource::code).toList(),
                chosen.map(one -> one.cutInTheShop() ? quarters(cloth, one) : bundle(cloth, one.kind())));
    }

    private PrecutView quarters(Cloth cloth, RoleSource source) {
        PrecutKind kind = source.kind();
        QuiltPlan plan = cloth.plan();
        return PrecutView.ofQuarters(
                source,
                QuartersFromBolt.of(
                        plan.pieces().stream().filter(piece -> piece.role().equals(cloth.role().key())).toList(), kind, cloth.width(),
                        cloth.role().plannedPrint(), planners.sheets()),
                RoleFromPrecuts.of(plan, cloth.role().key(), kind, kind.cutFrom(cloth.width()), planners.sheets()), cloth.width(),
                cloth.by().sellingUnit(), words);
    }

    private PrecutView bundle(Cloth cloth, PrecutKind kind) {
        Map<String, Integer> others = new LinkedHashMap<>();
        for (QuiltSize other : kind.customaryPacks().isEmpty() ? List.<QuiltSize>of() : cloth.pattern().design().sizes()) {
            role(cloth.plan(other), cloth, kind).cautious()
                    .filter(sheets -> !other.equals(cloth.size())).ifPresent(sheets -> others.put(other.name(), sheets.sheets()));
        }
        return PrecutView.ofBundle(role(cloth.plan(), cloth, kind), others, planners.sheets(), words);
    }

    private RoleFromPrecuts role(QuiltPlan plan, Cloth cloth, PrecutKind kind) {
        return RoleFromPrecuts.of(plan, cloth.role().key(), kind, planners.sheets());
    }

    private ClothQuestion question(Cloth cloth, boolean others) {
        UsualPrices usual = prices.usual();
        return new ClothQuestion(
                (by, instructions, usable) -> need(cloth, cloth.role().plannedPrint(), by, instructions, usable), cloth.width(),
                cloth.pattern().instructions(),
                cloth.by(),
                new ClothQuestion.Compared(ClothQuestion.Batch.NONE, ClothKind.COTTON, usual.cloth(), usual,
                        others ? others(cloth) : List.of(), ClothQuestion.MayChoose.NOTHING, lies(cloth)),
                planners);
    }

    /** Beside a print that is to stay upright, the same cloth any way. */
    private ClothQuestion.Lies lies(Cloth cloth) {
        PrintKind planned = cloth.role().plannedPrint();
        return new ClothQuestion.Lies(planned, true, false, cloth.plan().lyingAgainstPrint(List.of(cloth.role().key())), planned.mayTurn()
                ? Optional.empty()
                : Optional.of((by, instructions, usable) -> need(cloth, planned.anyWay(), by, instructions, usable)));
    }

    private List<ClothQuestion.Other> others(Cloth cloth) {
        QuiltPlan plan = cloth.plan();
        Needs needs = new Needs(cloth.by(), cloth.pattern().instructions(), planners);
        return RoleSource.all().stream()
                .filter(source -> RoleSource.areWorthComparing(plan, cloth.role().key()))
                .map(source -> new ClothQuestion.Other(
                        source.code(), source.kind(), source.cutInTheShop() ? Optional.empty() : Optional.of(cloth.role()),
                        source.kind().surelyInPack().orElse(1),
                        needs.ofRole(cloth.pattern().design(), plan, cloth.role().key(), source, cloth.width()), List.of(), false))
                .filter(other -> !other.needs().isEmpty())
                .toList();
    }

    private Optional<Need> need(Cloth cloth, PrintKind print, ShopPractice by, Instructions instructions, Length width) {
        return new Needs(by, instructions, planners).ofOne(
                cloth.role().key().value(), cloth.pattern().design(),
                new QuiltPlanner(by).plan(cloth.pattern().design(), cloth.size()),
                each -> new KitChoice.Fabric(KitFabric.measured(
                        each.value(), width, each.equals(cloth.role().key()) ? print : cloth.pattern().design().role(each).plannedPrint())),
                Contents.EVERYTHING);
    }
}
