package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagLeftOverEntity;
import retazo.app.runs.book.BagLeftOverRepository;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.packets.BagPacket;
import retazo.app.runs.plan.RunBatches;
import retazo.app.runs.plan.RunPlanning;
import retazo.core.bolt.BoltPlan;
import retazo.core.kit.BillLine;

/** Keeps the bags of a run that is confirmed: their bills are frozen, their cuts planned, cloth and goods reserved. */
@Component
class ConfirmedBags {

    private final BagRepository bags;
    private final BagLineRepository bagLines;
    private final BagPicks picks;
    private final BagLeftOverRepository leftOvers;
    private final FrozenPackets packets;
    private final RunPlanning planning;
    private final RunStates states;

    ConfirmedBags(
            BagRepository bags, BagLineRepository bagLines, BagPicks picks, BagLeftOverRepository leftOvers, FrozenPackets packets,
            RunPlanning planning, RunStates states) {
        this.bags = bags;
        this.bagLines = bagLines;
        this.picks = picks;
        this.leftOvers = leftOvers;
        this.packets = packets;
        this.planning = planning;
        this.states = states;
    }

    /** The bags that a plan builds, numbered in the order of their kits after those that the run has. */
    void keep(RunEntity run, List<KitWork> works, BoltPlan plan) {
        Map<RunBatches.LineKey, BagLineEntity> lineOf = keep(run, works, plan.built(), Optional.empty());
        if (plan.cuts().isEmpty()) {
            states.settle(run.id());
            return;
        }
        planning.keep(new RunBatches(works).merged(plan.cuts(), lineOf), run.planVersion());
    }

    /** Bags whose cloth is still to be found; those that a taking is for know it. */
    void keepWithoutCloth(RunEntity run, List<KitWork> works, List<Integer> counts, long takingId) {
        keep(run, works, counts, Optional.of(takingId));
    }

    private Map<RunBatches.LineKey, BagLineEntity> keep(RunEntity run, List<KitWork> works, List<Integer> counts, Optional<Long> taking) {
        Map<RunBatches.LineKey, BagLineEntity> lineOf = new HashMap<>();
        int number = bags.findByRunIdOrderByNumberAsc(run.id()).stream().mapToInt(BagEntity::number).max().orElse(0);
        for (int group = 0; group < works.size(); group++) {
            KitWork work = works.get(group);
            Kit kit = work.kit();
            List<BagPacket> frozen = packets.of(work);
            for (int bag = 0; bag < counts.get(group); bag++) {
                number++;
                BagEntity entity = bags.save(BagEntity.of(run.id(), number, kit.id(), taking));
                RunBatches.BagKey bagKey = new RunBatches.BagKey(group, bag);
                for (int line = 0; line < work.bill().lines().size(); line++) {
                    int position = line + 1;
                    BillLine billed = work.bill().lines().get(line);
                    billed.asCut().map(cut -> keepCut(entity, position, work, cut))
                            .ifPresent(kept -> lineOf.put(bagKey.line(kept.fabricId()), kept));
                    billed.asPicked().ifPresent(picked -> picks.keep(entity.id(), position, kit, picked));
                }
                packets.keep(entity.id(), frozen);
                entity.piecesLeft(!frozen.isEmpty());
            }
        }
        bagLines.flush();
        return lineOf;
    }

    private BagLineEntity keepCut(BagEntity bag, int position, KitWork work, BillLine.Cut cut) {
        long fabricId = requireNonNull(work.kit().fabricIdByCode().get(cut.fabricCode()));
        BagLineEntity line = bagLines.save(BagLineEntity.of(bag, position, fabricId, cut));
        work.leftOvers(cut.fabricCode()).forEach((good, count) -> leftOvers.save(BagLeftOverEntity.of(line.id(), good.id(), count)));
        return line;
    }
}
