package retazo.app.kits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import retazo.app.fabrics.FabricService;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.BillLine;
import retazo.core.kit.BillOfMaterials;
import retazo.core.kit.Needs;
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
        Needs.Result needs = new Needs(practice)
                .inFabrics(design, plan, role -> fabrics.inKit(kit.fabrics().get(role), practice), kit.contents());
        return new KitWork(kit, plan, needs, BillOfMaterials.of(design, needs.byFabric()));
    }

    /** Why the kit cannot be made by the practice of now; empty when it can. */
    public List<Problem> problems() {
        return needs.problems();
    }

    /** What one bag takes, by fabric code. */
    public Map<String, Length> lengths() {
        Map<String, Length> lengths = new LinkedHashMap<>();
        for (BillLine line : bill.lines()) {
            line.match(cut -> lengths.put(cut.fabricCode(), cut.length()));
        }
        return lengths;
    }
}
