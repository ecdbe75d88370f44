package retazo.app.packing;

import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.prints.KitPairings;
import retazo.app.kits.prints.PairingView;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** The bags that wait, and one bag against its list. */
@Controller
@RequestMapping("/packing")
class PackingController {

    private static final int MOST_COUNTED = 10_000;

    private final PackingService packing;
    private final PackingList list;
    private final PackingPages pages;
    private final KitPairings pairings;
    private final Words words;

    PackingController(PackingService packing, PackingList list, PackingPages pages, KitPairings pairings, Words words) {
        this.packing = packing;
        this.list = list;
        this.pages = pages;
        this.pairings = pairings;
        this.words = words;
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("bags", list.openBags());
        return "packing/list";
    }

    @GetMapping("/bags/{id}")
    String bag(@PathVariable long id, Model model) {
        return show(model, id, Faults.NONE);
    }

    @PostMapping("/bags/{id}/tick")
    String tick(
            @PathVariable long id, @RequestParam BagItem.Kind kind, @RequestParam long item,
            @RequestParam(defaultValue = "") String counted,
            @AuthenticationPrincipal SignedIn person, Model model) {
        FieldReader reader = new FieldReader();
        Optional<Integer> number = counted.isBlank() ? Optional.empty() : Optional.of(reader.number("counted", counted, 1, MOST_COUNTED));
        return reader.anyProblem()
                ? show(model, id, Faults.of(reader.problems().stream().map(problem -> problem.movedTo("")).toList(), words))
                : answer(packing.tick(id, new BagItem(kind, item), number, person.personId()), id, model);
    }

    @PostMapping("/bags/{id}/untick")
    String untick(@PathVariable long id, @RequestParam BagItem.Kind kind, @RequestParam long item, Model model) {
        return answer(packing.untick(id, new BagItem(kind, item)), id, model);
    }

    private String answer(Outcome<Long> outcome, long id, Model model) {
        return outcome.match(done -> "redirect:/packing/bags/" + id, problems -> show(model, id, Faults.of(problems, words)));
    }

    @PostMapping("/bags/{id}/done")
    String done(@PathVariable long id, @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        return packing.done(id, person.personId()).match(
                done -> {
                    PackingPages.BagPage bag = pages.bag(id);
                    redirect.addFlashAttribute("done", words.text("pack.done", bag.bag().number(), bag.kit().name()));
                    return "redirect:/packing";
                },
                problems -> show(model, id, Faults.of(problems, words)));
    }

    private String show(Model model, long id, Faults faults) {
        PackingPages.BagPage bag = pages.bag(id);
        model.addAttribute("page", bag);
        model.addAttribute("faults", faults);
        model.addAttribute("prints", bag.prints());
        model.addAttribute("pairings", pairings.of(bag.kit()).stream()
                .filter(bundle -> bundle.rule().isPresent() && bag.takes(bundle.good(), bundle.packs())
                        && bundle.singles().stream().allMatch(single -> bag.takes(single.good(), single.count())))
                .map(bundle -> PairingView.of(bundle, words)).toList());
        return "packing/bag";
    }
}
