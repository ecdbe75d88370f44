package retazo.app.practice;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Seen;
import retazo.app.shared.Words;
import retazo.core.cloth.UsualPrices;
import retazo.core.price.Tax;

/** The owner's page of usual prices. */
@Controller
@RequestMapping("/practice/prices")
class PriceListController {

    private final PriceListService prices;
    private final PracticeService practice;
    private final Words words;

    PriceListController(PriceListService prices, PracticeService practice, Words words) {
        this.prices = prices;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping
    String show(Model model) {
        return show(model, prices.typed(), seenNow(), Faults.NONE);
    }

    @PostMapping
    String change(PriceListForm form, @RequestParam(defaultValue = "") String seen, Model model, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Optional<UsualPrices> read = form.read(reader, practice.practice().sellingUnit());
        Optional<Tax> tax = form.tax(reader);
        if (read.isEmpty() || tax.isEmpty()) {
            return show(model, form, seen, Faults.of(reader.problems(), words));
        }
        return prices.change(read.get(), tax.get(), form, seen).match(
                changed -> {
                    next.addFlashAttribute("done", words.text("practice.saved"));
                    return "redirect:/practice/prices";
                },
                problems -> show(model, form, Seen.next(seen, problems, this::seenNow), Faults.of(problems, words)));
    }

    private String seenNow() {
        return Seen.mark(prices.typed().texts());
    }

    private String show(Model model, PriceListForm form, String seen, Faults faults) {
        model.addAttribute("page", PricesPage.of(words, seen));
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "practice/prices";
    }
}
