package retazo.app.counter;

import java.util.function.LongFunction;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;

/** Leads back to the counter and says there what came of a press. */
@Component
class Told {

    private final Words words;

    Told(Words words) {
        this.words = words;
    }

    /**
     * What is done leaves the field empty for the next; what is refused stays in it.
     *
     * @param asked what was in the field
     */
    String at(Outcome<Long> outcome, LongFunction<String> done, String asked, RedirectAttributes next) {
        return outcome.match(
                result -> done(done.apply(result), next),
                problems -> {
                    next.addFlashAttribute("refused", words.of(problems.get(0)));
                    next.addAttribute("words", asked);
                    return "redirect:/counter";
                });
    }

    String done(String sentence, RedirectAttributes next) {
        next.addFlashAttribute("done", sentence);
        return "redirect:/counter";
    }
}
