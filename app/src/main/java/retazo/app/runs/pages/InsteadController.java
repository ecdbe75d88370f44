package retazo.app.runs.pages;

import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.runs.instead.RunInsteads;
import retazo.app.shared.NotFoundException;
import retazo.app.staff.SignedIn;

/** Makes bags that lack a fabric with another one, or one size smaller. */
@Controller
class InsteadController {

    private final InsteadPages pages;
    private final RunInsteads insteads;
    private final PressedRun pressed;

    InsteadController(InsteadPages pages, RunInsteads insteads, PressedRun pressed) {
        this.pages = pages;
        this.insteads = insteads;
        this.pressed = pressed;
    }

    @GetMapping("/runs/{id}/instead")
    String offers(@PathVariable long id, @RequestParam Optional<Integer> bag, @RequestParam Optional<Long> kit, Model model) {
        InsteadPages.Page page = bag.map(number -> pages.bag(id, number))
                .orElseGet(() -> pages.kit(id, kit.orElseThrow(() -> new NotFoundException("kit", 0))));
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "runs/instead";
    }

    @PostMapping("/runs/{id}/instead")
    String take(
            @PathVariable long id, InsteadForm form, @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        return pressed.shown(insteads.take(form.wanted(id), person.personId()), model, redirect, id, "run.instead-done");
    }
}
