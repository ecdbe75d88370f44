package retazo.app.kits;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.strip.LeftOver;
import retazo.core.explain.Figure;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.kit.Planners;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;

/**
 * A kit's colourway as the core plans it.
 *
 * @param practice  as it is for this kit, with what its pattern and the kit itself change
 * @param leftOvers that a bag may take, by the code of their fabric
 */
public record KitCloth(Kit kit, ShopPractice practice, FabricService fabrics, Map<String, List<LeftOver>> leftOvers, Planners planners) {

    private QuiltDesign design() {
        return kit.pattern().design().withoutOverrides();
    }

    QuiltPlan plan() {
        return Needs.upright(new QuiltPlanner(practice).plan(design(), kit.size()), role -> choice(role, fabric -> fabric));
    }

    Needs.Result needs(QuiltPlan plan, Instructions instructions) {
        return new Needs(practice, instructions, planners).of(design(), plan, role -> choice(role, fabric -> fabric), kit.contents());
    }

    /** What one cloth is needed for, by instructions, on cloth of a usable width; empty if the kit takes none of it. */
    public Optional<Need> need(Fabric fabric, Instructions instructions, Length usableWidth) {
        UnaryOperator<KitFabric> seen = chosen -> chosen.code().equals(fabric.code()) ? chosen.onWidth(usableWidth) : chosen;
        return new Needs(practice, instructions, planners).ofOne(fabric.code(), design(), plan(), role -> choice(role, seen),
                kit.contents());
    }

    /**
     * The exact length that gives the sheets off a bolt; empty where its cloth is too narrow, or where its role takes no precut any more.
     */
    Optional<Figure<Length>> topUp(KitTopUp topUp) {
        PrintKind print = topUp.fabric().print();
        return Optional.ofNullable(kit.goods().get(topUp.role())).flatMap(good -> topUp.sheets(good).exact(
                kit.size().key() + ".topUp." + topUp.fabric().code(), kit.inKit(good).upright() ? print : print.anyWay(),
                cloth(topUp.fabric()).usableWidth(),
                practice.figure(PracticeMeasure.SQUARING)));
    }

    /** What precuts are needed for; empty if the kit takes none of them. */
    public Optional<Need> need(Good good) {
        return new Needs(practice, kit.instructions(), planners).ofOne(good.code(), design(), plan(), role -> choice(role, cloth -> cloth),
                kit.contents());
    }

    /** A fabric on the width that the kit is planned for, with what becomes of its cloth. */
    KitFabric cloth(Fabric fabric) {
        KitFabric plain = fabrics.inKit(fabric, practice);
        KitFabric wide = kit.settings().width().isPresent() ? plain.onWidth(practice.figure(PracticeMeasure.USABLE_WIDTH)) : plain;
        KitFabric cloth = wide.with(leftOvers.getOrDefault(fabric.code(), List.of()));
        KitFabric laid = kit.settings().directions().anyWay().contains(fabric.id()) ? cloth.anyWay() : cloth;
        return kit.quarters(fabric).map(laid::cutInto).orElse(laid);
    }

    /** A role that nothing of the kit is cut from has no fabric; nothing is needed of whatever stands for it. */
    private KitChoice.Fabric nothing(RoleKey role) {
        return new KitChoice.Fabric(new KitFabric(
                "no fabric for " + role, practice.figure(PracticeMeasure.USABLE_WIDTH), PrintKind.ALL_OVER));
    }

    private KitChoice choice(RoleKey role, UnaryOperator<KitFabric> seen) {
        Optional<KitChoice.Precut> precut = Optional.ofNullable(kit.goods().get(role)).map(good -> new KitChoice.Precut(kit.inKit(good)));
        Optional<KitChoice.Fabric> fabric = Optional.ofNullable(kit.fabrics().get(role))
                .map(one -> new KitChoice.Fabric(seen.apply(cloth(one))));
        return precut.<KitChoice>map(good -> fabric.<KitChoice>map(cloth -> new KitChoice.Both(good, cloth)).orElse(good))
                .orElseGet(() -> fabric.orElseGet(() -> nothing(role)));
    }
}
