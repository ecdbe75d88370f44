package retazo.app.kits.pages;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.KitBook;
import retazo.app.kits.sources.KitNotion;
import retazo.app.kits.KitService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;

/** Notions that go along in every bag of a kit. */
@Controller
@RequestMapping("/kits/{id}/notions")
class KitNotionController {

    private final KitService kits;
    private final KitBook book;
    private final GoodService goods;
    private final Words words;

    KitNotionController(KitService kits, KitBook book, GoodService goods, Words words) {
        this.kits = kits;
        this.book = book;
        this.goods = goods;
        this.words = words;
    }

    /** Puts so many of a notion into every bag from now on; none for 0. Bags of confirmed runs keep what they have. */
    @PostMapping
    String take(@PathVariable long id, @RequestParam long good, @RequestParam(defaultValue = "") String count, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        int each = reader.number("count", count, 0, KitNotion.MOST);
        Good notion = goods.good(good);
        if (!notion.isNotion()) {
            throw new NotFoundException("notion", good);
        }
        if (reader.anyProblem()) {
            next.addFlashAttribute("refused", words.of(reader.problems().get(0)));
            return "redirect:/kits/" + id + "#notions";
        }
        kits.take(id, book.kit(id).sources().with(notion, each)).match(
                kit -> next.addFlashAttribute("done", words.text(each > 0 ? "done.notion" : "done.notion-out", notion.name(), each)),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        return "redirect:/kits/" + id + "#notions";
    }
}
