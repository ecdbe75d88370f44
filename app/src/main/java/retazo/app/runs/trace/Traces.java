package retazo.app.runs.trace;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.core.measure.Length;

/** Follows cloth: from a lot to its bags, and through a run. */
@Service
@Transactional(readOnly = true)
public class Traces {

    private static final int MOST_BAGS = 300;

    private final TraceRepository traces;
    private final RunBook runs;
    private final KitIndex kits;
    private final FabricService fabrics;

    Traces(TraceRepository traces, RunBook runs, KitIndex kits, FabricService fabrics) {
        this.traces = traces;
        this.runs = runs;
        this.kits = kits;
        this.fabrics = fabrics;
    }

    /** How far a bag is. */
    public enum Where {
        BEGUN,
        ON_THE_SHELF,
        SOLD
    }

    /**
     * A bag with cloth of a lot.
     *
     * @param code   its number for good
     * @param number in its run
     * @param bolts  the codes of those it was cut from
     */
    public record LotBag(String code, String kit, long runId, int number, Where where, String bolts, Length length) {
    }

    /** The bags with cloth of a fabric's lot, the newest first. */
    public List<LotBag> ofLot(long fabricId, String lot) {
        List<TraceRepository.OfLot> found = traces.ofLot(fabricId, lot, MOST_BAGS);
        Map<Long, KitTitle> titles = kits.titles(found.stream().map(TraceRepository.OfLot::getKitId).collect(Collectors.toSet()));
        return found.stream().map(bag -> new LotBag(
                Bag.code(bag.getBagId()), requireNonNull(titles.get(bag.getKitId())).name(), bag.getRunId(), bag.getNumber(),
                where(bag), bag.getBolts(), new Length(bag.getTicks()))).toList();
    }

    private static Where where(TraceRepository.OfLot bag) {
        return bag.getState().equals("PACKED") ? bag.getSoldAt() == null ? Where.ON_THE_SHELF : Where.SOLD : Where.BEGUN;
    }

    /**
     * What became of the cloth of a fabric in a run.
     *
     * @param planned of the bags that are not left out
     * @param cut     for bags, at real length
     * @param flawed  lost with flaws
     * @param wasted  too short, and thrown away
     * @param remnants put aside as bolts of their own
     * @param sold     of those, at the counter since
     */
    public record FabricYield(Fabric fabric, Length planned, Length cut, Length flawed, Length wasted, Length remnants, Length sold) {
    }

    /** How long a bag of a run takes at each station; empty where the records do not tell. */
    public record BagTimes(Optional<Duration> cutting, Optional<Duration> packing) {
    }

    /** From what was recorded, for all who worked at the run together. */
    public BagTimes times(long runId) {
        List<Bag> bags = runs.bags(Set.of(runId)).getOrDefault(runId, List.of());
        long packed = bags.stream().filter(Bag::packed).count();
        long cut = bags.stream().filter(Bag::allCut).count();
        return new BagTimes(
                WorkTimes.eachBag(recorded(traces.cuts(runId)), cut), WorkTimes.eachBag(recorded(traces.ticks(runId)), packed));
    }

    private static List<WorkTimes.Recorded> recorded(List<TraceRepository.Step> steps) {
        return steps.stream().map(step -> new WorkTimes.Recorded(step.getPersonId(), step.getAt())).toList();
    }

    /** By fabric, those with the most cloth first; nothing before anything is cut. */
    public List<FabricYield> ofRun(long runId) {
        Map<Long, TraceRepository.OfRun> booked = traces.ofRun(runId).stream()
                .collect(Collectors.toMap(TraceRepository.OfRun::getFabricId, one -> one));
        if (booked.isEmpty()) {
            return List.of();
        }
        Map<Long, Length> planned = runs.bags(Set.of(runId)).getOrDefault(runId, List.of()).stream().filter(bag -> !bag.leftOut())
                .flatMap(bag -> bag.lines().stream())
                .collect(Collectors.toMap(Bag.ClothLine::fabricId, Bag.ClothLine::length, Length::plus));
        Map<Long, Fabric> byId = fabrics.byIds(booked.keySet());
        return booked.values().stream()
                .map(one -> new FabricYield(
                        requireNonNull(byId.get(one.getFabricId())),
                        Optional.ofNullable(planned.get(one.getFabricId())).orElse(Length.ZERO), new Length(one.getCut()),
                        new Length(one.getFlawed()), new Length(one.getWasted()), new Length(one.getRemnants()),
                        new Length(one.getSold())))
                .sorted(Comparator.comparing(FabricYield::cut).reversed().thenComparing(one -> one.fabric().code())).toList();
    }
}
