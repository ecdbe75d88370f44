package retazo.app.staff;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/** One's own page: the password, and signing out everywhere; and what a form asks before it is sent. */
@Controller
class OwnPageController {

    private final StaffService staff;
    private final SignInThrottle throttle;
    private final Words words;

    OwnPageController(StaffService staff, SignInThrottle throttle, Words words) {
        this.staff = staff;
        this.throttle = throttle;
        this.words = words;
    }

    @GetMapping("/me")
    String show(Model model) {
        return show(model, Faults.NONE);
    }

    /** Whoever guesses the password of now waits as at the sign-in. */
    @PostMapping("/me/password")
    String changePassword(
            OwnPasswordForm form, @AuthenticationPrincipal SignedIn person, HttpServletRequest request, Model model,
            RedirectAttributes next) {
        Duration wait = throttle.begin(person.getUsername(), request.getRemoteAddr());
        if (!wait.isZero()) {
            return show(model, Faults.of(List.of(Problem.at("current", "person.password-wait", wait.toSeconds() + 1)), words));
        }
        return staff.changeOwnPassword(person.personId(), form, request.getSession().getId()).match(
                done -> {
                    throttle.clear(person.getUsername(), request.getRemoteAddr());
                    next.addFlashAttribute("done", words.text("me.password-changed"));
                    return "redirect:/me";
                },
                problems -> show(model, Faults.of(problems, words)));
    }

    @PostMapping("/me/sign-out-everywhere")
    String signOutEverywhere(@AuthenticationPrincipal SignedIn person) {
        staff.signOutEverywhere(person.getUsername());
        return "redirect:/sign-in?everywhere";
    }

    /** Answers that the person is signed in, with a token that forms can be sent with. */
    @GetMapping("/still-here")
    String stillHere() {
        return "staff/still-here";
    }

    private String show(Model model, Faults faults) {
        model.addAttribute("faults", faults);
        return "staff/me";
    }
}
