package retazo.app.shelf;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.util.List;
import java.util.Map;
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
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.app.stock.KitShelf;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.CountLine;

/** Kits on the shelf: sell one, take one back, and the book behind them. */
@Controller
@RequestMapping("/shelf")
class ShelfController {

    private static final int LINES_OF_A_BOOK = 100;

    private final KitBook kits;
    private final StockService stock;
    private final KitShelf shelf;
    private final Words words;
    private final Clock clock;

    ShelfController(KitBook kits, StockService stock, KitShelf shelf, Words words, Clock clock) {
        this.kits = kits;
        this.stock = stock;
        this.shelf = shelf;
        this.words = words;
        this.clock = clock;
    }

    /** A kit on the shelf. */
    record ShelfLine(Kit kit, QuiltPicture picture, long onHand, UUID sellId, UUID returnId) {
    }

    @GetMapping
    String list(@RequestParam(name = "words", defaultValue = "") String search, Model model) {
        String lower = search.strip().toLowerCase(java.util.Locale.ROOT);
        Map<Long, KitShelf.KitCount> counts = shelf.counts();
        List<ShelfLine> lines = kits.all().stream()
                .filter(kit -> counts.containsKey(kit.id()) && kit.name().toLowerCase(java.util.Locale.ROOT).contains(lower))
                .map(kit -> new ShelfLine(
                        kit, QuiltPicture.of("kit-" + kit.id(), kit.pattern().design(), kit.size(), kit::ink),
                        requireNonNull(counts.get(kit.id())).onHand(), UUID.randomUUID(), UUID.randomUUID()))
                .toList();
        model.addAttribute("search", search);
        model.addAttribute("lines", lines);
        model.addAttribute("prints", lines.stream().flatMap(line -> line.kit().fabrics().values().stream()).distinct().toList());
        return "shelf/list";
    }

    @GetMapping("/{kitId}")
    String book(@PathVariable long kitId, Model model) {
        Kit kit = kits.kit(kitId);
        KitShelf.KitCount count = shelf.counts().get(kitId);
        if (count == null) {
            throw new retazo.app.shared.NotFoundException("kit on the shelf", kitId);
        }
        List<Fabric> prints = kit.fabrics().values().stream().distinct().toList();
        model.addAttribute("kit", kit);
        model.addAttribute("onHand", count.onHand());
        model.addAttribute("picture", QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink));
        model.addAttribute("prints", prints);
        model.addAttribute("book", stock.linesOf(count.stockItemId(), LINES_OF_A_BOOK).stream()
                .map(line -> CountLine.of(line, words, clock.instant()))
                .toList());
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
