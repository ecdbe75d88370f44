package retazo.app.kits.pages;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;
import retazo.core.price.KitPrice;

/** By what a kit is priced. */
@Controller
class KitPriceController {

    private final KitService kits;
    private final KitBook book;
    private final PriceListService prices;
    private final Words words;

    KitPriceController(KitService kits, KitBook book, PriceListService prices, Words words) {
        this.kits = kits;
        this.book = book;
        this.prices = prices;
        this.words = words;
    }

    @PostMapping("/kits/{id:\\d+}/price")
    String price(
            @PathVariable long id, @RequestParam(defaultValue = "") String way, @RequestParam(defaultValue = "") String share,
            @RequestParam(defaultValue = "") String amount, @RequestParam(defaultValue = "") String seen, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Optional<KitPrice> wanted = read(way, share, amount, reader);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : kits.set(id, book.kit(id).settings().priced(wanted), seen);
        return outcome.match(done -> {
            next.addFlashAttribute("done", words.text("kit.price.kept"));
            return "redirect:/kits/" + id + "#price";
        }, problems -> refused(id, share, amount, problems, next));
    }

    private String refused(long id, String share, String amount, List<Problem> problems, RedirectAttributes next) {
        next.addFlashAttribute("priceRefused", words.of(problems.get(0)));
        next.addFlashAttribute("typedShare", share);
        next.addFlashAttribute("typedAmount", amount);
        return "redirect:/kits/" + id + "#price";
    }

    /** None for a price by its parts, or with a problem in the reader. */
    private Optional<KitPrice> read(String way, String share, String amount, FieldReader reader) {
        if (way.equals("margin")) {
            return reader.percent("share", share, "kit.price-margin").map(KitPrice.ByMargin::new);
        }
        if (way.equals("hand")) {
            if (amount.isBlank()) {
                reader.add(Problem.at("amount", "text.missing"));
            }
            return reader.money("amount", amount, prices.usual().currency()).map(KitPrice.ByHand::new);
        }
        return Optional.empty();
    }
}
