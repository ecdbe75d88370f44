package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.DesignerForm;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Typed;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** A pattern drawn: its blocks on their grids, redrawn while it is typed. */
@Controller
class DrawingController {

    private final PatternService patterns;
    private final DrawingPages pages;
    private final Words words;

    DrawingController(PatternService patterns, DrawingPages pages, Words words) {
        this.patterns = patterns;
        this.pages = pages;
        this.words = words;
    }

    @ModelAttribute("designed")
    DesignerForm designed(@RequestParam(defaultValue = "") String whose, @RequestParam(defaultValue = "") String designer) {
        return new DesignerForm(whose, designer);
    }

    @GetMapping("/patterns/new/drawing")
    String newPattern(@RequestParam(defaultValue = "") String starter, Model model) {
        return showForm(model, DrawingForm.empty().withBlocks(List.of(BlockStarter.block(starter))), Optional.empty(), Faults.NONE);
    }

    @PostMapping("/patterns/new/drawing")
    String add(
            DrawingForm form, @ModelAttribute("designed") DesignerForm designed, @AuthenticationPrincipal SignedIn person, Model model) {
        return save(form, Optional.empty(), model, draft -> designed.of(draft.content(), draft.problems())
                .then(content -> patterns.add(content, person.personId())));
    }

    @GetMapping("/patterns/{id}/drawing")
    String edit(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return showForm(model, DrawingForm.of(pattern), Optional.of(pattern), Faults.NONE);
    }

    @PostMapping("/patterns/{id}/drawing")
    String change(@PathVariable long id, DrawingForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        return save(form, Optional.of(patterns.newestOf(id)), model, draft -> Outcome.of(draft.content(), draft.problems())
                .then(content -> patterns.change(id, form.version(), content, person.personId())));
    }

    /** Draws what is typed so far, with what is wrong; nothing is kept. */
    @PostMapping("/patterns/draw")
    String draw(DrawingForm form, @RequestParam Optional<Long> pattern, Model model) {
        Optional<PatternVersion> before = pattern.map(patterns::newestOf);
        DrawingDraft draft = DrawingDraft.of(form, before);
        return showForm(model, form, draft, before, Faults.of(draft.problems(), words));
    }

    /** The form with one block more, or with one less; nothing is kept. */
    @PostMapping("/patterns/blocks")
    String blocks(
            DrawingForm form, @RequestParam Optional<Long> pattern, @RequestParam(defaultValue = "") String add,
            @RequestParam Optional<Integer> remove, Model model) {
        List<BlockRow> rows = new ArrayList<>(Typed.list(form.blocks()));
        remove.filter(row -> row >= 0 && row < rows.size() && rows.size() > 1).ifPresent(row -> rows.remove((int) row));
        if (remove.isEmpty()) {
            rows.add(BlockStarter.next(add, rows));
        }
        return showForm(model, form.withBlocks(rows), pattern.map(patterns::newestOf), Faults.NONE);
    }

    private String save(
            DrawingForm form, Optional<PatternVersion> before, Model model, Function<DrawingDraft, Outcome<PatternVersion>> keep) {
        DrawingDraft draft = DrawingDraft.of(form, before);
        return keep.apply(draft).match(
                pattern -> "redirect:/patterns/" + pattern.patternId(),
                problems -> showForm(model, form, draft, before, Faults.of(problems, words)));
    }

    private String showForm(Model model, DrawingForm typed, Optional<PatternVersion> before, Faults faults) {
        return showForm(model, typed, DrawingDraft.of(typed, before), before, faults);
    }

    private String showForm(Model model, DrawingForm typed, DrawingDraft draft, Optional<PatternVersion> before, Faults faults) {
        before.ifPresent(version -> PatternHead.addTo(model, version, words));
        model.addAttribute("page", pages.page(typed, draft, before, faults));
        return "patterns/drawing";
    }
}
