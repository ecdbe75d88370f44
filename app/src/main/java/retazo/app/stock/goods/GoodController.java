package retazo.app.stock.goods;

import java.util.Currency;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Money;

/** What is counted: what is there, receiving, selling, counting, measuring, prices. */
@Controller
@RequestMapping("/stock/goods")
class GoodController {

    private static final int MOST = 10_000;

    private final GoodService goods;
    private final GoodPages pages;
    private final PriceListService priceList;
    private final Words words;

    GoodController(GoodService goods, GoodPages pages, PriceListService priceList, Words words) {
        this.goods = goods;
        this.pages = pages;
        this.priceList = priceList;
        this.words = words;
    }

    /** How many of a good, as typed. */
    record BookForm(@Nullable String count, @Nullable String clientId) {

        Entry entry(SignedIn person) {
            return Entry.of(person.personId(), id());
        }

        private UUID id() {
            try {
                return UUID.fromString(clientId == null ? "" : clientId);
            } catch (IllegalArgumentException nonsense) {
                return UUID.randomUUID();
            }
        }
    }

    @GetMapping
    String list(
            @RequestParam(name = "words", defaultValue = "") String search, @RequestParam(defaultValue = "0") int page, Model model) {
        model.addAttribute("page", pages.list(search, Paging.number(page)));
        return "stock/goods";
    }

    @GetMapping("/{id}")
    String good(@PathVariable long id, Model model) {
        return show(id, Faults.NONE, model, page -> page);
    }

    @PostMapping("/{id}/receive")
    String receive(
            @PathVariable long id, BookForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        return book(id, form, 1, count -> goods.move(id, count, Reason.RECEIVED, form.entry(person)), next, model);
    }

    /** Books the difference to what was counted. */
    @PostMapping("/{id}/count")
    String count(
            @PathVariable long id, BookForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        return book(id, form, 0, count -> goods.correct(id, count, form.entry(person)), next, model);
    }

    /** Books how large one really is, so that plans count on that. */
    @PostMapping("/{id}/measured")
    String measured(@PathVariable long id, @RequestParam(defaultValue = "") String sheet, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Optional<SheetSize> size = SheetText.read("sheet", sheet, reader);
        Outcome<Good> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : goods.measured(id, size);
        return outcome.match(
                good -> done(id, "done.good-measured", next, good.name()),
                problems -> show(id, Faults.of(problems, words), model, page -> page.typed(sheet)));
    }

    /** Keeps what one is sold for and costs. */
    @PostMapping("/{id}/prices")
    String price(
            @PathVariable long id, @RequestParam(defaultValue = "") String price, @RequestParam(defaultValue = "") String cost,
            RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Currency currency = priceList.usual().currency();
        Prices<Money> prices = new Prices<>(reader.money("price", price, currency), reader.money("cost", cost, currency));
        return reader.anyProblem()
                ? show(id, Faults.of(reader.problems(), words), model, page -> page.typed(new GoodPages.TypedPrices(price, cost)))
                : done(id, "done.fabric-priced", next, goods.price(id, prices).name());
    }

    private String book(
            long id, BookForm form, int least, IntFunction<Outcome<Long>> booking, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        int count = reader.number("count", form.count(), least, MOST);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : booking.apply(count);
        return outcome.match(
                left -> done(id, "done.good-booked", next, goods.good(id).name(), left),
                problems -> show(id, Faults.of(problems, words), model, page -> page));
    }

    private String done(long id, String code, RedirectAttributes next, Object... arguments) {
        next.addFlashAttribute("done", words.text(code, arguments));
        return "redirect:/stock/goods/" + id;
    }

    private String show(long id, Faults faults, Model model, UnaryOperator<GoodPages.Page> typed) {
        model.addAttribute("page", typed.apply(pages.page(id)));
        model.addAttribute("faults", faults);
        return "stock/good";
    }
}
