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
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.book.RunState;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.measure.Problem;

/** The list of runs, a new run, a draft with its answers, and a run under way. */
@Controller
class RunController {

    private final RunPages pages;
    private final RunService runs;
    private final RunBook book;
    private final RunDrafts drafts;
    private final Replanning replanning;
    private final KitBook kits;
    private final Words words;

    RunController(RunPages pages, RunService runs, RunBook book, RunDrafts drafts, Replanning replanning, KitBook kits, Words words) {
        this.pages = pages;
        this.runs = runs;
        this.book = book;
        this.drafts = drafts;
        this.replanning = replanning;
        this.kits = kits;
        this.words = words;
    }

    @GetMapping("/runs")
    String list(Model model) {
        model.addAttribute("runs", pages.list());
        return "runs/list";
    }

    @GetMapping("/runs/new")
    String newRun(@RequestParam Optional<Long> kit, Model model) {
        return showForm(model, RunForm.empty(), kit, Faults.NONE);
    }

    @PostMapping("/runs/new")
    String add(RunForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        FieldReader reader = new FieldReader();
        List<Run.Asked> asked = form.read(reader, kits.all());
        return reader.anyProblem()
                ? showForm(model, form, Optional.empty(), Faults.of(reader.problems(), words))
                : "redirect:/runs/" + drafts.draft(asked, person.personId());
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
        runs.planAgain(id);
        return to(redirect, id, "run.planned-again");
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

    private String showForm(Model model, RunForm form, Optional<Long> kitId, Faults faults) {
        List<Kit> all = kits.all();
        Optional<Kit> first = all.stream().filter(kit -> kitId.equals(Optional.of(kit.id()))).findFirst();
        // The kits of the colourway one came from stand first.
        model.addAttribute("kits", all.stream()
                .sorted(java.util.Comparator.comparing(kit -> first.isEmpty()
                        || kit.pattern().id() != first.get().pattern().id()
                        || !kit.colourway().equals(first.get().colourway())))
                .toList());
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "runs/new";
    }

    private String show(Model model, long id, Optional<String> answer, Faults faults) {
        Run run = book.run(id);
        model.addAttribute("faults", faults);
        if (run.state() == RunState.DRAFT) {
            RunPages.DraftPage page = pages.draft(run);
            model.addAttribute("page", page);
            model.addAttribute("prints", page.prints());
            model.addAttribute("shown", page.answers().stream()
                    .filter(view -> answer.equals(Optional.of(view.name())))
                    .findFirst()
                    .orElse(page.answers().get(0)));
            return "runs/draft";
        }
        RunPages.OpenPage page = pages.open(run);
        model.addAttribute("replanning", replanning.isAsked(id));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "runs/run";
    }
}
