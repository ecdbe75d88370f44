package retazo.core.verdict;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Count;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.precut.SheetPlan;
import retazo.core.precut.SheetPlans;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/** Judges the precuts that a pattern's paper prints against the pieces that have to come out of them. */
public final class PrintedPrecuts {

    private PrintedPrecuts() {
    }

    /**
     * A verdict for each role and size whose need the paper meets by precuts of one kind alone; none where its pieces are not known, or
     * some do not come out of such sheets.
     */
    public static List<PrecutVerdict> judge(QuiltDesign design, ShopPractice shop, SheetPlans plans) {
        List<PrecutVerdict> verdicts = new ArrayList<>();
        if (design.table().isEmpty() || design.plannedFrom() == Way.SIZE_TABLE) {
            return verdicts;
        }
        for (QuiltSize size : design.sizes()) {
            QuiltPlan plan = new QuiltPlanner(shop).plan(design, size);
            for (Role role : design.roles()) {
                printed(design.table().get(), role, size).filter(amount -> plan.way() != Way.SIZE_TABLE && !plan.takesLong(role.key()))
                        .flatMap(amount -> verdict(amount, role, plan, plans)).ifPresent(verdicts::add);
            }
        }
        return verdicts;
    }

    /** The precuts of a role that has one row; its first way where that is precuts. */
    private static Optional<PrintedAmount.Precuts> printed(SizeTable table, Role role, QuiltSize size) {
        List<List<PrintedAmount>> cells = table.rows().stream().filter(row -> row.role().equals(role.key()))
                .flatMap(row -> Optional.ofNullable(row.cells().get(size.key())).stream()).toList();
        return cells.size() == 1
                ? cells.get(0).stream().flatMap(amount -> amount.match(cloth -> Stream.empty(), Stream::of)).findFirst()
                : Optional.empty();
    }

    private static Optional<PrecutVerdict> verdict(PrintedAmount.Precuts printed, Role role, QuiltPlan plan, SheetPlans plans) {
        if (printed.kind().cautious().isEmpty() || printed.packs() && printed.kind().customaryPacks().isEmpty()) {
            return Optional.empty();
        }
        RoleFromPrecuts needed = RoleFromPrecuts.of(plan, role.key(), printed.kind(), plans);
        if (!needed.others().isEmpty() || needed.cautious().isEmpty() && needed.nominal().isEmpty()) {
            return Optional.empty();
        }
        Map<Label, Count> readings = readings(printed, needed);
        Count workedOut = needed.cautious().map(sure -> units(sure, printed, least(printed.kind())))
                .orElseGet(() -> readings.values().iterator().next());
        Count count = new Count(printed.count());
        boolean agrees = needed.cautious().isPresent() && count.equals(workedOut);
        Judgement judgement = agrees ? Judgement.AGREES : count.compareTo(workedOut) > 0 ? Judgement.GENEROUS : Judgement.TOO_LITTLE;
        return Optional.of(new PrecutVerdict(
                role.key(), plan.size().key(), judgement, printed, workedOut,
                agrees
                        ? Optional.empty()
                        : readings.entrySet().stream().filter(reading -> reading.getValue().equals(count)).findFirst()
                                .map(reading -> new OtherHabits(List.of(reading.getKey())))));
    }

    /** The numbers of the same under other habits, the likelier first. */
    private static Map<Label, Count> readings(PrintedAmount.Precuts printed, RoleFromPrecuts needed) {
        Map<Label, Count> readings = new LinkedHashMap<>();
        List<Integer> packs = printed.packs() ? printed.kind().customaryPacks() : List.of(1);
        needed.nominal().ifPresent(full -> readings.put(Label.of("reading.full-sheets"), units(full, printed, packs.get(0))));
        for (int pack : packs.subList(1, packs.size())) {
            needed.cautious().ifPresent(sure -> readings.put(Label.of("reading.packs-of", pack), units(sure, printed, pack)));
            needed.nominal().ifPresent(full -> readings.put(Label.of("reading.full-packs-of", pack), units(full, printed, pack)));
        }
        return readings;
    }

    private static int least(PrecutKind kind) {
        return kind.customaryPacks().stream().findFirst().orElse(1);
    }

    private static Count units(SheetPlan plan, PrintedAmount.Precuts printed, int pack) {
        Count sheets = new Count(plan.sheets());
        return printed.packs() ? sheets.inGroupsOf(new Count(pack)) : sheets;
    }
}
