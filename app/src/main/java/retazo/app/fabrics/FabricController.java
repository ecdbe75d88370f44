package retazo.app.fabrics;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Seen;
import retazo.app.shared.Words;

/** Adds fabrics and changes them. */
@Controller
class FabricController {

    private final FabricService fabrics;
    private final PriceListService priceList;
    private final PracticeService practice;
    private final Words words;

    FabricController(FabricService fabrics, PriceListService priceList, PracticeService practice, Words words) {
        this.fabrics = fabrics;
        this.priceList = priceList;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/stock/fabrics/new")
    String newFabric(Model model) {
        return show(model, null, FabricForm.empty(), "", Faults.NONE);
    }

    @PostMapping("/stock/fabrics/new")
    String add(FabricForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Outcome<Fabric> outcome = read(form, reader).map(fabrics::add).orElseGet(() -> Outcome.refused(reader.problems()));
        return outcome.match(fabric -> done(fabric, "done.fabric-added", next),
                problems -> show(model, null, form, "", Faults.of(problems, words)));
    }

    @GetMapping("/stock/fabrics/{id}")
    String fabric(@PathVariable long id, Model model) {
        Fabric fabric = fabrics.fabric(id);
        FabricForm form = FabricForm.of(fabric);
        return show(model, fabric, form, Seen.mark(form.texts()), Faults.NONE);
    }

    @PostMapping("/stock/fabrics/{id}")
    String change(
            @PathVariable long id, FabricForm form, @RequestParam(defaultValue = "") String seen, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Fabric fabric = fabrics.fabric(id);
        Optional<NewFabric> wanted = read(form, reader);
        if (wanted.isEmpty()) {
            return show(model, fabric, form, seen, Faults.of(reader.problems(), words));
        }
        return fabrics.change(id, wanted.get(), form, seen).match(
                changed -> done(changed, "done.fabric-changed", next),
                problems -> show(
                        model, fabric, form, Seen.next(seen, problems, () -> Seen.mark(FabricForm.of(fabrics.fabric(id)).texts())),
                        Faults.of(problems, words)));
    }

    private Optional<NewFabric> read(FabricForm form, FieldReader reader) {
        return form.read(reader, priceList.usual().currency(), practice.practice().sellingUnit());
    }

    private String done(Fabric fabric, String sentence, RedirectAttributes next) {
        next.addFlashAttribute("done", words.text(sentence, fabric.name()));
        next.addAttribute("words", fabric.code());
        return "redirect:/stock";
    }

    private String show(Model model, @Nullable Fabric fabric, FabricForm form, String seen, Faults faults) {
        FabricPage page = new FabricPage(
                fabric, priceList.usual().currency().getCurrencyCode(), words.text("price.unit." + practice.practice().sellingUnit()),
                seen);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "fabrics/fabric";
    }
}
