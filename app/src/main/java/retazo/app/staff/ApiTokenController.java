package retazo.app.staff;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/** The owner's page for the keys of other programs. */
@Controller
class ApiTokenController {

    private static final int LONGEST_NAME = 60;

    private final ApiTokens tokens;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    ApiTokenController(ApiTokens tokens, StaffService staff, Words words, Clock clock) {
        this.tokens = tokens;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /** A key in the list. */
    record ListedToken(long id, String name, boolean mayWrite, String by, String made, boolean revoked) {
    }

    @GetMapping("/practice/keys")
    String list(Model model) {
        return show(model, "", Faults.NONE);
    }

    /** Makes a key; it is shown on the next page and never again. */
    @PostMapping("/practice/keys")
    String make(
            @RequestParam Optional<String> name, @RequestParam(defaultValue = "false") boolean mayWrite,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        String readName = reader.optionalText("name", name.orElse(""), LONGEST_NAME);
        if (readName.isEmpty()) {
            reader.add(Problem.at("name", "token.name"));
        }
        if (reader.anyProblem()) {
            return show(model, name.orElse(""), Faults.of(reader.problems(), words));
        }
        next.addFlashAttribute("token", tokens.make(readName, mayWrite, person.personId()));
        return "redirect:/practice/keys";
    }

    @PostMapping("/practice/keys/{id}/revoke")
    String revoke(@PathVariable long id, RedirectAttributes next) {
        next.addFlashAttribute("done", words.text("done.token-revoked", tokens.revoke(id)));
        return "redirect:/practice/keys";
    }

    private String show(Model model, String typed, Faults faults) {
        List<ApiTokenEntity> all = tokens.all();
        Map<Long, String> names = staff.names(all.stream().map(ApiTokenEntity::personId).collect(Collectors.toSet()));
        model.addAttribute("tokens", all.stream()
                .map(token -> new ListedToken(
                        token.id(), token.name(), token.mayWrite(), names.getOrDefault(token.personId(), ""),
                        Moments.near(token.createdAt(), clock.instant()), token.isRevoked()))
                .toList());
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        return "staff/keys";
    }
}
