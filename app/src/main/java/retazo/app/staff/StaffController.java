package retazo.app.staff;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.shared.Faults;
import retazo.app.shared.Seen;
import retazo.app.shared.Words;

/** Signing in, and the owner's pages for people. */
@Controller
class StaffController {

    private static final int LONGEST_WAIT = 3_600;

    private final StaffService staff;
    private final Words words;

    StaffController(StaffService staff, Words words) {
        this.staff = staff;
        this.words = words;
    }

    @GetMapping("/sign-in")
    String signIn(@RequestParam(defaultValue = "0") int wait, Model model) {
        model.addAttribute("wait", Math.max(0, Math.min(wait, LONGEST_WAIT)));
        return "staff/sign-in";
    }

    @RequestMapping("/no-right")
    String noRight() {
        return "error/403";
    }

    /** A form that came without a sign-in, or with one that ended meanwhile. */
    @RequestMapping("/signed-out")
    String signedOut() {
        return "error/signed-out";
    }

    @GetMapping("/practice/people")
    String people(Model model) {
        model.addAttribute("people", staff.all());
        return "staff/people";
    }

    @GetMapping("/practice/people/new")
    String newPerson(Model model) {
        return show(model, PersonForm.empty(), Faults.NONE, new PersonPage(true, ""));
    }

    @PostMapping("/practice/people/new")
    String add(PersonForm form, Model model) {
        return staff.add(form).match(
                id -> "redirect:/practice/people",
                problems -> show(model, form, Faults.of(problems, words), new PersonPage(true, "")));
    }

    @GetMapping("/practice/people/{id}")
    String person(@PathVariable long id, Model model) {
        PersonForm form = staff.form(id);
        return show(model, form, Faults.NONE, new PersonPage(false, Seen.mark(form.texts())));
    }

    @PostMapping("/practice/people/{id}")
    String change(@PathVariable long id, PersonForm form, @RequestParam(defaultValue = "") String seen, Model model) {
        return staff.change(id, form, seen).match(
                done -> "redirect:/practice/people",
                problems -> show(
                        model, form, Faults.of(problems, words),
                        new PersonPage(false, Seen.next(seen, problems, () -> Seen.mark(staff.form(id).texts())))));
    }

    private String show(Model model, PersonForm form, Faults faults, PersonPage page) {
        model.addAttribute("page", page);
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "staff/person";
    }
}
