package retazo.app.kits.pages;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.practice.PracticeForm;
import retazo.app.practice.PracticePage;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.cloth.ShopPractice;

/** What settings of the shop would change in the lengths of its kits, and which patterns and kits have settings of their own. */
@Controller
class PracticeEffectController {

    private final PracticeEffects effects;
    private final PatternEffects onPattern;
    private final Words words;

    PracticeEffectController(PracticeEffects effects, PatternEffects onPattern, Words words) {
        this.effects = effects;
        this.onPattern = onPattern;
        this.words = words;
    }

    /** Tries settings out on kits, some at a time, and each part of them on one pattern; nothing is kept. */
    @PostMapping("/practice/effect")
    String effect(
            PracticeForm form, @RequestParam(defaultValue = "") String seen, @RequestParam(defaultValue = "0") int kits, Model model) {
        FieldReader reader = new FieldReader();
        return show(form, seen, reader, model, tried(form, reader)
                .map(practice -> new TriedSettings(effects.of(practice, Math.max(0, kits)), onPattern.of(practice))));
    }

    /** The same on the pattern alone, as it is asked while somebody types. */
    @PostMapping("/practice/effect/pattern")
    String onPattern(PracticeForm form, @RequestParam(defaultValue = "") String seen, Model model) {
        FieldReader reader = new FieldReader();
        return show(form, seen, reader, model, tried(form, reader).map(practice -> new TriedSettings(null, onPattern.of(practice))));
    }

    private static Optional<ShopPractice> tried(PracticeForm form, FieldReader reader) {
        return form.read(reader).filter(practice -> !reader.anyProblem());
    }

    private String show(PracticeForm form, String seen, FieldReader reader, Model model, Optional<TriedSettings> tried) {
        tried.ifPresent(effect -> model.addAttribute("tried", effect));
        model.addAttribute("page", PracticePage.of(form, seen, words));
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "practice/practice";
    }

    @GetMapping("/practice/own")
    String own(Model model) {
        model.addAttribute("all", effects.own());
        return "kits/own-settings";
    }
}
