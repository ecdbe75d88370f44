package retazo.app.today;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The first page. */
@Controller
class TodayController {

    @GetMapping("/")
    String today() {
        return "today/today";
    }
}
