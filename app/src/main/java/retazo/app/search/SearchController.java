package retazo.app.search;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.staff.SignedIn;

/** The search of the rail. */
@Controller
class SearchController {

    private final List<Finds> kinds;

    SearchController(List<Finds> kinds) {
        this.kinds = kinds;
    }

    /** Where one thing alone is found, its page is shown. */
    @GetMapping("/search")
    String search(
            @RequestParam(name = "find", defaultValue = "") String words, @AuthenticationPrincipal SignedIn person, Model model) {
        List<Hits> found = find(words, person);
        List<Hit> hits = found.stream().flatMap(kind -> kind.hits().stream()).toList();
        if (hits.size() == 1) {
            return "redirect:" + hits.get(0).path();
        }
        return show(words, found, model, "search/search");
    }

    /** What is found while one types. */
    @GetMapping("/search/found")
    String found(
            @RequestParam(name = "find", defaultValue = "") String words, @AuthenticationPrincipal SignedIn person, Model model) {
        return show(words, find(words, person), model, "search/found");
    }

    private List<Hits> find(String words, SignedIn person) {
        return words.isBlank()
                ? List.of()
                : kinds.stream().filter(kind -> person.may(kind.right())).map(kind -> kind.find(words.strip()))
                        .filter(kind -> !kind.hits().isEmpty()).toList();
    }

    private static String show(String words, List<Hits> found, Model model, String page) {
        model.addAttribute("words", words);
        model.addAttribute("found", found);
        return page;
    }
}
