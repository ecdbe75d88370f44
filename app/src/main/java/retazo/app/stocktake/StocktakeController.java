package retazo.app.stocktake;

import java.util.List;
import java.util.Optional;
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
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.GoodService;
import retazo.core.measure.Problem;

/** A stocktake on a tablet: place after place, then what differs, then the book. */
@Controller
@RequestMapping("/stock/stocktake")
class StocktakeController {

    private static final int MOST = 100_000;

    private final Stocktakes takes;
    private final StocktakePages pages;
    private final StockService stock;
    private final GoodService goods;
    private final Words words;

    StocktakeController(
            Stocktakes takes, StocktakePages pages, StockService stock, GoodService goods, Words words) {
        this.takes = takes;
        this.pages = pages;
        this.stock = stock;
        this.goods = goods;
        this.words = words;
    }

    @GetMapping
    String all(@RequestParam(defaultValue = "0") int page, Model model) {
        return showAll(Paging.number(page), Faults.NONE, model);
    }

    private String showAll(int page, Faults faults, Model model) {
        model.addAttribute("page", pages.all(page));
        model.addAttribute("faults", faults);
        return "stocktake/all";
    }

    /** Names of places have commas in them, so they are taken one by one as they came; unknown ones are none. */
    @PostMapping
    String begin(
            @RequestParam MultiValueMap<String, String> form, @RequestParam Optional<String> withGoods,
            @RequestParam Optional<String> blind,
            @RequestParam Optional<String> whole, @AuthenticationPrincipal SignedIn person, Model model) {
        List<String> ticked = Optional.ofNullable(form.get("place")).orElse(List.of());
        List<String> places = pages.allPlaces().stream().filter(place -> whole.isPresent() || ticked.contains(place)).toList();
        return takes.begin(places, whole.isPresent() || withGoods.isPresent(), blind.isPresent(), person.personId())
                .match(id -> "redirect:/stock/stocktake/" + id, problems -> showAll(0, Faults.of(problems, words), model));
    }

    @GetMapping("/{id:\\d+}")
    String take(@PathVariable long id, Model model) {
        model.addAttribute("page", pages.take(takes.take(id)));
        return "stocktake/take";
    }

    /** A place with its bolts; or the one bolt whose number was typed or scanned there. */
    @GetMapping("/{id:\\d+}/place")
    String place(
            @PathVariable long id, @RequestParam(defaultValue = "") String place, @RequestParam(defaultValue = "") String bolt,
            @RequestParam(defaultValue = "0") int page, Model model) {
        StocktakeEntity take = takes.take(id);
        Optional<Bolt> found = stock.boltByCode(bolt);
        StocktakePages.PlacePage shown = found.map(one -> pages.found(take, place, one))
                .orElseGet(() -> pages.place(take, place, Paging.number(page)));
        Faults faults = bolt.isBlank() || found.isPresent()
                ? Faults.NONE
                : Faults.of(List.of(Problem.at("bolt", "stocktake.no-bolt", bolt.strip())), words);
        return show(shown, faults, bolt.strip(), model);
    }

    @GetMapping("/{id:\\d+}/goods")
    String goods(@PathVariable long id, @RequestParam(defaultValue = "0") int page, Model model) {
        return show(pages.goods(takes.take(id), Paging.number(page)), Faults.NONE, "", model);
    }

    private static String show(StocktakePages.PlacePage page, Faults faults, String bolt, Model model) {
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("faults", faults);
        model.addAttribute("bolt", bolt);
        return "stocktake/place";
    }

    /** @param gone present where it is not there at all */
    @PostMapping("/{id:\\d+}/bolts/{boltId}")
    String count(
            @PathVariable long id, @PathVariable long boltId, @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String counted, @RequestParam(defaultValue = "") String seen,
            @RequestParam Optional<String> gone,
            @RequestParam(defaultValue = "0") int page, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        String code = stock.bolt(boltId).code();
        String here = reader.optionalText("place", place, 40);
        Amount there = gone.isPresent() ? Amount.NOTHING : Amount.of(reader.length("counted", counted, words.sellingUnit()));
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : takes.countBolt(id, new Stocktakes.Count(boltId, there, here, seen), person.personId());
        next.addAttribute("place", place);
        next.addAttribute("page", page);
        return told(outcome, code, new Typed(boltId, counted), next, "redirect:/stock/stocktake/" + id + "/place");
    }

    @PostMapping("/{id:\\d+}/goods/{goodId}")
    String countGood(
            @PathVariable long id, @PathVariable long goodId, @RequestParam(defaultValue = "") String counted,
            @RequestParam(defaultValue = "") String seen, @RequestParam(defaultValue = "0") int page,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        int there = reader.number("counted", counted, 0, MOST);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : takes.countGood(id, goodId, new Stocktakes.Count(0, Amount.of(there), "", seen), person.personId());
        next.addAttribute("page", page);
        return told(outcome, goods.good(goodId).name(), new Typed(goodId, counted), next, "redirect:/stock/stocktake/" + id + "/goods");
    }

    /** What was typed for something, and could not be kept. */
    private record Typed(long id, String text) {
    }

    private String told(Outcome<Long> outcome, String name, Typed typed, RedirectAttributes next, String back) {
        return outcome.match(done -> {
            next.addFlashAttribute("done", words.text("stocktake.kept", name));
            return back;
        }, problems -> {
            next.addFlashAttribute("refused", name + ": " + words.of(problems.get(0)));
            next.addFlashAttribute("typedAt", typed.id());
            next.addFlashAttribute("typed", typed.text());
            return back;
        });
    }

    @GetMapping("/{id:\\d+}/differences")
    String differences(@PathVariable long id, Model model) {
        return showDifferences(id, Faults.NONE, model);
    }

    private String showDifferences(long id, Faults faults, Model model) {
        model.addAttribute("page", pages.differences(takes.take(id)));
        model.addAttribute("faults", faults);
        return "stocktake/differences";
    }

    @PostMapping("/{id:\\d+}/book")
    String book(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        return takes.book(id, person.personId()).match(booked -> {
            next.addFlashAttribute("done", words.text("stocktake.booked", booked));
            return "redirect:/stock/stocktake/" + id + "/differences";
        }, problems -> {
            model.addAttribute("tooShort", problems.stream().map(words::of).toList());
            return showDifferences(id, Faults.NONE, model);
        });
    }

    @PostMapping("/{id:\\d+}/end")
    String end(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        takes.end(id, person.personId()).match(
                done -> next.addFlashAttribute("done", words.text("stocktake.ended")),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        return "redirect:/stock/stocktake";
    }
}
