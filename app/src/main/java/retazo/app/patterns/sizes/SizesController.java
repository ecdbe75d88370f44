package retazo.app.patterns.sizes;

import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Typed;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** All sizes of a pattern side by side: looked at, changed, found for a target, and held against what its paper prints. */
@Controller
class SizesController {

    private final PatternService patterns;
    private final SizesPages pages;
    private final Words words;

    SizesController(PatternService patterns, SizesPages pages, Words words) {
        this.patterns = patterns;
        this.pages = pages;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/sizes")
    String sizes(@PathVariable long id, @RequestParam Optional<String> figure, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return show(model, SizesForm.of(pattern), pattern, figure, Faults.NONE);
    }

    /** With another grid like one of the sizes, to be tried out; nothing is kept. */
    @GetMapping("/patterns/{id}/sizes/with")
    String with(@PathVariable long id, @RequestParam String like, @RequestParam int columns, @RequestParam int rows, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        SizesForm kept = SizesForm.of(pattern);
        SizesForm form = pattern.design().grids().stream()
                .filter(size -> size.key().value().equals(like))
                .findFirst()
                .map(size -> kept.with(SizeRow.of(size.withGrid(columns, rows)).renamed(words.text("sizes.from-cloth", columns, rows))))
                .orElse(kept);
        return show(model, form, pattern, Optional.empty(), Faults.of(SizesDraft.of(form, pattern).problems(), words));
    }

    @PostMapping("/patterns/{id}/sizes")
    String change(@PathVariable long id, SizesForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        SizesDraft draft = SizesDraft.of(form, pattern);
        Outcome<PatternVersion> outcome = draft.content()
                .map(content -> patterns.change(id, form.version(), content, person.personId()))
                .orElseGet(() -> Outcome.refused(draft.problems()));
        return outcome.match(
                changed -> "redirect:/patterns/" + id + "/sizes",
                problems -> show(model, form, pattern, Optional.empty(), Faults.of(problems, words)));
    }

    /** Shows what typed sizes come to, which figures change, and what is near a target; nothing is kept. */
    @PostMapping("/patterns/{id}/sizes/try")
    String tryOut(
            @PathVariable long id, SizesForm form, @RequestParam(defaultValue = "") String move, @RequestParam Optional<Integer> add,
            Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        SizesForm moved = form.withSizes(SizeMove.of(move).apply(Typed.list(form.sizes())));
        SizesForm wanted = add.flatMap(index -> pages.proposed(moved, pattern, index)).map(moved::with).orElse(moved);
        return show(model, wanted, pattern, Optional.empty(), Faults.of(SizesDraft.of(wanted, pattern).problems(), words));
    }

    private String show(Model model, SizesForm form, PatternVersion pattern, Optional<String> figure, Faults faults) {
        PatternHead.addTo(model, pattern, words);
        model.addAttribute("leaf", pages.leaf(form, pattern, figure, faults));
        return "patterns/sizes";
    }
}
