package retazo.app.runs;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.practice.PracticeService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.plan.BoltLayout;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanScore;
import retazo.core.bolt.RestRule;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;

/** Puts runs together as their pages show them. */
@Service
@Transactional(readOnly = true)
class RunPages {

    private final RunBook runs;
    private final DraftPlans plans;
    private final KitBook kits;
    private final RunTitles titles;
    private final StockService stock;
    private final PracticeService practice;
    private final Words words;

    RunPages(
            RunBook runs, DraftPlans plans, KitBook kits, RunTitles titles, StockService stock, PracticeService practice,
            Words words) {
        this.runs = runs;
        this.plans = plans;
        this.kits = kits;
        this.titles = titles;
        this.stock = stock;
        this.practice = practice;
        this.words = words;
    }

    /** One of the two answers to a draft. */
    record AnswerView(
            String name, String title, List<String> built, String builtCounts, int bags, List<String> missing, List<BoltBar> bars,
            BoltPlanScore score) {
    }

    /** What limits a draft. */
    record ShortageView(Fabric fabric, LengthView missing, int cuts) {
    }

    /** A draft with what stock gives for it; {@code shown} is the answer whose bolts are drawn. */
    record DraftPage(Run run, String asked, boolean whole, List<AnswerView> answers, AnswerView shown, List<ShortageView> shortages,
            List<String> goods, List<Fabric> prints) {
    }

    /** A bag in the list of a run. */
    record BagView(long id, int number, String kit, String state, String mark, long cut, int lines, List<String> waitsFor) {
    }

    /** A confirmed run; {@code planning} while it waits to be planned again. */
    record OpenPage(Run run, String asked, List<BagView> bags, List<BoltBar> bars, boolean anyWaits, boolean anyNotBegun, boolean planning,
            List<Fabric> prints) {
    }

    private Map<Long, Kit> kitsOf(Run run) {
        return kits.byIds(run.asked().stream().map(Run.Asked::kitId).toList());
    }

    Run run(long id) {
        return runs.run(id);
    }

    /** A draft; the bolts of the answer of that name are drawn, else those of the first. */
    DraftPage draft(Run run, Optional<String> shown) {
        DraftPlan draft = plans.plan(run);
        Map<Long, Fabric> fabricById = fabricsOf(kitsOf(run));
        boolean one = draft.inOrder().built().equals(draft.mostBags().built());
        List<AnswerView> answers = draft.whole() || one
                ? List.of(answer(DraftPlan.Answer.IN_ORDER, draft.whole() ? "whole" : "gives", draft))
                : List.of(
                        answer(DraftPlan.Answer.IN_ORDER, "in-order", draft),
                        answer(DraftPlan.Answer.MOST_BAGS, "most-bags", draft));
        return new DraftPage(
                run, titles.of(run).asked(), draft.whole(), answers,
                answers.stream().filter(view -> shown.equals(Optional.of(view.name()))).findFirst().orElse(answers.get(0)),
                draft.shortages().stream()
                        .map(shortage -> new ShortageView(
                                requireNonNull(fabricById.get(BoltLayout.fabricId(shortage.fabricCode()))),
                                LengthView.of(shortage.missing(), practice.practice().sellingUnit()), shortage.cuts()))
                        .toList(),
                draft.goods().stream().map(shortage -> words.text("draft.good-missing", shortage.good().name(), shortage.missing()))
                        .toList(),
                List.copyOf(fabricById.values()));
    }

    private static Map<Long, Fabric> fabricsOf(Map<Long, Kit> kits) {
        return kits.values().stream().flatMap(kit -> kit.cloths().stream()).distinct()
                .collect(Collectors.toMap(Fabric::id, fabric -> fabric));
    }

    private AnswerView answer(DraftPlan.Answer answer, String code, DraftPlan draft) {
        BoltPlan plan = draft.plan(answer);
        List<String> sizes = draft.works().stream().map(work -> work.kit().sizeName()).toList();
        List<String> built = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        for (int i = 0; i < sizes.size(); i++) {
            built.add(plan.built().get(i) + " " + sizes.get(i));
        }
        for (int i = 0; i < sizes.size(); i++) {
            if (draft.missing(answer).get(i) > 0) {
                missing.add(draft.missing(answer).get(i) + " " + sizes.get(i));
            }
        }
        return new AnswerView(
                answer.name(), words.text("draft.answer." + code), built,
                plan.built().stream().map(String::valueOf).collect(Collectors.joining(",")),
                plan.bagsBuilt(), missing, draftBars(draft, plan), plan.score());
    }

    private List<BoltBar> draftBars(DraftPlan draft, BoltPlan plan) {
        Map<Long, Fabric> byId = draft.works().stream()
                .flatMap(work -> work.kit().cloths().stream())
                .distinct()
                .collect(Collectors.toMap(Fabric::id, fabric -> fabric));
        int[] firstBag = IntStream.range(0, draft.works().size())
                .map(group -> plan.built().subList(0, group).stream().mapToInt(Integer::intValue).sum())
                .toArray();
        Map<String, List<BoltBar.Piece>> pieces = new LinkedHashMap<>();
        plan.cuts().forEach(cut -> pieces.computeIfAbsent(cut.boltId(), id -> new ArrayList<>())
                .add(new BoltBar.Piece(Integer.toString(firstBag[cut.group()] + cut.bag() + 1), cut.length(), false)));
        List<Bolt> used = draft.bolts().stream().filter(bolt -> pieces.containsKey(Long.toString(bolt.id()))).toList();
        BoltBar.Scale scale = scale(used.stream().map(Bolt::free).toList());
        return used.stream()
                .sorted(java.util.Comparator.comparing((Bolt bolt) -> requireNonNull(byId.get(bolt.fabricId())).name())
                        .thenComparing(Bolt::code))
                .map(bolt -> BoltBar.of(bolt, requireNonNull(byId.get(bolt.fabricId())),
                        requireNonNull(pieces.get(Long.toString(bolt.id()))), bolt.free(), scale))
                .toList();
    }

    private BoltBar.Scale scale(List<Length> bolts) {
        ShopPractice shop = practice.practice();
        Length longest = bolts.stream().max(Length::compareTo).orElse(Length.ofYards(1, 1)).atLeast(Length.ofInches(1));
        return new BoltBar.Scale(longest, shop.sellingUnit(), RestRule.of(shop));
    }

    OpenPage open(Run run, boolean planning) {
        List<Bag> bags = runs.bags(Set.of(run.id())).getOrDefault(run.id(), List.of());
        Map<Long, Kit> byId = kitsOf(run);
        Map<Long, Fabric> fabricById = fabricsOf(byId);
        return new OpenPage(
                run, titles.of(run).asked(),
                bags.stream().map(bag -> bagView(bag, byId, fabricById)).toList(),
                openBars(run, fabricById),
                bags.stream().anyMatch(Bag::waits),
                bags.stream().anyMatch(bag -> bag.isOpen() && !bag.begun()), planning,
                List.copyOf(fabricById.values()));
    }

    private static String stateCode(Bag bag) {
        if (!bag.isOpen()) {
            return bag.packed() ? "packed" : "left-out";
        }
        if (bag.waits()) {
            return "waits";
        }
        return bag.allCut() ? "ready" : bag.begun() ? "begun" : "to-cut";
    }

    private BagView bagView(Bag bag, Map<Long, Kit> byId, Map<Long, Fabric> fabricById) {
        String state = words.text("bag.state." + stateCode(bag));
        String mark = bag.packed() ? "mark-done" : bag.waits() ? "mark-stop" : "";
        return new BagView(
                bag.id(), bag.number(), requireNonNull(byId.get(bag.kitId())).sizeName(), state, mark,
                bag.lines().stream().filter(Bag.ClothLine::isCut).count(), bag.lines().size(),
                bag.isOpen()
                        ? bag.lines().stream().filter(Bag.ClothLine::waits)
                                .map(line -> requireNonNull(fabricById.get(line.fabricId())).name())
                                .toList()
                        : List.of());
    }

    /**
     * Every bolt of the run with its cuts; those done are in front, and the bolt is drawn as it was before them, without what other runs
     * have reserved of it.
     */
    private List<BoltBar> openBars(Run run, Map<Long, Fabric> fabricById) {
        Map<Long, List<PlannedCut>> byBolt = runs.currentCuts(Set.of(run.id())).stream()
                .collect(Collectors.groupingBy(PlannedCut::boltId, LinkedHashMap::new, Collectors.toList()));
        Map<Long, Bolt> bolts = stock.boltsById(byBolt.keySet());
        Map<Long, Length> before = new LinkedHashMap<>();
        byBolt.forEach((id, cuts) -> before.put(id, requireNonNull(bolts.get(id)).free().plus(sum(cuts))));
        BoltBar.Scale scale = scale(List.copyOf(before.values()));
        return byBolt.entrySet().stream()
                .map(entry -> {
                    Bolt bolt = requireNonNull(bolts.get(entry.getKey()));
                    List<BoltBar.Piece> pieces = entry.getValue().stream()
                            .sorted(java.util.Comparator.comparing((PlannedCut cut) -> cut.state() != PlannedCut.State.CUT)
                                    .thenComparing(PlannedCut::position))
                            .map(cut -> new BoltBar.Piece(
                                    cut.bags().toString(), cut.length(), cut.state() == PlannedCut.State.CUT))
                            .toList();
                    return BoltBar.of(bolt, requireNonNull(fabricById.get(bolt.fabricId())), pieces, requireNonNull(before.get(bolt.id())),
                            scale);
                })
                .sorted(java.util.Comparator.comparing((BoltBar bar) -> bar.fabric().name()).thenComparing(BoltBar::code))
                .toList();
    }

    private static Length sum(List<PlannedCut> cuts) {
        return cuts.stream().map(PlannedCut::length).reduce(Length.ZERO, Length::plus);
    }
}
