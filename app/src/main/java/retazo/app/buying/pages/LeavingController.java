package retazo.app.buying.pages;

import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.buying.FabricTermsBook;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/** What goes out of print: a range is marked with the last day on which it can be ordered. */
@Controller
@RequestMapping("/stock/buying/leaving")
class LeavingController {

    private final LeavingPages pages;
    private final FabricTermsBook terms;
    private final Words words;

    LeavingController(LeavingPages pages, FabricTermsBook terms, Words words) {
        this.pages = pages;
        this.terms = terms;
        this.words = words;
    }

    @GetMapping
    String page(@RequestParam(defaultValue = "0") int page, Model model) {
        return show(Paging.number(page), "", "", Faults.NONE, model);
    }

    @PostMapping
    String leave(
            @RequestParam(defaultValue = "") String range, @RequestParam(defaultValue = "") String day, RedirectAttributes next,
            Model model) {
        FieldReader reader = new FieldReader();
        String readRange = reader.text("range", range, 60);
        Optional<LocalDate> readDay = reader.day("day", day);
        if (readDay.isEmpty() && !reader.anyProblem()) {
            reader.add(Problem.at("day", "day.missing"));
        }
        if (reader.anyProblem()) {
            return show(0, range, day, Faults.of(reader.problems(), words), model);
        }
        int fabrics = terms.leaveRange(readRange, readDay.orElseThrow());
        if (fabrics == 0) {
            reader.add(Problem.at("range", "buying.no-such-range", readRange));
            return show(0, range, day, Faults.of(reader.problems(), words), model);
        }
        next.addFlashAttribute("done", words.text("buying.range-leaves", fabrics, readRange));
        return "redirect:/stock/buying/leaving";
    }

    private String show(int number, String range, String day, Faults faults, Model model) {
        LeavingPages.LeavingPage page = pages.page(number);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("range", range);
        model.addAttribute("day", day);
        model.addAttribute("faults", faults);
        return "buying/leaving";
    }
}
