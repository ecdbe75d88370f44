package retazo.app.kits.cloth;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;

/** From the cloth to the size: what a pattern becomes of lengths and bolts that are there. Nothing is kept. */
@Controller
class ClothController {

    private final PatternService patterns;
    private final ClothKnown cloth;
    private final PracticeService practice;
    private final Words words;

    ClothController(PatternService patterns, ClothKnown cloth, PracticeService practice, Words words) {
        this.patterns = patterns;
        this.cloth = cloth;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/from-cloth")
    String fromCloth(@PathVariable long id, ClothForm form, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        if (pattern.design().drawing().isEmpty() || pattern.design().grids().isEmpty()) {
            return "redirect:/patterns/" + id + "/quilt";
        }
        FieldReader reader = new FieldReader();
        ClothPage.Known known = cloth.read(pattern, form, reader);
        model.addAttribute("page", ClothPage.of(pattern, form, known, practice.practice(), words));
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "kits/from-cloth";
    }
}
