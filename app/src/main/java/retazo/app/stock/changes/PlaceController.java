package retazo.app.stock.changes;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.labels.Label;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;
import retazo.app.stock.places.Place;
import retazo.app.stock.places.Places;
import retazo.core.measure.Problem;

/** What stands where; a bolt is moved by scanning the place and then the bolt. */
@Controller("stockPlaceController")
@RequestMapping("/stock/places")
class PlaceController {

    private final PlacePages pages;
    private final Places places;
    private final StockService stock;
    private final BoltChanges changes;
    private final PlaceNames names;
    private final LabelAnswers labels;
    private final Words words;

    PlaceController(
            PlacePages pages, Places places, StockService stock, BoltChanges changes, PlaceNames names, LabelAnswers labels, Words words) {
        this.pages = pages;
        this.places = places;
        this.stock = stock;
        this.changes = changes;
        this.names = names;
        this.labels = labels;
        this.words = words;
    }

    @GetMapping
    String all(Model model) {
        model.addAttribute("bays", pages.bays());
        return "stock/places";
    }

    /** Labels of all places, in the order of the walk. */
    @GetMapping("/labels")
    ResponseEntity<byte[]> all() {
        return labels.answer(places.all().stream().map(PlaceController::label).toList(), "places");
    }

    private static Label label(Place place) {
        return new Label(place.code(), place.name(), "", List.of());
    }

    @GetMapping("/{code}")
    String place(@PathVariable String code, @RequestParam(defaultValue = "0") int page, Model model) {
        return show(pages.at(known(code), Paging.number(page)), Faults.NONE, model);
    }

    private static String show(PlacePages.PlacePage shown, Faults faults, Model model) {
        model.addAttribute("page", shown);
        model.addAttribute("prints", shown.prints());
        model.addAttribute("faults", faults);
        return "stock/place";
    }

    private Place known(String code) {
        return places.named(code).orElseThrow(() -> new NotFoundException("place", code));
    }

    /** A bolt's number puts it here; the code of another place goes there. */
    @PostMapping("/{code}")
    String move(
            @PathVariable String code, @RequestParam(defaultValue = "") String bolt, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        Place place = known(code);
        Optional<Place> other = places.named(bolt);
        if (other.isPresent()) {
            return "redirect:/stock/places/" + other.get().code();
        }
        Optional<Bolt> moved = stock.boltByCode(bolt);
        Outcome<Long> outcome = moved.map(one -> changes.move(one.id(), place.name(), Entry.of(person.personId(), clientId)))
                .orElseGet(() -> Outcome.refused(Problem.of("place.no-bolt", bolt.strip())));
        outcome.match(done -> {
            Bolt one = moved.orElseThrow();
            next.addFlashAttribute("done", one.place().equals(place.name())
                    ? words.text("place.was-here", one.code())
                    : words.text("place.moved", one.code(), one.place().isEmpty() ? words.text("stock.no-place") : one.place()));
            return done;
        }, problems -> {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return 0L;
        });
        return "redirect:/stock/places/" + place.code();
    }

    /** Calls the place otherwise. */
    @PostMapping("/{code}/name")
    String call(
            @PathVariable String code, @RequestParam(defaultValue = "") String name, @RequestParam Optional<String> joined,
            @RequestParam UUID clientId, @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes next) {
        Place place = known(code);
        FieldReader reader = new FieldReader();
        String read = reader.text("name", name, 40);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : names.call(place, read, joined.isPresent(), Entry.of(person.personId(), clientId).noted(words.text("place.renamed-why")));
        return outcome.match(number -> {
            next.addFlashAttribute("done", words.text("place.renamed", place.name(), read));
            return "redirect:/stock/places/" + new Place(read, Math.toIntExact(number)).code();
        }, problems -> {
            model.addAttribute("typedName", name);
            model.addAttribute("joinable", problems.stream().anyMatch(problem -> problem.code().equals("place.is-another")));
            return show(pages.at(place, 0), Faults.of(problems, words), model);
        });
    }
}
