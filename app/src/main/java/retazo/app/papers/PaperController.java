package retazo.app.papers;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.prints.KitPairings;
import retazo.app.kits.prints.PairingView;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.runs.packets.PacketBook;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;

/** Shows papers ready to print. */
@Controller
class PaperController {

    private final KitBook kits;
    private final KitWorks works;
    private final KitPairings pairings;
    private final PacketBook packets;
    private final PracticeService practice;
    private final Words words;

    PaperController(KitBook kits, KitWorks works, KitPairings pairings, PacketBook packets, PracticeService practice, Words words) {
        this.kits = kits;
        this.works = works;
        this.pairings = pairings;
        this.packets = packets;
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
                works.work(kit), practice.practice(), practice.notes(), fabric -> works.moreOnNarrower(kit, fabric), words));
        model.addAttribute("pairings", pairings.of(kit).stream().filter(bundle -> bundle.rule().isPresent())
                .map(bundle -> PairingView.of(bundle, words)).toList());
        model.addAttribute("prints", kit.cloths());
        return "papers/cutting-page";
    }

    /** What lies in a bag, for every kit; of a bag that is confirmed with the packets that it has. */
    @GetMapping("/kits/{id}/contents")
    String contents(@PathVariable long id, @RequestParam Optional<Long> bag, Model model) {
        Kit kit = kits.kit(id);
        KitWork work = works.work(kit);
        ContentsPage.Packed packed = bag.map(packets::of).map(frozen -> ContentsPage.Packed.frozen(kit, frozen, words))
                .orElseGet(() -> ContentsPage.Packed.planned(work, practice.packets(), words));
        model.addAttribute("page", ContentsPage.of(work, packed, practice.practice().sellingUnit(), words));
        model.addAttribute("quilt", QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink));
        model.addAttribute("prints", kit.cloths());
        return "papers/contents";
    }
}
