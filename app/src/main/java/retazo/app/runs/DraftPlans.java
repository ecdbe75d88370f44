package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.Run;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.runs.plan.GoodLimit;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.RestRule;

/** Works out what stock gives for drafts of runs. */
@Component
class DraftPlans {

    private final KitBook kits;
    private final KitWorks kitWorks;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;

    DraftPlans(KitBook kits, KitWorks kitWorks, StockService stock, GoodService goods, PracticeService practice) {
        this.kits = kits;
        this.kitWorks = kitWorks;
        this.stock = stock;
        this.goods = goods;
        this.practice = practice;
    }

    /** What stock gives for a draft now; nothing is reserved by asking. */
    @Transactional(readOnly = true)
    DraftPlan plan(Run run) {
        List<KitWork> works = works(run);
        return plan(run, works, stock.boltsOf(fabricIds(works)));
    }

    /** The same with its bolts and goods locked until the transaction ends. */
    DraftPlan lockedPlan(Run run, List<KitWork> works) {
        List<Bolt> bolts = stock.boltsOf(fabricIds(works));
        goods.lock(goodIds(works));
        return plan(run, works, stock.lockBolts(bolts.stream().map(Bolt::id).toList()));
    }

    private DraftPlan plan(Run run, List<KitWork> works, List<Bolt> bolts) {
        GoodLimit limit = GoodLimit.of(works, run.asked().stream().map(Run.Asked::quantity).toList(), goods.counts(goodIds(works)));
        List<BoltLayout.Bags> wanted = new ArrayList<>();
        for (int i = 0; i < works.size(); i++) {
            KitWork work = works.get(i);
            Map<String, Long> ids = work.kit().fabricIdByCode();
            wanted.add(new BoltLayout.Bags(
                    "kit-" + work.kit().id(),
                    limit.quantities().get(i),
                    work.bill().lines().stream()
                            .flatMap(line -> line.match(
                                    cut -> Stream.of(new BoltLayout.Piece(requireNonNull(ids.get(cut.fabricCode())), cut.length(),
                                            cut.plannedWidth())),
                                    picked -> Stream.<BoltLayout.Piece>empty()))
                            .toList()));
        }
        BoltLayout layout = new BoltLayout(wanted, bolts, RestRule.of(practice.practice()));
        BoltPlan inOrder = layout.inOrderAsked();
        boolean clothSuffices = layout.isWhole(inOrder);
        return new DraftPlan(
                works, run.asked(), bolts, layout.mostBags(), inOrder, clothSuffices && limit.shortages().isEmpty(),
                clothSuffices ? List.of() : layout.shortages(), limit.shortages());
    }

    /** The kits of a run with their bills, by the practice of now. */
    List<KitWork> works(Run run) {
        Map<Long, Kit> byId = kits.byIds(run.asked().stream().map(Run.Asked::kitId).toList());
        return kitWorks.works(
                run.asked().stream().map(asked -> byId.get(asked.kitId())).toList(),
                run.asked().stream().map(Run.Asked::quantity).toList());
    }

    private static Set<Long> fabricIds(List<KitWork> works) {
        return works.stream().flatMap(work -> work.kit().fabrics().values().stream()).map(Fabric::id).collect(Collectors.toSet());
    }

    private static Set<Long> goodIds(List<KitWork> works) {
        return works.stream().flatMap(work -> work.kit().goodsByCode().values().stream()).map(Good::id).collect(Collectors.toSet());
    }
}
