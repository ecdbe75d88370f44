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

/** A pattern as its paper's size table: typed like a worksheet, or pasted. */
@Controller
class TableController {

    private final PatternService patterns;
    private final Words words;

    TableController(PatternService patterns, Words words) {
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

    @GetMapping("/patterns/new/table")
    String newPattern(Model model) {
        return showForm(model, TableForm.empty(), Optional.empty(), Faults.NONE);
    }

    @PostMapping("/patterns/new/table")
    String add(
            TableForm form, @ModelAttribute("designed") DesignerForm designed, @ModelAttribute("reading") ReadForm reading,
            @AuthenticationPrincipal SignedIn person, Model model) {
        return save(form, Optional.empty(), model, draft -> designed.of(draft.content(), reading.and(draft.problems()))
                .then(content -> patterns.add(content, person.personId())));
    }

    @GetMapping("/patterns/{id}/table")
    String edit(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return showForm(model, TableForm.of(pattern), Optional.of(pattern), Faults.NONE);
    }

    @PostMapping("/patterns/{id}/table")
    String change(
            @PathVariable long id, TableForm form, @ModelAttribute("reading") ReadForm reading, @AuthenticationPrincipal SignedIn person,
            Model model) {
        return save(form, Optional.of(patterns.newestOf(id)), model, draft -> reading.of(draft.content(), draft.problems())
                .then(content -> patterns.change(id, form.version(), content, person.personId())));
    }

    /** The grid with what was pasted in it, each cell that cannot be read marked; nothing is kept. */
    @PostMapping("/patterns/table-fill")
    String fill(TableForm form, @RequestParam Optional<Long> pattern, Model model) {
        Optional<PatternVersion> before = pattern.map(patterns::newestOf);
        FieldReader reader = new FieldReader();
        TableForm filled = PastedTable
                .filled(before.filter(version -> form.isBare()).map(version -> TableForm.of(version).with(form)).orElse(form), reader);
        Faults faults = reader.anyProblem()
                ? Faults.of(reader.problems(), words)
                : Faults.of(TableDraft.of(filled, before).problems().stream().filter(problem -> problem.place().contains("cells")).toList(),
                        words);
        return showForm(model, filled, before, faults);
    }

    private String save(
            TableForm form, Optional<PatternVersion> before, Model model, Function<TableDraft, Outcome<PatternVersion>> keep) {
        return keep.apply(TableDraft.of(form, before)).match(
                pattern -> "redirect:/patterns/" + pattern.patternId() + "/sizes",
                problems -> showForm(model, form, before, Faults.of(problems, words)));
    }

    private String showForm(Model model, TableForm form, Optional<PatternVersion> before, Faults faults) {
        before.ifPresent(version -> PatternHead.addTo(model, version, words));
        model.addAttribute("form", form.padded());
        model.addAttribute("uses", TableForm.uses());
        model.addAttribute("faults", faults);
        return "patterns/table";
    }
}
