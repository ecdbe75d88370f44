package retazo.app.kits.leftovers;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;

/** Accepts left-overs of a kit's cloth for another use, lets kits take them, and takes both back. */
@Controller
@RequestMapping("/kits/{id}/left-overs")
class LeftOverController {

    private static final Pattern SIZE = Pattern.compile("(\\d{1,15})x(\\d{1,15})");

    private static final String SHELF = "shelf";

    private final LeftOverDecisions decisions;
    private final Words words;

    LeftOverController(LeftOverDecisions decisions, Words words) {
        this.decisions = decisions;
        this.words = words;
    }

    @PostMapping
    String accept(
            @PathVariable long id, @RequestParam String fabric, @RequestParam String rest, @RequestParam String use,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        decisions.accept(id, rest(fabric, rest), purpose(use), person.personId()).match(
                good -> next.addFlashAttribute("done", words.text("done.left-over-kept", good.name())),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        return back(id, fabric, next);
    }

    @PostMapping("/{kept}/take-back")
    String takeBack(@PathVariable long id, @PathVariable long kept, @RequestParam String fabric, RedirectAttributes next) {
        decisions.takeBack(id, kept);
        next.addFlashAttribute("done", words.text("done.left-over-taken-back"));
        return back(id, fabric, next);
    }

    @PostMapping("/take")
    String take(
            @PathVariable long id, @RequestParam long good, @RequestParam String fabric, @AuthenticationPrincipal SignedIn person,
            RedirectAttributes next) {
        decisions.take(id, good, person.personId()).match(
                kit -> next.addFlashAttribute("done", words.text("done.left-over-taken")),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        return back(id, fabric, next);
    }

    @PostMapping("/do-without")
    String doWithout(@PathVariable long id, @RequestParam long good, @RequestParam String fabric, RedirectAttributes next) {
        decisions.doWithout(id, good);
        next.addFlashAttribute("done", words.text("done.left-over-done-without"));
        return back(id, fabric, next);
    }

    private static String back(long id, String fabric, RedirectAttributes next) {
        next.addAttribute("fabric", fabric);
        return "redirect:/kits/" + id + "/cloth";
    }

    private static LeftOverOffers.Rest rest(String fabric, String size) {
        Matcher matcher = SIZE.matcher(size);
        if (!matcher.matches()) {
            throw new NotFoundException("rest", size);
        }
        return new LeftOverOffers.Rest(fabric, new Length(Long.parseLong(matcher.group(1))), new Length(Long.parseLong(matcher.group(2))));
    }

    private static LeftOverDecisions.Purpose purpose(String use) {
        return use.matches("kit-\\d{1,15}")
                ? new LeftOverDecisions.Purpose(Optional.empty(), Optional.of(Long.parseLong(use.substring("kit-".length()))))
                : new LeftOverDecisions.Purpose(use.equals(SHELF) ? Optional.empty() : Optional.of(kind(use)), Optional.empty());
    }

    private static PrecutKind kind(String use) {
        return PrecutKind.ofCode(use).orElseThrow(() -> new NotFoundException("use of a left-over", use));
    }
}
