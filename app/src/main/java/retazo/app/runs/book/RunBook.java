package retazo.app.runs.book;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.SliceImpl;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;

/** Reads what is kept of runs: what was asked, their bags with lines and picks, and the cuts by the plans of now. */
@Service
@Transactional(readOnly = true)
public class RunBook {

    private final RunRepository runs;
    private final RunLineRepository runLines;
    private final BagRepository bags;
    private final BagLineRepository bagLines;
    private final BagPickRepository picks;
    private final BagLeftOverRepository leftOvers;
    private final PlannedCutRepository cuts;

    RunBook(
            RunRepository runs, RunLineRepository runLines, BagRepository bags, BagLineRepository bagLines, BagPickRepository picks,
            BagLeftOverRepository leftOvers, PlannedCutRepository cuts) {
        this.runs = runs;
        this.runLines = runLines;
        this.bags = bags;
        this.bagLines = bagLines;
        this.picks = picks;
        this.leftOvers = leftOvers;
        this.cuts = cuts;
    }

    /** One page of the runs, newest first, and whether there are more; pages count from 0. */
    public Slice<Run> page(int page, int size) {
        Slice<RunEntity> found = runs.findByFoundFalseOrderByIdDesc(PageRequest.of(page, size));
        return new SliceImpl<>(toRuns(found.getContent()), found.getPageable(), found.hasNext());
    }

    /** The runs that are confirmed and not done, newest first. */
    public List<Run> open() {
        return in(Arrays.stream(RunState.values()).filter(RunState::isOpen).toList());
    }

    /** The runs in these states, newest first. */
    public List<Run> in(Collection<RunState> states) {
        return toRuns(runs.findByStateInOrderByIdDesc(states));
    }

    /** Runs by their ids. */
    public Map<Long, Run> byIds(Collection<Long> ids) {
        return toRuns(runs.findAllById(ids)).stream().collect(Collectors.toMap(Run::id, run -> run));
    }

    public Run run(long id) {
        return toRuns(List.of(runs.findById(id).orElseThrow(() -> new NotFoundException("run", id)))).get(0);
    }

    /** Empty for an id that no bag has. */
    public Optional<Bag> find(long bagId) {
        return bags.findById(bagId).map(bag -> bag(bag.id()));
    }

    /** The bags that came with an entry as they stood, a page at a time, by their numbers; nothing is known of what is in them. */
    public List<Bag> foundWith(UUID entry, int page, int size) {
        return bags.findByFoundEntryOrderByIdAsc(entry, PageRequest.of(page, size)).stream()
                .map(bag -> toBag(bag, List.of(), List.of(), Map.of())).toList();
    }

    /** The bags of runs with their lines and cuts, by run. */
    public Map<Long, List<Bag>> bags(Set<Long> runIds) {
        List<BagEntity> found = bags.findByRunIdInOrderByRunIdAscNumberAsc(runIds);
        Map<Long, List<BagLineEntity>> linesOf = bagLines.linesOfRead(runIds).stream()
                .collect(Collectors.groupingBy(line -> line.bag().id()));
        Map<Long, PlannedCut> cutOfLine = cuts.cutsOfRead(runIds).stream()
                .map(PlannedCutEntity::toPlannedCut)
                .flatMap(cut -> cut.targets().stream().map(target -> Map.entry(target.bagLineId(), cut)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        Map<Long, List<BagPickEntity>> picksOf = picks
                .findByBagIdInOrderByBagIdAscPositionAsc(found.stream().map(BagEntity::id).toList()).stream()
                .collect(Collectors.groupingBy(BagPickEntity::bagId));
        return found.stream()
                .map(bag -> toBag(
                        bag, linesOf.getOrDefault(bag.id(), List.of()), picksOf.getOrDefault(bag.id(), List.of()), cutOfLine))
                .collect(Collectors.groupingBy(Bag::runId));
    }

    public Bag bag(long bagId) {
        BagEntity bag = bags.findById(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
        return bags(Set.of(bag.runId())).getOrDefault(bag.runId(), List.of()).stream()
                .filter(found -> found.id() == bagId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("bag", bagId));
    }

    /** The cuts of runs by the plans of now, done or not, by bolt and position. */
    public List<PlannedCut> currentCuts(Set<Long> runIds) {
        return cuts.current(runIds).stream().map(PlannedCutEntity::toPlannedCut).toList();
    }

    /** The cuts that a plan of a run had, by bolt and position. */
    public List<PlannedCut> cutsOfPlan(long runId, int version) {
        return cuts.ofPlan(runId, version).stream().map(PlannedCutEntity::toPlannedCut).toList();
    }

    public PlannedCut plannedCut(long id) {
        return cuts.findById(id).orElseThrow(() -> new NotFoundException("cut", id)).toPlannedCut();
    }

    /** What the lengths of bag lines leave that the shop keeps, by line. */
    public Map<Long, List<Bag.LeftOver>> leftOvers(Collection<Long> bagLineIds) {
        return leftOvers.findByBagLineIdInOrderByIdAsc(bagLineIds).stream().collect(Collectors.groupingBy(
                BagLeftOverEntity::bagLineId, Collectors.mapping(BagLeftOverEntity::toLeftOver, Collectors.toList())));
    }

    /** The owners of what is reserved on the shelf for bags. */
    public List<String> promisesTo(Set<Long> bagIds) {
        return picks.findByBagIdInOrderByBagIdAscPositionAsc(bagIds).stream().map(pick -> pick.toPick().owner()).toList();
    }

    private List<Run> toRuns(List<RunEntity> entities) {
        Map<Long, List<RunLineEntity>> byRun = runLines
                .findByRunIdInOrderByRunIdAscPositionAsc(entities.stream().map(RunEntity::id).toList()).stream()
                .collect(Collectors.groupingBy(RunLineEntity::runId));
        return entities.stream()
                .map(run -> new Run(
                        run.id(), run.state(), run.planVersion(), run.createdAt(), run.turn(),
                        byRun.getOrDefault(run.id(), List.of()).stream()
                                .map(line -> new Run.Asked(line.kitId(), line.asked(), line.priority()))
                                .toList()))
                .toList();
    }

    private static Bag toBag(
            BagEntity bag, List<BagLineEntity> lines, List<BagPickEntity> picks, Map<Long, PlannedCut> cutOfLine) {
        return new Bag(
                bag.id(), bag.runId(), bag.number(), bag.kitId(), bag.state() == BagEntity.State.PACKED,
                bag.state() == BagEntity.State.LEFT_OUT, bag.isFound(), bag.isPiecesLeft(),
                lines.stream()
                        .map(line -> new Bag.ClothLine(
                                line.id(), line.fabricId(), line.letters(), line.length(), line.into(),
                                Optional.ofNullable(cutOfLine.get(line.id()))))
                        .toList(),
                picks.stream().map(BagPickEntity::toPick).toList());
    }
}
