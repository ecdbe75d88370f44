package retazo.app.catalogue;

import java.util.Currency;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.kits.Kit;
import retazo.app.kits.index.KitIndex;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PriceListService;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.measure.Money;

/** The catalogue: for the shop, and for a customer who holds the tablet. */
@Controller
@RequestMapping("/catalogue")
class CatalogueController {

    private static final int OTHER_COLOURS = 8;

    private final Catalogue catalogue;
    private final KitIndex index;
    private final PriceListService priceList;
    private final Words words;

    CatalogueController(Catalogue catalogue, KitIndex index, PriceListService priceList, Words words) {
        this.catalogue = catalogue;
        this.index = index;
        this.priceList = priceList;
        this.words = words;
    }

    @GetMapping
    String list(@RequestParam Map<String, String> asked, Model model) {
        return list(asked, model, "catalogue/list");
    }

    /** The same for a customer: no way into the shop's books. */
    @GetMapping("/guest")
    String guests(@RequestParam Map<String, String> asked, Model model) {
        return list(asked, model, "catalogue/guest-list");
    }

    private String list(Map<String, String> asked, Model model, String view) {
        CatalogueQuestion question = CatalogueQuestion.of(asked);
        FieldReader reader = new FieldReader();
        Currency currency = priceList.usual().currency();
        Optional<Money> upTo = question.highest(currency, reader);
        model.addAttribute("asked", question);
        model.addAttribute("currency", currency.getCurrencyCode());
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        model.addAttribute("found", catalogue.find(question, upTo));
        model.addAttribute("sizes", index.sizeNames());
        model.addAttribute("ranges", index.ranges());
        return view;
    }

    @GetMapping("/{kitId:\\d+}")
    String sheet(@PathVariable long kitId, Model model) {
        return sheet(kitId, model, "catalogue/sheet");
    }

    @GetMapping("/guest/{kitId:\\d+}")
    String guestSheet(@PathVariable long kitId, Model model) {
        return sheet(kitId, model, "catalogue/guest-sheet");
    }

    /** A card with its price, to be printed and stood beside it. */
    @GetMapping("/{kitId:\\d+}/card")
    String card(@PathVariable long kitId, Model model) {
        return sheet(kitId, model, "catalogue/card");
    }

    private String sheet(long kitId, Model model, String view) {
        Catalogue.Entry entry = catalogue.entry(kitId);
        Kit kit = entry.kit();
        model.addAttribute("entry", entry);
        model.addAttribute("picture", QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink));
        model.addAttribute("prints", kit.cloths());
        model.addAttribute("sizes", catalogue.otherSizes(kit));
        model.addAttribute("colours", catalogue.otherColours(kit, OTHER_COLOURS));
        model.addAttribute("notions", kit.sources().notions().stream().map(notion -> notion.good().name()).toList());
        return view;
    }
}
