package retazo.app.stock.bolts;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;

/** The counter cut: fabric or bolt, length, done. */
@Controller
class CounterController {

    private final CounterService counter;
    private final StockService stock;
    private final Words words;

    CounterController(CounterService counter, StockService stock, Words words) {
        this.counter = counter;
        this.stock = stock;
        this.words = words;
    }

    @GetMapping("/stock/counter-cut")
    String start(@RequestParam(required = false) @Nullable String what, Model model) {
        return show(model, CounterCutForm.empty(what), null, Faults.NONE);
    }

    @PostMapping("/stock/counter-cut/proposal")
    String propose(CounterCutForm form, Model model) {
        return counter.propose(form).match(
                proposal -> show(model, form, proposal, Faults.NONE),
                problems -> show(model, form, null, Faults.of(problems, words)));
    }

    @PostMapping("/stock/counter-cut")
    String cut(CounterCutForm form, @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        return counter.cut(form, person.personId()).match(
                movement -> {
                    Bolt bolt = stock.bolt(requireNonNull(form.boltId()));
                    redirect.addFlashAttribute("done", words.text(
                            "counter.done", counter.asked(form), bolt.code(), bolt.onHand()));
                    redirect.addFlashAttribute("doneBolt", bolt.id());
                    return "redirect:/stock/counter-cut";
                },
                problems -> show(model, form, null, Faults.of(problems, words)));
    }

    private String show(Model model, CounterCutForm form, @Nullable CounterProposal proposal, Faults faults) {
        CounterPage page = new CounterPage(proposal, words.sellingUnit().symbol());
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "stock/counter-cut";
    }
}
