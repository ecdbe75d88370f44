package retazo.app.patterns.reading;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Faults;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/** Opens a PDF of a pattern; nothing of it is kept. */
@Controller
@RequestMapping("/patterns/pdf")
class PdfController {

    private final PdfTables tables;
    private final PatternService patterns;
    private final Words words;

    PdfController(PdfTables tables, PatternService patterns, Words words) {
        this.tables = tables;
        this.patterns = patterns;
        this.words = words;
    }

    @GetMapping
    String choose(@RequestParam Optional<Long> pattern, Model model) {
        return show(PdfPage.before(pattern.map(patterns::newestOf)), Faults.NONE, model);
    }

    @PostMapping
    String open(@RequestParam Optional<MultipartFile> file, @RequestParam Optional<Long> pattern, Model model) throws IOException {
        Optional<PatternVersion> version = pattern.map(patterns::newestOf);
        Outcome<List<FoundTable>> found = file.isEmpty() || file.get().isEmpty()
                ? Outcome.refused(Problem.at("file", "pdf.none", PdfTables.MOST_PAGES))
                : tables.read(file.get().getBytes());
        String name = file.map(MultipartFile::getOriginalFilename).orElse("");
        return found.match(
                all -> show(new PdfPage(version, name, all), Faults.NONE, model),
                problems -> show(PdfPage.before(version), Faults.of(problems, words), model));
    }

    private static String show(PdfPage page, Faults faults, Model model) {
        model.addAttribute("page", page);
        model.addAttribute("faults", faults);
        return "patterns/pdf";
    }
}
