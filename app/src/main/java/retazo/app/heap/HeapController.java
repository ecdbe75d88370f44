package retazo.app.heap;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponentsBuilder;
import retazo.app.shared.Words;
import retazo.app.stock.places.Place;
import retazo.app.stock.places.Places;

/** What would this heap make? */
@Controller
@RequestMapping("/kits/heap")
class HeapController {

    private static final String ROLE = "role.";

    private final HeapPages pages;
    private final HeapMaking making;
    private final Places places;
    private final Words words;

    HeapController(HeapPages pages, HeapMaking making, Places places, Words words) {
        this.pages = pages;
        this.making = making;
        this.places = places;
        this.words = words;
    }

    /** While sizes are worked out that nobody asked for before, the answer is asked for again by itself. */
    @GetMapping
    String show(@RequestParam MultiValueMap<String, String> asked, Model model) {
        HeapPages.Page page = pages.page(HeapQuestion.of(asked));
        model.addAttribute("page", page);
        List<Place> all = places.all();
        model.addAttribute("places", all.stream().map(Place::name).toList());
        model.addAttribute("bays", all.stream().map(Place::bay).distinct().toList());
        model.addAttribute("most", Heaps.MOST_BOLTS);
        model.addAttribute("prints", page.prints());
        model.addAttribute("from", UriComponentsBuilder.fromPath("/kits/heap").queryParams(asked).build().encode().toUriString());
        return "heap/heap";
    }

    @PostMapping("/make")
    String make(
            @RequestParam long pattern, @RequestParam String size, @RequestParam MultiValueMap<String, String> form,
            RedirectAttributes next) {
        Map<String, Long> fabrics = new HashMap<>();
        form.toSingleValueMap().forEach((name, value) -> {
            if (name.startsWith(ROLE) && value.matches("\\d{1,15}")) {
                fabrics.put(name.substring(ROLE.length()), Long.valueOf(value));
            }
        });
        return making.make(pattern, size, fabrics).match(kit -> {
            next.addFlashAttribute("done", words.text("heap.made"));
            return "redirect:/kits/" + kit;
        }, problems -> {
            next.addFlashAttribute("refused", words.of(problems.get(0)));
            return "redirect:/kits/heap";
        });
    }
}
