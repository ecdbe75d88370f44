package retazo.app.fabrics;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import retazo.app.shared.Faults;
import retazo.app.shared.Words;

/** Adds a fabric. */
@Controller
class FabricController {

    private final FabricService fabrics;
    private final Words words;

    FabricController(FabricService fabrics, Words words) {
        this.fabrics = fabrics;
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

    private String show(Model model, FabricForm form, Faults faults) {
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("motifs", Motif.values());
        return "fabrics/new";
    }
}
