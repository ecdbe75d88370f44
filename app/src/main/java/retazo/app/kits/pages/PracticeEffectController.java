package retazo.app.kits.pages;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import retazo.app.practice.PracticeForm;
import retazo.app.practice.PracticePage;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;

/** What settings of the shop would change in the lengths of its kits, and which patterns and kits have settings of their own. */
@Controller
class PracticeEffectController {

    private final PracticeEffects effects;
    private final Words words;

    PracticeEffectController(PracticeEffects effects, Words words) {
        this.effects = effects;
        this.words = words;
    }

    /** Tries settings out on every kit; nothing is kept. */
    @PostMapping("/practice/effect")
    String effect(PracticeForm form, Model model) {
        FieldReader reader = new FieldReader();
        form.read(reader).filter(practice -> !reader.anyProblem())
                .ifPresent(practice -> model.addAttribute("effect", effects.of(practice)));
        model.addAttribute("page", PracticePage.of(form, words));
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "practice/practice";
    }

    @GetMapping("/practice/own")
    String own(Model model) {
        List<PracticeEffects.Own> all = effects.own();
        model.addAttribute("all", all);
        return "kits/own-settings";
    }
}
