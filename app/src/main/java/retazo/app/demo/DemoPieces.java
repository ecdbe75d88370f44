package retazo.app.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.cutting.CutService;
import retazo.app.cutting.stacks.StackService;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PieceSource;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;

/** A kit of the demo shop whose pieces the shop cuts, from cloth and from 10 in squares, and a run of it under way. */
@Component
@Order(1)
class DemoPieces implements DemoUnderWay {

    private static final int BAGS = 2;

    private final DemoKits kits;
    private final KitService service;
    private final GoodService goods;
    private final RunDrafts drafts;
    private final RunBook runs;
    private final CutService cuts;
    private final StackService stacks;

    DemoPieces(
            DemoKits kits, KitService service, GoodService goods, RunDrafts drafts, RunBook runs, CutService cuts, StackService stacks) {
        this.kits = kits;
        this.service = service;
        this.goods = goods;
        this.drafts = drafts;
        this.runs = runs;
        this.cuts = cuts;
        this.stacks = stacks;
    }

    /** The lengths are cut; the pieces of one cloth are, those of the others and of the squares wait. */
    @Override
    public void fill(PatternVersion pattern, DemoRuns.Crew crew) {
        Map<RoleKey, Fabric> chosen = new HashMap<>();
        Map.of("night", "HERON", "fog", "SEDGE", "quay", "MUD", "back", "HULL")
                .forEach((role, code) -> chosen.put(new RoleKey(role), kits.fabric(code)));
        long kit = DemoStock.done(service.add(new NewKits(
                pattern, List.of("crib"), "Marsh morning", chosen,
                Map.of(new RoleKey("lantern"), goods.byCode("MARSH-10").orElseThrow()), Contents.EVERYTHING))).get(0);
        DemoStock.done(service.sellBy(kit, Instructions.SHOP, "", crew.designer()));
        long run = drafts.draft(List.of(new Run.Asked(kit, BAGS)), crew.designer());
        DemoStock.done(drafts.confirmWhole(run));
        List<PlannedCut> planned = runs.currentCuts(Set.of(run));
        for (PlannedCut cut : planned) {
            if (!cuts.confirm(cut.id(), UUID.randomUUID(), crew.cutter())) {
                throw new IllegalStateException("The demo cut " + cut.id() + " was refused.");
            }
        }
        planned.stream().filter(cut -> cut.fabricId() == kits.fabric("MUD").id()).forEach(cut -> DemoStock.done(
                stacks.recordAll(PieceSource.ofCut(run, cut.id()), DemoStock.entry(crew.cutter()))));
    }
}
