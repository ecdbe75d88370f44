package retazo.app.cutting.stacks;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import retazo.app.kits.Kit;
import retazo.app.runs.Replanning;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PieceSource;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** The ticket of pieces that the shop cuts: from one length for one bag or several together, or from the precuts of a run's bags. */
@Controller
@RequestMapping("/cutting/pieces")
class StackController {

    private final StackPages pages;
    private final StackService stacks;
    private final Replanning replanning;
    private final RunBook runs;
    private final Words words;

    StackController(StackPages pages, StackService stacks, Replanning replanning, RunBook runs, Words words) {
        this.pages = pages;
        this.stacks = stacks;
        this.replanning = replanning;
        this.runs = runs;
        this.words = words;
    }

    @GetMapping("/{cutId}")
    String ofCut(@PathVariable long cutId, Model model) {
        return show(model, ofCut(cutId), StackForm.EMPTY, Faults.NONE);
    }

    @PostMapping("/{cutId}/do/{action}")
    String recordOfCut(
            @PathVariable long cutId, @PathVariable String action, StackForm form, @AuthenticationPrincipal SignedIn person, Model model,
            HttpServletResponse response) {
        return record(ofCut(cutId), action, form, person, model, response);
    }

    @GetMapping("/{runId}/{kitId}/{goodId}")
    String ofPrecut(@PathVariable long runId, @PathVariable long kitId, @PathVariable long goodId, Model model) {
        return show(model, PieceSource.ofPrecut(runId, kitId, goodId), StackForm.EMPTY, Faults.NONE);
    }

    @PostMapping("/{runId}/{kitId}/{goodId}/do/{action}")
    String recordOfPrecut(
            @PathVariable long runId, @PathVariable long kitId, @PathVariable long goodId, @PathVariable String action, StackForm form,
            @AuthenticationPrincipal SignedIn person, Model model, HttpServletResponse response) {
        return record(PieceSource.ofPrecut(runId, kitId, goodId), action, form, person, model, response);
    }

    private PieceSource ofCut(long cutId) {
        return PieceSource.ofCut(runs.plannedCut(cutId).runId(), cutId);
    }

    private String record(
            PieceSource source, String action, StackForm form, SignedIn person, Model model, HttpServletResponse response) {
        FieldReader reader = new FieldReader();
        Entry entry = Entry.of(person.personId(), form.entryId());
        Supplier<Outcome<Long>> step = step(source, action, form, reader, entry);
        if (reader.anyProblem()) {
            return show(model, source, form, Faults.of(reader.problems(), words));
        }
        return step.get().match(
                done -> {
                    replanning.now(source.runId());
                    return "redirect:" + PieceWork.Of.path(source);
                },
                problems -> {
                    response.setStatus(HttpStatus.CONFLICT.value());
                    return show(model, source, form, Faults.of(problems, words));
                });
    }

    private Supplier<Outcome<Long>> step(PieceSource source, String action, StackForm form, FieldReader reader, Entry entry) {
        switch (action) {
            case "stack" -> {
                int good = form.readGood(reader);
                int spoilt = form.readSpoilt(reader);
                return () -> stacks.record(source, form.stepId(), good, spoilt, entry);
            }
            case "all" -> {
                return () -> stacks.recordAll(source, entry);
            }
            case "undo" -> {
                return () -> stacks.undo(source, entry);
            }
            case "again" -> {
                Optional<Length> length = form.readLength(reader, LengthUnit.INCH);
                return () -> stacks.cutAgain(source, form.bolt() == null ? 0 : form.bolt(), length.orElseThrow(), entry);
            }
            default -> throw new NotFoundException("action", action);
        }
    }

    private String show(Model model, PieceSource source, StackForm form, Faults faults) {
        StackPages.Ticket ticket = pages.ticket(source);
        model.addAttribute("ticket", ticket);
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        PieceWork.Of of = ticket.work().of();
        model.addAttribute("ink", of.fabric().map(Kit::ink).orElseGet(() -> Kit.ink(of.good().orElseThrow())));
        model.addAttribute("prints", of.fabric().map(List::of).orElse(List.of()));
        return "cutting/pieces";
    }
}
