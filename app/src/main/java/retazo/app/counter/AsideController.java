package retazo.app.counter;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.runs.BagShelf;
import retazo.app.runs.book.BagEntity;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.wishes.Wishes;

/** Puts bags aside for somebody, and keeps what is asked for that is not there. */
@Controller
@RequestMapping("/counter")
class AsideController {

    private static final int LONGEST_NAME = 60;
    private static final int MOST_BAGS = 200;

    private final BagShelf shelf;
    private final Wishes wishes;
    private final KitBook kits;
    private final Told told;
    private final Words words;

    AsideController(BagShelf shelf, Wishes wishes, KitBook kits, Told told, Words words) {
        this.shelf = shelf;
        this.wishes = wishes;
        this.kits = kits;
        this.told = told;
        this.words = words;
    }

    @PostMapping("/bags/{code}/aside")
    String putAside(
            @PathVariable String code, @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String until,
            @RequestParam(defaultValue = "") String asked, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        String whom = reader.text("name", name, LONGEST_NAME);
        Optional<LocalDate> day = reader.day("until", until);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : shelf.putAside(bagId(code), new BagEntity.Aside(whom, day), person.personId());
        return told.at(outcome, id -> words.text("counter.aside-done", code.toUpperCase(Locale.ROOT), whom), asked, next);
    }

    @PostMapping("/bags/{code}/let-go")
    String letGo(@PathVariable String code, @RequestParam(defaultValue = "") String name, RedirectAttributes next) {
        return told.at(
                shelf.letGo(bagId(code), name), id -> words.text("counter.let-go-done", code.toUpperCase(Locale.ROOT)), "", next);
    }

    @PostMapping("/wishes")
    String ask(
            @RequestParam long kitId, @RequestParam UUID clientId, @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "1") String bags,
            @RequestParam(defaultValue = "") String asked, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        String whom = reader.text("name", name, LONGEST_NAME);
        int many = reader.number("bags", bags, 1, MOST_BAGS);
        if (reader.anyProblem()) {
            return told.at(Outcome.refused(reader.problems()), none -> "", asked, next);
        }
        Kit kit = kits.kit(kitId);
        wishes.ask(clientId, kit.id(), many, whom, person.personId());
        return told.done(words.text("counter.wish-done", many, kit.name(), whom), next);
    }

    @PostMapping("/wishes/{id}/end")
    String end(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        wishes.end(id, person.personId());
        return told.done(words.text("counter.wish-ended"), next);
    }

    private long bagId(String code) {
        return shelf.named(code).orElseThrow(() -> new NotFoundException("bag", code));
    }
}
