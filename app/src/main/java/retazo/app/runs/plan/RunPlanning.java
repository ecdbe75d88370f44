package retazo.app.runs.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.springframework.stereotype.Component;

import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.WantedCut;
import retazo.app.stock.StockService;

/** Keeps which bag of a run is cut from which bolt, with its cloth reserved. The caller holds the lock of the run. */
@Component
public class RunPlanning {

    private final PlannedCutRepository cuts;
    private final StockService stock;
    private final BegunBags begunBags;

    RunPlanning(PlannedCutRepository cuts, StockService stock, BegunBags begunBags) {
        this.cuts = cuts;
        this.stock = stock;
        this.begunBags = begunBags;
    }

    /** The ids of the bags of a run that are begun: a length of theirs is cut, or pieces of their precuts are. */
    public Set<Long> begun(long runId) {
        return begunBags.of(Set.of(runId));
    }

    /**
     * Lets go of cuts of a run and of the cloth reserved for them.
     *
     * @param lastVersion the last plan that they stand in
     */
    public void supersede(List<PlannedCutEntity> gone, int lastVersion) {
        gone.forEach(cut -> cut.letGo(lastVersion));
        cuts.flush();
        stock.release(gone.stream().map(PlannedCutEntity::owner).toList());
    }

    /** Frees what is reserved under these owners. */
    public void release(Collection<String> owners) {
        stock.release(owners);
    }

    /** Reserves the cloth of a cut that is open again. */
    public void reserve(PlannedCutEntity cut) {
        stock.reserve(List.of(cut.promise()));
    }

    /** Keeps a plan of a run: one planned cut for each of its lengths, with its cloth reserved. */
    public void keep(List<WantedCut> wanted, int planVersion) {
        Map<Long, Integer> positions = new HashMap<>();
        cuts.current(List.of(wanted.get(0).lines().get(0).bag().runId()))
                .forEach(cut -> positions.merge(cut.boltId(), cut.position(), Math::max));
        List<PlannedCutEntity> kept = new ArrayList<>();
        for (WantedCut cut : wanted) {
            kept.add(PlannedCutEntity.of(cut, positions.merge(cut.boltId(), 1, Integer::sum), planVersion));
        }
        cuts.saveAllAndFlush(kept);
        stock.reserve(kept.stream().map(PlannedCutEntity::promise).toList());
    }
}
