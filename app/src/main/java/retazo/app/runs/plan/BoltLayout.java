package retazo.app.runs.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import retazo.app.stock.Bolt;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanCheck;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.Tolerance;
import retazo.core.bolt.promise.Priority;
import retazo.core.bolt.search.BoltPlanner;
import retazo.core.bolt.search.LongerSearch;
import retazo.core.bolt.search.Shortage;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** Puts bags and bolts to the core's planner, and proves what it answers before anything is kept. */
public final class BoltLayout {

    private final BoltRequest request;

    /** A length of a fabric that was planned for a usable width. */
    public record Piece(long fabricId, Length length, Length plannedWidth) {
    }

    /**
     * Bags that take the same pieces.
     *
     * @param picked how many of which goods a bag takes
     */
    public record Bags(String name, int quantity, List<Piece> pieces, Map<Good, Count> picked, Priority priority) {
    }

    /**
     * What there is for them.
     *
     * @param bolts in whatever order: the same bolts are always planned alike
     */
    public record There(List<Bolt> bolts, Map<Long, GoodService.GoodCount> goods) {
    }

    public BoltLayout(List<Bags> wanted, There there, ShopPractice shop) {
        Map<String, Length> widths = new HashMap<>();
        List<BagGroup> groups = new ArrayList<>();
        for (Bags bags : wanted) {
            Map<String, Length> lengths = new HashMap<>();
            for (Piece piece : bags.pieces()) {
                lengths.put(code(piece.fabricId()), piece.length());
                widths.merge(code(piece.fabricId()), piece.plannedWidth(), Length::atLeast);
            }
            Map<String, Count> picked = new HashMap<>();
            bags.picked().forEach((good, each) -> picked.put(code(good.id()), each));
            groups.add(new BagGroup(bags.name(), bags.quantity(), lengths, picked, bags.priority().ordinal()));
        }
        Tolerance tolerance = Tolerance.of(shop);
        List<Bolt> inOrder = there.bolts().stream().sorted(Comparator.comparing(Bolt::id)).toList();
        Map<String, List<BoltStock>> fabrics = new LinkedHashMap<>();
        widths.forEach((code, width) -> fabrics.put(code, BoltRequest.wideEnough(
                inOrder.stream().filter(bolt -> code(bolt.fabricId()).equals(code)).map(bolt -> bolt.toStock(tolerance)).toList(), width)));
        Map<String, Count> goods = new HashMap<>();
        there.goods().forEach((id, count) -> goods.put(code(id), new Count(Math.max(0, count.free()))));
        this.request = new BoltRequest(fabrics, groups, RestRule.of(shop), goods);
    }

    /** Bolts with one more of a fabric that has all that is wanted of it. */
    public static List<Bolt> withEnough(List<Bolt> bolts, List<Bags> wanted, long fabricId) {
        Length all = wanted.stream().flatMap(bags -> bags.pieces().stream().filter(piece -> piece.fabricId() == fabricId)
                .map(piece -> piece.length().times(bags.quantity()))).reduce(Length.ZERO, Length::plus);
        Length width = wanted.stream().flatMap(bags -> bags.pieces().stream()).filter(piece -> piece.fabricId() == fabricId)
                .map(Piece::plannedWidth).reduce(Length.ZERO, Length::atLeast);
        return Stream.concat(bolts.stream(), Stream.of(Bolt.wished(fabricId, width, all))).toList();
    }

    /** What is asked of the planner: all that its answers come from. */
    BoltRequest request() {
        return request;
    }

    private static String code(long fabricId) {
        return Long.toString(fabricId);
    }

    /** The id of the fabric that its plans call so. */
    public static long fabricId(String code) {
        return Long.parseLong(code);
    }

    /** The plans, and how many bags no plan exceeds. */
    BoltPlans.Answers answers() {
        BoltPlanner planner = BoltPlanner.of(request);
        BoltPlan mostBags = proved(planner.mostBags());
        boolean pressAlike = BoltPlanner.turns(request).length < 2;
        return new BoltPlans.Answers(
                mostBags, proved(planner.inOrderAsked()), pressAlike ? mostBags : proved(planner.byPriority()), planner.bound());
    }

    /** A plan with more bags, looked for as long as it goes on. */
    Optional<BoltPlan> moreThan(int bags, BooleanSupplier goesOn) {
        return LongerSearch.moreThan(request, bags, goesOn).map(this::proved);
    }

    /** The plan that keeps the order asked. */
    public BoltPlan inOrderAsked() {
        return proved(BoltPlanner.of(request).inOrderAsked());
    }

    /** The fabrics whose bolts do not give all that is asked. */
    public List<Shortage> shortages() {
        return Shortage.of(request);
    }

    /** Whether nothing that was asked is missing. */
    public boolean isWhole(BoltPlan plan) {
        return missing(plan).isEmpty();
    }

    /** How many bags of each group a plan leaves out, by name. */
    private Map<String, Integer> missing(BoltPlan plan) {
        return plan.missing(request);
    }

    private BoltPlan proved(BoltPlan plan) {
        List<String> faults = BoltPlanCheck.faults(request, plan);
        if (!faults.isEmpty()) {
            throw new IllegalStateException("The plan does not hold: " + faults);
        }
        return plan;
    }
}
