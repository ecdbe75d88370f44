package retazo.app.shelf;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriUtils;
import retazo.app.packing.BagOpening;
import retazo.app.runs.BagShelf;
import retazo.app.runs.FoundBags;
import retazo.app.sales.Sales;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;

/** Kits on the shelf, and their bags by number: sold, taken back, opened for their cloth. */
@Controller
@RequestMapping("/shelf")
class ShelfController {

    private static final int MOST_FOUND = 100;

    private final ShelfPages pages;
    private final BagPages bagPages;
    private final BagShelf shelf;
    private final Sales sales;
    private final BagOpening opening;
    private final FoundBags found;
    private final Words words;

    ShelfController(ShelfPages pages, BagPages bagPages, BagShelf shelf, Sales sales, BagOpening opening, FoundBags found,
            Words words) {
        this.pages = pages;
        this.bagPages = bagPages;
        this.shelf = shelf;
        this.sales = sales;
        this.opening = opening;
        this.found = found;
        this.words = words;
    }

    /** What is typed is a bag's number, or words of a kit. */
    @GetMapping
    String list(
            @RequestParam(name = "words", defaultValue = "") String search, @RequestParam(defaultValue = "0") int page, Model model) {
        if (!search.isBlank() && shelf.named(search).isPresent()) {
            return "redirect:/shelf/bags/" + UriUtils.encodePathSegment(search.strip(), StandardCharsets.UTF_8);
        }
        ShelfPages.ListPage list = pages.list(search, Paging.number(page));
        model.addAttribute("page", list);
        return "shelf/list";
    }

    @GetMapping("/{kitId}")
    String book(@PathVariable long kitId, Model model) {
        return show(kitId, Faults.NONE, model);
    }

    private String show(long kitId, Faults faults, Model model) {
        model.addAttribute("faults", faults);
        ShelfPages.KitPage page = pages.kit(kitId);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "shelf/kit";
    }

    @GetMapping("/bags/{code}")
    String bag(@PathVariable String code, Model model) {
        BagPages.BagPage page = bagPages.bag(bagId(code));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "shelf/bag";
    }

    @PostMapping("/bags/{code}/sell")
    String sell(
            @PathVariable String code, @RequestParam UUID clientId, @RequestParam(defaultValue = "") String from,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return told(sales.sellBag(bagId(code), Entry.of(person.personId(), clientId)), code, "shelf.sold", from, redirect);
    }

    @PostMapping("/bags/{code}/take-back")
    String takeBack(
            @PathVariable String code, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return told(sales.bagReturned(bagId(code), Entry.of(person.personId(), clientId)), code, "shelf.taken-back", "", redirect);
    }

    /** The book has it here, and it is not. */
    @PostMapping("/bags/{code}/missing")
    String missing(
            @PathVariable String code, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return told(shelf.missing(bagId(code), Entry.of(person.personId(), clientId)), code, "shelf.missing", "", redirect);
    }

    /** Opens a bag that nobody bought for its cloth. */
    @PostMapping("/bags/{code}/open")
    String open(
            @PathVariable String code, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return told(opening.openForCloth(bagId(code), Entry.of(person.personId(), clientId)), code, "shelf.opened", "", redirect);
    }

    /** Bags of a kit stand on the shelf that are in no book. */
    @PostMapping("/{kitId}/found")
    String found(
            @PathVariable long kitId, @RequestParam String bags, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person,
            Model model, RedirectAttributes redirect) {
        FieldReader reader = new FieldReader();
        int count = reader.number("bags", bags, 1, MOST_FOUND);
        if (!pages.isKit(kitId)) {
            throw new NotFoundException("kit", kitId);
        }
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : found.add(new TreeMap<>(Map.of(kitId, count)), Entry.of(person.personId(), clientId));
        return outcome.match(first -> {
            redirect.addFlashAttribute("done", words.text("shelf.kit.found", count));
            redirect.addFlashAttribute("foundEntry", clientId);
            return "redirect:/shelf/" + kitId;
        }, problems -> {
            model.addAttribute("typed", bags);
            return show(kitId, Faults.of(problems, words), model);
        });
    }

    private long bagId(String code) {
        return shelf.named(code).orElseThrow(() -> new NotFoundException("bag", code));
    }

    /** @param from {@code list} for who pressed in the list and goes on there */
    private String told(Outcome<Long> outcome, String code, String sentence, String from, RedirectAttributes redirect) {
        outcome.match(
                done -> redirect.addFlashAttribute("done", words.text(sentence, code.toUpperCase(Locale.ROOT))),
                problems -> redirect.addFlashAttribute("refused", words.of(problems.get(0))));
        return from.equals("list") ? "redirect:/shelf" : "redirect:/shelf/bags/" + code;
    }
}
