package retazo.app.kits.pages;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.kits.KitLife;
import retazo.app.patterns.PatternService;
import retazo.app.shared.Moments;
import retazo.app.shared.Paging;

/** The list of kits, and the page of one. */
@Controller
class KitController {

    private final KitPages pages;
    private final KitLife life;
    private final PatternService patterns;
    private final Clock clock;

    KitController(KitPages pages, KitLife life, PatternService patterns, Clock clock) {
        this.pages = pages;
        this.patterns = patterns;
        this.life = life;
        this.clock = clock;
    }

    @GetMapping("/kits")
    String list(
            @RequestParam(name = "words", defaultValue = "") String search, @RequestParam(defaultValue = "false") boolean ended,
            @RequestParam(defaultValue = "0") int page, Model model) {
        KitPages.ListPage list = pages.list(search, ended, Paging.number(page));
        model.addAttribute("page", list);
        return "kits/list";
    }

    @GetMapping("/kits/{id}")
    String kit(@PathVariable long id, @RequestParam Optional<String> figure, Model model) {
        KitPage page = pages.page(id, figure);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("ended", life.endedAt(id).map(at -> Moments.near(at, clock.instant())).orElse(""));
        model.addAttribute("replacedBy", life.replacedBy(id));
        model.addAttribute("newer", patterns.newestOf(page.kit().pattern().patternId()).id() != page.kit().pattern().id());
        return "kits/kit";
    }
}
