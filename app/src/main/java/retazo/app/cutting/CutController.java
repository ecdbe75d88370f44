package retazo.app.cutting;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.practice.PracticeService;
import retazo.app.runs.Replanning;
import retazo.app.runs.changes.ChangeWords;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** The tickets, and the steps a cutter records on one. */
@Controller
@RequestMapping("/cutting")
class CutController {

    private final CutService cuts;
    private final Replanning replanning;
    private final OpenTickets tickets;
    private final TicketPages pages;
    private final ChangeWords changes;
    private final PracticeService practice;
    private final Words words;

    CutController(
            CutService cuts, Replanning replanning, OpenTickets tickets, TicketPages pages, ChangeWords changes, PracticeService practice,
            Words words) {
        this.changes = changes;
        this.cuts = cuts;
        this.replanning = replanning;
        this.tickets = tickets;
        this.pages = pages;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping
    String list(Model model) {
        OpenTickets.ListPage page = tickets.all();
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        return "cutting/list";
    }

    @GetMapping("/{runId}/{boltId}")
    String ticket(@PathVariable long runId, @PathVariable long boltId, Model model) {
        return show(model, runId, boltId, TicketPage.Asks.NOTHING, CutForm.EMPTY, Faults.NONE);
    }

    @PostMapping("/{runId}/{boltId}/cut")
    String cut(
            @PathVariable long runId, @PathVariable long boltId, CutForm form, @AuthenticationPrincipal SignedIn person,
            Model model, HttpServletResponse response) {
        FieldReader reader = new FieldReader();
        Optional<Length> real = form.readReal(reader, unit());
        return answer(model, response, runId, boltId, form, reader,
                () -> cuts.record(form.step(runId, boltId, real), person.personId()));
    }

    @PostMapping("/{runId}/{boltId}/flaw")
    String flaw(
            @PathVariable long runId, @PathVariable long boltId, CutForm form, @AuthenticationPrincipal SignedIn person,
            Model model, HttpServletResponse response) {
        FieldReader reader = new FieldReader();
        Length good = form.readGood(reader, unit());
        Length flaw = form.readFlaw(reader, unit());
        return answer(model, response, runId, boltId, form, reader,
                () -> cuts.recordFlaw(form.step(runId, boltId, Optional.empty()), good, flaw, person.personId()));
    }

    /** A length in front becomes a bolt of its own; the cut lies behind it then. */
    @PostMapping("/{runId}/{boltId}/aside")
    String aside(
            @PathVariable long runId, @PathVariable long boltId, CutForm form, @AuthenticationPrincipal SignedIn person,
            Model model, HttpServletResponse response) {
        FieldReader reader = new FieldReader();
        Length front = form.readFront(reader, unit());
        return answer(model, response, runId, boltId, form, reader,
                () -> cuts.recordAside(form.step(runId, boltId, Optional.empty()), front, person.personId()));
    }

    @PostMapping("/{runId}/{boltId}/measured")
    String measured(
            @PathVariable long runId, @PathVariable long boltId, CutForm form, @AuthenticationPrincipal SignedIn person,
            Model model, HttpServletResponse response) {
        FieldReader reader = new FieldReader();
        Length left = form.readLeft(reader, unit());
        return answer(model, response, runId, boltId, form, reader,
                () -> cuts.recordMeasured(form.step(runId, boltId, Optional.empty()), left, person.personId()));
    }

    @PostMapping("/{runId}/{boltId}/undo")
    String undo(
            @PathVariable long runId, @PathVariable long boltId, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, Model model) {
        return cuts.undoLast(runId, boltId, clientId, person.personId()).match(
                done -> back(runId, boltId),
                problems -> show(model, runId, boltId, TicketPage.Asks.NOTHING, CutForm.EMPTY, Faults.of(problems, words)));
    }

    private LengthUnit unit() {
        return practice.practice().sellingUnit();
    }

    private String answer(
            Model model, HttpServletResponse response, long runId, long boltId, CutForm form, FieldReader reader,
            Supplier<CutResult> step) {
        if (reader.anyProblem()) {
            return show(model, runId, boltId, TicketPage.Asks.NOTHING, form, Faults.of(reader.problems(), words));
        }
        return step.get().match(
                recorded -> back(runId, boltId),
                old -> conflict(model, response, runId, boltId, TicketPage.Asks.NOTHING, form,
                        Problem.of("cut.old-ticket", old.ticketPlan(), old.newestPlan())),
                refused -> conflict(model, response, runId, boltId,
                        refused.asks(), form, refused.problem()),
                isShort -> show(model, runId, boltId, TicketPage.Asks.FATE, form, Faults.NONE));
    }

    private String conflict(
            Model model, HttpServletResponse response, long runId, long boltId, TicketPage.Asks asks, CutForm form, Problem problem) {
        response.setStatus(HttpStatus.CONFLICT.value());
        return show(model, runId, boltId, asks, form, Faults.of(List.of(problem), words));
    }

    /** The ticket, with what became of the run. */
    private String back(long runId, long boltId) {
        replanning.now(runId);
        return "redirect:/cutting/" + runId + "/" + boltId;
    }

    private String show(Model model, long runId, long boltId, TicketPage.Asks asks, CutForm form, Faults faults) {
        TicketPage page = new TicketPage(pages.ticket(runId, boltId), asks, form, unit().symbol());
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("next", page.ticket().now().isPresent() ? null : tickets.next(runId, boltId).orElse(null));
        model.addAttribute("changed", changes.unreadOn(runId, boltId));
        model.addAttribute("faults", faults);
        return "cutting/ticket";
    }
}
