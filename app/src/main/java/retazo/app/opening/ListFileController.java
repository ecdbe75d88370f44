package retazo.app.opening;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import retazo.app.staff.SignedIn;

/** Lists as files: empty ones to be filled in, and all that the shop has of a kind. */
@Controller
@RequestMapping("/stock/lists")
class ListFileController {

    /** By this a table program sees that the letters are UTF-8. */
    private static final char MARK = '\uFEFF';

    private final OpeningLists lists;
    private final Clock clock;

    ListFileController(OpeningLists lists, Clock clock) {
        this.lists = lists;
        this.clock = clock;
    }

    @GetMapping("/template/{kind}.csv")
    void template(@PathVariable String kind, @AuthenticationPrincipal SignedIn person, HttpServletResponse response) throws IOException {
        ListKind known = lists.kind(kind, person);
        write(known, word(known), response, printer -> {
        });
    }

    @GetMapping("/save/{kind}.csv")
    void save(@PathVariable String kind, @AuthenticationPrincipal SignedIn person, HttpServletResponse response) throws IOException {
        ListKind known = lists.kind(kind, person);
        write(known, word(known) + "-" + LocalDate.now(clock), response, printer -> known.save(line -> print(printer, line)));
    }

    private static String word(ListKind kind) {
        return kind.name().name().toLowerCase(Locale.ROOT);
    }

    /** What stands below the heading. */
    private interface Lines {

        void on(CSVPrinter printer);
    }

    private static void write(ListKind kind, String name, HttpServletResponse response, Lines lines) throws IOException {
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name + ".csv").build().toString());
        Writer writer = new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8);
        writer.write(MARK);
        try (CSVPrinter printer = new CSVPrinter(writer, CSVFormat.DEFAULT)) {
            print(printer, kind.columns().stream().map(Column::heading).toList());
            lines.on(printer);
        }
    }

    private static void print(CSVPrinter printer, List<String> line) {
        try {
            printer.printRecord(line);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
