package retazo.app.staff;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import retazo.app.shared.Faults;
import retazo.app.shared.Words;

/** Signing in, and the owner's pages for people. */
@Controller
class StaffController {

    private final StaffService staff;
    private final Words words;

    StaffController(StaffService staff, Words words) {
        this.staff = staff;
        this.words = words;
    }

    @GetMapping("/sign-in")
    String signIn() {
        return "staff/sign-in";
    }

    @RequestMapping("/no-right")
    String noRight() {
        return "error/403";
    }

    @GetMapping("/practice/people")
    String people(Model model) {
        model.addAttribute("people", staff.all());
        return "staff/people";
    }

    @GetMapping("/practice/people/new")
    String newPerson(Model model) {
        return show(model, PersonForm.empty(), Faults.NONE, true);
    }

    @PostMapping("/practice/people/new")
    String add(PersonForm form, Model model) {
        return staff.add(form).match(
                id -> "redirect:/practice/people",
                problems -> show(model, form, Faults.of(problems, words), true));
    }

    @GetMapping("/practice/people/{id}")
    String person(@PathVariable long id, Model model) {
        return show(model, staff.form(id), Faults.NONE, false);
    }

    @PostMapping("/practice/people/{id}")
    String change(@PathVariable long id, PersonForm form, Model model) {
        return staff.change(id, form).match(
                done -> "redirect:/practice/people",
                problems -> show(model, form, Faults.of(problems, words), false));
    }

    private String show(Model model, PersonForm form, Faults faults, boolean isNew) {
        model.addAttribute("page", new PersonPage(isNew));
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "staff/person";
    }
}
