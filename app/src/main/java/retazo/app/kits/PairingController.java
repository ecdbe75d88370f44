package retazo.app.kits;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.core.block.RoleKey;
import retazo.core.measure.Problem;
import retazo.core.precut.PrintMatching;

/** The pairing list of a kit: which prints of its bundles go into which unit. */
@Controller
@RequestMapping("/kits/{id}/pairing")
class PairingController {

    private final KitService kits;
    private final KitPairings pairings;
    private final Words words;

    PairingController(KitService kits, KitPairings pairings, Words words) {
        this.kits = kits;
        this.pairings = pairings;
        this.words = words;
    }

    /** What a unit takes, as typed. */
    record RuleForm(@Nullable String role, @Nullable String units, @Nullable String places, @Nullable String identical) {

        Optional<PairingRule> read(FieldReader reader) {
            int readUnits = reader.number("units", units, 1, PairingRule.MOST_UNITS);
            int readIdentical = reader.number("identical", identical, 1, PairingRule.MOST_IDENTICAL);
            Optional<PrintMatching.Unit> unit = PairingRule.unit(places == null ? "" : places, readIdentical);
            if (unit.isEmpty()) {
                reader.add(Problem.at("places", "pairing.places"));
            }
            return reader.anyProblem() ? Optional.empty() : unit.map(one -> new PairingRule(readUnits, one));
        }
    }

    @GetMapping
    String show(@PathVariable long id, Model model) {
        return show(id, null, Faults.NONE, model);
    }

    @PostMapping
    String keep(@PathVariable long id, RuleForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Optional<PairingRule> rule = form.read(reader);
        if (rule.isEmpty()) {
            return show(id, form, Faults.of(reader.problems(), words), model);
        }
        RoleKey role = pairings.of(kits.kit(id)).stream().map(bundle -> bundle.role().key())
                .filter(key -> key.value().equals(form.role())).findFirst()
                .orElseThrow(() -> new NotFoundException("role from a bundle", String.valueOf(form.role())));
        pairings.keep(id, role, rule.get());
        next.addFlashAttribute("done", words.text("done.pairing"));
        return "redirect:/kits/" + id + "/pairing";
    }

    private String show(long id, @Nullable RuleForm typed, Faults faults, Model model) {
        Kit kit = kits.kit(id);
        List<PairingView> bundles = pairings.of(kit).stream().map(bundle -> PairingView.of(bundle, words)).toList();
        model.addAttribute("kit", kit);
        model.addAttribute("bundles", bundles);
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        return "kits/pairing";
    }
}
