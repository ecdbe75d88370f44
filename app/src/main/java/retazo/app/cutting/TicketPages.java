package retazo.app.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.bolt.RestRule;
import retazo.core.measure.Length;

/** Puts a ticket together as its page shows it. */
@Service
@Transactional(readOnly = true)
class TicketPages {

    private static final int CAUTIONS = 5;

    private final RunBook runs;
    private final StockService stock;
    private final FabricService fabrics;
    private final PracticeService practice;
    private final CutViews cutViews;
    private final LastSteps lastSteps;
    private final Words words;

    TicketPages(
            RunBook runs, StockService stock, FabricService fabrics, PracticeService practice, CutViews cutViews, LastSteps lastSteps,
            Words words) {
        this.runs = runs;
        this.stock = stock;
        this.fabrics = fabrics;
        this.practice = practice;
        this.cutViews = cutViews;
        this.lastSteps = lastSteps;
        this.words = words;
    }

    /**
     * A ticket at its step.
     *
     * @param step    number of the cut to be made, from 1; one more than all when nothing is left to cut
     * @param now     the cut to be made
     * @param then    the one after it
     * @param end     what is left when all is cut
     * @param caution one of the reminders of safe work, in turn
     */
    record Ticket(
            long runId, int planVersion, OnBolt on, int step, List<CutViews.CutView> cuts, Optional<CutViews.CutView> now,
            Optional<CutViews.CutView> then, End end, Optional<LastSteps.LastStep> last, String caution) {
    }

    /** The bolt that is cut from. */
    record OnBolt(Bolt bolt, Fabric fabric, LengthView usableWidth) {
    }

    /** What is left of the bolt when all is cut. */
    record End(LengthView rest, String word, boolean orphan, CutViews.Stretch on) {
    }

    /** The ticket of a bolt for a run. */
    Ticket ticket(long runId, long boltId) {
        Run run = runs.run(runId);
        Bolt bolt = stock.bolt(boltId);
        List<PlannedCut> cuts = new ArrayList<>(runs.currentCuts(Set.of(runId)).stream().filter(cut -> cut.boltId() == boltId).toList());
        cuts.sort(Comparator.comparing(PlannedCut::isPlanned).thenComparing(PlannedCut::position));
        Length done = sum(cuts, false);
        Length left = sum(cuts, true);
        Length rest = bolt.onHand().minus(left).atLeast(Length.ZERO);
        Length all = bolt.onHand().plus(done).atLeast(Length.ofInches(1));
        List<CutViews.CutView> views = cutViews.of(cuts, all);
        int step = (int) cuts.stream().filter(cut -> !cut.isPlanned()).count() + 1;
        RestRule.Kind kind = RestRule.of(practice.practice()).kindOf(rest);
        Length others = rest.minus(bolt.free()).atLeast(Length.ZERO);
        return new Ticket(
                runId, run.planVersion(),
                new OnBolt(bolt, fabrics.fabric(bolt.fabricId()), LengthView.cut(bolt.usableWidth())), step, views,
                at(views, step - 1), at(views, step),
                new End(LengthView.onHand(rest, words.sellingUnit()), restWords(kind, others), kind == RestRule.Kind.ORPHAN,
                        CutViews.Stretch.of(done.plus(left), rest, all)),
                lastSteps.of(runId, boltId), words.text("caution." + (step == 1 ? 0 : (step - 1) % CAUTIONS)));
    }

    /** What stays may be other runs', and then it is not free to sell. */
    private String restWords(RestRule.Kind kind, Length others) {
        return others.isPositive()
                ? words.text("rest.others", LengthView.of(others, words.sellingUnit()).plain())
                : words.text("rest." + kind);
    }

    private static Length sum(List<PlannedCut> cuts, boolean planned) {
        return cuts.stream().filter(cut -> cut.isPlanned() == planned).map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
    }

    private static Optional<CutViews.CutView> at(List<CutViews.CutView> views, int index) {
        return index < views.size() ? Optional.of(views.get(index)) : Optional.empty();
    }
}
