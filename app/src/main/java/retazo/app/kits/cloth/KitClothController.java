package retazo.app.kits.cloth;

import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.cloth.ClothSettings;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.kit.Instructions;

/** How each cloth of a kit is cut, and by whose instructions its length is sold. */
@Controller
class KitClothController {

    private static final int LONGEST_REASON = 200;

    private final KitService kits;
    private final KitBook book;
    private final KitClothPages pages;
    private final Words words;

    KitClothController(KitService kits, KitBook book, KitClothPages pages, Words words) {
        this.kits = kits;
        this.book = book;
        this.pages = pages;
        this.words = words;
    }

    @GetMapping("/kits/{id}/cloth")
    String cloth(
            @PathVariable long id, @RequestParam(defaultValue = "") String fabric, @RequestParam(defaultValue = "") String together,
            @RequestParam(defaultValue = "false") boolean others, ClothSettings settings, Model model) {
        return show(book.kit(id), fabric, new KitClothPage.Asked(settings, together, others, ""), Faults.NONE, model);
    }

    @PostMapping("/kits/{id}/instructions")
    String sellBy(
            @PathVariable long id, @RequestParam Instructions wanted, @RequestParam(defaultValue = "") String fabric,
            @RequestParam(defaultValue = "") String reason, @AuthenticationPrincipal SignedIn person, RedirectAttributes next,
            Model model) {
        FieldReader reader = new FieldReader();
        String why = reader.optionalText("reason", reason, LONGEST_REASON);
        if (reader.anyProblem()) {
            return refused(id, fabric, reason, Faults.of(reader.problems(), words), model);
        }
        return kits.sellBy(id, wanted, why, person.personId()).match(
                kit -> {
                    next.addAttribute("fabric", fabric);
                    return "redirect:/kits/" + id + "/cloth";
                },
                problems -> refused(id, fabric, reason, Faults.of(problems, words), model));
    }

    private String refused(long id, String fabric, String reason, Faults faults, Model model) {
        return show(book.kit(id), fabric, KitClothPages.plainly(reason), faults, model);
    }

    private String show(Kit kit, String code, KitClothPage.Asked asked, Faults faults, Model model) {
        Optional<KitClothPage.Precut> precut = pages.precut(kit, code, asked.reason(), faults);
        if (precut.isPresent()) {
            model.addAttribute("page", precut.get());
            return "kits/precut";
        }
        KitClothPage page = pages.page(kit, code, asked, faults);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "kits/cloth";
    }
}
