package retazo.app.stock.goods;

import java.time.Clock;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntFunction;
import java.util.stream.Stream;
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
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Prices;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Money;
import retazo.core.measure.Problem;

/** Precuts and copies of patterns: what is there, receiving, selling, counting. */
@Controller
@RequestMapping("/stock/goods")
class GoodController {

    private static final int MOST = 10_000;

    private final GoodService goods;
    private final StockService stock;
    private final PriceListService priceList;
    private final Words words;
    private final Clock clock;

    GoodController(GoodService goods, StockService stock, PriceListService priceList, Words words, Clock clock) {
        this.goods = goods;
        this.stock = stock;
        this.priceList = priceList;
        this.words = words;
        this.clock = clock;
    }

    /** A good in the list. */
    record ListedGood(Good good, String kind, GoodService.GoodCount count) {
    }

    /** A kind of precut that can be chosen. */
    record Kind(String name, String words) {
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

    /** A new precut as typed. */
    record NewGoodForm(@Nullable String code, @Nullable String name, @Nullable String kind, @Nullable String perUnit,
            @Nullable String colour,
            @Nullable String sheet) {

        static NewGoodForm empty() {
            return new NewGoodForm("", "", PrecutKind.STRIP_ROLL.name(), "40", "#4f7f86", "");
        }

        Optional<NewGood> read(FieldReader reader) {
            String readCode = reader.text("code", code, 20).toUpperCase(Locale.ROOT);
            if (!readCode.isEmpty() && !readCode.matches("[A-Z0-9][A-Z0-9-]*")) {
                reader.add(Problem.at("code", "good.code"));
            }
            String readName = reader.text("name", name, 60);
            Optional<PrecutKind> readKind = reader.choice("kind", kind, PrecutKind.class);
            int each = reader.number("perUnit", perUnit, 1, 1_000);
            if (colour == null || !colour.matches("#[0-9a-f]{6}")) {
                reader.add(Problem.at("colour", "fabric.colour"));
            }
            Optional<SheetSize> measured = SheetText.read("sheet", sheet, reader);
            if (readKind.equals(Optional.of(PrecutKind.OWN)) && measured.isEmpty() && !reader.anyProblem()) {
                reader.add(Problem.at("sheet", "good.own-needs-measure"));
            }
            return reader.anyProblem()
                    ? Optional.empty()
                    : Optional.of(
                            NewGood.precut(readCode, readName, readKind.orElseThrow(), each, String.valueOf(colour)).measured(measured));
        }
    }

    /** Books how large one really is, so that plans count on that. */
    @PostMapping("/{id}/measured")
    String measured(@PathVariable long id, @RequestParam(defaultValue = "") String sheet, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Optional<SheetSize> size = SheetText.read("sheet", sheet, reader);
        Outcome<Good> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : goods.measured(id, size);
        return outcome.match(
                good -> {
                    next.addFlashAttribute("done", words.text("done.good-measured", good.name()));
                    return "redirect:/stock/goods/" + id;
                },
                problems -> {
                    model.addAttribute("sheet", sheet);
                    return show(id, Faults.of(problems, words), model);
                });
    }

    @GetMapping
    String list(Model model) {
        List<Good> all = goods.all();
        Map<Long, GoodService.GoodCount> counts = goods.counts(all.stream().map(Good::id).toList());
        model.addAttribute("goods", all.stream().map(good -> new ListedGood(good, kind(good), counts.get(good.id()))).toList());
        return "stock/goods";
    }

    private String kind(Good good) {
        return good.precut()
                .map(precut -> words.text("precut." + precut.code()) + ", " + (good.perUnit() == 1 ? "single" : good.unitWord()))
                .orElse(words.text(good.piece().isPresent() ? "good.left-over" : "good.copies"));
    }

    @GetMapping("/{id}")
    String good(@PathVariable long id, Model model) {
        return show(id, Faults.NONE, model);
    }

    @PostMapping("/{id}/receive")
    String receive(
            @PathVariable long id, BookForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        return book(id, form, 1, count -> goods.move(id, count, Reason.RECEIVED, form.entry(person)), next, model);
    }

    /** Books what was sold over the counter. */
    @PostMapping("/{id}/sell")
    String sell(
            @PathVariable long id, BookForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        return book(id, form, 1, count -> goods.move(id, -count, Reason.SOLD_BY_COUNT, form.entry(person)), next, model);
    }

    /** Books the difference to what was counted. */
    @PostMapping("/{id}/count")
    String count(
            @PathVariable long id, BookForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        return book(id, form, 0, count -> goods.correct(id, count, form.entry(person)), next, model);
    }

    /** Keeps what one is sold for and costs. */
    @PostMapping("/{id}/prices")
    String price(
            @PathVariable long id, @RequestParam(defaultValue = "") String price, @RequestParam(defaultValue = "") String cost,
            RedirectAttributes next,
            Model model) {
        FieldReader reader = new FieldReader();
        Currency currency = priceList.usual().currency();
        Prices<Money> prices = new Prices<>(reader.money("price", price, currency), reader.money("cost", cost, currency));
        if (reader.anyProblem()) {
            model.addAttribute("price", price);
            model.addAttribute("cost", cost);
            return show(id, Faults.of(reader.problems(), words), model);
        }
        next.addFlashAttribute("done", words.text("done.fabric-priced", goods.price(id, prices).name()));
        return "redirect:/stock/goods/" + id;
    }

    private String book(
            long id, BookForm form, int least, IntFunction<Outcome<Long>> booking, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        int count = reader.number("count", form.count(), least, MOST);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : booking.apply(count);
        return outcome.match(
                left -> {
                    next.addFlashAttribute("done", words.text("done.good-booked", goods.good(id).name(), left));
                    return "redirect:/stock/goods/" + id;
                },
                problems -> show(id, Faults.of(problems, words), model));
    }

    private String show(long id, Faults faults, Model model) {
        Good good = goods.good(id);
        GoodService.GoodCount count = goods.counts(List.of(id)).get(id);
        model.addAttribute("good", new ListedGood(good, kind(good), count));
        model.addAttribute("book", count.itemId() == 0
                ? List.of()
                : stock.linesOf(count.itemId(), 200).stream()
                        .map(line -> CountLine.of(line, words, clock.instant()))
                        .toList());
        good.precut().ifPresent(kind -> {
            model.addAttribute("printCount", goods.prints(id).size());
            model.addAttribute("planned", good.measured().or(kind::cautious).map(SheetText::write).orElse(""));
            model.addAttribute("measured", good.measured().map(SheetText::write).orElse(""));
        });
        if (!model.containsAttribute("price")) {
            model.addAttribute("price", good.prices().price().map(Money::plainAmount).orElse(""));
            model.addAttribute("cost", good.prices().cost().map(Money::plainAmount).orElse(""));
        }
        model.addAttribute("currency", priceList.usual().currency().getCurrencyCode());
        model.addAttribute("clientId", UUID.randomUUID());
        model.addAttribute("faults", faults);
        return "stock/good";
    }

    @GetMapping("/new")
    String newGood(Model model) {
        return showNew(NewGoodForm.empty(), Faults.NONE, model);
    }

    @PostMapping("/new")
    String add(NewGoodForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Outcome<Good> outcome = form.read(reader).map(goods::add).orElseGet(() -> Outcome.refused(reader.problems()));
        return outcome.match(
                good -> {
                    next.addFlashAttribute("done", words.text("done.good-added", good.name()));
                    return "redirect:/stock/goods/" + good.id();
                },
                problems -> showNew(form, Faults.of(problems, words), model));
    }

    private String showNew(NewGoodForm form, Faults faults, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("kinds", Stream.of(PrecutKind.values())
                .map(kind -> new Kind(kind.name(), words.text("precut." + kind.code()))).toList());
        model.addAttribute("faults", faults);
        return "stock/new-good";
    }
}
