package retazo.core.kit;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.precut.QuartersFromBolt;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.size.Way;

/**
 * Works out what a quilt takes of each fabric and precut, whichever way its pattern was entered: all roles in one fabric are
 * one length, planned and rounded together.
 */
public final class Needs {

    /**
     * The needs of a quilt, or why they cannot be met.
     *
     * @param byFabric by code, in the order of the first role of each; what nothing is needed of is left out
     * @param problems pieces that do not fit their cloth, or roles whose choice does not serve; then the needs are not complete
     */
    public record Result(Map<String, Need> byFabric, List<Problem> problems) {
        public Result {
            problems = List.copyOf(problems);
        }
    }

    private final ShopPractice shop;
    private final Instructions instructions;
    private final Planners planners;

    /** Plans each time it is asked. */
    public Needs(ShopPractice shop, Instructions instructions) {
        this(shop, instructions, Planners.ANEW);
    }

    /** @param instructions whose instructions the cloth is cut by */
    public Needs(ShopPractice shop, Instructions instructions, Planners planners) {
        this.shop = shop;
        this.instructions = instructions;
        this.planners = planners;
    }

    /** The needs of each role by itself, on cloth of the shop's usable width; the keys are those of the roles. */
    public Result byRole(QuiltDesign design, QuiltPlan plan) {
        return byRole(design, plan, Map.of());
    }

    /**
     * The same, where some roles come from other sources: precuts of customary kinds, packed as they surely are, and what those do not give
     * off the bolt beside them; or quarters cut in the shop, where those give everything. The keys of the precuts are those of
     * {@link #precutKey}.
     */
    public Result byRole(QuiltDesign design, QuiltPlan plan, Map<RoleKey, RoleSource> sources) {
        Figure<Length> usableWidth = design.practice(shop).figure(PracticeMeasure.USABLE_WIDTH);
        return of(design, plan, role -> choice(
                plan, role, sources.get(role), new KitFabric(role.value(), usableWidth, design.role(role).plannedPrint())),
                Contents.EVERYTHING);
    }

    /**
     * What each role whose print is planned to stay upright would be sold as, whole cloth by itself, if its print lay any way.
     *
     * @param drawn the quilt, its pieces as they are drawn
     */
    public Map<RoleKey, Length> soldAnyWay(QuiltDesign design, QuiltPlan drawn) {
        Figure<Length> usableWidth = design.practice(shop).figure(PracticeMeasure.USABLE_WIDTH);
        Map<RoleKey, Length> sold = new LinkedHashMap<>();
        design.roles().stream().filter(role -> !role.plannedPrint().mayTurn()).forEach(role -> ofOne(
                role.key().value(), design, drawn,
                each -> new KitChoice.Fabric(new KitFabric(
                        each.value(), usableWidth, each.equals(role.key()) ? PrintKind.ALL_OVER : design.role(each).plannedPrint())),
                Contents.EVERYTHING)
                .flatMap(Need::sold).ifPresent(length -> sold.put(role.key(), length.value())));
        return sold;
    }

    /** What one role takes from a source, first the precuts, then the cloth beside them; empty where it gives nothing of the role. */
    public List<Need> ofRole(QuiltDesign design, QuiltPlan plan, RoleKey role, RoleSource source, Length usableWidth) {
        KitFabric cloth = KitFabric.measured(role.value(), usableWidth, design.role(role).plannedPrint());
        KitChoice choice = choice(plan, role, source, cloth);
        Result result = of(
                design, plan,
                each -> each.equals(role)
                        ? choice
                        : new KitChoice.Fabric(new KitFabric(each.value(), cloth.usableWidth(), design.role(each).plannedPrint())),
                Contents.EVERYTHING, code -> code.equals(role.value()) || code.equals(precutKey(role)));
        List<Need> needs = new ArrayList<>(result.byFabric().values());
        return needs.stream().anyMatch(need -> need.isFrom(source)) ? needs : List.of();
    }

    private KitChoice choice(QuiltPlan plan, RoleKey role, @Nullable RoleSource source, KitFabric cloth) {
        if (source == null) {
            return new KitChoice.Fabric(cloth);
        }
        return source.cutInTheShop() ? quarters(source.kind(), cloth, role, plan) : beside(source.kind(), cloth, role);
    }

    private static KitChoice beside(PrecutKind kind, KitFabric cloth, RoleKey role) {
        return new KitChoice.Both(new KitChoice.Precut(KitGood.customary(precutKey(role), kind)), new KitChoice.Fabric(cloth));
    }

    private KitChoice quarters(PrecutKind kind, KitFabric cloth, RoleKey role, QuiltPlan plan) {
        List<PieceNeed> pieces = plan.pieces().stream().filter(piece -> piece.role().equals(role)).toList();
        boolean serve = !plan.takesLong(role)
                && QuartersFromBolt.of(pieces, kind, cloth.usableWidth().value(), cloth.print(), planners.sheets())
                        .isPresent();
        return new KitChoice.Fabric(serve ? cloth.cutInto(kind) : cloth);
    }

    /** Under which key the precuts of a role are found, beside its cloth under its own. */
    public static String precutKey(RoleKey role) {
        return role.value() + ".precut";
    }

    /** The needs when each role is given a fabric or a precut. */
    public Result of(QuiltDesign design, QuiltPlan plan, Function<RoleKey, KitChoice> colourway, Contents contents) {
        return of(design, plan, colourway, contents, code -> true);
    }

    /** A quilt cut the way the prints of a colourway lie. */
    public static QuiltPlan upright(QuiltPlan plan, Function<RoleKey, KitChoice> colourway) {
        return plan.upright(role -> colourway.apply(role).print());
    }

    /** What is needed of one fabric or precut; empty if nothing is, or if it cannot be met. */
    public Optional<Need> ofOne(String code, QuiltDesign design, QuiltPlan plan, Function<RoleKey, KitChoice> colourway,
            Contents contents) {
        return Optional.ofNullable(of(design, plan, colourway, contents, code::equals).byFabric().get(code));
    }

    private Result of(
            QuiltDesign design, QuiltPlan drawn, Function<RoleKey, KitChoice> colourway, Contents contents, Predicate<String> wanted) {
        Map<String, KitChoice.Single> choices = new LinkedHashMap<>();
        Map<String, List<RoleKey>> rolesByCode = new LinkedHashMap<>();
        for (Role role : design.roles()) {
            for (KitChoice.Single part : colourway.apply(role.key()).parts()) {
                choices.putIfAbsent(part.code(), part);
                rolesByCode.computeIfAbsent(part.code(), code -> new ArrayList<>()).add(role.key());
            }
        }
        ShopPractice practice = design.practice(shop);
        QuiltPlan plan = upright(drawn, colourway);
        Map<String, Need> needs = new LinkedHashMap<>();
        List<Problem> problems = new ArrayList<>();
        rolesByCode.keySet().removeIf(wanted.negate());
        rolesByCode.forEach((code, roles) -> {
            NeedRequest request = new NeedRequest(design, plan, practice, requireNonNull(choices.get(code)), roles, colourway,
                    new NeedRequest.Kind(contents, instructions, planners));
            NeedResult result = plan.way() == Way.SIZE_TABLE ? new PrintedNeeds(request).need() : new PlannedNeeds(request).need();
            result.need().ifPresent(need -> needs.put(code, need));
            problems.addAll(result.problems());
        });
        return new Result(needs, problems);
    }
}
