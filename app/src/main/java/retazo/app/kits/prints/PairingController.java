package retazo.app.kits.prints;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitSingle;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Problem;
import retazo.core.precut.PrintMatching;

/** The pairing list of a kit: which prints of its bundles go into which unit. */
@Controller
@RequestMapping("/kits/{id}/pairing")
class PairingController {

    private final KitBook kits;
    private final KitPairings pairings;
    private final GoodService goods;
    private final Words words;

    PairingController(KitBook kits, KitPairings pairings, GoodService goods, Words words) {
        this.kits = kits;
        this.pairings = pairings;
        this.goods = goods;
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

    /** Takes a loose precut in place of a print that is left out. */
    @PostMapping("/singles")
    String take(
            @PathVariable long id, @RequestParam String role, @RequestParam String good, @RequestParam PrintMatching.Value value,
            @RequestParam(defaultValue = "") String count, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        int read = reader.number("single", count, 1, KitSingle.MOST);
        Good loose = goods.byCode(good).filter(one -> one.precut().isPresent()).orElseThrow(() -> new NotFoundException("precut", good));
        Outcome<Kit> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : pairings.take(id, new KitSingle(new RoleKey(role), loose, value, read));
        return outcome.match(
                kit -> {
                    next.addFlashAttribute("done", words.text("done.single", loose.name()));
                    return "redirect:/kits/" + id + "/pairing";
                },
                problems -> show(id, new RuleForm(role, null, null, null), Faults.of(problems, words), model));
    }

    @PostMapping("/singles/{good}/give-back")
    String giveBack(@PathVariable long id, @PathVariable long good, RedirectAttributes next) {
        pairings.giveBack(id, good);
        next.addFlashAttribute("done", words.text("done.single-given-back"));
        return "redirect:/kits/" + id + "/pairing";
    }

    private String show(long id, @Nullable RuleForm typed, Faults faults, Model model) {
        Kit kit = kits.kit(id);
        List<PairingView> bundles = pairings.of(kit).stream()
                .map(bundle -> PairingView.of(bundle, pairings.replacements(kit, bundle), words)).toList();
        model.addAttribute("kit", kit);
        model.addAttribute("bundles", bundles);
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        return "kits/pairing";
    }
}
