package retazo.app.stock.places;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.shared.Faults;
import retazo.app.shared.Words;

/** The owner's page of the way through the shop. */
@Controller
class PlaceController {

    private static final int LAST = 1_000_000;

    private final Places places;
    private final Words words;

    PlaceController(Places places, Words words) {
        this.places = places;
        this.words = words;
    }

    /** A place as its row was sent: its name, and the number typed beside it. */
    private record Row(String name, int number) {
    }

    @GetMapping("/practice/places")
    String show(Model model) {
        return show(model, places.inOrder(), Faults.NONE);
    }

    /** Each place was sent with the number typed beside it; what has no number comes last. */
    @PostMapping("/practice/places")
    String keep(@RequestParam MultiValueMap<String, String> sent, Model model, RedirectAttributes redirect) {
        List<String> name = Optional.ofNullable(sent.get("name")).orElse(List.of());
        List<String> number = Optional.ofNullable(sent.get("number")).orElse(List.of());
        List<Row> rows = new ArrayList<>(IntStream.range(0, name.size())
                .mapToObj(i -> new Row(name.get(i), i < number.size() ? numberOf(number.get(i)) : LAST)).toList());
        rows.sort(Comparator.comparing(Row::number));
        List<String> wanted = rows.stream().map(Row::name).toList();
        return places.keep(wanted).match(
                done -> {
                    redirect.addFlashAttribute("done", words.text("places.kept"));
                    return "redirect:/practice/places";
                },
                problems -> show(model, places.inOrder(), Faults.of(problems, words)));
    }

    private static String show(Model model, List<String> inOrder, Faults faults) {
        model.addAttribute("places", inOrder);
        model.addAttribute("faults", faults);
        return "practice/places";
    }

    private static int numberOf(String typed) {
        return typed.strip().matches("\\d{1,6}") ? Integer.parseInt(typed.strip()) : LAST;
    }
}
