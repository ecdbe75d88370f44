package retazo.app.fabrics;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.Prices;

/** Adds a fabric, and keeps its prices. */
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
        return show(model, FabricForm.empty(), Faults.NONE);
    }

    @PostMapping("/stock/fabrics/new")
    String add(FabricForm form, Model model) {
        return fabrics.add(form).match(
                fabric -> "redirect:/stock?words=" + fabric.code(),
                problems -> show(model, form, Faults.of(problems, words)));
    }

    @GetMapping("/stock/fabrics/{id}/prices")
    String prices(@PathVariable long id, Model model) {
        Fabric fabric = fabrics.fabric(id);
        return showPrices(model, fabric, PriceForm.of(fabric.prices()), Faults.NONE);
    }

    @PostMapping("/stock/fabrics/{id}/prices")
    String price(@PathVariable long id, PriceForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Optional<Prices<ClothPrice>> read = form.read(reader, priceList.usual().currency(), practice.practice().sellingUnit());
        if (read.isEmpty()) {
            return showPrices(model, fabrics.fabric(id), form, Faults.of(reader.problems(), words));
        }
        Fabric fabric = fabrics.price(id, read.get());
        next.addFlashAttribute("done", words.text("done.fabric-priced", fabric.name()));
        next.addAttribute("words", fabric.code());
        return "redirect:/stock";
    }

    private String showPrices(Model model, Fabric fabric, PriceForm form, Faults faults) {
        model.addAttribute("fabric", fabric);
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("prints", List.of(fabric));
        model.addAttribute("currency", priceList.usual().currency().getCurrencyCode());
        model.addAttribute("unit", words.text("price.unit." + practice.practice().sellingUnit()));
        return "fabrics/prices";
    }

    private String show(Model model, FabricForm form, Faults faults) {
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("kinds", ClothKind.values());
        model.addAttribute("motifs", Motif.values());
        return "fabrics/new";
    }
}
