package retazo.app.today;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.thymeleaf.context.LazyContextVariable;
import retazo.app.shared.FormIds;
import retazo.app.staff.SignedIn;

/** Gives every page its rail, the person who is signed in, and ids for its forms. */
@ControllerAdvice
class RailAdvice {

    private final TodayService today;

    RailAdvice(TodayService today) {
        this.today = today;
    }

    @ModelAttribute
    void addRail(HttpServletRequest request, @AuthenticationPrincipal @Nullable SignedIn person, Model model) {
        if (person != null) {
            model.addAttribute("me", person);
            model.addAttribute("ids", new FormIds());
            // A page about a fault must not ask the database, which may be the fault; what has no rail asks it nothing either.
            boolean fault = request.getDispatcherType() == DispatcherType.ERROR;
            String place = request.getRequestURI();
            model.addAttribute("rail", new LazyContextVariable<Rail>() {
                @Override
                protected Rail loadValue() {
                    return Rail.of(person, place, fault ? Waiting.NOTHING : today.waiting(person));
                }
            });
        }
    }
}
