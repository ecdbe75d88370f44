package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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
import retazo.app.runs.plan.BoltPlans;
import retazo.app.runs.plan.GoodLimit;
import retazo.app.runs.plan.LongerSearches;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Problem;

/** Works out what stock gives for drafts of runs. */
@Component
public class DraftPlans {

    private final KitBook kits;
    private final KitWorks kitWorks;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;
    private final BoltPlans plans;

    DraftPlans(KitBook kits, KitWorks kitWorks, StockService stock, GoodService goods, PracticeService practice, BoltPlans plans) {
        this.kits = kits;
        this.kitWorks = kitWorks;
        this.stock = stock;
        this.goods = goods;
        this.practice = practice;
        this.plans = plans;
    }

    /** What stock gives for a draft now; nothing is reserved by asking. */
    @Transactional(readOnly = true)
    public DraftPlan plan(Run run) {
        return plan(run, works(run));
    }

    /** The same where one of the kits asked for is only tried: it is not kept under its id. */
    @Transactional(readOnly = true)
    public DraftPlan planTrying(Run run, Kit tried) {
        Map<Long, Kit> byId = new HashMap<>(kits.byIds(run.asked().stream().map(Run.Asked::kitId).filter(id -> id != tried.id()).toList()));
        byId.put(tried.id(), tried);
        return plan(run, works(run.asked(), byId));
    }

    private DraftPlan plan(Run run, List<KitWork> works) {
        return plan(asked(run, works, there(works), practice.practice()));
    }

    /** The same for several runs, each as if it were alone, in few looks. */
    @Transactional(readOnly = true)
    public List<DraftPlan> plans(List<Run> runs) {
        List<KitWork> all = works(runs.stream().flatMap(run -> run.asked().stream()).toList());
        BoltLayout.There there = there(all);
        ShopPractice shop = practice.practice();
        List<DraftPlan> found = new ArrayList<>();
        int from = 0;
        for (Run run : runs) {
            List<KitWork> works = all.subList(from, from + run.asked().size());
            found.add(plan(asked(run, works, of(there, fabricIds(works)), shop)));
            from += works.size();
        }
        return found;
    }

    /**
     * The same with its bolts and goods locked until the transaction ends; empty where stock is not what {@link #plan} saw, so that it has
     * to be planned anew: that is not done while others wait for the bolts.
     */
    Optional<DraftPlan> lockedPlan(Run run, List<KitWork> works) {
        List<Bolt> bolts = stock.boltsOf(fabricIds(works));
        goods.lock(goodIds(works));
        List<Bolt> locked = stock.lockBolts(bolts.stream().map(Bolt::id).toList());
        Asked asked = asked(run, works, new BoltLayout.There(locked, goods.counts(goodIds(works))), practice.practice());
        return Optional.of(asked).filter(one -> plans.knows(one.layout())).map(this::plan);
    }

    /** How far the search for more bags is; it begins when it is asked for. Empty where the plan with the most reaches its bound. */
    @Transactional(readOnly = true)
    public Optional<LongerSearches.Found> beyond(DraftPlan plan) {
        return plans.beyond(new BoltLayout(wanted(plan.works(), plan.asked()), plan.there(), practice.practice()));
    }

    /** From now on the answer with the most bags is what the longer search found; refused where stock is not what it was then. */
    @Transactional(readOnly = true)
    public Outcome<Long> takeBeyond(Run run) {
        List<KitWork> works = works(run);
        boolean taken = plans.takeBeyond(asked(run, works, there(works), practice.practice()).layout());
        return taken ? Outcome.done(run.id()) : Outcome.refused(Problem.of("run.beyond-gone"));
    }

    /** A draft with all that its plan comes from. */
    private record Asked(Run run, List<KitWork> works, BoltLayout.There there, BoltLayout layout) {
    }

    private BoltLayout.There there(List<KitWork> works) {
        return new BoltLayout.There(stock.boltsOf(fabricIds(works)), goods.counts(goodIds(works)));
    }

    private static BoltLayout.There of(BoltLayout.There there, Set<Long> fabrics) {
        return new BoltLayout.There(there.bolts().stream().filter(bolt -> fabrics.contains(bolt.fabricId())).toList(), there.goods());
    }

    private static Asked asked(Run run, List<KitWork> works, BoltLayout.There there, ShopPractice shop) {
        return new Asked(run, works, there, new BoltLayout(wanted(works, run.asked()), there, shop));
    }

    private static List<BoltLayout.Bags> wanted(List<KitWork> works, List<Run.Asked> asked) {
        return IntStream.range(0, works.size())
                .mapToObj(i -> new BoltLayout.Bags(
                        "kit-" + works.get(i).kit().id(), asked.get(i).quantity(), pieces(works.get(i)), works.get(i).picked(),
                        asked.get(i).priority()))
                .toList();
    }

    /** How many bags the order asked would give if there were enough of a fabric, and of nothing else more than there is. */
    public int bagsWithEnough(DraftPlan plan, long fabricId) {
        List<BoltLayout.Bags> wanted = wanted(plan.works(), plan.asked());
        List<Bolt> bolts = BoltLayout.withEnough(plan.there().bolts(), wanted, fabricId);
        return new BoltLayout(wanted, new BoltLayout.There(bolts, plan.there().goods()), practice.practice())
                .inOrderAsked().bagsBuilt();
    }

    /** The lengths that a bag of a kit takes. */
    static List<BoltLayout.Piece> pieces(KitWork work) {
        Map<String, Long> ids = work.kit().fabricIdByCode();
        return work.bill().lines().stream()
                .flatMap(line -> line.match(
                        cut -> Stream.of(new BoltLayout.Piece(requireNonNull(ids.get(cut.fabricCode())), cut.length(), cut.plannedWidth())),
                        picked -> Stream.<BoltLayout.Piece>empty()))
                .toList();
    }

    private DraftPlan plan(Asked asked) {
        BoltPlans.Answers answers = plans.answers(asked.layout());
        boolean whole = asked.layout().isWhole(answers.inOrder());
        GoodLimit limit = GoodLimit.of(
                asked.works(), asked.run().asked().stream().map(Run.Asked::quantity).toList(), answers.inOrder().built(),
                asked.there().goods());
        return new DraftPlan(
                asked.works(), asked.run().asked(), asked.there(), answers, whole, whole ? List.of() : asked.layout().shortages(),
                limit.shortages(), limit.quantities());
    }

    /** The kits of a run with their bills, by the practice of now. */
    List<KitWork> works(Run run) {
        return works(run.asked());
    }

    private List<KitWork> works(List<Run.Asked> asked) {
        return works(asked, kits.byIds(asked.stream().map(Run.Asked::kitId).distinct().toList()));
    }

    private List<KitWork> works(List<Run.Asked> asked, Map<Long, Kit> byId) {
        return kitWorks.works(
                asked.stream().map(one -> byId.get(one.kitId())).toList(), asked.stream().map(Run.Asked::quantity).toList());
    }

    private static Set<Long> fabricIds(List<KitWork> works) {
        return works.stream().flatMap(work -> work.kit().cloths().stream()).map(Fabric::id).collect(Collectors.toSet());
    }

    private static Set<Long> goodIds(List<KitWork> works) {
        return works.stream().flatMap(work -> work.kit().goodsByCode().values().stream()).map(Good::id).collect(Collectors.toSet());
    }
}
