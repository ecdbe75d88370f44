package retazo.app.patterns.entry;

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
import retazo.app.patterns.rows.ReadForm;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** A pattern as a list of what is cut: typed like a worksheet, or pasted. */
@Controller
class CutListController {

    private final PatternService patterns;
    private final Words words;

    CutListController(PatternService patterns, Words words) {
        this.patterns = patterns;
        this.words = words;
    }

    @ModelAttribute("designed")
    DesignerForm designed(@RequestParam(defaultValue = "") String whose, @RequestParam(defaultValue = "") String designer) {
        return new DesignerForm(whose, designer);
    }

    @ModelAttribute("reading")
    ReadForm reading(@RequestParam(defaultValue = "") String read, @RequestParam(defaultValue = "") String compared) {
        return new ReadForm(read, compared);
    }

    @GetMapping("/patterns/new/list")
    String newPattern(Model model) {
        return showForm(model, CutListForm.empty(), Optional.empty(), Faults.NONE);
    }

    @PostMapping("/patterns/new/list")
    String add(
            CutListForm form, @ModelAttribute("designed") DesignerForm designed, @ModelAttribute("reading") ReadForm reading,
            @AuthenticationPrincipal SignedIn person, Model model) {
        return save(form, Optional.empty(), model, draft -> designed.of(draft.content(), reading.and(draft.problems()))
                .then(content -> patterns.add(content, person.personId())));
    }

    @GetMapping("/patterns/{id}/list")
    String edit(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return showForm(model, CutListForm.of(pattern), Optional.of(pattern), Faults.NONE);
    }

    @PostMapping("/patterns/{id}/list")
    String change(
            @PathVariable long id, CutListForm form, @ModelAttribute("reading") ReadForm reading, @AuthenticationPrincipal SignedIn person,
            Model model) {
        return save(form, Optional.of(patterns.newestOf(id)), model, draft -> reading.of(draft.content(), draft.problems())
                .then(content -> patterns.change(id, form.version(), content, person.personId())));
    }

    /** The lines with what was pasted among them; nothing is kept. */
    @PostMapping("/patterns/list-fill")
    String fill(CutListForm form, @RequestParam Optional<Long> pattern, Model model) {
        Optional<PatternVersion> before = pattern.map(patterns::newestOf);
        FieldReader reader = new FieldReader();
        CutListForm filled = CutListDraft
                .filled(before.filter(version -> form.isBare()).map(version -> CutListForm.of(version).with(form)).orElse(form), reader);
        Faults faults = reader.anyProblem()
                ? Faults.of(reader.problems(), words)
                : Faults.of(CutListDraft.of(filled, before).problems().stream().filter(problem -> problem.place().startsWith("lines."))
                        .toList(), words);
        return showForm(model, filled, before, faults);
    }

    private String save(
            CutListForm form, Optional<PatternVersion> before, Model model, Function<CutListDraft, Outcome<PatternVersion>> keep) {
        return keep.apply(CutListDraft.of(form, before)).match(
                pattern -> "redirect:/patterns/" + pattern.patternId(),
                problems -> showForm(model, form, before, Faults.of(problems, words)));
    }

    private String showForm(Model model, CutListForm form, Optional<PatternVersion> before, Faults faults) {
        before.ifPresent(version -> PatternHead.addTo(model, version, words));
        model.addAttribute("form", form.padded());
        model.addAttribute("page", CutListPage.of(before, words));
        model.addAttribute("faults", faults);
        return "patterns/cutlist";
    }
}
