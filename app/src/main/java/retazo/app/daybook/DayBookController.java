package retazo.app.daybook;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import retazo.app.shared.Choice;
import retazo.app.shared.CsvFile;
import retazo.app.shared.Faults;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;
import retazo.app.stock.Reason;

/** The movement book of the whole shop, on pages and as a file. */
@Controller
@RequestMapping("/stock/book")
class DayBookController {

    private final DayBook book;
    private final StaffService staff;
    private final Words words;

    DayBookController(DayBook book, StaffService staff, Words words) {
        this.book = book;
        this.staff = staff;
        this.words = words;
    }

    /** What the question can be narrowed to. */
    record Narrow(Map<Long, String> people, List<Choice> reasons) {
    }

    @GetMapping
    String page(BookQuestion question, @RequestParam(defaultValue = "0") long before, Model model) {
        FieldReader reader = new FieldReader();
        model.addAttribute("page", book.page(question, before > 0 ? before : Long.MAX_VALUE, reader));
        model.addAttribute("narrow", new Narrow(
                staff.everybody(), Stream.of(Reason.values()).map(one -> new Choice(one.name(), words.text("reason." + one))).toList()));
        model.addAttribute("question", question);
        model.addAttribute("before", before);
        model.addAttribute("faults", Faults.of(reader.problems(), words));
        return "stock/book";
    }

    @GetMapping("/lines.csv")
    void file(BookQuestion question, HttpServletResponse response) throws IOException {
        CsvFile.write("movement-book", List.of("line", "time", "what", "thing", "amount", "who", "note"), response,
                lines -> book.each(question, new FieldReader(), line -> lines.accept(List.of(
                        line.id(), line.at(), line.reason(), line.thing(), line.amount(), line.person(), line.note()))));
    }
}
