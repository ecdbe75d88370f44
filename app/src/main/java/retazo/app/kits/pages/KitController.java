package retazo.app.kits.pages;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.cloth.FigureView;
import retazo.app.stock.goods.GoodService;

/** The list of kits, and the page of one. */
@Controller
class KitController {

    private final KitPages pages;
    private final GoodService goods;

    KitController(KitPages pages, GoodService goods) {
        this.pages = pages;
        this.goods = goods;
    }

    @GetMapping("/kits")
    String list(@RequestParam(name = "words", defaultValue = "") String search, Model model) {
        KitPages.ListPage page = pages.list(search);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "kits/list";
    }

    @GetMapping("/kits/{id}")
    String kit(@PathVariable long id, @RequestParam Optional<String> figure, Model model) {
        KitPage page = pages.page(id, figure);
        model.addAttribute("page", page);
        model.addAttribute("openKey", page.opened().map(FigureView::key).orElse(""));
        model.addAttribute("prints", page.kit().fabrics().values().stream().distinct().toList());
        model.addAttribute("notions", goods.notions());
        return "kits/kit";
    }
}
