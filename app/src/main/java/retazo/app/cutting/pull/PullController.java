package retazo.app.cutting.pull;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.ShopUnit;
import retazo.app.staff.SignedIn;

/** The pull list, and its ticks. */
@Controller
class PullController {

    private final PullLists lists;
    private final PullTicks ticks;
    private final ShopUnit unit;

    PullController(PullLists lists, PullTicks ticks, ShopUnit unit) {
        this.lists = lists;
        this.ticks = ticks;
        this.unit = unit;
    }

    @GetMapping("/cutting/pull")
    String list(@RequestParam(defaultValue = "") List<Long> run, Model model) {
        PullList page = lists.of(run, unit.sellingUnit());
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "cutting/pull";
    }

    /** Something is fetched, or put back; one goes on with the same runs. */
    @PostMapping("/cutting/pull/{itemId}")
    String tick(
            @PathVariable long itemId, @RequestParam boolean fetched, @RequestParam(defaultValue = "") List<Long> run,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        if (fetched) {
            ticks.fetch(itemId, person.personId());
        } else {
            ticks.putBack(itemId, person.personId());
        }
        redirect.addAttribute("run", run.stream().map(String::valueOf).toList());
        return "redirect:/cutting/pull";
    }
}
