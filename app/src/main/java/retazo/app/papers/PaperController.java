package retazo.app.papers;

import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWorks;
import retazo.app.kits.prints.KitPairings;
import retazo.app.kits.prints.PairingView;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.core.cutting.ClothPlan;
import retazo.core.explain.Figure;
import retazo.core.kit.Need;
import retazo.core.measure.Length;

/** Shows papers ready to print. */
@Controller
class PaperController {

    private final KitBook kits;
    private final KitWorks works;
    private final KitPairings pairings;
    private final PracticeService practice;
    private final Words words;

    PaperController(KitBook kits, KitWorks works, KitPairings pairings, PracticeService practice, Words words) {
        this.kits = kits;
        this.works = works;
        this.pairings = pairings;
        this.practice = practice;
        this.words = words;
    }

    @GetMapping("/kits/{id}/cutting-page")
    String cuttingPage(@PathVariable long id, Model model) {
        Kit kit = kits.kit(id);
        if (!kit.hasOurPage()) {
            throw new NotFoundException("cutting page of a kit that does not come with one", id);
        }
        model.addAttribute("page", CuttingPage.of(
                works.work(kit), practice.practice(), practice.notes(), fabric -> moreOnNarrower(kit, fabric), words));
        model.addAttribute("pairings", pairings.of(kit).stream().filter(bundle -> bundle.rule().isPresent())
                .map(bundle -> PairingView.of(bundle, words)).toList());
        model.addAttribute("prints", kit.fabrics().values().stream().distinct().toList());
        return "papers/cutting-page";
    }

    /** How much more of a fabric a maker needs whose cloth is half an inch narrower; empty for nothing. */
    private Optional<Length> moreOnNarrower(Kit kit, Fabric fabric) {
        Length width = works.usableWidth(kit, fabric);
        Function<Length, Optional<Length>> exact = usable -> works
                .clothNeed(kit, fabric, works.practiceOf(kit), kit.instructions(), usable)
                .flatMap(Need::exact).map(Figure::value);
        return exact.apply(width).flatMap(now -> exact.apply(width.minus(ClothPlan.EDGE)).map(narrower -> narrower.minus(now)))
                .filter(Length::isPositive);
    }

    /** What lies in a bag, for every kit. */
    @GetMapping("/kits/{id}/contents")
    String contents(@PathVariable long id, Model model) {
        Kit kit = kits.kit(id);
        model.addAttribute("page", ContentsPage.of(works.work(kit), practice.packets(), practice.practice().sellingUnit(), words));
        model.addAttribute("quilt", QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink));
        model.addAttribute("prints", kit.fabrics().values().stream().distinct().toList());
        return "papers/contents";
    }
}
