package retazo.app.kits.cloth;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.cloth.ClothQuestion;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitDirections;
import retazo.app.kits.KitWorks;
import retazo.app.practice.PriceListService;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Planners;

/** Puts the question together that the plans of a kit's cloth answer. */
@Component
class KitClothQuestions {

    private final KitWorks works;
    private final KitOtherSources otherSources;
    private final PriceListService prices;
    private final Planners planners;

    KitClothQuestions(KitWorks works, KitOtherSources otherSources, PriceListService prices, Planners planners) {
        this.works = works;
        this.otherSources = otherSources;
        this.prices = prices;
        this.planners = planners;
    }

    /** What the cloth is set beside: kits cut together, prices, other sources. */
    ClothQuestion.Compared compared(Kit kit, Fabric fabric, int kitsTogether, KitOtherSources.Tried tried) {
        UsualPrices usual = prices.usual();
        ClothQuestion.MayChoose mayChoose = kit.isOurs()
                ? ClothQuestion.MayChoose.EVERYTHING
                : kit.followsPrinted() ? ClothQuestion.MayChoose.NOTHING : ClothQuestion.MayChoose.SOURCE;
        List<String> alike = kitsTogether == 0 ? List.of() : works.work(kit).cutLike(fabric.code()).stream().map(Fabric::name).toList();
        return new ClothQuestion.Compared(
                new ClothQuestion.Batch(kitsTogether, alike), fabric.kind(), fabric.prices().price().or(usual::cloth), usual,
                otherSources.of(kit, fabric, tried), mayChoose, lies(kit.layingWhole(fabric), fabric));
    }

    /** How its print lies, and the same kit with it the other way. */
    private ClothQuestion.Lies lies(Kit kit, Fabric fabric) {
        KitDirections directions = kit.settings().directions();
        boolean upright = !directions.anyWay().contains(fabric.id());
        Kit other = kit.with(kit.settings().with(directions.ofFabric(fabric.id(), !upright)));
        return new ClothQuestion.Lies(fabric.print(), upright, true, works.lyingAgainstPrint(kit, fabric), fabric.print().mayTurn()
                ? Optional.empty()
                : Optional.of((by, instructions, usable) -> works.clothNeed(other, fabric, by, instructions, usable)));
    }

    ClothQuestion question(Kit kit, Fabric fabric, KitOtherSources.Tried tried, ClothQuestion.Compared compared) {
        return new ClothQuestion(
                (by, instructions, usable) -> works.clothNeed(kit, fabric, by, instructions, usable), tried.usableWidth(),
                kit.instructions(), tried.practice(), compared, planners);
    }
}
