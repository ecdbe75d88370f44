package retazo.app.patterns.library;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Outcome;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.core.measure.Problem;
import tools.jackson.databind.json.JsonMapper;

/** The library of patterns: looking for one, starting one, files. */
@Controller
class LibraryController {

    private static final int FAULTS_SHOWN = 60;

    private final PatternService patterns;
    private final LibraryPages pages;
    private final JsonMapper json;
    private final Words words;

    LibraryController(PatternService patterns, LibraryPages pages, JsonMapper json, Words words) {
        this.patterns = patterns;
        this.pages = pages;
        this.json = json;
        this.words = words;
    }

    @GetMapping("/patterns")
    String list(
            @RequestParam(name = "words", defaultValue = "") String name, @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String unit, @RequestParam(defaultValue = "") String precut,
            @RequestParam(defaultValue = "") String size, @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "0") int page, Model model) {
        PatternSearch search = new PatternSearch(name, way, unit, precut, size, archived);
        model.addAttribute("page", pages.list(search, Paging.number(page)));
        return "patterns/list";
    }

    @GetMapping("/patterns/new")
    String start() {
        return "patterns/start";
    }

    @PostMapping("/patterns/{id}/copy")
    String copy(@PathVariable long id, @AuthenticationPrincipal SignedIn person, RedirectAttributes next) {
        PatternVersion copy = patterns.copy(id, person.personId()).match(
                made -> made,
                problems -> patterns.newestOf(id));
        next.addFlashAttribute("done", words.text("done.pattern-copied", copy.name()));
        return "redirect:/patterns/" + copy.patternId();
    }

    @PostMapping("/patterns/{id}/archive")
    String archive(@PathVariable long id, RedirectAttributes next) {
        patterns.archive(id);
        next.addFlashAttribute("done", words.text("done.pattern-archived", patterns.newestOf(id).name()));
        next.addFlashAttribute("undo", "/patterns/" + id + "/restore");
        return "redirect:/patterns";
    }

    @PostMapping("/patterns/{id}/restore")
    String restore(@PathVariable long id, RedirectAttributes next) {
        patterns.restore(id);
        next.addFlashAttribute("done", words.text("done.pattern-restored", patterns.newestOf(id).name()));
        return "redirect:/patterns/" + id;
    }

    /** The newest version as a file. */
    @GetMapping("/patterns/{id}/file")
    ResponseEntity<byte[]> file(@PathVariable long id) {
        PatternVersion pattern = patterns.newestOf(id);
        String name = pattern.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + ".json";
        byte[] body = json.writerWithDefaultPrettyPrinter()
                .writeValueAsString(patterns.file(pattern.content())).getBytes(StandardCharsets.UTF_8);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }

    @GetMapping("/patterns/import")
    String importForm() {
        return "patterns/import";
    }

    /** Adds a pattern from a file; with any fault in it nothing is kept. */
    @PostMapping("/patterns/import")
    String importFile(
            @RequestParam Optional<MultipartFile> file, @AuthenticationPrincipal SignedIn person, RedirectAttributes next, Model model)
            throws IOException {
        String text = file.isPresent() ? new String(file.get().getBytes(), StandardCharsets.UTF_8) : "";
        Outcome<PatternVersion> outcome = file.map(MultipartFile::getSize).orElse(0L) > PatternService.LARGEST_FILE
                ? Outcome.refused(Problem.of("file.too-large"))
                : patterns.read(text).match(content -> patterns.add(content, person.personId()), Outcome::refused);
        return outcome.match(
                pattern -> {
                    next.addFlashAttribute("done", words.text("done.pattern-imported", pattern.name()));
                    return "redirect:/patterns/" + pattern.patternId();
                },
                problems -> {
                    model.addAttribute("page", ImportPage.of(
                            file.map(MultipartFile::getOriginalFilename).orElse(""), problems, words));
                    return "patterns/import";
                });
    }
}
