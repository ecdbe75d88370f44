package retazo.app.runs.pages;

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
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.core.bolt.promise.Priority;

/** The list of runs, a new run, and the page of a run. */
@Controller
class RunController {

    private final RunList list;
    private final RunShow show;
    private final RunDrafts drafts;
    private final DraftPlans plans;
    private final RunBook book;
    private final NewRunPages newRuns;
    private final Words words;

    RunController(
            RunList list, RunShow show, RunDrafts drafts, DraftPlans plans, RunBook book, NewRunPages newRuns, Words words) {
        this.plans = plans;
        this.book = book;
        this.list = list;
        this.show = show;
        this.drafts = drafts;
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
        model.addAttribute("effect", newRuns.effect(form).orElse(null));
        return showForm(model, newRuns.page(form, words, kit), Faults.NONE);
    }

    @PostMapping("/runs/new")
    String add(
            RunForm form, @RequestParam(defaultValue = "") String words, @AuthenticationPrincipal SignedIn person, Model model) {
        FieldReader reader = new FieldReader();
        List<Run.Asked> asked = form.read(reader, newRuns.known(form).keySet());
        Run.Turn turn = form.turn().read(reader);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : drafts.draft(asked, turn, Entry.of(person.personId(), form.entryId()));
        return outcome.match(
                id -> "redirect:/runs/" + id,
                problems -> showForm(model, newRuns.page(form, words, Optional.empty()), Faults.of(problems, this.words)));
    }

    @GetMapping("/runs/{id}")
    String run(@PathVariable long id, @RequestParam Optional<String> answer, @RequestParam Optional<Integer> plan, Model model) {
        return show.show(model, id, new RunShow.Asked(answer, plan), Faults.NONE);
    }

    /** Puts a kit of a draft one place earlier in the order asked. */
    @PostMapping("/runs/{id}/earlier")
    String earlier(@PathVariable long id, @RequestParam long kit, Model model) {
        return drafts.earlier(id, kit).match(
                done -> "redirect:/runs/" + id,
                problems -> show.show(model, id, RunShow.Asked.NOTHING, Faults.of(problems, words)));
    }

    /** How the bags of a kit press among those of their draft. */
    @PostMapping("/runs/{id}/press")
    String press(@PathVariable long id, @RequestParam long kit, @RequestParam Priority priority, Model model) {
        return drafts.press(id, kit, priority).match(
                done -> "redirect:/runs/" + id,
                problems -> show.show(model, id, RunShow.Asked.NOTHING, Faults.of(problems, words)));
    }

    /** Answers a draft with the plan that was found beside its page. */
    @PostMapping("/runs/{id}/beyond")
    String takeBeyond(@PathVariable long id, Model model) {
        return plans.takeBeyond(book.run(id)).match(
                done -> "redirect:/runs/" + id + "?answer=" + DraftPlan.Answer.MOST_BAGS,
                problems -> show.show(model, id, RunShow.Asked.NOTHING, Faults.of(problems, words)));
    }

    /** How far the search beside the page of a draft is. */
    @GetMapping("/runs/{id}/beyond")
    String beyond(@PathVariable long id, Model model) {
        return show.beyond(model, id);
    }

    @PostMapping("/runs/{id}/discard")
    String discard(@PathVariable long id, Model model, RedirectAttributes redirect) {
        return drafts.discard(id).match(
                done -> {
                    redirect.addFlashAttribute("done", words.text("run.discarded"));
                    return "redirect:/runs";
                },
                problems -> show.show(model, id, RunShow.Asked.NOTHING, Faults.of(problems, words)));
    }

    private static String showForm(Model model, NewRunPages.Page page, Faults faults) {
        model.addAttribute("page", page);
        model.addAttribute("faults", faults);
        return "runs/new";
    }
}
