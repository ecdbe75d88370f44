package retazo.app.orders.pages;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchases;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.TypedRows;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.measure.Problem;

/** An order from its first line until its last bolt. */
@Controller
@RequestMapping("/stock/buying/orders")
class PurchaseController {

    private static final int LONGEST_NOTE = 200;

    private final PurchasePages pages;
    private final Purchases purchases;
    private final FabricService fabrics;
    private final PriceListService prices;
    private final Words words;

    PurchaseController(PurchasePages pages, Purchases purchases, FabricService fabrics, PriceListService prices, Words words) {
        this.pages = pages;
        this.purchases = purchases;
        this.fabrics = fabrics;
        this.prices = prices;
        this.words = words;
    }

    @GetMapping
    String all(@RequestParam(defaultValue = "0") int page, Model model) {
        model.addAttribute("page", pages.all(Paging.number(page)));
        return "orders/orders";
    }

    @GetMapping("/{id:\\d+}")
    String order(@PathVariable long id, Model model) {
        return show(id, null, LineForm.of(0, Map.of()), Faults.NONE, model);
    }

    /** Keeps its lines; and sends it, where that is pressed. The last row is for one more fabric. */
    @PostMapping("/{id:\\d+}")
    String keep(
            @PathVariable long id, @RequestParam MultiValueMap<String, String> form, @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "") String seen, @RequestParam Optional<String> send, @AuthenticationPrincipal SignedIn person,
            RedirectAttributes next, Model model) {
        List<LineForm> typed = TypedRows.of(form).entrySet().stream().map(row -> LineForm.of(row.getKey(), row.getValue())).toList();
        FieldReader reader = new FieldReader();
        Map<String, Fabric> named = fabrics.named(typed.stream().map(LineForm::fabric).distinct().toList());
        List<NewLine> lines = LineForm.read(
                typed, text -> Optional.ofNullable(named.get(text)), pages.order(id, null).supplier().bolt(), words.sellingUnit(),
                prices.usual().currency(), reader);
        String readNote = reader.optionalText("note", note, LONGEST_NOTE);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : send.isPresent()
                        ? purchases.changeAndSend(id, lines, readNote, seen, person.personId())
                        : purchases.change(id, lines, readNote, seen);
        return outcome.match(
                done -> done(id, words.text(send.isPresent() ? "order.sent" : "order.kept"), next),
                problems -> show(
                        id, typed, typed.isEmpty() ? LineForm.of(0, Map.of()) : typed.get(typed.size() - 1), Faults.of(problems, words),
                        model));
    }

    @PostMapping("/{id:\\d+}/drop")
    String drop(@PathVariable long id, RedirectAttributes next) {
        return told(purchases.drop(id), id, "order.dropped", next);
    }

    @PostMapping("/{id:\\d+}/expect")
    String expect(@PathVariable long id, @RequestParam(defaultValue = "") String day, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Outcome<Long> outcome = reader.day("day", day).map(one -> purchases.expect(id, one))
                .orElseGet(() -> Outcome.refused(reader.anyProblem() ? reader.problems() : List.of(Problem.of("day.missing"))));
        return told(outcome, id, "order.expected", next);
    }

    @PostMapping("/{id:\\d+}/lines/{lineId}/cancel")
    String cancelRest(@PathVariable long id, @PathVariable long lineId, RedirectAttributes next) {
        return told(purchases.cancelRest(id, lineId), id, "order.rest-cancelled", next);
    }

    private String told(Outcome<Long> outcome, long id, String sentence, RedirectAttributes next) {
        return outcome.match(done -> done(id, words.text(sentence), next), problems -> {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return "redirect:/stock/buying/orders/" + id;
        });
    }

    private static String done(long id, String sentence, RedirectAttributes next) {
        next.addFlashAttribute("done", sentence);
        return "redirect:/stock/buying/orders/" + id;
    }

    private String show(long id, @Nullable List<LineForm> typed, LineForm spare, Faults faults, Model model) {
        PurchasePages.OrderPage page = pages.order(id, typed);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        boolean isSpare = page.lines().stream().noneMatch(line -> line.form().row() == spare.row());
        model.addAttribute("spare", isSpare ? spare : spare.at(page.lines().size()));
        model.addAttribute("faults", faults);
        return "orders/order";
    }
}
