package retazo.app.runs.pages;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.practice.PracticeService;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.RunTakings;
import retazo.app.runs.book.Run;
import retazo.app.runs.plan.LongerSearches;
import retazo.app.runs.plan.Takings;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.core.bolt.BoltPlan;
import retazo.core.bolt.BoltPlanScore;
import retazo.core.bolt.promise.Priority;

/** Puts drafts together as their page shows them, and what is open of a run likewise. */
@Service
@Transactional(readOnly = true)
class DraftPages {

    private final DraftPlans plans;
    private final RunTakings takings;
    private final DraftLacks lacks;
    private final FabricService fabrics;
    private final RunTitles titles;
    private final PracticeService practice;
    private final Words words;

    DraftPages(
            DraftPlans plans, RunTakings takings, DraftLacks lacks, FabricService fabrics, RunTitles titles, PracticeService practice,
            Words words) {
        this.plans = plans;
        this.takings = takings;
        this.lacks = lacks;
        this.fabrics = fabrics;
        this.titles = titles;
        this.practice = practice;
        this.words = words;
    }

    /**
     * One of the answers to a draft.
     *
     * @param fewer what another answer makes more of: {@code 1 throw}
     */
    record AnswerView(
            String name, String title, List<String> built, String builtCounts, int bags, String missing, String fewer,
            List<BoltBar> bars, BoltPlanScore score) {
    }

    /** What limits a draft; {@code coming} says what of it is on order, and is empty for nothing. */
    record ShortageView(Fabric fabric, LengthView missing, int cuts, String coming) {
    }

    /**
     * What a run would gain with cloth of later ones, and what those lose.
     *
     * @param bags      how many bags more
     * @param together  with those that free cloth gives
     * @param gained    {@code 2 throw}
     * @param losses    a sentence for each bag that would wait
     * @param signature what was seen, sent back by whoever presses
     */
    record TakingView(int bags, int together, String gained, List<String> losses, String signature) {
    }

    /** Cloth on narrow bolts, and what each kit would take of it. */
    record NarrowView(String what, List<NarrowKit> kits) {
    }

    /** A kit planned on narrower cloth. */
    record NarrowKit(long kitId, String what) {
    }

    /** A kit in the order asked, which can be put one place earlier, and how it presses. */
    record LineView(long kitId, int bags, String kit, Priority priority) {
    }

    /** The search that goes on for more bags: whether it still does, and what it found in words. */
    record BeyondView(boolean goesOn, Optional<String> found) {
    }

    /** A draft with what stock gives for it; {@code shown} is the answer whose bolts are drawn. */
    record DraftPage(Run run, String asked, List<LineView> lines, GivesView gives, AnswerView shown, List<Fabric> prints) {
    }

    /**
     * What stock gives for what is asked.
     *
     * @param frees  what enough of a fabric that stops would free
     * @param narrow cloth that is there, on bolts that are too narrow for the plan
     * @param bound  how many bags no plan exceeds, in words
     * @param missing the kits of which the order asked leaves bags out, and how many
     * @param taking absent where cloth of later runs gives nothing more
     * @param beyond absent where no plan can make more
     */
    record GivesView(boolean whole, List<AnswerView> answers, List<ShortageView> shortages, List<String> goods, List<String> frees,
            List<NarrowView> narrow, List<LineView> missing, Optional<TakingView> taking, String bound, Optional<BeyondView> beyond) {

        /** The answer in the order asked. */
        public AnswerView inOrder() {
            return answers.get(0);
        }
    }

    /** A draft; the bolts of the answer of that name are drawn, else those of the first. */
    DraftPage draft(Run run, Optional<String> shown) {
        DraftPlan draft = plans.plan(run);
        GivesView gives = gives(run, draft, plans.beyond(draft));
        return new DraftPage(
                run, titles.of(run).asked(), lines(draft), gives,
                gives.answers().stream().filter(view -> shown.equals(Optional.of(view.name()))).findFirst().orElse(gives.inOrder()),
                List.copyOf(fabricsOf(draft).values()));
    }

    /** How far the search for more bags is; empty where no plan can have more. */
    Optional<BeyondView> beyond(Run run) {
        DraftPlan draft = plans.plan(run);
        return view(draft, plans.beyond(draft));
    }

    private Optional<BeyondView> view(DraftPlan draft, Optional<LongerSearches.Found> beyond) {
        return beyond.map(found -> new BeyondView(found.goesOn(), found.better().map(better -> words.text(
                "draft.beyond", better.bagsBuilt() - draft.mostBags().bagsBuilt(), counted(draft, better.built())))));
    }

    /** What stock gives for a draft, or for what is open of a run. */
    GivesView gives(Run run) {
        return gives(run, plans.plan(run), Optional.empty());
    }

    private GivesView gives(Run run, DraftPlan draft, Optional<LongerSearches.Found> beyond) {
        Map<Long, Fabric> fabricById = fabricsOf(draft);
        return new GivesView(
                draft.whole(), answers(draft),
                lacks.shortages(draft, fabricById),
                draft.goods().stream().map(shortage -> words.text("draft.good-missing", shortage.good().name(), shortage.missing()))
                        .toList(),
                lacks.frees(draft, fabricById), lacks.narrow(draft), missing(draft),
                taking(run, draft),
                draft.mostBags().bagsBuilt() == draft.answers().bound()
                        ? words.text("draft.bound-reached", draft.answers().bound())
                        : words.text("draft.bound", draft.answers().bound()),
                view(draft, beyond));
    }

    /** The order asked; by priority where bags press differently; and what makes more bags than those. */
    private List<AnswerView> answers(DraftPlan draft) {
        List<DraftPlan.Answer> shown = new ArrayList<>(List.of(DraftPlan.Answer.IN_ORDER));
        boolean pressDifferently = draft.asked().stream().map(Run.Asked::priority).distinct().count() > 1;
        if (pressDifferently && !draft.plan(DraftPlan.Answer.BY_PRIORITY).built().equals(draft.inOrder().built())) {
            shown.add(DraftPlan.Answer.BY_PRIORITY);
        }
        if (shown.stream().allMatch(answer -> draft.plan(answer).bagsBuilt() < draft.mostBags().bagsBuilt())) {
            shown.add(DraftPlan.Answer.MOST_BAGS);
        }
        return draft.whole() || shown.size() == 1
                ? List.of(answer(DraftPlan.Answer.IN_ORDER, draft.whole() ? "whole" : "gives", draft, List.of()))
                : shown.stream()
                        .map(answer -> answer(answer, answer.name().toLowerCase(Locale.ROOT).replace('_', '-'), draft, shown)).toList();
    }

    /** How many bags of each kit an answer makes fewer than another one. */
    private static List<Integer> fewer(DraftPlan draft, DraftPlan.Answer answer, List<DraftPlan.Answer> shown) {
        return IntStream.range(0, draft.asked().size())
                .mapToObj(i -> shown.stream().mapToInt(other -> draft.plan(other).built().get(i) - draft.plan(answer).built().get(i)).max()
                        .orElse(0))
                .toList();
    }

    private Optional<TakingView> taking(Run run, DraftPlan draft) {
        if (draft.whole()) {
            return Optional.empty();
        }
        Takings.Taking taking = takings.preview(run, draft);
        if (taking.bags() == 0) {
            return Optional.empty();
        }
        Map<Long, Fabric> lost = fabrics.byIds(
                taking.losses().stream().flatMap(loss -> loss.fabricIds().stream()).collect(Collectors.toSet()));
        return Optional.of(new TakingView(
                taking.bags(), draft.inOrder().bagsBuilt() + taking.bags(), counted(draft, taking.gained()),
                taking.losses().stream().map(loss -> words.text(
                        "draft.loss", loss.runId(), loss.bagNumber(), words.list(
                                loss.fabricIds().stream().map(id -> requireNonNull(lost.get(id)).name()).toList())))
                        .toList(),
                RunTakings.signature(draft, taking)));
    }

    private static List<LineView> missing(DraftPlan draft) {
        List<Integer> missing = draft.missing(DraftPlan.Answer.IN_ORDER);
        return IntStream.range(0, draft.works().size()).filter(i -> missing.get(i) > 0)
                .mapToObj(i -> {
                    Kit kit = draft.works().get(i).kit();
                    return new LineView(kit.id(), missing.get(i), kit.sizeName(), draft.asked().get(i).priority());
                })
                .toList();
    }

    private static List<LineView> lines(DraftPlan draft) {
        return IntStream.range(0, draft.works().size())
                .mapToObj(i -> {
                    Kit kit = draft.works().get(i).kit();
                    return new LineView(kit.id(), draft.asked().get(i).quantity(), kit.sizeName(), draft.asked().get(i).priority());
                })
                .toList();
    }

    /** Counts of the kits asked that are above zero: {@code 2 crib, 3 throw}. */
    private static String counted(DraftPlan draft, List<Integer> counts) {
        return IntStream.range(0, counts.size()).filter(i -> counts.get(i) > 0)
                .mapToObj(i -> counts.get(i) + " " + draft.works().get(i).kit().sizeName()).collect(Collectors.joining(", "));
    }

    private static Map<Long, Fabric> fabricsOf(DraftPlan draft) {
        return draft.works().stream().flatMap(work -> work.kit().cloths().stream()).distinct()
                .collect(Collectors.toMap(Fabric::id, fabric -> fabric));
    }

    private AnswerView answer(DraftPlan.Answer answer, String code, DraftPlan draft, List<DraftPlan.Answer> shown) {
        BoltPlan plan = draft.plan(answer);
        List<String> built = IntStream.range(0, draft.works().size())
                .mapToObj(i -> plan.built().get(i) + " " + draft.works().get(i).kit().sizeName()).toList();
        return new AnswerView(
                answer.name(), words.text("draft.answer." + code), built,
                plan.built().stream().map(String::valueOf).collect(Collectors.joining(",")),
                plan.bagsBuilt(), counted(draft, draft.missing(answer)), counted(draft, fewer(draft, answer, shown)),
                draftBars(draft, plan), plan.score());
    }

    private List<BoltBar> draftBars(DraftPlan draft, BoltPlan plan) {
        Map<Long, Fabric> byId = fabricsOf(draft);
        int[] firstBag = IntStream.range(0, draft.works().size())
                .map(group -> plan.built().subList(0, group).stream().mapToInt(Integer::intValue).sum())
                .toArray();
        Map<String, List<BoltBar.Piece>> pieces = new LinkedHashMap<>();
        plan.cuts().forEach(cut -> pieces.computeIfAbsent(cut.boltId(), id -> new ArrayList<>())
                .add(new BoltBar.Piece(Integer.toString(firstBag[cut.group()] + cut.bag() + 1), cut.length(), false)));
        List<Bolt> used = draft.bolts().stream().filter(bolt -> pieces.containsKey(Long.toString(bolt.id()))).toList();
        BoltBar.Scale scale = BoltBar.Scale.of(used.stream().map(Bolt::free).toList(), practice.practice());
        return used.stream()
                .sorted(Comparator.comparing((Bolt bolt) -> requireNonNull(byId.get(bolt.fabricId())).name())
                        .thenComparing(Bolt::code))
                .map(bolt -> BoltBar.of(bolt, requireNonNull(byId.get(bolt.fabricId())),
                        requireNonNull(pieces.get(Long.toString(bolt.id()))), bolt.free(), scale))
                .toList();
    }
}
