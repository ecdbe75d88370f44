package retazo.app.counter;

import static java.util.Objects.requireNonNull;

import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.practice.PracticeService;
import retazo.app.runs.BagShelf;
import retazo.app.sales.Sale;
import retazo.app.sales.Sales;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Books what is sold at the counter, and takes it back. */
@Controller
@RequestMapping("/counter")
class SellController {

    private static final int MOST_AT_ONCE = 1_000;

    private final Sales sales;
    private final BagShelf shelf;
    private final StockService stock;
    private final PracticeService practice;
    private final CustomerSide customers;
    private final Told told;
    private final Words words;

    SellController(
            Sales sales, BagShelf shelf, StockService stock, PracticeService practice, CustomerSide customers, Told told, Words words) {
        this.customers = customers;
        this.sales = sales;
        this.shelf = shelf;
        this.stock = stock;
        this.practice = practice;
        this.told = told;
        this.words = words;
    }

    /**
     * A cut that was shown.
     *
     * @param asked   what was typed in the field
     * @param despite set when reserved cloth is sold knowingly
     */
    record CutForm(
            @Nullable Long boltId, @Nullable String length, @Nullable String despite, @Nullable UUID clientId, @Nullable String asked) {

        UUID entryId() {
            return clientId == null ? UUID.randomUUID() : clientId;
        }
    }

    @PostMapping("/cut")
    String cut(CutForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Length length = reader.lengthAboveZero("length", form.length(), practice.practice().sellingUnit(), CounterAsk.LONGEST_CUT);
        Long boltId = form.boltId();
        if (boltId == null) {
            reader.add(Problem.of("counter.no-bolt"));
        }
        Outcome<Long> outcome = reader.anyProblem() || boltId == null
                ? Outcome.refused(reader.problems())
                : sales.sellLength(boltId, length, form.despite() != null, Entry.of(person.personId(), form.entryId()));
        return told.at(outcome, line -> cutDone(requireNonNull(boltId), length), form.asked() == null ? "" : form.asked(), next);
    }

    private String cutDone(long boltId, Length length) {
        Bolt bolt = stock.bolt(boltId);
        return words.text("counter.cut-done", length, bolt.code(), bolt.onHand());
    }

    @PostMapping("/bags/{code}/sell")
    String sell(
            @PathVariable String code, @RequestParam UUID clientId, @RequestParam(defaultValue = "") String asked,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return told.at(sales.sellBag(bagId(code), Entry.of(person.personId(), clientId)),
                line -> words.text("shelf.sold", code.toUpperCase(Locale.ROOT)), asked, next);
    }

    @PostMapping("/bags/{code}/give")
    String give(
            @PathVariable String code, @RequestParam(defaultValue = "") String name, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return told.at(sales.giveBag(bagId(code), name, Entry.of(person.personId(), clientId)),
                line -> words.text("shelf.sold", code.toUpperCase(Locale.ROOT)), "", next);
    }

    @PostMapping("/bags/{code}/return")
    String comeBack(
            @PathVariable String code, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return told.at(sales.bagReturned(bagId(code), Entry.of(person.personId(), clientId)),
                bag -> words.text("shelf.taken-back", code.toUpperCase(Locale.ROOT)), "", next);
    }

    @PostMapping("/goods/{id}/sell")
    String sellGood(
            @PathVariable long id, @RequestParam(defaultValue = "1") String count, @RequestParam UUID clientId,
            @RequestParam(defaultValue = "") String asked, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        int many = reader.number("count", count, 1, MOST_AT_ONCE);
        return told.at(
                reader.anyProblem()
                        ? Outcome.refused(reader.problems())
                        : sales.sellGood(id, many, Entry.of(person.personId(), clientId)),
                line -> words.text("counter.good-done"), asked, next);
    }

    @PostMapping("/lines/{id}/take-back")
    String takeBack(
            @PathVariable long id, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return told.at(sales.takeBack(id, Entry.of(person.personId(), clientId)), line -> words.text("counter.taken-back"), "", next);
    }

    /** The customer has paid what was shown. */
    @PostMapping("/paid")
    String paid(
            @RequestParam(defaultValue = "0") long sale, @RequestParam(defaultValue = "0") int lines,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return sales.paid(person.personId(), sale, lines).match(
                paid -> told.done(paid(paid), next),
                problems -> told.at(Outcome.refused(problems), none -> "", "", next));
    }

    private String paid(Sale sale) {
        return sale.totals().isEmpty() ? words.text("counter.done") : words.text("counter.done-total", customers.toPay(sale));
    }

    private long bagId(String code) {
        return shelf.named(code).orElseThrow(() -> new NotFoundException("bag", code));
    }
}
