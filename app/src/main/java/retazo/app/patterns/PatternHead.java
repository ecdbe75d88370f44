package retazo.app.patterns;

import java.util.List;
import java.util.function.Function;
import org.springframework.ui.Model;
import retazo.app.pictures.Ink;
import retazo.app.pictures.RoleView;
import retazo.app.shared.Words;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.QuiltDesign;

/** The head that all leaves of a pattern have. */
public final class PatternHead {

    private PatternHead() {
    }

    public static void addTo(Model model, PatternVersion pattern, Words words) {
        model.addAttribute("pattern", pattern);
        model.addAttribute("roles", RoleView.of(pattern.design(), words));
    }

    public static Function<RoleKey, Ink> inks(QuiltDesign design) {
        return key -> Ink.ofRole(design.role(key).letter().charAt(0) - 'A');
    }

    public static <T> T middle(List<T> list) {
        return list.get(list.size() / 2);
    }
}
