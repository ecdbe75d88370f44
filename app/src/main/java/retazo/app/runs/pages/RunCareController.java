package retazo.app.runs.pages;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import retazo.app.runs.Replanning;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.RunDrops;
import retazo.app.runs.RunService;
import retazo.app.runs.book.Run;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.Happened;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.staff.SignedIn;

/** Cares for a run under way: its turn, planning again, what is dropped, and what somebody has read. */
@Controller
class RunCareController {

    private final RunService runs;
    private final RunDrafts drafts;
    private final RunDrops drops;
    private final ChangeBook changes;
    private final Replanning replanning;
    private final PressedRun pressed;

    RunCareController(
            RunService runs, RunDrafts drafts, RunDrops drops, ChangeBook changes, Replanning replanning, PressedRun pressed) {
        this.runs = runs;
        this.drafts = drafts;
        this.drops = drops;
        this.changes = changes;
        this.replanning = replanning;
        this.pressed = pressed;
    }

    @PostMapping("/runs/{id}/plan-again")
    String planAgain(@PathVariable long id, RedirectAttributes redirect) {
        runs.askPlanAgain(id, Happened.ASKED);
        replanning.now(id);
        return replanning.isAsked(id) ? "redirect:/runs/" + id : pressed.done(redirect, id, "run.planned-again");
    }

    /** When the run has its turn where cloth is not enough for all. */
    @PostMapping("/runs/{id}/turn")
    String turn(@PathVariable long id, TurnForm form, Model model, RedirectAttributes redirect) {
        FieldReader reader = new FieldReader();
        Run.Turn turn = form.read(reader);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : drafts.takeTurn(id, turn);
        return pressed.shown(outcome, model, redirect, id, "run.turn-kept");
    }

    @PostMapping("/runs/{id}/leave-out")
    String leaveOut(@PathVariable long id, @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        return pressed.shown(drops.dropNotBegun(id, person.personId()), model, redirect, id, "run.left-out");
    }

    @PostMapping("/runs/{id}/drop-open")
    String dropOpen(@PathVariable long id, @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        return pressed.shown(drops.dropOpen(id, person.personId()), model, redirect, id, "run.open-dropped");
    }

    /** Somebody has read what became of the run, up to a change. */
    @PostMapping("/runs/{id}/read")
    String read(@PathVariable long id, @RequestParam long upTo, @AuthenticationPrincipal SignedIn person) {
        changes.see(id, upTo, person.personId());
        return "redirect:/runs/" + id;
    }
}
