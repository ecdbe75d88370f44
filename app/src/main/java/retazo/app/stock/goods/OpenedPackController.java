package retazo.app.stock.goods;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntFunction;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.practice.PriceListService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;

/** Packs opened and closed at their page. */
@Controller
@RequestMapping("/stock/goods/{id}/pack")
class OpenedPackController {

    private static final int MOST = 100;

    private final OpenedPacks packs;
    private final PriceListService priceList;
    private final Words words;

    OpenedPackController(OpenedPacks packs, PriceListService priceList, Words words) {
        this.packs = packs;
        this.priceList = priceList;
        this.words = words;
    }

    @PostMapping("/open")
    String open(
            @PathVariable long id, @RequestParam(name = "packs", defaultValue = "") String typed, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return moved(id, typed, count -> packs.open(id, count, Entry.of(person.personId(), clientId)), "done.pack-opened", next);
    }

    @PostMapping("/close")
    String close(
            @PathVariable long id, @RequestParam(name = "packs", defaultValue = "") String typed, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return moved(id, typed, count -> packs.close(id, count, Entry.of(person.personId(), clientId)), "done.pack-closed", next);
    }

    private String moved(long id, String typed, IntFunction<Outcome<Long>> move, String sentence, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        int count = reader.number("packs", typed, 1, MOST);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : move.apply(count);
        return told(id, outcome, sentence, count, next);
    }

    /** What any loose piece of it is sold for. */
    @PostMapping("/price")
    String price(@PathVariable long id, @RequestParam(defaultValue = "") String each, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Optional<Money> price = reader.money("each", each, priceList.usual().currency());
        if (!reader.anyProblem()) {
            packs.price(id, price);
        }
        return told(
                id, reader.anyProblem() ? Outcome.refused(reader.problems()) : Outcome.done(id), "done.loose-priced", 0, next);
    }

    private String told(long id, Outcome<Long> outcome, String sentence, int count, RedirectAttributes next) {
        outcome.match(
                done -> next.addFlashAttribute("done", words.text(sentence, count)),
                problems -> next.addFlashAttribute("refused", first(problems)));
        return "redirect:/stock/goods/" + id;
    }

    private String first(List<Problem> problems) {
        return words.of(problems.get(0));
    }
}
