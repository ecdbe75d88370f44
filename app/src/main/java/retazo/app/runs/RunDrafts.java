package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagEntity;
import retazo.app.runs.book.BagLeftOverEntity;
import retazo.app.runs.book.BagLeftOverRepository;
import retazo.app.runs.book.BagLineEntity;
import retazo.app.runs.book.BagLineRepository;
import retazo.app.runs.book.BagPickEntity;
import retazo.app.runs.book.BagPickRepository;
import retazo.app.runs.book.BagRepository;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunEntity;
import retazo.app.runs.book.RunLineEntity;
import retazo.app.runs.book.RunLineRepository;
import retazo.app.runs.book.RunRepository;
import retazo.app.runs.book.RunState;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.runs.plan.GoodLimit;
import retazo.app.runs.plan.RunBatches;
import retazo.app.runs.plan.RunPlanning;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.RestRule;
import retazo.core.kit.BillLine;
import retazo.core.measure.Problem;

/** Drafts of runs: what stock gives for one, and its confirmation, which freezes bills and reserves cloth. */
@Service
public class RunDrafts {

    private final RunRepository runs;
    private final RunLineRepository runLines;
    private final BagRepository bags;
    private final BagLineRepository bagLines;
    private final RunPlanning planning;
    private final RunService service;
    private final KitService kits;
    private final KitWorks kitWorks;
    private final BagPickRepository picks;
    private final BagLeftOverRepository leftOvers;
    private final StockService stock;
    private final GoodService goods;
    private final PracticeService practice;
    private final Clock clock;

    RunDrafts(
            RunRepository runs, RunLineRepository runLines, BagRepository bags, BagLineRepository bagLines, RunPlanning planning,
            RunService service, KitService kits, KitWorks kitWorks, StockService stock, BagPickRepository picks,
            BagLeftOverRepository leftOvers, GoodService goods,
            PracticeService practice, Clock clock) {
        this.runs = runs;
        this.runLines = runLines;
        this.bags = bags;
        this.bagLines = bagLines;
        this.planning = planning;
        this.service = service;
        this.kits = kits;
        this.kitWorks = kitWorks;
        this.stock = stock;
        this.picks = picks;
        this.leftOvers = leftOvers;
        this.goods = goods;
        this.practice = practice;
        this.clock = clock;
    }

    /** @param asked one or more kits, each with 1 to 200 bags */
    @Transactional
    public long draft(List<Run.Asked> asked, long personId) {
        RunEntity run = runs.saveAndFlush(RunEntity.draft(personId, clock.instant()));
        for (int i = 0; i < asked.size(); i++) {
            runLines.save(RunLineEntity.of(run.id(), i + 1, asked.get(i).kitId(), asked.get(i).quantity()));
        }
        return run.id();
    }

    /** Throws a draft away. */
    @Transactional
    public Outcome<Long> discard(long runId) {
        RunEntity run = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (run.state() != RunState.DRAFT) {
            return Outcome.refused(Problem.of("run.not-a-draft"));
        }
        runLines.deleteByRunId(runId);
        runs.delete(run);
        return Outcome.done(runId);
    }

    /** What stock gives for a draft now; nothing is reserved by asking. */
    @Transactional(readOnly = true)
    DraftPlan draftPlan(Run run) {
        List<KitWork> works = works(run);
        return draftPlan(run, works, stock.boltsOf(fabricIds(works)));
    }

    private DraftPlan draftPlan(Run run, List<KitWork> works, List<Bolt> bolts) {
        GoodLimit limit = GoodLimit.of(works, run.asked().stream().map(Run.Asked::quantity).toList(), goods.counts(goodIds(works)));
        List<BoltLayout.Bags> wanted = new ArrayList<>();
        for (int i = 0; i < works.size(); i++) {
            KitWork work = works.get(i);
            Map<String, Long> ids = fabricIdByCode(work.kit());
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

    private List<KitWork> works(Run run) {
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

    private static Map<String, Long> fabricIdByCode(Kit kit) {
        return kit.fabrics().values().stream().distinct().collect(Collectors.toMap(Fabric::code, Fabric::id));
    }

    /**
     * Confirms a draft: bags are numbered, bills frozen, cloth reserved.
     *
     * @param seen how many bags of each kit the person saw; refused when stock gives other numbers by now
     */
    @Transactional
    Outcome<Long> confirm(long runId, DraftPlan.Answer answer, List<Integer> seen) {
        RunEntity entity = runs.lock(runId).orElseThrow(() -> new NotFoundException("run", runId));
        if (entity.state() != RunState.DRAFT) {
            return Outcome.refused(Problem.of("run.not-a-draft"));
        }
        Run run = service.run(runId);
        List<KitWork> works = works(run);
        List<Problem> problems = works.stream().flatMap(work -> work.problems().stream()).distinct().toList();
        if (!problems.isEmpty()) {
            return Outcome.refused(problems);
        }
        List<Bolt> bolts = stock.boltsOf(fabricIds(works));
        goods.lock(goodIds(works));
        DraftPlan draft = draftPlan(run, works, stock.lockBolts(bolts.stream().map(Bolt::id).toList()));
        BoltPlan plan = draft.plan(answer);
        if (!plan.built().equals(seen)) {
            return Outcome.refused(Problem.of("run.stock-changed"));
        }
        if (plan.bagsBuilt() == 0) {
            return Outcome.refused(Problem.of("run.nothing-to-make"));
        }
        entity.confirm(clock.instant());
        keepBags(entity, works, plan);
        return Outcome.done(runId);
    }

    /** Confirms a draft if stock gives all that it asks for. */
    @Transactional
    public Outcome<Long> confirmWhole(long runId) {
        return confirm(runId, DraftPlan.Answer.IN_ORDER, service.run(runId).asked().stream().map(Run.Asked::quantity).toList());
    }

    private void keepBags(RunEntity run, List<KitWork> works, BoltPlan plan) {
        Map<String, BagLineEntity> lineOf = new HashMap<>();
        int number = 0;
        for (int group = 0; group < works.size(); group++) {
            KitWork work = works.get(group);
            Kit kit = work.kit();
            Map<String, Long> ids = fabricIdByCode(kit);
            for (int bag = 0; bag < plan.built().get(group); bag++) {
                number++;
                BagEntity entity = bags.save(BagEntity.of(run.id(), number, kit.id()));
                int position = 0;
                for (BillLine line : work.bill().lines()) {
                    position++;
                    int place = position;
                    String key = group + "/" + bag + "/";
                    line.match(
                            cut -> {
                                BagLineEntity saved = bagLines
                                        .save(BagLineEntity.of(entity, place, requireNonNull(ids.get(cut.fabricCode())), cut));
                                keepLeftOvers(saved, work.leftOvers(cut.fabricCode()));
                                return lineOf.put(key + ids.get(cut.fabricCode()), saved);
                            },
                            picked -> keepPick(entity, place, requireNonNull(kit.goodsByCode().get(picked.code())).id(), picked));
                }
            }
        }
        bagLines.flush();
        if (plan.cuts().isEmpty()) {
            service.settle(run.id());
            return;
        }
        planning.keep(new RunBatches(works).merged(plan.cuts(), lineOf), run.planVersion());
    }

    private void keepLeftOvers(BagLineEntity line, Map<Good, Integer> each) {
        each.forEach((good, count) -> leftOvers.save(BagLeftOverEntity.of(line.id(), good.id(), count)));
    }

    private @Nullable BagLineEntity keepPick(BagEntity bag, int position, long goodId, BillLine.Picked picked) {
        Bag.Pick pick = picks.saveAndFlush(BagPickEntity.of(bag.id(), position, goodId, picked)).toPick();
        goods.reserve(goodId, pick.count(), pick.owner());
        return null;
    }
}
