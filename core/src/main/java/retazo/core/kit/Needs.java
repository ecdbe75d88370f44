package retazo.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.cutting.ClothNeed;
import retazo.core.cutting.ClothPlan;
import retazo.core.cutting.ClothRequest;
import retazo.core.cutting.WorksheetPlanner;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlan;
import retazo.core.quilt.Use;

/**
 * Works out what a quilt takes of each fabric: all roles in one fabric are one length, planned and rounded together.
 */
public final class Needs {

    /**
     * The needs of a quilt, or why they cannot be met.
     *
     * @param byFabric in the order of the first role of each fabric; fabrics that nothing is cut from are left out
     * @param problems pieces that do not fit their cloth; then the needs are not complete
     */
    public record Result(Map<String, Need> byFabric, List<Problem> problems) {
        public Result {
            problems = List.copyOf(problems);
        }
    }

    private final ShopPractice practice;
    private final WorksheetPlanner planner = new WorksheetPlanner();

    public Needs(ShopPractice practice) {
        this.practice = practice;
    }

    /** The needs of each role by itself, on cloth of the shop's usable width; the keys are those of the roles. */
    public Result byRole(QuiltDesign design, QuiltPlan plan) {
        Figure<Length> usableWidth = practice.figure(PracticeMeasure.USABLE_WIDTH);
        return inFabrics(design, plan, role -> new KitFabric(role.value(), usableWidth), Contents.EVERYTHING);
    }

    /** The needs by fabric when each role has one. */
    public Result inFabrics(
            QuiltDesign design, QuiltPlan plan, Function<RoleKey, KitFabric> colourway, Contents contents) {
        Map<String, List<Role>> rolesByFabric = new LinkedHashMap<>();
        for (Role role : design.roles()) {
            rolesByFabric.computeIfAbsent(colourway.apply(role.key()).code(), code -> new ArrayList<>()).add(role);
        }
        Map<String, Need> needs = new LinkedHashMap<>();
        List<Problem> problems = new ArrayList<>();
        rolesByFabric.forEach((code, roles) -> {
            List<RoleKey> keys = roles.stream().map(Role::key).toList();
            List<ClothNeed> clothNeeds = clothNeeds(plan, keys, contents);
            if (!clothNeeds.isEmpty()) {
                String key = plan.size().key() + "." + code;
                planner.plan(new ClothRequest(
                                key, colourway.apply(keys.get(0)).usableWidth(),
                                practice.figure(PracticeMeasure.SQUARING), clothNeeds))
                        .match(
                                planned -> needs.put(code, need(usesOf(design, plan, keys, contents), keys, key, planned.plan())),
                                impossible -> problems.addAll(impossible.problems()));
            }
        });
        return new Result(needs, problems);
    }

    /** What the roles are used for in this size and kit; a size may have fewer borders than the design. */
    private static List<Use> usesOf(QuiltDesign design, QuiltPlan plan, List<RoleKey> roles, Contents contents) {
        return roles.stream()
                .flatMap(role -> design.uses(role).stream())
                .distinct()
                .filter(use -> contents.includes(use.place()) && use.number() <= plan.borders().size())
                .toList();
    }

    private Need need(List<Use> uses, List<RoleKey> roles, String key, ClothPlan plan) {
        Figure<Length> sell = practice.margin().toSell(
                key + ".sell", Label.of("cloth.sell"), plan.exact(), practice.figure(PracticeMeasure.SELLING_STEP));
        return new Need(roles, uses, new Need.Amount.Cloth(plan, sell));
    }

    private static List<ClothNeed> clothNeeds(QuiltPlan plan, List<RoleKey> roles, Contents contents) {
        List<ClothNeed> needs = new ArrayList<>();
        plan.pieces().stream()
                .filter(piece -> roles.contains(piece.role()))
                .forEach(piece -> needs.add(new ClothNeed.Patches(piece)));
        plan.borders().stream()
                .filter(border -> roles.contains(border.role()))
                .forEach(border -> needs.add(new ClothNeed.Border(border)));
        if (contents.binding() && roles.contains(plan.binding().role())) {
            needs.add(new ClothNeed.Binding(plan.binding()));
        }
        if (contents.backing() && roles.contains(plan.backing().role())) {
            needs.add(new ClothNeed.Backing(plan.backing()));
        }
        return needs;
    }
}
