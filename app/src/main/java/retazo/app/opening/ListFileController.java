package retazo.app.opening;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import retazo.app.shared.CsvFile;
import retazo.app.staff.SignedIn;

/** Lists as files: empty ones to be filled in, and all that the shop has of a kind. */
@Controller
@RequestMapping("/stock/lists")
class ListFileController {

    private final OpeningLists lists;
    private final Clock clock;

    ListFileController(OpeningLists lists, Clock clock) {
        this.lists = lists;
        this.clock = clock;
    }

    @GetMapping("/template/{kind}.csv")
    void template(@PathVariable String kind, @AuthenticationPrincipal SignedIn person, HttpServletResponse response) throws IOException {
        ListKind known = lists.kind(kind, person);
        CsvFile.write(word(known), heading(known), response, lines -> {
        });
    }

    @GetMapping("/save/{kind}.csv")
    void save(@PathVariable String kind, @AuthenticationPrincipal SignedIn person, HttpServletResponse response) throws IOException {
        ListKind known = lists.kind(kind, person);
        CsvFile.write(word(known) + "-" + LocalDate.now(clock), heading(known), response, lines -> known.save(lines::accept));
    }

    private static String word(ListKind kind) {
        return kind.name().name().toLowerCase(Locale.ROOT);
    }

    private static List<String> heading(ListKind kind) {
        return kind.columns().stream().map(Column::heading).toList();
    }
}
