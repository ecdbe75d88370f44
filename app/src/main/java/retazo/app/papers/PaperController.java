package retazo.app.papers;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWorks;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;

/** Shows papers ready to print. */
@Controller
class PaperController {

    private final KitBook kits;
    private final KitWorks works;
    private final PracticeService practice;
    private final Words words;

    PaperController(KitBook kits, KitWorks works, PracticeService practice, Words words) {
        this.kits = kits;
        this.works = works;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/kits/{id}/cutting-page")
    String cuttingPage(@PathVariable long id, Model model) {
        Kit kit = kits.kit(id);
        if (!kit.hasOurPage()) {
            throw new NotFoundException("cutting page of a kit that does not come with one", id);
        }
        model.addAttribute("page", CuttingPage.of(works.work(kit), practice.practice(), practice.notes(), words));
        model.addAttribute("prints", kit.fabrics().values().stream().distinct().toList());
        return "papers/cutting-page";
    }

    /** What lies in a bag, for every kit. */
    @GetMapping("/kits/{id}/contents")
    String contents(@PathVariable long id, Model model) {
        Kit kit = kits.kit(id);
        model.addAttribute("page", ContentsPage.of(works.work(kit), practice.packets(), practice.practice().sellingUnit(), words));
        model.addAttribute("quilt", QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink));
        model.addAttribute("prints", kit.fabrics().values().stream().distinct().toList());
        return "papers/contents";
    }
}
