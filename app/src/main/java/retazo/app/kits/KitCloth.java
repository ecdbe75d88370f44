package retazo.app.kits;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.LeftOver;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitChoice;
import retazo.core.kit.KitFabric;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.measure.Length;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.QuiltPlanner;

/**
 * A kit's colourway as the core plans it.
 *
 * @param leftOvers that a bag may take, by the code of their fabric
 */
record KitCloth(Kit kit, ShopPractice practice, FabricService fabrics, Map<String, List<LeftOver>> leftOvers) {

    Needs.Result needs(QuiltPlan plan, Instructions instructions) {
        return new Needs(practice, instructions).of(kit.pattern().design(), plan, this::choice, kit.contents());
    }

    /** What one cloth is needed for, by instructions, on cloth of a usable width; empty if the kit takes none of it. */
    Optional<Need> need(Fabric fabric, Instructions instructions, Length usableWidth) {
        Needs.Result needs = new Needs(practice, instructions).of(
                kit.pattern().design(), new QuiltPlanner(practice).plan(kit.pattern().design(), kit.size()),
                role -> choice(role).match(
                        chosen -> chosen.code().equals(fabric.code())
                                ? new KitChoice.Fabric(KitFabric.measured(fabric.code(), usableWidth, chosen.fabric().print()).with(chosen.fabric().leftOvers()))
                                : chosen,
                        precut -> precut),
                kit.contents());
        return Optional.ofNullable(needs.byFabric().get(fabric.code()));
    }

    private KitChoice choice(RoleKey role) {
        if (kit.goods().containsKey(role)) {
            return new KitChoice.Precut(kit.goods().get(role).inKit());
        }
        Fabric fabric = kit.fabrics().get(role);
        return new KitChoice.Fabric(fabrics.inKit(fabric, practice).with(leftOvers.getOrDefault(fabric.code(), List.of())));
    }
}
