package retazo.app.kits.pages;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.shared.Paging;

/** The list of kits, and the page of one. */
@Controller
class KitController {

    private final KitPages pages;

    KitController(KitPages pages) {
        this.pages = pages;
    }

    @GetMapping("/kits")
    String list(
            @RequestParam(name = "words", defaultValue = "") String search, @RequestParam(defaultValue = "0") int page, Model model) {
        KitPages.ListPage list = pages.list(search, Paging.number(page));
        model.addAttribute("page", list);
        return "kits/list";
    }

    @GetMapping("/kits/{id}")
    String kit(@PathVariable long id, @RequestParam Optional<String> figure, Model model) {
        KitPage page = pages.page(id, figure);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "kits/kit";
    }
}
