package retazo.app.kits;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.fabrics.FabricService;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.BillLine;
import retazo.core.kit.BillOfMaterials;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.QuiltPlanner;

/** A kit worked out by the core: the quilt, what each fabric is cut for, and the bill. */
public record KitWork(Kit kit, QuiltPlan plan, Needs.Result needs, BillOfMaterials bill) {

    static KitWork of(Kit kit, ShopPractice practice, FabricService fabrics) {
        QuiltDesign design = kit.pattern().design();
        QuiltPlan plan = new QuiltPlanner(practice).plan(design, kit.size());
        Needs.Result needs = new Needs(practice, kit.instructions()).of(design, plan, role -> choice(kit, role, practice, fabrics), kit.contents());
        BillOfMaterials bill = BillOfMaterials.of(design, needs.byFabric());
        return new KitWork(
                kit, plan, needs, kit.copy().map(copy -> bill.with(new BillLine.Picked(copy.code(), List.of(), Count.ONE))).orElse(bill));
    }

    /**
     * How much less cloth the kit takes in all when everything is laid together than with each size alone, as sold; zero where that is
     * the same, or where only printed lengths are known.
     */
    Length savedByPlan(ShopPractice practice, FabricService fabrics) {
        return sold(practice, fabrics, Instructions.PRINTED).minus(sold(practice, fabrics, Instructions.OURS));
    }

    private Length sold(ShopPractice practice, FabricService fabrics, Instructions instructions) {
        return new Needs(practice, instructions)
                .of(kit.pattern().design(), plan, role -> choice(kit, role, practice, fabrics), kit.contents()).byFabric().values().stream()
                .map(need -> need.amount().match(cloth -> cloth.sell().value(), printed -> Length.ZERO, units -> Length.ZERO))
                .reduce(Length.ZERO, Length::plus);
    }

    static Optional<Need> clothNeed(
            Kit kit, String fabricCode, ShopPractice shop, FabricService fabrics, Instructions instructions, Length usableWidth) {
        QuiltDesign design = kit.pattern().design();
        Needs.Result needs = new Needs(shop, instructions).of(
                design, new QuiltPlanner(shop).plan(design, kit.size()),
                role -> choice(kit, role, shop, fabrics).match(
                        fabric -> fabric.code().equals(fabricCode)
                                ? new KitChoice.Fabric(KitFabric.measured(fabricCode, usableWidth, fabric.fabric().print())) : fabric,
                        precut -> precut),
                kit.contents());
        return Optional.ofNullable(needs.byFabric().get(fabricCode));
    }

    private static KitChoice choice(Kit kit, RoleKey role, ShopPractice practice, FabricService fabrics) {
        return kit.goods().containsKey(role)
                ? new KitChoice.Precut(kit.goods().get(role).inKit())
                : new KitChoice.Fabric(fabrics.inKit(kit.fabrics().get(role), practice));
    }

    /** Why the kit cannot be made by the practice of now; empty when it can. */
    public List<Problem> problems() {
        return needs.problems();
    }

    /** What one bag takes, by fabric code. */
    public Map<String, Length> lengths() {
        return bill.lengths();
    }
}
