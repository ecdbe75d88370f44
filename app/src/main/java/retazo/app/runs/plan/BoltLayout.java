package retazo.app.runs.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BagGroup;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanCheck;
import retazo.core.bolt.search.BoltPlanner;
import retazo.core.bolt.BoltRequest;
import retazo.core.bolt.BoltStock;
import retazo.core.bolt.RestRule;
import retazo.core.bolt.search.Shortage;
import retazo.core.measure.Length;

/** Puts bags and bolts to the core's planner, and proves what it answers before anything is kept. */
public final class BoltLayout {

    private final BoltRequest request;

    /** A length of a fabric that was planned for a usable width. */
    public record Piece(long fabricId, Length length, Length plannedWidth) {
    }

    /** Bags that take the same pieces. */
    public record Bags(String name, int quantity, List<Piece> pieces) {
    }

    /** @param bolts in whatever order: the same bolts are always planned alike */
    public BoltLayout(List<Bags> wanted, List<Bolt> bolts, RestRule rests) {
        Map<String, Length> widths = new HashMap<>();
        List<BagGroup> groups = new ArrayList<>();
        for (Bags bags : wanted) {
            Map<String, Length> lengths = new HashMap<>();
            for (Piece piece : bags.pieces()) {
                lengths.put(code(piece.fabricId()), piece.length());
                widths.merge(code(piece.fabricId()), piece.plannedWidth(), Length::atLeast);
            }
            groups.add(new BagGroup(bags.name(), bags.quantity(), lengths));
        }
        List<Bolt> inOrder = bolts.stream().sorted(Comparator.comparing(Bolt::id)).toList();
        Map<String, List<BoltStock>> fabrics = new LinkedHashMap<>();
        widths.forEach((code, width) -> fabrics.put(code, BoltRequest.wideEnough(
                inOrder.stream().filter(bolt -> code(bolt.fabricId()).equals(code)).map(Bolt::toStock).toList(), width)));
        this.request = new BoltRequest(fabrics, groups, rests);
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

    /** Both plans, and how many bags no plan exceeds. */
    BoltPlans.Answers answers() {
        BoltPlanner planner = BoltPlanner.of(request);
        return new BoltPlans.Answers(proved(planner.mostBags()), proved(planner.inOrderAsked()), planner.bound());
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
