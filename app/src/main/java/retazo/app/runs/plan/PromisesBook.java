package retazo.app.runs.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.PlannedCutEntity;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.cloth.ShopPractice;

/** Looks up what open bags were promised. */
@Component
class PromisesBook {

    private final RunBook runs;
    private final BagLineRepository lines;
    private final PlannedCutRepository cuts;
    private final StockService stock;
    private final ChangeBook changes;
    private final BegunBags begunBags;
    private final PracticeService practice;

    PromisesBook(
            RunBook runs, BagLineRepository lines, PlannedCutRepository cuts, StockService stock, ChangeBook changes, BegunBags begunBags,
            PracticeService practice) {
        this.runs = runs;
        this.lines = lines;
        this.cuts = cuts;
        this.stock = stock;
        this.changes = changes;
        this.begunBags = begunBags;
        this.practice = practice;
    }

    ShopPractice shop() {
        return practice.practice();
    }

    /** The fabrics of a run that are in question. */
    Set<Long> inQuestion(long runId) {
        List<PlannedCutEntity> current = cuts.current(Set.of(runId));
        List<PlannedCutEntity> planned = current.stream().filter(PlannedCutEntity::isPlanned).toList();
        return Promises.inQuestion(
                notCut(lines.ofRuns(Set.of(runId)).stream().filter(line -> line.bag().isOpen()).toList(), current), planned,
                stock.boltsById(planned.stream().map(PlannedCutEntity::boltId).collect(Collectors.toSet())));
    }

    /** The bolts of fabrics, and those that cuts of them are planned on. */
    Set<Long> boltIds(Set<Long> fabrics) {
        Set<Long> runIds = lines.openOf(fabrics).stream().map(line -> line.bag().runId()).collect(Collectors.toSet());
        return Stream.concat(
                stock.boltsOf(fabrics).stream().map(Bolt::id),
                cuts.current(runIds).stream().filter(cut -> cut.isPlanned() && isOf(cut, fabrics)).map(PlannedCutEntity::boltId))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * All that open bags were promised of fabrics.
     *
     * @param runId a run that it is about, though it may have nothing of them
     */
    Promises of(Set<Long> fabrics, long runId) {
        List<BagLineEntity> open = lines.openOf(fabrics);
        Set<Long> runIds = open.stream().map(line -> line.bag().runId()).collect(Collectors.toCollection(HashSet::new));
        runIds.add(runId);
        List<PlannedCutEntity> current = cuts.current(runIds).stream().filter(cut -> isOf(cut, fabrics)).toList();
        List<PlannedCutEntity> planned = current.stream().filter(PlannedCutEntity::isPlanned).toList();
        List<BagLineEntity> notCut = notCut(open, current);
        Set<Long> homeless = Promises.homeless(notCut, planned).stream().map(BagLineEntity::id).collect(Collectors.toSet());
        Set<Long> mayTake = new HashSet<>(homeless);
        mayTake.removeAll(changes.toldToWait(homeless));
        return new Promises(
                runs.byIds(runIds), notCut, planned, List.copyOf(stock.boltsById(boltIds(fabrics)).values()), begunBags.of(runIds),
                mayTake);
    }

    private static boolean isOf(PlannedCutEntity cut, Set<Long> fabrics) {
        return cut.lines().anyMatch(line -> fabrics.contains(line.fabricId()));
    }

    private static List<BagLineEntity> notCut(List<BagLineEntity> open, List<PlannedCutEntity> current) {
        Set<Long> cut = current.stream().filter(PlannedCutEntity::isCut).flatMap(PlannedCutEntity::lines).map(BagLineEntity::id)
                .collect(Collectors.toSet());
        return open.stream().filter(line -> !cut.contains(line.id())).toList();
    }
}
