package retazo.app.patterns.sizes;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Words;

/** A pattern for those who only look: its drawing at all sizes. */
@Controller
class ShownController {

    private final PatternService patterns;
    private final PracticeService practice;
    private final Words words;

    ShownController(PatternService patterns, PracticeService practice, Words words) {
        this.patterns = patterns;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/shown")
    String shown(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        PatternHead.addTo(model, pattern, words);
        model.addAttribute(
                "ladder", Ladder.of(pattern.design(), practice.practice(), PatternHead.inks(pattern.design())));
        return "patterns/shown";
    }
}
