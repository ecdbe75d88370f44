package retazo.app.runs.pages;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import retazo.app.runs.Confirming;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.RunTakings;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.measure.Problem;

/** Promises cloth to the bags of a run: confirmed, taken up later, taken from later runs, given back. */
@Controller
class PromiseController {

    private final Confirming confirming;
    private final RunTakings takings;
    private final PressedRun pressed;
    private final RunShow show;
    private final Words words;

    PromiseController(Confirming confirming, RunTakings takings, PressedRun pressed, RunShow show, Words words) {
        this.confirming = confirming;
        this.takings = takings;
        this.pressed = pressed;
        this.show = show;
        this.words = words;
    }

    @PostMapping("/runs/{id}/confirm")
    String confirm(
            @PathVariable long id, @RequestParam String answer, @RequestParam String built, Model model, RedirectAttributes redirect) {
        Optional<DraftPlan.Answer> chosen = Arrays.stream(DraftPlan.Answer.values()).filter(a -> a.name().equals(answer)).findFirst();
        Optional<List<Integer>> seen = counts(built);
        if (chosen.isEmpty() || seen.isEmpty()) {
            return show.show(model, id, RunShow.Asked.NOTHING, Faults.of(List.of(Problem.of("choice.missing")), words));
        }
        return confirming.confirm(id, chosen.get(), seen.get()).match(
                done -> pressed.done(redirect, id, "run.confirmed"),
                problems -> show.show(model, id, new RunShow.Asked(Optional.of(answer), Optional.empty()), Faults.of(problems, words)));
    }

    /** Takes up what is open, as far as stock goes. */
    @PostMapping("/runs/{id}/take-up")
    String takeUp(@PathVariable long id, @RequestParam String built, Model model, RedirectAttributes redirect) {
        Outcome<Long> outcome = counts(built).map(seen -> confirming.takeUp(id, seen))
                .orElseGet(() -> Outcome.refused(Problem.of("choice.missing")));
        return pressed.shown(outcome, model, redirect, id, "run.taken-up");
    }

    /** Takes cloth from later runs, as it was shown. */
    @PostMapping("/runs/{id}/take")
    String take(
            @PathVariable long id, @RequestParam String seen, @AuthenticationPrincipal SignedIn person, Model model,
            RedirectAttributes redirect) {
        return pressed.shown(takings.take(id, seen, person.personId()), model, redirect, id, "run.took");
    }

    /** Gives back what was taken last. */
    @PostMapping("/runs/{id}/give-back")
    String giveBack(@PathVariable long id, @RequestParam long taking, Model model, RedirectAttributes redirect) {
        return pressed.shown(takings.giveBack(taking), model, redirect, id, "run.gave-back");
    }

    private static Optional<List<Integer>> counts(String typed) {
        return typed.matches("\\d{1,4}(,\\d{1,4})*")
                ? Optional.of(Arrays.stream(typed.split(",")).map(Integer::valueOf).toList())
                : Optional.empty();
    }
}
