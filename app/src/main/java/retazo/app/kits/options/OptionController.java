package retazo.app.kits.options;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitSettings;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.bolt.KitsPossible;
import retazo.core.kit.Contents;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/** What can be added to a kit, and its keeping: another kit beside it, or more cloth in every bag. */
@Controller
@RequestMapping("/kits/{id:\\d+}/options")
class OptionController {

    private static final Length WIDEST = Length.ofInches(20);
    private static final Length MOST_SPARE = Length.ofYards(3, 1);

    private final KitOptions options;
    private final PossibleKits possible;
    private final KitBook book;
    private final KitService kits;
    private final Words words;

    OptionController(KitOptions options, PossibleKits possible, KitBook book, KitService kits, Words words) {
        this.options = options;
        this.possible = possible;
        this.book = book;
        this.kits = kits;
        this.words = words;
    }

    @GetMapping
    String page(
            @PathVariable long id, @RequestParam(defaultValue = "") String wider, @RequestParam(defaultValue = "") String spare,
            Model model) {
        Kit kit = book.kit(id);
        LengthUnit unit = words.sellingUnit();
        KitOptions.Wish usual = KitOptions.Wish.usual(unit);
        String typedWider = wider.isBlank() ? LengthParts.exactText(usual.wider(), LengthUnit.INCH) : wider;
        String typedSpare = spare.isBlank() ? LengthParts.exactText(usual.spare(), unit) : spare;
        FieldReader reader = new FieldReader();
        Length readWider = reader.lengthAboveZero("wider", typedWider, LengthUnit.INCH, WIDEST);
        Length readSpare = reader.lengthAboveZero("spare", typedSpare, unit, MOST_SPARE);
        List<KitOption> found = reader.anyProblem() ? List.of() : options.of(kit, new KitOptions.Wish(readWider, readSpare));
        KitsPossible can = possible.of(kit);
        OptionPage page = new OptionPage(
                kit, can.bags().value(), stops(kit, can), found.stream().map(option -> shown(option, unit)).toList(), typedWider,
                typedSpare,
                kit.settings().mark(), options.spare(kit, readSpare).isPresent());
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "kits/options";
    }

    private OptionPage.Option shown(KitOption option, LengthUnit unit) {
        return new OptionPage.Option(
                option.kind(), words.text("options." + option.kind()),
                option.cloth().stream().map(more -> new OptionPage.Line(more.fabric(), LengthView.of(more.length(), unit))).toList(),
                option.goods().stream().map(more -> words.text("options.goods", more.count(), more.good().name())).toList(),
                option.price().map(MoneyText::of).orElse(""), option.possible().bags().value(), stops(option.with(), option.possible()));
    }

    private String stops(Kit kit, KitsPossible can) {
        return words.list(kit.names(can.stoppedBy()));
    }

    /** A kit with the binding or the back as well, beside this one. */
    @PostMapping("/{part:binding|backing}")
    String beside(@PathVariable long id, @PathVariable String part, RedirectAttributes next) {
        Contents has = book.kit(id).contents();
        Contents wanted = new Contents(has.binding() || part.equals("binding"), has.backing() || part.equals("backing"));
        return kits.beside(id, wanted).match(made -> {
            next.addFlashAttribute("done", words.text("options.beside." + part));
            return "redirect:/kits/" + made;
        }, problems -> refused(id, problems, next));
    }

    /** So much more of every cloth in each bag from now on. */
    @PostMapping("/spare")
    String spare(
            @PathVariable long id, @RequestParam(defaultValue = "") String spare, @RequestParam(defaultValue = "") String seen,
            RedirectAttributes next) {
        FieldReader reader = new FieldReader();
        Length more = reader.lengthAboveZero("spare", spare, words.sellingUnit(), MOST_SPARE);
        if (reader.anyProblem()) {
            return refused(id, reader.problems(), next);
        }
        Outcome<Long> outcome = options.spare(book.kit(id), more).map((KitSettings settings) -> kits.set(id, settings, seen))
                .orElseGet(() -> Outcome.refused(Problem.of("kit.margin-is-share")));
        return outcome.match(done -> {
            next.addFlashAttribute("done", words.text("options.spare-kept", more));
            return "redirect:/kits/" + id;
        }, problems -> refused(id, problems, next));
    }

    private String refused(long id, List<Problem> problems, RedirectAttributes next) {
        next.addFlashAttribute("refused", words.of(problems.get(0)));
        return "redirect:/kits/" + id + "/options";
    }
}
