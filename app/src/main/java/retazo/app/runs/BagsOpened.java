package retazo.app.runs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.PlannedCutRepository;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.plan.RunPlanning;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Problem;

/** Opens bags again: one that is packed goes back to the packing table, one that is begun is taken apart and its cloth is stock again. */
@Service
public class BagsOpened {

    private final BagRepository bags;
    private final RunBook book;
    private final RunPlanning planning;
    private final PlannedCutRepository cuts;
    private final StockService stock;
    private final RunStates states;

    BagsOpened(
            BagRepository bags, RunBook book, RunPlanning planning, PlannedCutRepository cuts, StockService stock, RunStates states) {
        this.bags = bags;
        this.book = book;
        this.planning = planning;
        this.cuts = cuts;
        this.stock = stock;
        this.states = states;
    }

    /**
     * A bag is on the packing table again, as it was before it was done; or why not: it is not on the shelf, or put aside there. The caller
     * holds the lock of its run, and books what was in it.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<Problem> unpack(long bagId) {
        BagEntity bag = bags.lock(bagId).orElseThrow(() -> new NotFoundException("bag", bagId));
        if (!bag.isOnTheShelf()) {
            return Optional.of(Problem.of("pack.not-on-the-shelf", bag.code()));
        }
        if (bag.isFound()) {
            return Optional.of(Problem.of("pack.found-bag", bag.code()));
        }
        if (bag.aside().isPresent()) {
            return bag.aside().map(aside -> Problem.of("shelf.is-aside", bag.code(), aside.name()));
        }
        bag.unpack();
        bags.flush();
        states.settle(bag.runId());
        return Optional.empty();
    }

    /**
     * Takes an open bag apart: each length that is cut becomes a remnant of its bolt, what is not cut is let go, and its kit is open in
     * the run again. The caller holds the lock of its run.
     *
     * @return the remnants; refused where pieces or quarters are cut, or lengths of several bags in one
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Outcome<List<Bolt>> takeApart(Bag bag, Entry entry) {
        List<PlannedCut> all = bag.lines().stream().flatMap(line -> line.cut().stream()).toList();
        List<PlannedCut> done = all.stream().filter(cut -> cut.state() == PlannedCut.State.CUT).toList();
        if (all.stream().anyMatch(cut -> cut.targets().size() > 1) || done.stream().anyMatch(cut -> cut.into().isPresent())) {
            return Outcome.refused(Problem.of("pack.cannot-come-apart", bag.number()));
        }
        RunEntity run = states.lock(bag.runId());
        Set<Long> lines = bag.lines().stream().map(Bag.ClothLine::id).collect(Collectors.toSet());
        planning.supersede(
                cuts.current(Set.of(bag.runId())).stream()
                        .filter(cut -> cut.isPlanned() && cut.lines().anyMatch(line -> lines.contains(line.id()))).toList(),
                run.planVersion());
        planning.release(book.promisesTo(Set.of(bag.id())));
        bags.findById(bag.id()).orElseThrow().leaveOut();
        bags.flush();
        List<Bolt> remnants = new ArrayList<>();
        for (PlannedCut cut : done) {
            remnants.add(stock.comeBack(cut.boltId(), cut.length(), Reason.BAG_OPENED, entry, remnants.size() + 1));
        }
        states.settle(bag.runId());
        return Outcome.done(remnants);
    }
}
