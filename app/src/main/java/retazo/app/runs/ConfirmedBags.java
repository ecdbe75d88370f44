package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagLeftOverEntity;
import retazo.app.runs.book.BagLeftOverRepository;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.BagPickEntity;
import retazo.app.runs.book.BagPickRepository;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.plan.RunBatches;
import retazo.app.runs.plan.RunPlanning;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.BoltPlan;
import retazo.core.kit.BillLine;

/** Keeps the bags of a run that is confirmed: their bills are frozen, their cuts planned, cloth and goods reserved. */
@Component
class ConfirmedBags {

    private final BagRepository bags;
    private final BagLineRepository bagLines;
    private final BagPickRepository picks;
    private final BagLeftOverRepository leftOvers;
    private final GoodService goods;
    private final RunPlanning planning;
    private final RunService service;

    ConfirmedBags(
            BagRepository bags, BagLineRepository bagLines, BagPickRepository picks, BagLeftOverRepository leftOvers, GoodService goods,
            RunPlanning planning, RunService service) {
        this.bags = bags;
        this.bagLines = bagLines;
        this.picks = picks;
        this.leftOvers = leftOvers;
        this.goods = goods;
        this.planning = planning;
        this.service = service;
    }

    /** The bags that a plan builds, numbered in the order of their kits. */
    void keep(RunEntity run, List<KitWork> works, BoltPlan plan) {
        Map<RunBatches.LineKey, BagLineEntity> lineOf = new HashMap<>();
        int number = 0;
        for (int group = 0; group < works.size(); group++) {
            KitWork work = works.get(group);
            Kit kit = work.kit();
            for (int bag = 0; bag < plan.built().get(group); bag++) {
                number++;
                BagEntity entity = bags.save(BagEntity.of(run.id(), number, kit.id()));
                RunBatches.BagKey bagKey = new RunBatches.BagKey(group, bag);
                for (int line = 0; line < work.bill().lines().size(); line++) {
                    int position = line + 1;
                    BillLine billed = work.bill().lines().get(line);
                    billed.asCut().map(cut -> keepCut(entity, position, work, cut))
                            .ifPresent(kept -> lineOf.put(bagKey.line(kept.fabricId()), kept));
                    billed.asPicked().ifPresent(picked -> keepPick(entity, position, kit, picked));
                }
            }
        }
        bagLines.flush();
        if (plan.cuts().isEmpty()) {
            service.settle(run.id());
            return;
        }
        planning.keep(new RunBatches(works).merged(plan.cuts(), lineOf), run.planVersion());
    }

    private BagLineEntity keepCut(BagEntity bag, int position, KitWork work, BillLine.Cut cut) {
        long fabricId = requireNonNull(work.kit().fabricIdByCode().get(cut.fabricCode()));
        BagLineEntity line = bagLines.save(BagLineEntity.of(bag, position, fabricId, cut));
        work.leftOvers(cut.fabricCode()).forEach((good, count) -> leftOvers.save(BagLeftOverEntity.of(line.id(), good.id(), count)));
        return line;
    }

    private void keepPick(BagEntity bag, int position, Kit kit, BillLine.Picked picked) {
        long goodId = requireNonNull(kit.goodsByCode().get(picked.code())).id();
        Bag.Pick pick = picks.saveAndFlush(BagPickEntity.of(bag.id(), position, goodId, picked)).toPick();
        goods.reserve(goodId, pick.count(), pick.owner());
    }
}
