package retazo.app.counter;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.sales.LengthAsides;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Entry;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Puts a length aside on its bolt, gives it to whom it is for, and lets it go. */
@Controller
@RequestMapping("/counter/lengths")
class LengthAsideController {

    private static final int LONGEST_NAME = 60;

    private final LengthAsides asides;
    private final Told told;
    private final Words words;

    LengthAsideController(LengthAsides asides, Told told, Words words) {
        this.asides = asides;
        this.told = told;
        this.words = words;
    }

    @PostMapping
    String putAside(
            @RequestParam(defaultValue = "0") long boltId, @RequestParam(defaultValue = "") String length,
            @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String until, @RequestParam UUID clientId,
            @RequestParam(defaultValue = "") String asked, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Length read = reader.lengthAboveZero("length", length, words.sellingUnit(), CounterAsk.LONGEST_CUT);
        String whom = reader.text("name", name, LONGEST_NAME);
        Optional<LocalDate> day = reader.day("until", until);
        if (boltId == 0) {
            reader.add(Problem.of("counter.no-bolt"));
        }
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : asides.putAside(boltId, read, whom, day, Entry.of(person.personId(), clientId));
        return told.at(outcome, id -> words.text("counter.length-aside", read, whom), asked, next);
    }

    @PostMapping("/{id:\\d+}/give")
    String give(@PathVariable long id, @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        return told.at(asides.give(id, Entry.of(person.personId(), clientId)), line -> words.text("counter.length-given"), "", next);
    }

    @PostMapping("/{id:\\d+}/let-go")
    String letGo(@PathVariable long id, RedirectAttributes next) {
        return told.at(asides.letGo(id), one -> words.text("counter.length-let-go"), "", next);
    }
}
