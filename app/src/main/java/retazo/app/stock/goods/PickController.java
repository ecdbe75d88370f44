package retazo.app.stock.goods;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;

/** What can be picked in a field for a fabric, or for a fabric or a precut, while somebody types into it. */
@Controller
class PickController {

    private static final int OFFERED = 8;

    private final FabricService fabrics;
    private final GoodService goods;

    PickController(FabricService fabrics, GoodService goods) {
        this.fabrics = fabrics;
        this.goods = goods;
    }

    /** The first fabrics, and precuts where they serve too, by name; {@code more} if there are others. */
    record Page(List<Good> precuts, List<Fabric> fabrics, boolean more) {
    }

    @GetMapping("/stock/pick")
    String pick(@RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "false") boolean precuts, Model model) {
        List<Good> offered = precuts ? goods.firstPrecuts(words, OFFERED / 2) : List.of();
        List<Fabric> found = fabrics.first(words, OFFERED + 1);
        Page page = new Page(offered, found.stream().limit(OFFERED).toList(), found.size() > OFFERED);
        model.addAttribute("page", page);
        model.addAttribute("prints", page.fabrics());
        return "stock/pick";
    }
}
