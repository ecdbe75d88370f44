package retazo.app.season;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Slice;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.index.KitIndex;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.core.measure.Problem;

/** Seasons are begun, numbered, kept, and made into runs. */
@Controller
@RequestMapping("/kits/seasons")
class SeasonController {

    private static final int ON_A_PAGE = 40;
    private static final int FOUND = 8;
    private static final int LONGEST_NAME = 60;
    private static final Pattern NUMBER = Pattern.compile("kits\\[(\\d{1,15})]");

    private final Seasons seasons;
    private final SeasonPages pages;
    private final KitIndex index;
    private final Words words;

    SeasonController(Seasons seasons, SeasonPages pages, KitIndex index, Words words) {
        this.seasons = seasons;
        this.pages = pages;
        this.index = index;
        this.words = words;
    }

    @GetMapping
    String list(@RequestParam(defaultValue = "0") int page, Model model) {
        return list(Math.max(0, page), "", "", Faults.NONE, model);
    }

    private String list(int page, String name, String range, Faults faults, Model model) {
        Slice<SeasonRepository.Line> lines = seasons.lines(page, ON_A_PAGE);
        model.addAttribute("seasons", lines);
        model.addAttribute("ranges", index.ranges());
        model.addAttribute("typedName", name);
        model.addAttribute("typedRange", range);
        model.addAttribute("faults", faults);
        return "season/list";
    }

    @PostMapping
    String begin(
            @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String range,
            @AuthenticationPrincipal SignedIn person, Model model) {
        FieldReader reader = new FieldReader();
        String read = reader.text("name", name, LONGEST_NAME);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : begun(read, range, person.personId());
        return outcome.match(id -> "redirect:/kits/seasons/" + id,
                problems -> list(0, name, range, Faults.of(problems, words), model));
    }

    /** Two who give one name at the same moment are told as one who gives it later. */
    private Outcome<Long> begun(String name, String range, long person) {
        try {
            return seasons.begin(name, range, person);
        } catch (DataIntegrityViolationException taken) {
            return Outcome.refused(Problem.at("name", "season.named", name));
        }
    }

    @GetMapping("/{id}")
    String board(@PathVariable long id, @RequestParam(defaultValue = "") String find, Model model) {
        model.addAttribute("find", find.strip());
        model.addAttribute("found", find.isBlank() ? List.of() : index.find(find, 0, FOUND).getContent());
        return board(pages.board(id, Map.of(), SeasonPages.Show.TYPED), Faults.NONE, model);
    }

    /** The board with numbers as they are typed, or with those that are best; nothing is kept. */
    @PostMapping("/{id}/look")
    String look(@PathVariable long id, @RequestParam Map<String, String> form, Model model) {
        FieldReader reader = new FieldReader();
        Map<Long, Integer> numbers = numbers(form, reader);
        SeasonPages.Show show = Arrays.stream(SeasonPages.Show.values())
                .filter(one -> one.name().equalsIgnoreCase(form.get("show"))).findFirst().orElse(SeasonPages.Show.TYPED);
        return board(pages.board(id, numbers, show), Faults.of(reader.problems(), words), model);
    }

    private String board(SeasonPages.Board board, Faults faults, Model model) {
        model.addAttribute("board", board);
        model.addAttribute("prints", board.prints());
        model.addAttribute("ranges", index.ranges());
        model.addAttribute("formId", UUID.randomUUID());
        model.addAttribute("faults", faults);
        return "season/board";
    }

    @PostMapping("/{id}/keep")
    String keep(
            @PathVariable long id, @RequestParam(defaultValue = "-1") int seen, @RequestParam Map<String, String> form,
            RedirectAttributes next,
            Model model) {
        FieldReader reader = new FieldReader();
        Map<Long, Integer> numbers = numbers(form, reader);
        Outcome<Long> outcome = reader.anyProblem() ? Outcome.refused(reader.problems()) : seasons.keep(id, seen, numbers);
        return outcome.match(done -> back(id, words.text("season.kept"), next), problems -> refused(id, numbers, problems, model));
    }

    @PostMapping("/{id}/run")
    String run(
            @PathVariable long id, @RequestParam(defaultValue = "-1") int seen, @RequestParam UUID formId,
            @RequestParam Map<String, String> form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Map<Long, Integer> numbers = numbers(form, reader);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : seasons.toRun(id, seen, numbers, Entry.of(person.personId(), formId));
        return outcome.match(run -> {
            next.addFlashAttribute("done", words.text("season.in-a-run"));
            return "redirect:/runs/" + run;
        }, problems -> refused(id, numbers, problems, model));
    }

    private String refused(long id, Map<Long, Integer> numbers, List<Problem> problems, Model model) {
        return board(pages.board(id, numbers, SeasonPages.Show.TYPED), Faults.of(problems, words), model);
    }

    @PostMapping("/{id}/take")
    String take(
            @PathVariable long id, @RequestParam Optional<Long> kit, @RequestParam(defaultValue = "") String range,
            RedirectAttributes next) {
        Outcome<Long> outcome = kit.isPresent()
                ? seasons.take(id, index.titles(kit.stream().toList()).keySet())
                : seasons.takeRange(id, range);
        return outcome.match(done -> back(id, "", next), problems -> {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return "redirect:/kits/seasons/" + id;
        });
    }

    @PostMapping("/{id}/drop")
    String drop(@PathVariable long id, @RequestParam long kit, RedirectAttributes next) {
        seasons.drop(id, kit);
        return back(id, words.text("season.dropped"), next);
    }

    @PostMapping("/{id}/remove")
    String remove(@PathVariable long id, RedirectAttributes next) {
        seasons.remove(id);
        next.addFlashAttribute("done", words.text("season.removed"));
        return "redirect:/kits/seasons";
    }

    private static String back(long id, String done, RedirectAttributes next) {
        if (!done.isEmpty()) {
            next.addFlashAttribute("done", done);
        }
        return "redirect:/kits/seasons/" + id;
    }

    /** Numbers by kit, as the board's fields send them. */
    private static Map<Long, Integer> numbers(Map<String, String> form, FieldReader reader) {
        Map<Long, Integer> numbers = new HashMap<>();
        form.forEach((name, value) -> {
            Matcher kit = NUMBER.matcher(name);
            if (kit.matches()) {
                int before = reader.problems().size();
                int number = value.isBlank() ? 0 : reader.number("kits." + kit.group(1), value, 0, Seasons.MOST_OF_A_KIT);
                if (reader.problems().size() == before) {
                    numbers.put(Long.valueOf(kit.group(1)), number);
                }
            }
        });
        return numbers;
    }
}
