package retazo.app.stock.bolts;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.LengthView;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.BoltLooks;
import retazo.app.stock.Entry;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.QuarterCuts;
import retazo.core.cloth.PrecutKind;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** The stock list, a bolt and its book, receiving and counting. */
@Controller
class StockController {

    private static final int MOST_QUARTERS = 200;

    private final StockPages pages;
    private final StockService stock;
    private final BoltLooks looks;
    private final QuarterCuts quarters;
    private final FabricService fabrics;
    private final PracticeService practice;
    private final Words words;

    StockController(
            StockPages pages, StockService stock, BoltLooks looks, QuarterCuts quarters, FabricService fabrics, PracticeService practice,
            Words words) {
        this.looks = looks;
        this.pages = pages;
        this.stock = stock;
        this.quarters = quarters;
        this.fabrics = fabrics;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/stock")
    String list(
            @RequestParam(name = "words", defaultValue = "") String search, @RequestParam(required = false) @Nullable String usedUp,
            @RequestParam(defaultValue = "0") int page, Model model) {
        StockPages.FabricsPage found = pages.fabrics(search, usedUp != null, Paging.number(page));
        model.addAttribute("page", found);
        model.addAttribute("prints", found.prints());
        return "stock/list";
    }

    @GetMapping("/stock/bolts/{id}")
    String bolt(@PathVariable long id, BoltForm form, Model model) {
        return showBolt(model, id, form, Faults.NONE);
    }

    @PostMapping("/stock/bolts/{id}/count")
    String count(
            @PathVariable long id, BoltForm form, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        FieldReader reader = new FieldReader();
        Length length = reader.length("counted", form.counted(), unit());
        if (reader.anyProblem()) {
            return showBolt(model, id, form, Faults.of(reader.problems(), words));
        }
        return stock.correct(id, length, Entry.of(person.personId(), clientId)).match(
                bolt -> {
                    looks.looked(id, person.personId());
                    return done(redirect, id, words.text("stock.counted", bolt.code(), length));
                },
                problems -> showBolt(model, id, form, Faults.of(problems, words)));
    }

    /** Somebody has looked why it was longer than the book said. */
    @PostMapping("/stock/bolts/{id}/looked")
    String looked(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes redirect) {
        looks.looked(id, person.personId());
        return done(redirect, id, words.text("stock.looked"));
    }

    /** Cuts quarters or eighths off it onto the shelf. */
    @PostMapping("/stock/bolts/{id}/quarters")
    String cutQuarters(
            @PathVariable long id, @RequestParam PrecutKind kind, BoltForm form, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        FieldReader reader = new FieldReader();
        int read = reader.number("count", form.count(), 1, MOST_QUARTERS);
        if (kind.lengthForTwo().isEmpty()) {
            throw new NotFoundException("kind of quarters", kind.code());
        }
        Outcome<Good> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : quarters.cut(id, kind, read, Entry.of(person.personId(), clientId));
        return outcome.match(
                good -> done(redirect, id, words.text("stock.quarters-cut", good.name())),
                problems -> showBolt(model, id, form, Faults.of(problems, words)));
    }

    @PostMapping("/stock/bolts/{id}/undo")
    String undo(
            @PathVariable long id, @RequestParam long movement, @RequestParam UUID clientId,
            @AuthenticationPrincipal SignedIn person, Model model, RedirectAttributes redirect) {
        return stock.reverseLine(movement, Entry.of(person.personId(), clientId)).match(
                itemId -> done(redirect, id, words.text("stock.taken-back")),
                problems -> showBolt(model, id, BoltForm.EMPTY, Faults.of(problems, words)));
    }

    /** The form, empty but for what the address says: the fabric, or what stays the same after a bolt that was booked. */
    @GetMapping("/stock/receive")
    String receive(ReceiveForm known, Model model) {
        return showReceive(model, known.following(stock.nextCode("")), Faults.NONE);
    }

    @PostMapping("/stock/receive")
    String receive(
            ReceiveForm form, @RequestParam Optional<String> next, @AuthenticationPrincipal SignedIn person, Model model,
            RedirectAttributes redirect) {
        FieldReader reader = new FieldReader();
        Optional<Fabric> fabric = form.fabricText().flatMap(fabrics::named);
        if (fabric.isEmpty()) {
            reader.add(Problem.at("fabric", "receive.fabric"));
        }
        NewBolt bolt = form.bolt().read(
                reader, fabric.map(Fabric::id).orElse(0L), fabric.map(fabrics::usableWidth).orElse(Length.ZERO), unit());
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : stock.receive(bolt, Entry.of(person.personId(), form.entryId()));
        return outcome.match(
                id -> next.isPresent()
                        ? onward(redirect, form, words.text("stock.received", bolt.code(), bolt.length()))
                        : done(redirect, id, words.text("stock.received", bolt.code(), bolt.length())),
                problems -> showReceive(model, form, Faults.of(problems, words)));
    }

    private LengthUnit unit() {
        return practice.practice().sellingUnit();
    }

    private static String done(RedirectAttributes redirect, long boltId, String sentence) {
        redirect.addFlashAttribute("done", sentence);
        return "redirect:/stock/bolts/" + boltId;
    }

    private static String onward(RedirectAttributes redirect, ReceiveForm booked, String sentence) {
        redirect.addFlashAttribute("done", sentence);
        redirect.addAllAttributes(booked.staying());
        return "redirect:/stock/receive";
    }

    private String showBolt(Model model, long id, BoltForm form, Faults faults) {
        StockPages.BoltPage page = pages.bolt(id);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("longer", looks.openOf(id).stream().map(BoltLooks.Look::longer).reduce(Length::plus)
                .map(longer -> LengthView.of(longer, unit()).plain()).orElse(null));
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "stock/bolt";
    }

    private String showReceive(Model model, ReceiveForm form, Faults faults) {
        model.addAttribute("page", pages.receive());
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        return "stock/receive";
    }
}
