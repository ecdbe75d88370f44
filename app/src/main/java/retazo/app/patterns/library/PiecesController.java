package retazo.app.patterns.library;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;

/** The leaves of a pattern that are looked at: its pieces, its versions. */
@Controller
class PiecesController {

    private final PatternService patterns;
    private final PracticeService practice;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    PiecesController(PatternService patterns, PracticeService practice, StaffService staff, Words words, Clock clock) {
        this.patterns = patterns;
        this.practice = practice;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    @GetMapping("/patterns/{id}")
    String pieces(@PathVariable long id, Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        PatternHead.addTo(model, pattern, words);
        model.addAttribute("page", PiecesPage.of(pattern, practice.practice(), words));
        return "patterns/pieces";
    }

    /** All versions, and what changed from one to another: to the newest from the one before unless others are asked for. */
    @GetMapping("/patterns/{id}/versions")
    String versions(@PathVariable long id, @RequestParam Optional<Integer> from, @RequestParam Optional<Integer> to, Model model) {
        PatternVersion newest = patterns.newestOf(id);
        PatternHead.addTo(model, newest, words);
        List<PatternService.VersionMade> history = patterns.history(id);
        Map<Long, String> names = staff.names(history.stream().map(PatternService.VersionMade::personId).collect(Collectors.toSet()));
        int later = to.orElse(newest.number());
        int earlier = from.orElse(Math.max(1, later - 1));
        model.addAttribute("page", new VersionsPage(
                history.stream()
                        .map(made -> new VersionsPage.ListedVersion(
                                made.number(), names.getOrDefault(made.personId(), ""), Moments.near(made.at(), clock.instant())))
                        .toList(),
                earlier, later, VersionChanges.between(
                        patterns.version(id, earlier), patterns.version(id, later), practice.practice(), words)));
        return "patterns/versions";
    }
}
