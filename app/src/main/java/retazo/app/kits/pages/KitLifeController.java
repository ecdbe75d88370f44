package retazo.app.kits.pages;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.KitLife;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** A kit's colours are renamed, its line ends and is taken up again. */
@Controller
class KitLifeController {

    private static final int LONGEST_NAME = 60;

    private final KitLife life;
    private final Words words;

    KitLifeController(KitLife life, Words words) {
        this.life = life;
        this.words = words;
    }

    @PostMapping("/kits/{id}/rename")
    String rename(
            @PathVariable long id, @RequestParam(defaultValue = "") String colourway, @RequestParam(defaultValue = "") String seen,
            RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        String name = reader.text("colourway", colourway, LONGEST_NAME);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : life.rename(id, seen, name);
        outcome.match(
                done -> next.addFlashAttribute("done", words.text("kit.renamed", name)),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))).addFlashAttribute("typedName", colourway));
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/end")
    String end(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        life.end(id, person.personId());
        next.addFlashAttribute("done", words.text("kit.ended"));
        return "redirect:/kits/" + id;
    }

    @PostMapping("/kits/{id}/go-on")
    String goOn(@PathVariable long id, RedirectAttributes next) {
        life.goOn(id);
        next.addFlashAttribute("done", words.text("kit.goes-on"));
        return "redirect:/kits/" + id;
    }
}
