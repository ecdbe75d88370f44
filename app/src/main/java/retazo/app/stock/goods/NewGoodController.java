package retazo.app.stock.goods;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Choice;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;

/** Adds a precut or a notion to what is counted. */
@Controller
@RequestMapping("/stock/goods/new")
class NewGoodController {

    private final GoodService goods;
    private final Words words;

    NewGoodController(GoodService goods, Words words) {
        this.goods = goods;
        this.words = words;
    }

    /** The page. */
    record Page(NewGoodForm form, List<Choice> precuts, List<Choice> notions) {
    }

    @GetMapping
    String ask(Model model) {
        return show(NewGoodForm.empty(), Faults.NONE, model);
    }

    @PostMapping
    String add(NewGoodForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Outcome<Good> outcome = form.read(reader).map(goods::add).orElseGet(() -> Outcome.refused(reader.problems()));
        return outcome.match(
                good -> {
                    next.addFlashAttribute("done", words.text("done.good-added", good.name()));
                    return "redirect:/stock/goods/" + good.id();
                },
                problems -> show(form, Faults.of(problems, words), model));
    }

    private String show(NewGoodForm form, Faults faults, Model model) {
        model.addAttribute("page", new Page(
                form,
                NewGoodForm.precuts().stream().map(kind -> new Choice(kind.name(), words.text("precut." + kind.code()))).toList(),
                Stream.of(GoodKind.Notion.Sort.values())
                        .map(sort -> new Choice(sort.name(), words.text("notion." + sort.code()))).toList()));
        model.addAttribute("faults", faults);
        return "stock/new-good";
    }
}
