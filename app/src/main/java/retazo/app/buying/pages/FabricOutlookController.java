package retazo.app.buying.pages;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.buying.FabricTerms;
import retazo.app.buying.FabricTermsBook;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchases;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.TypedRows;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** How one fabric stands, what the buyer keeps of it, and so many bolts of it on the order. */
@Controller
@RequestMapping("/stock/buying/fabrics/{id:\\d+}")
class FabricOutlookController {

    private static final int MOST_BAGS = 999;

    private final FabricOutlookPages pages;
    private final BuyingPages buying;
    private final FabricTermsBook terms;
    private final Purchases purchases;
    private final Words words;

    FabricOutlookController(
            FabricOutlookPages pages, BuyingPages buying, FabricTermsBook terms, Purchases purchases, Words words) {
        this.pages = pages;
        this.buying = buying;
        this.terms = terms;
        this.purchases = purchases;
        this.words = words;
    }

    /** The bags that somebody counts with stand at {@code line7.more}, by the kit's number. */
    @GetMapping
    String fabric(@PathVariable long id, @RequestParam MultiValueMap<String, String> form, Model model) {
        FieldReader reader = new FieldReader();
        Map<Long, Integer> more = new LinkedHashMap<>();
        TypedRows.of(form).forEach((kit, row) -> {
            String typed = TypedRows.text(row, "more");
            if (!typed.isEmpty()) {
                more.put((long) kit, reader.number("line" + kit + ".more", typed, 0, MOST_BAGS));
            }
        });
        return show(id, more, null, Faults.of(reader.problems(), words), model);
    }

    @PostMapping
    String keep(@PathVariable long id, TermsForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        FabricTerms read = form.read(id, reader, words.sellingUnit());
        if (reader.anyProblem()) {
            return show(id, Map.of(), form, Faults.of(reader.problems(), words), model);
        }
        terms.keep(read);
        next.addFlashAttribute("done", words.text("buying.terms-kept"));
        return "redirect:/stock/buying/fabrics/" + id;
    }

    @PostMapping("/order")
    String order(
            @PathVariable long id, @RequestParam(defaultValue = "") String bolts, @AuthenticationPrincipal SignedIn person,
            RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        int count = reader.number("bolts", bolts, 1, NewLine.MOST_BOLTS);
        String supplier = buying.supplierOf(id).orElse("");
        if (supplier.isEmpty()) {
            reader.add(retazo.core.measure.Problem.of("buying.no-supplier"));
        }
        if (reader.anyProblem()) {
            return show(id, Map.of(), null, Faults.of(reader.problems(), words), model);
        }
        long order = purchases.write(supplier, buying.lines(Map.of(id, count)), person.personId());
        next.addFlashAttribute("done", words.text("buying.written", 1));
        return "redirect:/stock/buying/orders/" + order;
    }

    private String show(
            long id, Map<Long, Integer> more, @org.jspecify.annotations.Nullable TermsForm form, Faults faults, Model model) {
        FabricOutlookPages.FabricPage page = pages.page(id, more);
        model.addAttribute("page", page);
        model.addAttribute("prints", List.of(page.fabric()));
        model.addAttribute("form", form == null ? TermsForm.of(page.outlook().terms(), words.sellingUnit()) : form);
        model.addAttribute("faults", faults);
        return "buying/fabric";
    }
}
