package retazo.app.patterns.sizes;

import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.cloth.FigureView;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.FinishedText;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.practice.PracticeService;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Typed;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.design.SizeTarget;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.verdict.LengthVerdict;
import retazo.core.verdict.PrintedLengths;

/** All sizes of a pattern side by side: looked at, changed, found for a target, and held against what its paper prints. */
@Controller
class SizesController {

    private final PatternService patterns;
    private final RoleSources sources;
    private final PracticeService practice;
    private final PriceListService prices;
    private final Words words;

    SizesController(PatternService patterns, RoleSources sources, PracticeService practice, PriceListService prices, Words words) {
        this.patterns = patterns;
        this.sources = sources;
        this.practice = practice;
        this.prices = prices;
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
                .map(size -> kept.with(SizeRow.of(size.withGrid(columns, rows)).renamed(columns + " × " + rows + " from the cloth")))
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
        SizesForm wanted = add.flatMap(index -> proposed(moved, pattern, index)).map(moved::with).orElse(moved);
        return show(model, wanted, pattern, Optional.empty(), Faults.of(SizesDraft.of(wanted, pattern).problems(), words));
    }

    private Optional<SizeRow> proposed(SizesForm form, PatternVersion pattern, int index) {
        FieldReader reader = new FieldReader();
        return target(form, reader).flatMap(target -> from(form, pattern)
                .map(size -> target.nearest(pattern.design().drawing().orElseThrow(), size, pattern.design().practice(practice.practice())))
                .filter(proposals -> index >= 0 && index < proposals.size())
                .map(proposals -> SizeRow.of(proposals.get(index).size()).renamed(
                        "For " + FinishedText.write(target.width(), target.height()))));
    }

    /** The size that is wanted, or that of a bed; empty with a problem at its field where there is none. */
    private static Optional<SizeTarget> target(SizesForm form, FieldReader reader) {
        Optional<FinishedSize> target = FinishedText.read("target", form.target(), reader);
        Optional<FinishedSize> mattress = FinishedText.read("mattress", form.mattress(), reader);
        Length drop = Typed.text(form.drop()).isEmpty() ? Length.ZERO : reader.length("drop", form.drop(), LengthUnit.INCH);
        Optional<FinishedSize> wanted = target.or(() -> mattress.map(bed -> SizeTarget.bed(bed, drop)));
        wanted.ifPresent(size -> reader.addAll(SizeTarget.problems(target.isPresent() ? "target" : "drop", size)));
        if (wanted.isEmpty() && !reader.anyProblem()) {
            reader.add(Problem.at("target", "target.missing"));
        }
        return reader.anyProblem() ? Optional.empty() : wanted.map(SizeTarget::of);
    }

    private static Optional<QuiltSize.Grid> from(SizesForm form, PatternVersion pattern) {
        List<QuiltSize.Grid> grids = pattern.design().grids();
        return grids.stream().filter(grid -> grid.key().value().equals(Typed.text(form.from()))).findFirst()
                .or(() -> grids.isEmpty() ? Optional.empty() : Optional.of(PatternHead.middle(grids)));
    }

    private String show(Model model, SizesForm form, PatternVersion pattern, Optional<String> figure, Faults faults) {
        QuiltDesign kept = pattern.design();
        SizesDraft draft = SizesDraft.of(form, pattern);
        QuiltDesign design = draft.content().map(PatternContent::design).orElse(kept);
        ShopPractice shop = practice.practice();
        List<LengthVerdict> lengths = PrintedLengths.judge(design, shop);
        PatternHead.addTo(model, pattern, words);
        model.addAttribute("ladder", Ladder.of(design, shop, PatternHead.inks(design)));
        SizesPage page = SizesPage.of(
                new SizesPage.Asked(design, kept, pattern.instructions(), lengths, sources.of(pattern.patternId()), prices.usual(), figure),
                shop, words);
        model.addAttribute("page", page);
        model.addAttribute("openKey", page.opened().map(FigureView::key).orElse(""));
        model.addAttribute("verdicts", VerdictsView.of(design, lengths, shop, words));
        model.addAttribute("form", form.padded());
        model.addAttribute("drawn", kept.drawing().isPresent());
        model.addAttribute("changed", !design.equals(kept) || draft.content().isEmpty());
        addTarget(model, form, pattern, faults);
        return "patterns/sizes";
    }

    private void addTarget(Model model, SizesForm form, PatternVersion pattern, Faults faults) {
        FieldReader reader = new FieldReader();
        if (form.asksTarget()) {
            target(form, reader).ifPresent(target -> from(form, pattern).ifPresent(size -> model.addAttribute(
                    "target", TargetView.of(target, target.nearest(
                            pattern.design().drawing().orElseThrow(), size, pattern.design().practice(practice.practice())), words))));
        }
        model.addAttribute("faults", faults.with(Faults.of(reader.problems(), words)));
    }
}
