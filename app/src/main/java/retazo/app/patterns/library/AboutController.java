package retazo.app.patterns.library;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** A pattern's name, rights, tools, wishes, and the settings it changes. */
@Controller
class AboutController {

    private final PatternService patterns;
    private final PracticeService practice;
    private final Words words;

    AboutController(PatternService patterns, PracticeService practice, Words words) {
        this.patterns = patterns;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/about")
    String edit(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return showForm(model, pattern, AboutForm.of(pattern), Faults.NONE);
    }

    @PostMapping("/patterns/{id}/about")
    String change(@PathVariable long id, AboutForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        Outcome<PatternVersion> outcome = form.read(pattern).match(
                content -> patterns.change(id, form.version(), content, person.personId()), Outcome::refused);
        return outcome.match(
                kept -> "redirect:/patterns/" + id,
                problems -> showForm(model, pattern, form, Faults.of(problems, words)));
    }

    private String showForm(Model model, PatternVersion pattern, AboutForm form, Faults faults) {
        PatternHead.addTo(model, pattern, words);
        model.addAttribute("page", AboutPage.of(pattern, practice.practice(), words));
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "patterns/about";
    }
}
