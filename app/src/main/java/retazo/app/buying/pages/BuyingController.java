package retazo.app.buying.pages;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.orders.NewLine;
import retazo.app.orders.Purchases;
import retazo.app.orders.Supplier;
import retazo.app.orders.Suppliers;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.TypedRows;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;

/** What is to be ordered and why; a press writes it on the order. */
@Controller
@RequestMapping("/stock/buying")
class BuyingController {

    private final BuyingPages pages;
    private final Purchases purchases;
    private final Suppliers suppliers;
    private final Words words;

    BuyingController(BuyingPages pages, Purchases purchases, Suppliers suppliers, Words words) {
        this.pages = pages;
        this.purchases = purchases;
        this.suppliers = suppliers;
        this.words = words;
    }

    @GetMapping
    String page(@RequestParam(defaultValue = "") String supplier, Model model) {
        return show(supplier, Faults.NONE, model);
    }

    private String show(String supplier, Faults faults, Model model) {
        BuyingPages.BuyingPage page = pages.page(supplier.strip());
        model.addAttribute("page", page);
        model.addAttribute("prints", page.prints());
        model.addAttribute("faults", faults);
        return "buying/buying";
    }

    /** Writes the fabrics that are ticked on the order to a supplier, each with so many bolts as stand beside it. */
    @PostMapping("/order")
    String order(
            @RequestParam MultiValueMap<String, String> form, @RequestParam(defaultValue = "") String supplier,
            @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        String name = reader.text("supplier", supplier, 60);
        Map<Long, Integer> bolts = new LinkedHashMap<>();
        TypedRows.of(form).forEach((fabric, row) -> {
            if (row.containsKey("order")) {
                bolts.put((long) fabric, reader.number("line" + fabric + ".bolts", row.get("bolts"), 1, NewLine.MOST_BOLTS));
            }
        });
        if (bolts.isEmpty()) {
            next.addFlashAttribute("refused", words.text("buying.none-ticked"));
            return "redirect:/stock/buying";
        }
        if (reader.anyProblem()) {
            return show("", Faults.of(reader.problems(), words), model);
        }
        long id = purchases.write(name, pages.lines(bolts), person.personId());
        next.addFlashAttribute("done", words.text("buying.written", bolts.size()));
        return "redirect:/stock/buying/orders/" + id;
    }

    @GetMapping("/supplier")
    String supplier(@RequestParam String name, Model model) {
        return showSupplier(SupplierForm.of(suppliers.named(name), words.sellingUnit()), Faults.NONE, model);
    }

    @PostMapping("/supplier")
    String keep(SupplierForm form, RedirectAttributes next, Model model) {
        FieldReader reader = new FieldReader();
        Supplier read = form.read(reader, words.sellingUnit());
        if (reader.anyProblem()) {
            return showSupplier(form, Faults.of(reader.problems(), words), model);
        }
        suppliers.keep(read);
        next.addFlashAttribute("done", words.text("supplier.kept", read.name()));
        next.addAttribute("name", read.name());
        return "redirect:/stock/buying/supplier";
    }

    private String showSupplier(SupplierForm form, Faults faults, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("unit", words.sellingUnit().symbol());
        model.addAttribute("faults", faults);
        return "buying/supplier";
    }
}
