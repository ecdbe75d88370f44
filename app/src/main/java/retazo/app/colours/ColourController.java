package retazo.app.colours;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.kits.index.KitIndex;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Problem;

/** Colours are tried, judged, proposed, and at last kept. */
@Controller
@RequestMapping("/kits/colours")
class ColourController {

    private static final int LONGEST_NAME = 60;

    private final ColourPages pages;
    private final TrayPages trays;
    private final Trial trial;
    private final KitService kits;
    private final KitIndex index;
    private final Recolour recolour;
    private final WhatChanges whatChanges;
    private final Words words;

    ColourController(
            ColourPages pages, TrayPages trays, Trial trial, KitService kits, KitIndex index, Recolour recolour, WhatChanges whatChanges,
            Words words) {
        this.recolour = recolour;
        this.whatChanges = whatChanges;
        this.index = index;
        this.pages = pages;
        this.trays = trays;
        this.trial = trial;
        this.kits = kits;
        this.words = words;
    }

    @GetMapping
    String show(@RequestParam Map<String, String> asked, @RequestParam Optional<Long> kit, Model model) {
        kit.flatMap(pages::changing).ifPresent(changing -> model.addAttribute("changing", changing));
        return show(kit.map(pages::from).orElseGet(() -> Tried.of(asked)), Faults.NONE, model);
    }

    private String show(Tried tried, Faults faults, Model model) {
        ColourPages.Page page = pages.page(tried);
        TrayPages.Page tray = trays.page("", "");
        model.addAttribute("page", page);
        model.addAttribute("judged", page.judged());
        model.addAttribute("tray", tray);
        model.addAttribute("prints", Stream.concat(tray.prints().stream(), page.found().fabrics().values().stream()).distinct().toList());
        model.addAttribute("ranges", index.ranges());
        model.addAttribute("faults", faults);
        return "colours/colours";
    }

    /** What is said of a colouring, for a page that shows it already. */
    @GetMapping("/judge")
    String judge(@RequestParam Map<String, String> asked, Model model) {
        model.addAttribute("judged", pages.judged(Tried.of(asked)));
        return "colours/judged";
    }

    @GetMapping("/tray")
    String tray(@RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "") String order, Model model) {
        TrayPages.Page tray = trays.page(words, order);
        model.addAttribute("tray", tray);
        model.addAttribute("prints", tray.prints());
        return "colours/tray";
    }

    @GetMapping("/ideas")
    String ideas(
            @RequestParam Map<String, String> asked, @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "false") boolean these, @RequestParam(defaultValue = "") String open, Model model) {
        ColourPages.Ideas ideas = pages.ideas(Tried.of(asked), words, these, open);
        model.addAttribute("ideas", ideas);
        model.addAttribute("prints", ideas.prints());
        return "colours/ideas";
    }

    /** The same quilt in another range. */
    @GetMapping("/in-range")
    String inRange(@RequestParam Map<String, String> asked, @RequestParam(defaultValue = "") String range, Model model) {
        ColourPages.Ideas ideas = pages.inRange(Tried.of(asked), range);
        model.addAttribute("ideas", ideas);
        model.addAttribute("prints", ideas.prints());
        return "colours/ideas";
    }

    /** What that would change, before it is done. */
    @PostMapping("/what-changes")
    String whatChanges(
            @RequestParam MultiValueMap<String, String> form, @RequestParam long kit, @RequestParam(defaultValue = "") String seen,
            Model model, RedirectAttributes next) {
        Optional<Long> already = recolour.already(kit);
        if (already.isPresent()) {
            return changedAlready(already.get(), next);
        }
        Optional<ColourPages.Changing> changing = pages.changing(kit);
        if (changing.isEmpty()) {
            next.addFlashAttribute("refused", words.of(Problem.of("kit.none-planned", seen)));
            return "redirect:/kits/" + kit;
        }
        Tried tried = Tried.of(form.toSingleValueMap());
        Trial.Found found = trial.found(tried);
        List<Problem> open = open(found, kit);
        model.addAttribute("changing", changing.get());
        if (!open.isEmpty()) {
            return show(tried, Faults.of(open, words), model);
        }
        List<WhatChanges.Line> lines = whatChanges.of(kit, new LinkedHashMap<>(found.fabrics()), tried.backing());
        model.addAttribute("lines", lines);
        model.addAttribute("sent", form.toSingleValueMap().entrySet().stream().filter(field -> !field.getKey().equals("_csrf")).toList());
        model.addAttribute("prints", lines.stream().flatMap(WhatChanges.Line::fabrics).distinct().toList());
        return "colours/what-changes";
    }

    private String changedAlready(long fresh, RedirectAttributes next) {
        next.addFlashAttribute("done", words.text("colours.changed-already"));
        return "redirect:/kits/" + fresh;
    }

    /** Roles of the sizes that would be changed that have no fabric yet. */
    private List<Problem> open(Trial.Found found, long kit) {
        List<String> sizes = pages.changing(kit).map(ColourPages.Changing::sizeKeys).orElse(List.of());
        return trial.open(found, sizes).stream().map(role -> Problem.at("change", "colours.role-open", role.letter())).toList();
    }

    /** Gives the kits of a colourway these fabrics, and the newest version of their pattern. */
    @PostMapping("/change")
    String change(
            @RequestParam MultiValueMap<String, String> form, @RequestParam long kit, @RequestParam(defaultValue = "") String seen,
            @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes next) {
        Optional<Long> already = recolour.already(kit);
        if (already.isPresent()) {
            return changedAlready(already.get(), next);
        }
        Tried tried = Tried.of(form.toSingleValueMap());
        Trial.Found found = trial.found(tried);
        List<Problem> open = open(found, kit);
        Outcome<Recolour.Changed> outcome = open.isEmpty()
                ? recolour.change(kit, seen, new LinkedHashMap<>(found.fabrics()), tried.backing(), person.personId())
                : Outcome.refused(open);
        return outcome.match(changed -> {
            next.addFlashAttribute("done", words.text("colours.changed", changed.count(), seen));
            return "redirect:/kits/" + changed.kit();
        }, problems -> {
            pages.changing(kit).ifPresent(changing -> model.addAttribute("changing", changing));
            return show(tried, Faults.of(problems, words), model);
        });
    }

    /** Keeps a colouring: a kit for each size that is chosen. */
    @PostMapping
    String keep(@RequestParam MultiValueMap<String, String> form, Model model, RedirectAttributes next) {
        Tried tried = Tried.of(form.toSingleValueMap());
        Trial.Found found = trial.found(tried);
        FieldReader reader = new FieldReader();
        String name = reader.text("colourway", form.getFirst("colourway"), LONGEST_NAME);
        List<String> sizes = Optional.ofNullable(form.get("sizes")).orElse(List.of());
        if (sizes.isEmpty()) {
            reader.add(Problem.at("sizes", "kit.no-size"));
        }
        trial.open(found, sizes).forEach(role -> reader.add(Problem.at("colourway", "colours.role-open", role.letter())));
        Map<RoleKey, Fabric> fabrics = new LinkedHashMap<>(found.fabrics());
        Outcome<List<Long>> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : kits.add(new NewKits(found.pattern(), sizes, name, fabrics, Map.of(), new Contents(true, tried.backing())));
        return outcome.match(ids -> {
            next.addFlashAttribute("done", words.text("colours.kept", name, ids.size()));
            return "redirect:/kits/" + ids.get(0);
        }, problems -> {
            model.addAttribute("typedName", name);
            return show(tried, Faults.of(problems, words), model);
        });
    }
}
