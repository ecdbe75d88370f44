package retazo.app.patterns.quilt;

import java.util.List;
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
import retazo.app.patterns.file.PatternContent;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Typed;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.QuiltSize;

/** How a drawn pattern's blocks become a quilt: places, setting, finishing and sizes, redrawn while they are typed. */
@Controller
class QuiltController {

    private final PatternService patterns;
    private final PracticeService practice;
    private final Words words;

    QuiltController(PatternService patterns, PracticeService practice, Words words) {
        this.patterns = patterns;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/quilt")
    String quilt(@PathVariable long id, @RequestParam(defaultValue = "") String size, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return pattern.design().drawing()
                .map(drawing -> show(model, QuiltForm.of(pattern, drawing, size, practice.drawingStart()), pattern, drawing, Faults.NONE))
                .orElseGet(() -> notDrawn(model, pattern));
    }

    @PostMapping("/patterns/{id}/quilt")
    String change(@PathVariable long id, QuiltForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return pattern.design().drawing().map(drawing -> {
            QuiltDraft draft = QuiltDraft.of(form, pattern, drawing);
            Outcome<PatternVersion> outcome = draft.content()
                    .map(content -> patterns.change(id, form.version(), content, person.personId()))
                    .orElseGet(() -> Outcome.refused(draft.problems()));
            return outcome.match(
                    changed -> "redirect:/patterns/" + id + "/quilt?size=" + Typed.text(form.shown()),
                    problems -> show(model, form, pattern, drawing, Faults.of(problems, words)));
        }).orElseGet(() -> notDrawn(model, pattern));
    }

    /** Draws what is typed so far, with what is wrong; nothing is kept. The rule can be written out as a map. */
    @PostMapping("/patterns/{id}/quilt/draw")
    String draw(
            @PathVariable long id, QuiltForm form, @RequestParam(defaultValue = "false") boolean asMap, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        return pattern.design().drawing().map(drawing -> {
            QuiltForm wanted = asMap ? mapped(form, pattern, drawing) : form;
            return show(model, wanted, pattern, drawing, Faults.of(QuiltDraft.of(wanted, pattern, drawing).problems(), words));
        }).orElseGet(() -> notDrawn(model, pattern));
    }

    /** The form with its rule written out, place by place, at the size that is shown. */
    private QuiltForm mapped(QuiltForm form, PatternVersion pattern, Drawing drawing) {
        QuiltDraft draft = QuiltDraft.of(form, pattern, drawing);
        return draft.content().map(PatternContent::design)
                .flatMap(design -> shown(design, form).map(size -> PlaceRuleForm.of(
                        design.drawing().orElseThrow().map(size), drawing, role -> design.role(role).letter())))
                .map(map -> form.with(form.rule().writtenOut(map))).orElse(form);
    }

    private static Optional<QuiltSize.Grid> shown(QuiltDesign design, QuiltForm form) {
        List<QuiltSize.Grid> grids = design.grids();
        return grids.stream().filter(size -> size.key().value().equals(Typed.text(form.shown()))).findFirst()
                .or(() -> grids.isEmpty() ? Optional.empty() : Optional.of(PatternHead.middle(grids)));
    }

    private String notDrawn(Model model, PatternVersion pattern) {
        PatternHead.addTo(model, pattern, words);
        return "patterns/quilt-not-drawn";
    }

    private String show(Model model, QuiltForm form, PatternVersion pattern, Drawing drawing, Faults faults) {
        PatternHead.addTo(model, pattern, words);
        QuiltDraft draft = QuiltDraft.of(form, pattern, drawing);
        Optional<QuiltDesign> design = draft.content().map(PatternContent::design);
        Optional<QuiltSize.Grid> size = design.flatMap(found -> shown(found, form));
        model.addAttribute("leaf", QuiltLeaf.of(
                size.map(grid -> QuiltPage.of(design.orElseThrow(), grid, practice.practice(), words)).orElse(null),
                size.map(grid -> grid.key().value()).orElse(Typed.text(form.shown())), drawing));
        model.addAttribute("form", form.padded());
        model.addAttribute("faults", faults);
        return "patterns/quilt";
    }
}
