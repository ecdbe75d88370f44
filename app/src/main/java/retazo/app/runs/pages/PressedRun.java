package retazo.app.runs.pages;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import retazo.app.runs.Replanning;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;

/** What whoever pressed on the page of a run sees next: the run as it is then, planned again where that was asked by the press. */
@Component
class PressedRun {

    private final RunShow show;
    private final Replanning replanning;
    private final Words words;

    PressedRun(RunShow show, Replanning replanning, Words words) {
        this.show = show;
        this.replanning = replanning;
        this.words = words;
    }

    String shown(Outcome<Long> outcome, Model model, RedirectAttributes redirect, long runId, String sentence) {
        return outcome.match(
                done -> done(redirect, runId, sentence),
                problems -> show.show(model, runId, RunShow.Asked.NOTHING, Faults.of(problems, words)));
    }

    /** The sentence is told unless the run is still to be planned again. */
    String done(RedirectAttributes redirect, long runId, String sentence) {
        replanning.workOff();
        redirect.addFlashAttribute("done", words.text(sentence));
        return "redirect:/runs/" + runId;
    }
}
