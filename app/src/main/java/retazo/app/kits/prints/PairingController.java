package retazo.app.kits.prints;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.PrintRule;
import retazo.core.measure.Problem;
import retazo.core.prints.PrintValue;

/** The prints of a kit: which of its precuts go together, and which go into which unit. */
@Controller
@RequestMapping("/kits/{id}/pairing")
class PairingController {

    private final KitBook kits;
    private final KitPairings pairings;
    private final PairingPages pages;
    private final GoodService goods;
    private final FabricService fabrics;
    private final Words words;

    PairingController(KitBook kits, KitPairings pairings, PairingPages pages, GoodService goods, FabricService fabrics,
            Words words) {
        this.kits = kits;
        this.pairings = pairings;
        this.pages = pages;
        this.goods = goods;
        this.fabrics = fabrics;
        this.words = words;
    }

    @GetMapping
    String show(@PathVariable long id, TriedCloth tried, Model model) {
        return show(id, null, tried, Faults.NONE, model);
    }

    /** Keeps which prints go together. */
    @PostMapping
    String keep(@PathVariable long id, @RequestParam MultiValueMap<String, String> sent, RedirectAttributes next, Model model) {
        PairingForm form = PairingForm.typed(sent);
        KitPairings.Bundle bundle = bundle(id, form.good());
        FieldReader reader = new FieldReader();
        Optional<PrintRule> rule = form.read(bundle.roles(), reader);
        Outcome<Kit> outcome = rule.map(one -> pairings.keep(id, bundle.good(), one)).orElseGet(() -> Outcome.refused(reader.problems()));
        return answer(outcome, id, form, words.text("done.pairing"), next, model);
    }

    /** Mixes the prints of a precut freely. */
    @PostMapping("/mixed")
    String mix(@PathVariable long id, @RequestParam String good, RedirectAttributes next, Model model) {
        KitPairings.Bundle bundle = bundle(id, good);
        return answer(
                pairings.mix(id, bundle.good()), id, PairingForm.of(bundle), words.text("done.pairing-mixed", bundle.good().name()), next,
                model);
    }

    /** Takes a loose precut beside a pack. */
    @PostMapping("/singles")
    String take(
            @PathVariable long id, @RequestParam String role, @RequestParam String good, @RequestParam PrintValue value,
            @RequestParam(defaultValue = "") String count, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        int read = reader.number("single", count, 1, KitSingle.MOST);
        Good loose = goods.byCode(good).filter(one -> one.precut().isPresent()).orElseThrow(() -> new NotFoundException("precut", good));
        Outcome<Kit> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : pairings.take(id, new KitSingle(new RoleKey(role), loose, value, read));
        return answer(outcome, id, formOfRole(id, role), words.text("done.single", loose.name()), next, model);
    }

    @PostMapping("/singles/{good}/give-back")
    String giveBack(@PathVariable long id, @PathVariable long good, RedirectAttributes next, Model model) {
        PairingForm form = kits.kit(id).sources().singles().stream().filter(single -> single.good().id() == good).findFirst()
                .map(single -> formOfRole(id, single.role().value())).orElseThrow(() -> new NotFoundException("single", good));
        return answer(pairings.giveBack(id, good), id, form, words.text("done.single-given-back"), next, model);
    }

    /** Takes sheets off a bolt beside a pack. */
    @PostMapping("/off-bolt")
    String takeOffBolt(@PathVariable long id, @RequestParam String role, TriedCloth tried, @RequestParam(defaultValue = "") String count,
            RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        int read = reader.number("sheets-off-bolt", count, 1, KitSingle.MOST);
        Optional<Fabric> fabric = fabrics.named(tried.text());
        if (fabric.isEmpty()) {
            reader.add(Problem.at("cloth", "kit.no-such-cloth", tried.text()));
        }
        Outcome<Kit> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : pairings.take(id, new KitTopUp(new RoleKey(role), fabric.orElseThrow(), tried.lightness(), read));
        return outcome.match(
                kit -> {
                    next.addFlashAttribute("done", words.text("done.off-bolt", fabric.orElseThrow().name()));
                    return "redirect:/kits/" + id + "/pairing";
                },
                problems -> show(id, formOfRole(id, role), tried, Faults.of(problems, words), model));
    }

    @PostMapping("/off-bolt/{fabric}/give-back")
    String giveBackOffBolt(@PathVariable long id, @PathVariable long fabric, RedirectAttributes next, Model model) {
        PairingForm form = kits.kit(id).sources().topUps().stream().filter(topUp -> topUp.fabric().id() == fabric).findFirst()
                .map(topUp -> formOfRole(id, topUp.role().value())).orElseThrow(() -> new NotFoundException("sheets off a bolt", fabric));
        return answer(pairings.giveBackOffBolt(id, fabric), id, form, words.text("done.single-given-back"), next, model);
    }

    private KitPairings.Bundle bundle(long id, String goodId) {
        return pairings.of(kits.kit(id)).stream().filter(bundle -> Long.toString(bundle.good().id()).equals(goodId)).findFirst()
                .orElseThrow(() -> new NotFoundException("precut of the kit", goodId));
    }

    /** The form of the precut that a role is cut from, as it is kept. */
    private PairingForm formOfRole(long id, String role) {
        return pairings.of(kits.kit(id)).stream()
                .filter(bundle -> bundle.roles().stream().anyMatch(one -> one.key().value().equals(role))).findFirst()
                .map(PairingForm::of).orElseThrow(() -> new NotFoundException("role from a precut", role));
    }

    private String answer(Outcome<Kit> outcome, long id, PairingForm form, String done, RedirectAttributes next, Model model) {
        return outcome.match(
                kit -> {
                    next.addFlashAttribute("done", done);
                    return "redirect:/kits/" + id + "/pairing";
                },
                problems -> show(id, form, TriedCloth.NONE, Faults.of(problems, words), model));
    }

    private String show(long id, @Nullable PairingForm typed, TriedCloth tried, Faults faults, Model model) {
        Kit kit = kits.kit(id);
        List<PairingView> bundles = pages.of(kit, Optional.ofNullable(typed), tried, faults);
        model.addAttribute("kit", kit);
        model.addAttribute("bundles", bundles);
        return "kits/pairing";
    }
}
