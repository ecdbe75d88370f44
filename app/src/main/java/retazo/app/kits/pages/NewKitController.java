package retazo.app.kits.pages;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.kits.KitService;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;

/** Makes kits of a pattern's sizes in a new colourway. */
@Controller
class NewKitController {

    private final KitService kits;
    private final PatternService patterns;
    private final NewKitPages pages;
    private final ChoosePages choose;
    private final Words words;

    NewKitController(KitService kits, PatternService patterns, NewKitPages pages, ChoosePages choose, Words words) {
        this.kits = kits;
        this.patterns = patterns;
        this.pages = pages;
        this.choose = choose;
        this.words = words;
    }

    @GetMapping(path = "/kits/new", params = "!pattern")
    String choose(@RequestParam(defaultValue = "") String words, Model model) {
        model.addAttribute("page", choose.page(words));
        return "kits/choose";
    }

    @GetMapping(path = "/kits/new", params = "pattern")
    String ask(@RequestParam long pattern, Model model) {
        PatternVersion version = patterns.newestOf(pattern);
        return show(version, pages.empty(version), Faults.NONE, model);
    }

    @PostMapping("/kits/new")
    String add(@RequestParam long pattern, KitForm form, Model model) {
        PatternVersion version = patterns.newestOf(pattern);
        FieldReader reader = new FieldReader();
        Outcome<List<Long>> outcome = form.read(reader, version, pages.named(form))
                .map(kits::add)
                .orElseGet(() -> Outcome.refused(reader.problems()));
        return outcome.match(
                ids -> "redirect:/kits/" + ids.get(0),
                problems -> show(version, form, Faults.of(problems, words), model));
    }

    /** Shows the quilt in the fabrics chosen so far; nothing is kept. */
    @PostMapping("/kits/draw")
    String draw(@RequestParam long pattern, KitForm form, Model model) {
        return show(patterns.newestOf(pattern), form, Faults.NONE, model);
    }

    private String show(PatternVersion pattern, KitForm form, Faults faults, Model model) {
        NewKitPages.Page page = pages.page(pattern, form);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("faults", faults);
        return "kits/new";
    }
}
