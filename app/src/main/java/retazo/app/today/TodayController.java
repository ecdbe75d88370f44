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
    private final FloorBoard board;

    TodayController(TodayService today, FloorBoard board) {
        this.today = today;
        this.board = board;
    }

    @GetMapping("/")
    String today(@AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("matters", today.matters(person));
        FloorBoard.Floor floor = board.of(person::may);
        model.addAttribute("floor", floor);
        model.addAttribute("prints", floor.prints());
        return "today/today";
    }
}
