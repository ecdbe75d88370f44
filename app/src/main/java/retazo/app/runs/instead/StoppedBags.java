package retazo.app.runs.instead;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.RunTakings;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.shared.NotFoundException;

/** Says which bags of a run cannot be made as they were asked, and which fabrics stop them. */
@Component
@Transactional(readOnly = true)
public class StoppedBags {

    private final RunBook book;
    private final RunTakings takings;
    private final DraftPlans plans;
    private final KitBook kits;

    StoppedBags(RunBook book, RunTakings takings, DraftPlans plans, KitBook kits) {
        this.book = book;
        this.takings = takings;
        this.plans = plans;
        this.kits = kits;
    }

    /** A bag by its number in the run; it stops nothing where it does not wait. */
    public Stopped bag(long runId, int number) {
        Run run = takings.asking(book.run(runId));
        Bag bag = book.bags(Set.of(runId)).getOrDefault(runId, List.of()).stream().filter(one -> one.number() == number).findFirst()
                .orElseThrow(() -> new NotFoundException("bag", number));
        Kit kit = kits.kit(bag.kitId());
        Set<Long> waits = bag.waits()
                ? bag.lines().stream().filter(Bag.ClothLine::waits).map(Bag.ClothLine::fabricId).collect(Collectors.toSet())
                : Set.of();
        return new Stopped(run, kit, waits.isEmpty() ? 0 : 1, Optional.of(bag), fabrics(kit, waits));
    }

    /** The bags of a kit that stock does not give, of a draft or of what is open of a run. */
    public Stopped ofKit(long runId, long kitId) {
        Run run = takings.asking(book.run(runId));
        Kit kit = kits.kit(kitId);
        DraftPlan plan = plans.plan(run);
        List<Integer> missing = plan.missing(DraftPlan.Answer.IN_ORDER);
        int bags = 0;
        for (int i = 0; i < missing.size(); i++) {
            bags += plan.asked().get(i).kitId() == kitId ? missing.get(i) : 0;
        }
        Set<Long> lacking = plan.shortages().stream().map(shortage -> BoltLayout.fabricId(shortage.fabricCode()))
                .collect(Collectors.toSet());
        return new Stopped(run, kit, bags, Optional.empty(), fabrics(kit, lacking));
    }

    private static List<Fabric> fabrics(Kit kit, Set<Long> ids) {
        return kit.cloths().stream().filter(fabric -> ids.contains(fabric.id())).toList();
    }
}
