package retazo.app.demo;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import retazo.app.cutting.CutService;
import retazo.app.packing.BagItem;
import retazo.app.packing.PackingService;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.BagShelf;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.sales.Sales;
import retazo.core.bolt.promise.Priority;

/** The demo shop's runs: one packed, one half cut, one that waits for cloth, a rush that cannot be made whole. */
@Component
class DemoRuns {

    private static final int DAYS_TO_THE_FAIR = 9;

    /** Who does what. */
    record Crew(long designer, long cutter, long packer, long counter) {
    }

    private final DemoKits kits;
    private final RunBook runs;
    private final RunDrafts drafts;
    private final CutService cuts;
    private final PackingService packing;
    private final BagShelf shelf;
    private final Sales sales;

    DemoRuns(
            DemoKits kits, RunBook runs, RunDrafts drafts, CutService cuts, PackingService packing, BagShelf shelf, Sales sales) {
        this.kits = kits;
        this.runs = runs;
        this.drafts = drafts;
        this.cuts = cuts;
        this.packing = packing;
        this.shelf = shelf;
        this.sales = sales;
    }

    /** @param breakwater a pattern with a print that stays upright and a border sewn of blocks */
    void fill(PatternVersion pattern, PatternVersion breakwater, Crew crew) {
        List<Long> lamp = kits.add(pattern, "Night lamp", Map.of(
                "night", "COOT", "lantern", "LAMP", "fog", "FOG", "quay", "REED", "back", "CHALK"));
        List<Long> sluice = kits.add(pattern, "Morning sluice", Map.of(
                "night", "TEAL", "lantern", "SLUICE", "fog", "GULL", "quay", "TEAL", "back", "HULL"));
        kits.add(breakwater, "Low water", Map.of(
                "wave", "TEAL", "stone", "MUD", "foam", "FOG", "quay", "COOT", "back", "CHALK"));
        long packed = confirmed(crew, List.of(new Run.Asked(lamp.get(0), 3)));
        cutAll(packed, crew, Integer.MAX_VALUE);
        packAll(packed, crew);
        DemoStock.done(sales.sellBag(
                requireNonNull(shelf.oldest(List.of(lamp.get(0))).get(lamp.get(0))).id(), DemoStock.entry(crew.counter())));
        long halfCut = confirmed(crew, List.of(new Run.Asked(lamp.get(1), 2), new Run.Asked(lamp.get(0), 2)));
        cutAll(halfCut, crew, 11);
        confirmed(crew, List.of(new Run.Asked(sluice.get(1), 2), new Run.Asked(sluice.get(0), 1)));
        drafts.draft(
                List.of(new Run.Asked(lamp.get(1), 6), new Run.Asked(lamp.get(0), 4)),
                new Run.Turn(Priority.RUSH, Optional.of(LocalDate.now().plusDays(DAYS_TO_THE_FAIR)), Optional.empty()), crew.designer());
    }

    private long confirmed(Crew crew, List<Run.Asked> asked) {
        long run = drafts.draft(asked, crew.designer());
        DemoStock.done(drafts.confirmWhole(run));
        return run;
    }

    private void cutAll(long run, Crew crew, int most) {
        runs.currentCuts(Set.of(run)).stream()
                .sorted(java.util.Comparator.comparing(PlannedCut::bagNumber).thenComparing(PlannedCut::id))
                .limit(most)
                .forEach(cut -> {
                    if (!cuts.confirm(cut.id(), UUID.randomUUID(), crew.cutter())) {
                        throw new IllegalStateException("The demo cut " + cut.id() + " was refused.");
                    }
                });
    }

    private void packAll(long run, Crew crew) {
        for (Bag bag : requireNonNull(runs.bags(Set.of(run)).get(run))) {
            bag.lines().forEach(line -> DemoStock.done(packing.tick(bag.id(), BagItem.line(line.id()), crew.packer())));
            DemoStock.done(packing.done(bag.id(), crew.packer()));
        }
    }
}
