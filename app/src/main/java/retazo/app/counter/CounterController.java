package retazo.app.counter;

import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.fabrics.Fabric;
import retazo.app.staff.SignedIn;

/** The page of the counter, and its answer alone while one types. */
@Controller
class CounterController {

    private final CounterAnswers answers;
    private final CounterSide side;

    CounterController(CounterAnswers answers, CounterSide side) {
        this.answers = answers;
        this.side = side;
    }

    /** @param length typed in a field of its own, where a cloth was found by scanning it */
    @GetMapping("/counter")
    String page(
            @RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "") String length,
            @AuthenticationPrincipal SignedIn person, Model model) {
        answer((words + " " + length).strip(), model);
        model.addAttribute("side", side.of(person.personId()));
        return "counter/counter";
    }

    @GetMapping("/counter/answer")
    String answer(@RequestParam(defaultValue = "") String words, Model model) {
        Optional<CounterAnswer> answer = answers.answer(words);
        model.addAttribute("words", words);
        model.addAttribute("answer", answer.orElse(null));
        model.addAttribute("prints", answer.map(CounterAnswer::prints).orElse(List.<Fabric>of()));
        return "counter/answer";
    }
}
