package retazo.app.runs.pages;

import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;

import retazo.app.runs.Replanning;
import retazo.app.runs.RunTakings;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunState;
import retazo.app.runs.changes.ChangeBook;
import retazo.app.runs.changes.ChangeView;
import retazo.app.runs.changes.ChangeWords;
import retazo.app.shared.Faults;

/** Shows a draft, or a run under way. */
@Component
@Transactional(readOnly = true)
class RunShow {

    private final RunPages pages;
    private final DraftPages drafts;
    private final RunDecisions decisions;
    private final ChangeBook changes;
    private final ChangeWords changeWords;
    private final RunTakings takings;
    private final Replanning replanning;

    RunShow(
            RunPages pages, DraftPages drafts, RunDecisions decisions, ChangeBook changes, ChangeWords changeWords, RunTakings takings,
            Replanning replanning) {
        this.pages = pages;
        this.drafts = drafts;
        this.decisions = decisions;
        this.changes = changes;
        this.changeWords = changeWords;
        this.takings = takings;
        this.replanning = replanning;
    }

    /**
     * What is asked of its page.
     *
     * @param answer of a draft, whose bolts are drawn
     * @param plan   an earlier plan of a run that is looked at
     */
    record Asked(Optional<String> answer, Optional<Integer> plan) {

        static final Asked NOTHING = new Asked(Optional.empty(), Optional.empty());
    }

    /** The part of the page of a draft that tells of the search beside it; nothing for a run that is no draft any more. */
    String beyond(Model model, long id) {
        Run run = pages.run(id);
        model.addAttribute("runId", id);
        model.addAttribute("beyond", run.state() == RunState.DRAFT ? drafts.beyond(run) : Optional.empty());
        return "runs/beyond";
    }

    String show(Model model, long id, Asked asked, Faults faults) {
        Run run = pages.run(id);
        model.addAttribute("faults", faults);
        if (run.state() == RunState.DRAFT) {
            DraftPages.DraftPage page = drafts.draft(run, asked.answer());
            model.addAttribute("page", page);
            model.addAttribute("prints", page.prints());
            model.addAttribute("decisions", decisions.of(id));
            return "runs/draft";
        }
        RunPages.OpenPage page = pages.open(run, replanning.isAsked(id));
        Run open = takings.asking(run);
        List<ChangeView> became = changeWords.of(changes.of(id));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("open", open.asked().isEmpty() ? null : pages.asked(open));
        model.addAttribute("gives", open.asked().isEmpty() ? null : drafts.gives(open));
        model.addAttribute("giveBack", takings.toGiveBack(id).orElse(null));
        model.addAttribute("changes", became);
        model.addAttribute("unread", became.stream().filter(change -> !change.seen()).map(ChangeView::id).findFirst().orElse(null));
        model.addAttribute("dropped", decisions.of(id));
        model.addAttribute("earlier", asked.plan().filter(plan -> plan > 0 && plan < run.planVersion())
                .map(plan -> pages.earlier(run, plan)).orElse(null));
        return "runs/run";
    }
}
