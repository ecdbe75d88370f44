package retazo.app.today;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import retazo.app.staff.SignedIn;

/** The first page: what waits. */
@Controller
class TodayController {

    private final TodayService today;

    TodayController(TodayService today) {
        this.today = today;
    }

    @GetMapping("/")
    String today(@AuthenticationPrincipal SignedIn person, Model model) {
        TodayService.Page page = today.page(person);
        model.addAttribute("firstDay", page.firstDay());
        model.addAttribute("matters", page.matters());
        model.addAttribute("floor", page.floor());
        model.addAttribute("prints", page.floor().prints());
        return "today/today";
    }
}
