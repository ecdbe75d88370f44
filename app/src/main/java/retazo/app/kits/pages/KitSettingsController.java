package retazo.app.kits.pages;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.cloth.ClothSettings;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitDirections;
import retazo.app.kits.KitService;
import retazo.app.kits.KitSettings;
import retazo.app.kits.KitWorks;
import retazo.app.practice.PracticeService;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Keeps settings for one kit that were tried out on its cloth, and gives them up again. */
@Controller
@RequestMapping("/kits/{id}")
class KitSettingsController {

    private final KitService kits;
    private final KitBook book;
    private final KitWorks works;
    private final PracticeService practice;
    private final Words words;

    KitSettingsController(KitService kits, KitBook book, KitWorks works, PracticeService practice, Words words) {
        this.kits = kits;
        this.book = book;
        this.works = works;
        this.practice = practice;
        this.words = words;
    }

    /** Keeps what was tried out; what cannot be read is shown again where it was typed. */
    @PostMapping("/settings")
    String set(
            @PathVariable long id, @RequestParam(defaultValue = "") String fabric, @RequestParam(defaultValue = "") String seen,
            ClothSettings settings, RedirectAttributes next) {
        Kit kit = book.kit(id);
        FieldReader reader = new FieldReader();
        ShopPractice wanted = settings.practice(works.practiceOf(kit), reader);
        Optional<Length> width = settings.usableWidth(reader).or(() -> kit.settings().width());
        if (reader.anyProblem()) {
            return tryAgain(id, fabric, settings, next);
        }
        KitSettings own = KitSettings.between(kit.pattern().design().practice(practice.practice()), wanted);
        KitSettings kept = own.with(kit.settings().directions()).priced(kit.settings().price());
        return kits.set(id, width.filter(one -> works.isOwnWidth(kit, kit.fabric(fabric), one)).map(kept::onWidth).orElse(kept), seen)
                .match(
                        done -> {
                            next.addFlashAttribute("done", words.text("done.kit-settings"));
                            return back(id, fabric, next);
                        },
                        problems -> {
                            next.addFlashAttribute("refused", words.of(problems.get(0)));
                            return tryAgain(id, fabric, settings, next);
                        });
    }

    /** Back to the cloth, with what was typed still tried out. */
    private static String tryAgain(long id, String fabric, ClothSettings settings, RedirectAttributes next) {
        next.addAttribute("width", settings.width());
        next.addAttribute("squaring", settings.squaring());
        next.addAttribute("step", settings.step());
        next.addAttribute("margin", settings.margin());
        return back(id, fabric, next);
    }

    /** Lays its long strips in another way than its pattern and the shop. */
    @PostMapping("/long-strips")
    String layLongStrips(@PathVariable long id, @RequestParam LongLay lay, @RequestParam(defaultValue = "") String fabric,
            RedirectAttributes next) {
        KitSettings kept = book.kit(id).settings();
        return keep(id, kept.with(lay), kept, "done.kit-settings", fabric, next);
    }

    /** Runs the seams of its back in another way than takes least. */
    @PostMapping("/backing-seams")
    String runSeams(@PathVariable long id, @RequestParam BackingSeams seams, @RequestParam(defaultValue = "") String fabric,
            RedirectAttributes next) {
        KitSettings kept = book.kit(id).settings();
        return keep(id, kept.with(seams), kept, "done.kit-settings", fabric, next);
    }

    /** Keeps the print of one of its cloths, or the pieces of one of its precuts, upright; or lets them lie any way. */
    @PostMapping("/direction")
    String keepUpright(@PathVariable long id, @RequestParam boolean upright, @RequestParam(defaultValue = "") String fabric,
            RedirectAttributes next) {
        Kit kit = book.kit(id);
        KitSettings kept = kit.settings();
        KitDirections directions = kit.goodsByCode().containsKey(fabric)
                ? kept.directions().ofPrecut(kit.goodsByCode().get(fabric).id(), upright)
                : kept.directions().ofFabric(kit.fabric(fabric).id(), upright);
        List<Problem> problems = works.work(kit.with(kept.with(directions))).problems();
        if (!problems.isEmpty()) {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return back(id, fabric, next);
        }
        return keep(id, kept.with(directions), kept, upright ? "done.kit-upright" : "done.kit-any-way", fabric, next);
    }

    /** Says that it was kept only if it was: somebody else may have changed the settings meanwhile. */
    private String keep(long id, KitSettings settings, KitSettings before, String done, String fabric, RedirectAttributes next) {
        kits.set(id, settings, before.mark()).match(
                kept -> next.addFlashAttribute("done", words.text(done)),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        return back(id, fabric, next);
    }

    /** Lets it follow its pattern and the shop again. */
    @PostMapping("/settings/none")
    String follow(
            @PathVariable long id, @RequestParam(defaultValue = "") String fabric, @RequestParam(defaultValue = "") String seen,
            RedirectAttributes next) {
        kits.set(id, KitSettings.NONE.priced(book.kit(id).settings().price()), seen).match(
                kept -> next.addFlashAttribute("done", words.text("done.kit-settings-none")),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        return back(id, fabric, next);
    }

    private static String back(long id, String fabric, RedirectAttributes next) {
        next.addAttribute("fabric", fabric);
        return "redirect:/kits/" + id + "/cloth";
    }
}
