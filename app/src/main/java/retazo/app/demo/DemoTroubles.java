package retazo.app.demo;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.cutting.CutService;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.instead.RunInsteads;
import retazo.app.stock.Bolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;

/** A run of the demo shop for each trouble of a week: cloth taken at the counter, a flaw, a bolt longer than the book, another fabric. */
@Component
@Order(2)
class DemoTroubles implements DemoUnderWay {

    private static final Length A_BIT = Length.ofInches(1, 2);

    private final DemoKits kits;
    private final RunBook runs;
    private final RunDrafts drafts;
    private final RunInsteads insteads;
    private final CutService cuts;
    private final StockService stock;

    DemoTroubles(DemoKits kits, RunBook runs, RunDrafts drafts, RunInsteads insteads, CutService cuts, StockService stock) {
        this.kits = kits;
        this.runs = runs;
        this.drafts = drafts;
        this.insteads = insteads;
        this.cuts = cuts;
        this.stock = stock;
    }

    @Override
    public void fill(PatternVersion pattern, DemoRuns.Crew crew) {
        findAShortBolt(crew);
        long kit = kits.add(pattern, "Rust evening", Map.of(
                "night", "SEDGE", "lantern", "RUST", "fog", "HERON", "quay", "PLOVER", "back", "CHALK")).get(0);
        findAFlaw(confirmed(kit, 1, crew), crew);
        cutFromALongerBolt(confirmed(kit, 2, crew), crew);
        takeReserved(confirmed(kit, 1, crew), crew);
        makeInAnotherFabric(kit, crew);
    }

    /** A bolt that is a little shorter than its tag, so that a bag of the waiting run has no bolt. */
    private void findAShortBolt(DemoRuns.Crew crew) {
        Fabric gull = kits.fabric("GULL");
        for (Bolt bolt : stock.boltsOf(List.of(gull.id()))) {
            if (bolt.reserved().isPositive()) {
                DemoStock.done(stock.correct(bolt.id(), bolt.reserved().minus(Length.ofInches(1)), DemoStock.entry(crew.cutter())));
            } else {
                DemoStock.done(stock.correct(bolt.id(), Length.ofInches(20), DemoStock.entry(crew.cutter())));
            }
        }
    }

    /** Ten inches into the bolt of the stripe, before anything is cut off it. */
    private void findAFlaw(long run, DemoRuns.Crew crew) {
        PlannedCut cut = cutsOf(run, "PLOVER").get(0);
        done(cuts.cutOutFlaw(cut.id(), Length.ofInches(10), Length.ofInches(3), UUID.randomUUID(), crew.cutter()));
    }

    /** Of a bolt without a rest, the first bag is cut a little long; the second is there all the same, and somebody has to look. */
    private void cutFromALongerBolt(long run, DemoRuns.Crew crew) {
        List<PlannedCut> rust = cutsOf(run, "RUST");
        Bolt bolt = stock.bolt(rust.get(0).boltId());
        DemoStock.done(stock.take(bolt.id(), bolt.free(), Reason.SOLD_BY_LENGTH, DemoStock.entry(crew.counter())));
        for (PlannedCut cut : rust) {
            done(cuts.confirmLonger(cut.id(), cut.length().plus(A_BIT), UUID.randomUUID(), crew.cutter()));
        }
    }

    /** The counter sells more of a bolt than was free. */
    private void takeReserved(long run, DemoRuns.Crew crew) {
        Bolt bolt = stock.bolt(cutsOf(run, "HERON").get(0).boltId());
        DemoStock.done(stock.take(bolt.id(), bolt.free().plus(Length.ofInches(9)), Reason.SOLD_BY_LENGTH, DemoStock.entry(crew.counter())));
    }

    /** Of two bags that are asked for, one is to be made with the like green. */
    private void makeInAnotherFabric(long kit, DemoRuns.Crew crew) {
        long draft = drafts.draft(List.of(new Run.Asked(kit, 2)), crew.designer());
        DemoStock.done(insteads.take(
                new RunInsteads.Wanted(
                        draft, kit, Optional.empty(), 1,
                        new RunInsteads.Means(Optional.of(kits.fabric("SEDGE").id()), kits.fabric("WEED").id())),
                crew.designer()));
    }

    private long confirmed(long kit, int bags, DemoRuns.Crew crew) {
        long run = drafts.draft(List.of(new Run.Asked(kit, bags)), crew.designer());
        DemoStock.done(drafts.confirmWhole(run));
        return run;
    }

    private List<PlannedCut> cutsOf(long run, String fabric) {
        long id = kits.fabric(fabric).id();
        return runs.currentCuts(Set.of(run)).stream().filter(cut -> cut.fabricId() == id)
                .sorted(Comparator.comparing(PlannedCut::id)).toList();
    }

    private static void done(boolean recorded) {
        if (!recorded) {
            throw new IllegalStateException("The demo shop was refused a cut.");
        }
    }
}
