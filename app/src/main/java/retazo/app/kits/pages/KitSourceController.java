package retazo.app.kits.pages;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.sources.KitSources;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;

/** Keeps what a kit takes in place of whole cloth. */
@Controller
@RequestMapping("/kits/{id}/source")
class KitSourceController {

    private final KitService kits;
    private final KitBook book;
    private final GoodService goods;
    private final Words words;

    KitSourceController(KitService kits, KitBook book, GoodService goods, Words words) {
        this.kits = kits;
        this.book = book;
        this.goods = goods;
        this.words = words;
    }

    /**
     * Takes quarters cut in the shop, or precuts for a role, in place of everything chosen for that cloth before.
     *
     * @param role   that takes the precuts
     * @param good   their code
     * @param quarters their kind
     */
    @PostMapping
    String take(
            @PathVariable long id, @RequestParam String fabric, @RequestParam Optional<String> role, @RequestParam Optional<String> good,
            @RequestParam Optional<String> quarters, RedirectAttributes next) {
        Kit kit = book.kit(id);
        Fabric cloth = kit.fabric(fabric);
        KitSources whole = kit.layingWhole(cloth).sources();
        KitSources wanted = quarters.isPresent()
                ? whole.with(cloth.id(),
                        quarters.flatMap(PrecutKind::ofCode).orElseThrow(() -> new NotFoundException("kind of quarters", quarters.get())))
                : whole.with(role(kit.layingWhole(cloth), role.orElse("")), precut(good.orElse("")));
        return keep(id, fabric, wanted, next);
    }

    /** Lays the whole cloth again. */
    @PostMapping("/none")
    String layWhole(@PathVariable long id, @RequestParam String fabric, RedirectAttributes next) {
        Kit kit = book.kit(id);
        return keep(id, fabric, kit.layingWhole(kit.fabric(fabric)).sources(), next);
    }

    private String keep(long id, String fabric, KitSources sources, RedirectAttributes next) {
        kits.take(id, sources).match(
                kit -> next.addFlashAttribute("done", words.text("done.kit-source")),
                problems -> next.addFlashAttribute("refused", words.of(problems.get(0))));
        next.addAttribute("fabric", fabric);
        return "redirect:/kits/" + id + "/cloth";
    }

    /** One that has cloth alone in its colourway. */
    private static RoleKey role(Kit kit, String key) {
        return kit.pattern().design().roles().stream().map(Role::key)
                .filter(one -> one.value().equals(key) && !kit.goods().containsKey(one)).findFirst()
                .orElseThrow(() -> new NotFoundException("role", key));
    }

    private Good precut(String code) {
        return goods.byCode(code).filter(good -> good.precut().isPresent()).orElseThrow(() -> new NotFoundException("precut", code));
    }
}
