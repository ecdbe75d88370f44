package retazo.app.shelf;

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
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;

/** Kits on the shelf: sell one, take one back, and the book behind them. */
@Controller
@RequestMapping("/shelf")
class ShelfController {

    private final ShelfPages pages;
    private final KitBook kits;
    private final KitShelf shelf;
    private final Words words;

    ShelfController(ShelfPages pages, KitBook kits, KitShelf shelf, Words words) {
        this.pages = pages;
        this.kits = kits;
        this.shelf = shelf;
        this.words = words;
    }

    @GetMapping
    String list(
            @RequestParam(name = "words", defaultValue = "") String search, @RequestParam(defaultValue = "0") int page, Model model) {
        ShelfPages.ListPage list = pages.list(search, Paging.number(page));
        model.addAttribute("page", list);
        return "shelf/list";
    }

    @GetMapping("/{kitId}")
    String book(@PathVariable long kitId, Model model) {
        ShelfPages.KitPage page = pages.kit(kitId);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "shelf/kit";
    }

    @PostMapping("/{kitId}/sell")
    String sell(
            @PathVariable long kitId, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return move(kitId, -1, Reason.KIT_SOLD, clientId, person, "shelf.sold", redirect);
    }

    @PostMapping("/{kitId}/take-back")
    String takeBack(
            @PathVariable long kitId, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return move(kitId, 1, Reason.KIT_RETURNED, clientId, person, "shelf.taken-back", redirect);
    }

    private String move(
            long kitId, int count, Reason reason, UUID clientId, SignedIn person, String sentence, RedirectAttributes redirect) {
        Kit kit = kits.kit(kitId);
        shelf.move(kitId, count, reason, Entry.of(person.personId(), clientId)).match(
                left -> redirect.addFlashAttribute("done", words.text(sentence, kit.name(), left)),
                problems -> redirect.addFlashAttribute("refused", kit.name() + ": " + words.of(problems.get(0))));
        return "redirect:/shelf";
    }
}
