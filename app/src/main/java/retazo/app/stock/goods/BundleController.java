package retazo.app.stock.goods;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;

/** The prints in a bundle, typed from the table where it lies open. */
@Controller
@RequestMapping("/stock/goods/{id}/prints")
class BundleController {

    private final GoodService goods;
    private final Words words;

    BundleController(GoodService goods, Words words) {
        this.goods = goods;
        this.words = words;
    }

    @GetMapping
    String show(@PathVariable long id, Model model) {
        return show(id, PrintsText.write(goods.prints(id)), Faults.NONE, model);
    }

    @PostMapping
    String keep(@PathVariable long id, @RequestParam(defaultValue = "") String prints, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        List<BundlePrint> read = PrintsText.read("prints", prints, reader);
        if (reader.anyProblem()) {
            return show(id, prints, Faults.of(reader.problems(), words), model);
        }
        goods.print(id, read);
        next.addFlashAttribute("done", words.text("done.prints", goods.good(id).name(), read.size()));
        return "redirect:/stock/goods/" + id;
    }

    private String show(long id, String prints, Faults faults, Model model) {
        model.addAttribute("good", goods.good(id));
        model.addAttribute("prints", prints);
        model.addAttribute("faults", faults);
        return "stock/prints";
    }
}
