package retazo.app.orders.pages;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
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
import retazo.app.orders.CameBolt;
import retazo.app.orders.Deliveries;
import retazo.app.orders.Purchase;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.TypedRows;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** A delivery with its note in one hand: each bolt of an order that is still to come has a row, and each line one row more. */
@Controller
@RequestMapping("/stock/buying/orders/{id:\\d+}/delivery")
class DeliveryController {

    private static final int MOST_ROWS = 40;

    private final PurchasePages pages;
    private final Deliveries deliveries;
    private final StockService stock;
    private final Words words;

    DeliveryController(PurchasePages pages, Deliveries deliveries, StockService stock, Words words) {
        this.pages = pages;
        this.deliveries = deliveries;
        this.stock = stock;
        this.words = words;
    }

    @GetMapping
    String ask(@PathVariable long id, Model model) {
        PurchasePages.OrderPage page = pages.order(id, null);
        return show(page, rows(page.purchase(), words.sellingUnit()), UUID.randomUUID(), Faults.NONE, model);
    }

    /** The first number that is free, where the fabric stands already, and the length that was ordered. */
    private List<BoltLineForm> rows(Purchase purchase, LengthUnit unit) {
        Map<Long, List<Bolt>> there = stock.boltsOf(purchase.lines().stream().map(Purchase.Line::fabricId).toList()).stream()
                .filter(bolt -> bolt.onHand().isPositive() && !bolt.place().isEmpty()).collect(Collectors.groupingBy(Bolt::fabricId));
        List<BoltLineForm> rows = new ArrayList<>();
        int next = Integer.parseInt(stock.nextCode(""));
        for (Purchase.Line line : purchase.lines()) {
            String place = there.getOrDefault(line.fabricId(), List.of()).stream().map(Bolt::place).findFirst().orElse("");
            int open = line.openBolts();
            for (int i = 0; i <= Math.min(open, MOST_ROWS); i++) {
                Length length = i < open ? line.ordered().each() : Length.ZERO;
                rows.add(new BoltLineForm(
                        rows.size(), line.id(), "%04d".formatted(next), length.isZero() ? "" : LengthParts.exactText(length, unit), "",
                        place, false, false, ""));
                next++;
            }
        }
        return rows;
    }

    @PostMapping
    String book(
            @PathVariable long id, @RequestParam MultiValueMap<String, String> form, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        List<BoltLineForm> typed = TypedRows.of(form).entrySet().stream().map(row -> BoltLineForm.of(row.getKey(), row.getValue()))
                .toList();
        FieldReader reader = new FieldReader();
        List<CameBolt> came = BoltLineForm.read(typed, words.sellingUnit(), reader);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : deliveries.receive(id, came, Entry.of(person.personId(), clientId));
        return outcome.match(
                done -> {
                    next.addFlashAttribute("done", words.text(
                            "delivery.booked", came.stream().filter(bolt -> !bolt.damaged()).count(),
                            came.stream().filter(CameBolt::damaged).count()));
                    return "redirect:/stock/buying/orders/" + id;
                },
                problems -> show(
                        pages.order(id, null), typed, clientId, Faults.of(problems.stream().map(one -> moved(one, typed)).toList(), words),
                        model));
    }

    /** What is wrong with the third bolt that came stands in the row in which it was typed. */
    private static Problem moved(Problem problem, List<BoltLineForm> typed) {
        if (!problem.place().matches("bolt\\d+\\..*")) {
            return problem;
        }
        String[] parts = problem.place().split("\\.", 2);
        List<BoltLineForm> came = typed.stream().filter(BoltLineForm::hasCome).toList();
        return problem.movedTo(came.get(Integer.parseInt(parts[0].substring("bolt".length()))).field(parts[1]));
    }

    /** The rows of one line of the order. */
    record LineRows(PurchasePages.LineView line, List<BoltLineForm> rows) {
    }

    private String show(PurchasePages.OrderPage page, List<BoltLineForm> rows, UUID clientId, Faults faults, Model model) {
        Map<Long, List<BoltLineForm>> byLine = rows.stream().collect(Collectors.groupingBy(BoltLineForm::line));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("lines", page.lines().stream().filter(line -> byLine.containsKey(line.id()))
                .map(line -> new LineRows(line, requireNonNull(byLine.get(line.id())))).toList());
        model.addAttribute("clientId", clientId);
        model.addAttribute("faults", faults);
        return "orders/delivery";
    }
}
