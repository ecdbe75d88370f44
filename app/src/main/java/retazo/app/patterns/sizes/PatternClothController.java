package retazo.app.patterns.sizes;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.cloth.ClothSettings;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.RoleSources;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Words;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.RoleSource;

/** The cutting plan of a role at a size, on the shop's customary cloth, with settings to be tried out. */
@Controller
class PatternClothController {

    private final PatternService patterns;
    private final PatternClothPages pages;
    private final RoleSources sources;
    private final Words words;

    PatternClothController(PatternService patterns, PatternClothPages pages, RoleSources sources, Words words) {
        this.patterns = patterns;
        this.pages = pages;
        this.sources = sources;
        this.words = words;
    }

    @GetMapping("/patterns/{id}/cloth")
    String cloth(
            @PathVariable long id, @RequestParam(defaultValue = "") String size, @RequestParam(defaultValue = "") String role,
            @RequestParam Optional<String> source, @RequestParam(defaultValue = "false") boolean others, ClothSettings settings,
            Model model) {
        PatternVersion pattern = patterns.newestOf(id);
        PatternHead.addTo(model, pattern, words);
        Optional<PatternClothPage> page = pages.page(pattern, new PatternClothPage.Asked(size, role, source, others, settings));
        page.ifPresent(known -> model.addAttribute("page", known));
        return page.isPresent() ? "patterns/cloth" : "patterns/cloth-not-known";
    }

    /** Keeps what a role is planned from: it stands on Sizes, and is offered first for a kit. */
    @PostMapping("/patterns/{id}/cloth/source")
    String choose(@PathVariable long id, @RequestParam String size, @RequestParam String role,
            @RequestParam(defaultValue = "") String source,
            RedirectAttributes next) {
        PatternVersion pattern = patterns.newestOf(id);
        RoleKey key = pattern.design().roles().stream().map(Role::key).filter(one -> one.value().equals(role)).findFirst()
                .orElseThrow(() -> new NotFoundException("role", role));
        sources.choose(id, key, RoleSource.ofCode(source));
        next.addAttribute("size", size);
        next.addAttribute("role", role);
        return "redirect:/patterns/" + id + "/cloth";
    }
}
