package retazo.app.runs;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunState;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.core.measure.Problem;

/** The list of runs, a new run, a draft with its answers, and a run under way. */
@Controller
class RunController {

    private final RunList list;
    private final RunPages pages;
    private final RunService runs;
    private final RunDrafts drafts;
    private final Replanning replanning;
    private final NewRunPages newRuns;
    private final Words words;

    RunController(RunList list, RunPages pages, RunService runs, RunDrafts drafts, Replanning replanning, NewRunPages newRuns,
            Words words) {
        this.list = list;
        this.pages = pages;
        this.runs = runs;
        this.drafts = drafts;
        this.replanning = replanning;
        this.newRuns = newRuns;
        this.words = words;
    }

    @GetMapping("/runs")
    String list(@RequestParam(defaultValue = "0") int page, Model model) {
        model.addAttribute("page", list.page(Paging.number(page)));
        return "runs/list";
    }

    @GetMapping("/runs/new")
    String newRun(RunForm form, @RequestParam(defaultValue = "") String words, @RequestParam Optional<Long> kit, Model model) {
        return showForm(model, newRuns.page(form, words, kit), Faults.NONE);
    }

    @PostMapping("/runs/new")
    String add(
            RunForm form, @RequestParam(defaultValue = "") String words, @AuthenticationPrincipal SignedIn person, Model model) {
        FieldReader reader = new FieldReader();
        List<Run.Asked> asked = form.read(reader, newRuns.known(form).keySet());
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : drafts.draft(asked, Entry.of(person.personId(), form.entryId()));
        return outcome.match(
                id -> "redirect:/runs/" + id,
                problems -> showForm(model, newRuns.page(form, words, Optional.empty()), Faults.of(problems, this.words)));
    }

    @GetMapping("/runs/{id}")
    String run(@PathVariable long id, @RequestParam Optional<String> answer, Model model) {
        return show(model, id, answer, Faults.NONE);
    }

    @PostMapping("/runs/{id}/confirm")
    String confirm(
            @PathVariable long id, @RequestParam String answer, @RequestParam String built, Model model, RedirectAttributes redirect) {
        Optional<DraftPlan.Answer> chosen = Arrays.stream(DraftPlan.Answer.values()).filter(a -> a.name().equals(answer)).findFirst();
        if (chosen.isEmpty() || !built.matches("\\d{1,4}(,\\d{1,4})*")) {
            return show(model, id, Optional.empty(), Faults.of(List.of(Problem.of("choice.missing")), words));
        }
        List<Integer> seen = Arrays.stream(built.split(",")).map(Integer::valueOf).toList();
        return drafts.confirm(id, chosen.get(), seen).match(
                done -> to(redirect, id, "run.confirmed"),
                problems -> show(model, id, Optional.of(answer), Faults.of(problems, words)));
    }

    @PostMapping("/runs/{id}/plan-again")
    String planAgain(@PathVariable long id, RedirectAttributes redirect) {
        runs.askPlanAgain(id);
        replanning.now(id);
        return replanning.isAsked(id) ? "redirect:/runs/" + id : to(redirect, id, "run.planned-again");
    }

    @PostMapping("/runs/{id}/leave-out")
    String leaveOut(@PathVariable long id, Model model, RedirectAttributes redirect) {
        return runs.leaveOutRest(id).match(
                done -> to(redirect, id, "run.left-out"),
                problems -> show(model, id, Optional.empty(), Faults.of(problems, words)));
    }

    @PostMapping("/runs/{id}/discard")
    String discard(@PathVariable long id, Model model, RedirectAttributes redirect) {
        return drafts.discard(id).match(
                done -> {
                    redirect.addFlashAttribute("done", words.text("run.discarded"));
                    return "redirect:/runs";
                },
                problems -> show(model, id, Optional.empty(), Faults.of(problems, words)));
    }

    private String to(RedirectAttributes redirect, long id, String sentence) {
        redirect.addFlashAttribute("done", words.text(sentence));
        return "redirect:/runs/" + id;
    }

    private static String showForm(Model model, NewRunPages.Page page, Faults faults) {
        model.addAttribute("page", page);
        model.addAttribute("faults", faults);
        return "runs/new";
    }

    private String show(Model model, long id, Optional<String> answer, Faults faults) {
        Run run = pages.run(id);
        model.addAttribute("faults", faults);
        if (run.state() == RunState.DRAFT) {
            RunPages.DraftPage page = pages.draft(run, answer);
            model.addAttribute("page", page);
            model.addAttribute("prints", page.prints());
            return "runs/draft";
        }
        RunPages.OpenPage page = pages.open(run, replanning.isAsked(id));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "runs/run";
    }
}
