package retazo.app.practice;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.Seen;
import retazo.app.shared.Words;

/** The owner's page of settings. */
@Controller
class PracticeController {

    private final PracticeService practice;
    private final Words words;

    PracticeController(PracticeService practice, Words words) {
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/practice")
    String show(Model model) {
        PracticeForm form = practice.form();
        return show(model, form, Seen.mark(form.texts()), Faults.NONE);
    }

    @PostMapping("/practice")
    String change(PracticeForm form, @RequestParam(defaultValue = "") String seen, Model model, RedirectAttributes redirect) {
        return practice.change(form, seen).match(
                done -> {
                    redirect.addFlashAttribute("done", words.text("practice.saved"));
                    return "redirect:/practice";
                },
                problems -> show(
                        model, form, Seen.next(seen, problems, () -> Seen.mark(practice.form().texts())), Faults.of(problems, words)));
    }

    private String show(Model model, PracticeForm form, String seen, Faults faults) {
        model.addAttribute("page", PracticePage.of(form, seen, words));
        model.addAttribute("faults", faults);
        return "practice/practice";
    }
}
