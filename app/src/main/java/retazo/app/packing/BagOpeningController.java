package retazo.app.packing;

import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;

/** Opens bags again, and takes them apart. */
@Controller
class BagOpeningController {

    private final BagOpening opening;
    private final Words words;

    BagOpeningController(BagOpening opening, Words words) {
        this.opening = opening;
        this.words = words;
    }

    @PostMapping("/packing/bags/{id}/open")
    String open(@PathVariable long id, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return opening.open(id, Entry.of(person.personId(), clientId)).match(
                done -> told(redirect, "done", words.text("pack.opened"), "/packing/bags/" + id),
                problems -> told(redirect, "refused", words.of(problems.get(0)), "/packing/bags/" + id));
    }

    @PostMapping("/packing/bags/{id}/take-apart")
    String takeApart(
            @PathVariable long id, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        return opening.takeApart(id, Entry.of(person.personId(), clientId)).match(
                remnants -> told(redirect, "done", words.text("pack.taken-apart", remnants), "/packing"),
                problems -> told(redirect, "refused", words.of(problems.get(0)), "/packing/bags/" + id));
    }

    private static String told(RedirectAttributes redirect, String how, String sentence, String path) {
        redirect.addFlashAttribute(how, sentence);
        return "redirect:" + path;
    }
}
