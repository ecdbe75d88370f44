package retazo.app.patterns;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.block.Block;
import retazo.core.block.Role;
import retazo.core.block.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.quilt.QuiltDesign;
import retazo.core.quilt.QuiltPlanner;

/** The list of patterns, a pattern's leaves, and the plain form. */
@Controller
class PatternController {

    private final PatternService patterns;
    private final PracticeService practice;
    private final Words words;

    PatternController(PatternService patterns, PracticeService practice, Words words) {
        this.patterns = patterns;
        this.practice = practice;
        this.words = words;
    }

    /** A pattern in the list, with a picture of its first size. */
    record ListedPattern(long id, String name, int version, List<RoleView> roles, List<String> sizes, QuiltPicture picture) {
    }

    @GetMapping("/patterns")
    String list(@RequestParam(name = "words", defaultValue = "") String search, Model model) {
        model.addAttribute("search", search);
        model.addAttribute("patterns", patterns.newest(search).stream().map(this::listed).toList());
        return "patterns/list";
    }

    private ListedPattern listed(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        return new ListedPattern(
                pattern.patternId(), pattern.name(), pattern.number(), RoleView.of(design, words),
                design.sizes().stream().map(size -> size.name()).toList(),
                QuiltPicture.of("pattern-" + pattern.patternId(), design, design.sizes().get(0), inks(design)));
    }

    @GetMapping("/patterns/{id}")
    String pieces(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        QuiltDesign design = pattern.design();
        Block block = design.block();
        addHead(model, pattern);
        model.addAttribute("block", QuiltPicture.ofPatches(
                "block", block.finishedWidth(), block.finishedHeight(), block.draw(), inks(design), key -> design.role(key).letter()));
        model.addAttribute("quilt", QuiltPicture.of("quilt", design, middle(design.sizes()), inks(design)));
        model.addAttribute("quiltName", middle(design.sizes()).name());
        model.addAttribute("blockWidth", retazo.app.shared.LengthView.inches(block.finishedWidth()));
        model.addAttribute("blockHeight", retazo.app.shared.LengthView.inches(block.finishedHeight()));
        model.addAttribute("pieces", pieceList(design, practice.practice()));
        return "patterns/pieces";
    }

    private static <T> T middle(List<T> list) {
        return list.get(list.size() / 2);
    }

    private PieceListView pieceList(QuiltDesign design, ShopPractice shop) {
        return PieceListView.of(design, new QuiltPlanner(shop).plan(design, design.sizes().get(0)).pieces(), words);
    }

    @GetMapping("/patterns/{id}/sizes")
    String sizes(@PathVariable long id, @RequestParam Optional<String> figure, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        addHead(model, pattern);
        model.addAttribute("ladder", Ladder.of(pattern.design(), inks(pattern.design())));
        SizesPage page = SizesPage.of(pattern.design(), practice.practice(), figure, words);
        model.addAttribute("page", page);
        model.addAttribute("openKey", page.opened().map(FigureView::key).orElse(""));
        return "patterns/sizes";
    }

    @GetMapping("/patterns/new")
    String newPattern(Model model) {
        return showForm(model, PatternForm.empty(), Faults.NONE);
    }

    @PostMapping("/patterns/new")
    String add(PatternForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        return save(form, model, draft -> patterns.add(draft.name(), draft.design().orElseThrow(), person.personId()));
    }

    @GetMapping("/patterns/{id}/edit")
    String edit(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        addHead(model, pattern);
        return showForm(model, PatternForm.of(pattern), Faults.NONE);
    }

    @PostMapping("/patterns/{id}/edit")
    String change(@PathVariable long id, PatternForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        addHead(model, patterns.newestOf(id));
        return save(form, model, draft ->
                patterns.change(id, form.version(), draft.name(), draft.design().orElseThrow(), person.personId()));
    }

    /** Draws what is typed so far, with what is wrong; nothing is kept. */
    @PostMapping("/patterns/draw")
    String draw(PatternForm form, @RequestParam Optional<Long> pattern, Model model) {
        pattern.ifPresent(id -> addHead(model, patterns.newestOf(id)));
        return showForm(model, form, Faults.of(PatternDraft.of(form).problems(), words));
    }

    private String save(PatternForm form, Model model, Function<PatternDraft, Outcome<PatternVersion>> keep) {
        PatternDraft draft = PatternDraft.of(form);
        Outcome<PatternVersion> outcome = draft.design().isPresent() ? keep.apply(draft) : Outcome.refused(draft.problems());
        return outcome.match(
                pattern -> "redirect:/patterns/" + pattern.patternId(),
                problems -> showForm(model, form, Faults.of(problems, words)));
    }

    private String showForm(Model model, PatternForm typed, Faults faults) {
        PatternDraft draft = PatternDraft.of(typed);
        boolean gridRead = !draft.columnWidths().isEmpty() && !draft.rowHeights().isEmpty();
        PatternForm form = gridRead
                ? typed.padded(draft.columnWidths().size(), draft.rowHeights().size())
                : typed.padded(Math.max(1, typed.cellColumns()), Math.max(1, typed.grid().size()));
        Function<RoleKey, String> letters = key -> draft.roles().stream()
                .filter(role -> role.key().equals(key))
                .findFirst()
                .map(Role::letter)
                .orElse("A");
        Function<RoleKey, Ink> inks = key -> Ink.ofRole(letters.apply(key).charAt(0) - 'A');
        if (gridRead) {
            Length width = draft.columnWidths().stream().reduce(Length.ZERO, Length::plus);
            Length height = draft.rowHeights().stream().reduce(Length.ZERO, Length::plus);
            model.addAttribute("block", QuiltPicture.ofPatches(
                    "block", width, height, Block.draw(draft.columnWidths(), draft.rowHeights(), draft.cells()), inks, letters));
        }
        draft.design().ifPresent(design -> {
            model.addAttribute("quilt", QuiltPicture.of("quilt", design, middle(design.sizes()), inks));
            model.addAttribute("quiltName", middle(design.sizes()).name());
            model.addAttribute("pieces", pieceList(design, practice.practice()));
        });
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("roleInks", java.util.stream.IntStream.range(0, QuiltDesign.MOST_ROLES).mapToObj(Ink::ofRole).toList());
        return "patterns/form";
    }

    private void addHead(Model model, PatternVersion pattern) {
        model.addAttribute("pattern", pattern);
        model.addAttribute("roles", RoleView.of(pattern.design(), words));
    }

    private static Function<RoleKey, Ink> inks(QuiltDesign design) {
        return key -> Ink.ofRole(design.role(key).letter().charAt(0) - 'A');
    }
}
