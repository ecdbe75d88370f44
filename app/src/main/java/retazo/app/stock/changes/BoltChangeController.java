package retazo.app.stock.changes;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.stock.Bolt;
import retazo.app.stock.Entry;
import retazo.app.stock.StockService;

/** The page on which lot, place and width of a bolt are put right. */
@Controller
@RequestMapping("/stock/bolts/{id}/facts")
class BoltChangeController {

    private final BoltChanges changes;
    private final StockService stock;
    private final FabricService fabrics;
    private final Words words;

    BoltChangeController(BoltChanges changes, StockService stock, FabricService fabrics, Words words) {
        this.changes = changes;
        this.stock = stock;
        this.fabrics = fabrics;
        this.words = words;
    }

    /** The page. */
    record Page(Bolt bolt, Fabric fabric, BoltForm form, List<BoltChanges.Line> lines) {
    }

    @GetMapping
    String page(@PathVariable long id, Model model) {
        return show(id, BoltForm.of(stock.bolt(id)), Faults.NONE, model);
    }

    @PostMapping
    String change(
            @PathVariable long id, BoltForm form, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Bolt bolt = stock.bolt(id);
        Bolt.Facts wanted = form.read(reader, bolt);
        String why = form.readWhy(reader);
        Outcome<Long> outcome = reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : changes.change(id, wanted, Entry.of(person.personId(), form.entryId()).noted(why));
        return outcome.match(done -> {
            next.addFlashAttribute("done", words.text("stock.put-right", bolt.code()));
            return "redirect:/stock/bolts/" + id;
        }, problems -> show(id, form, Faults.of(problems, words), model));
    }

    private String show(long id, BoltForm form, Faults faults, Model model) {
        Bolt bolt = stock.bolt(id);
        model.addAttribute("page", new Page(bolt, fabrics.fabric(bolt.fabricId()), form, changes.of(id)));
        model.addAttribute("faults", faults);
        return "stock/facts";
    }
}
